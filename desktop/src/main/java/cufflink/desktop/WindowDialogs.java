package cufflink.desktop;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.Scene;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.stage.FileChooser;
import javafx.stage.Stage;

/** The dialogs and file choosers of the window. */
final class WindowDialogs {
    private final Stage stage;
    private final Scene scene;
    private FileQuestions files = new FileQuestions() {
        @Override
        public Optional<Path> open(FileChooser chooser) {
            return Optional.ofNullable(chooser.showOpenDialog(stage)).map(File::toPath);
        }

        @Override
        public Optional<Path> save(FileChooser chooser) {
            return Optional.ofNullable(chooser.showSaveDialog(stage)).map(File::toPath);
        }
    };

    WindowDialogs(Stage stage, Scene scene) {
        this.stage = stage;
        this.scene = scene;
    }

    /** A dialog that belongs to the window and looks like it. */
    <D extends Dialog<?>> D dress(D dialog) {
        dialog.initOwner(stage);
        dialog.getDialogPane().getStylesheets().setAll(scene.getStylesheets());
        return dialog;
    }

    FileQuestions files() {
        return files;
    }

    /** Has files asked for in another way than by the system's own windows. */
    void askFilesBy(FileQuestions questions) {
        files = questions;
    }

    /** Asks before something that cannot be taken back. */
    boolean confirm(String question, String what, String yes) {
        ButtonType button = new ButtonType(yes, ButtonBar.ButtonData.OK_DONE);
        Alert alert = dress(new Alert(Alert.AlertType.CONFIRMATION, what, button, ButtonType.CANCEL));
        alert.setHeaderText(question);
        return alert.showAndWait().filter(button::equals).isPresent();
    }
}

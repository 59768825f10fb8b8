package cufflink.desktop.view;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;

/** A picture as large as a window has room for. */
public final class PictureDialog extends Dialog<Void> {
    private static final double WIDE = 960;
    private static final double HIGH = 640;

    /** {@code file} is read beside the window, no larger than it is shown. */
    public PictureDialog(Path file, String caption) {
        setTitle(caption);
        getDialogPane().getButtonTypes().setAll(ButtonType.CLOSE);
        if (Files.isRegularFile(file)) {
            ImageView view = new ImageView(new Image(file.toUri().toString(), WIDE, HIGH, true, true, true));
            view.setPreserveRatio(true);
            view.setFitWidth(WIDE);
            view.setFitHeight(HIGH);
            view.setAccessibleText(caption);
            getDialogPane().setContent(view);
        } else {
            getDialogPane().setContent(new Label("This picture is missing beside the database."));
        }
    }
}

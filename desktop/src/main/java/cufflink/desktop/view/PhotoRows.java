package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.notebook.Photo;
import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.image.ImageView;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Pictures of what was made: dropped, or chosen. */
public final class PhotoRows extends VBox {
    /** What is asked of the window. */
    public interface Actions {
        /** Files that the maker chooses. */
        List<Path> choosePictures();

        /** Keeps a picture; none if it cannot be, which is said. */
        Optional<Photo> picture(Path file);

        /** A picture's preview. */
        Optional<ImageView> preview(Photo photo, double wide, double high);
    }

    private record Line(Photo photo, TextField caption) {
    }

    private final Actions actions;
    private final Runnable changed;
    private final List<Line> lines = new ArrayList<>();
    private final VBox rows = new VBox();

    PhotoRows(List<Photo> photos, Actions actions, Runnable changed) {
        this.actions = actions;
        this.changed = changed;
        getStyleClass().addAll("form-rows", "drop-place");
        rows.getStyleClass().add("form-rows");
        Button choose = new Button("Choose pictures");
        choose.setId("make-pictures");
        choose.getStyleClass().add("paper-button");
        choose.setOnAction(press -> add(actions.choosePictures()));
        getChildren().addAll(rows, new Fractions("Drop PNG or JPEG pictures here, or choose them.", "field-note"),
                choose);
        photos.forEach(this::line);
        setOnDragOver(drag -> {
            if (drag.getDragboard().hasFiles()) {
                drag.acceptTransferModes(TransferMode.COPY);
                drag.consume();
            }
        });
        setOnDragDropped(this::drop);
    }

    private void drop(DragEvent drop) {
        if (drop.getDragboard().hasFiles()) {
            add(drop.getDragboard().getFiles().stream().map(File::toPath).toList());
            drop.setDropCompleted(true);
            drop.consume();
        }
    }

    void add(List<Path> files) {
        for (Path file : files) {
            actions.picture(file)
                    .filter(photo -> lines.stream().noneMatch(line -> line.photo().hash().equals(photo.hash())))
                    .ifPresent(this::line);
        }
        changed.run();
    }

    private void line(Photo photo) {
        TextField caption = new TextField(photo.caption());
        caption.setPromptText("What it shows");
        caption.setAccessibleText("What the picture shows");
        caption.textProperty().addListener(change -> changed.run());
        Line line = new Line(photo, caption);
        Button remove = new Button("✕");
        remove.getStyleClass().add("part-remove");
        remove.setAccessibleText("Take this picture out");
        HBox row = new HBox(8);
        actions.preview(photo, 84, 63).ifPresent(row.getChildren()::add);
        row.getChildren().addAll(caption, remove);
        remove.setMinWidth(USE_PREF_SIZE);
        HBox.setHgrow(caption, Priority.ALWAYS);
        row.getStyleClass().add("form-row");
        remove.setOnAction(press -> {
            lines.remove(line);
            rows.getChildren().remove(row);
            changed.run();
        });
        lines.add(line);
        rows.getChildren().add(row);
    }

    List<Photo> read() {
        return lines.stream().map(line -> new Photo(line.photo().hash(), line.photo().kind(),
                line.caption().getText().strip())).toList();
    }
}

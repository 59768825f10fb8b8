package cufflink.desktop.view;

import cufflink.files.stash.FacePictureFile;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.paper.FacePicture;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.stage.FileChooser;

/** The picture of a paper's face in a dialog: an image file, and how wide it is on the paper. */
final class FacePictureRow {
    /** How wide a picture is taken to be until the maker says: about a hand. */
    private static final Length USUAL = Length.ofInches(4);

    private final FormDialog<?> dialog;
    private final LengthUnit unit;
    private final Function<FileChooser, Optional<Path>> images;
    private final Button choose = new Button("Choose an image…");
    private final Button remove = new Button("Remove");
    private final TextField wide = new TextField();
    private final HBox row;
    private Optional<FacePicture> picture;

    FacePictureRow(FormDialog<?> dialog, LengthUnit unit, Function<FileChooser, Optional<Path>> images,
            Optional<FacePicture> picture) {
        this.dialog = dialog;
        this.unit = unit;
        this.images = images;
        this.picture = picture;
        Label label = new Label("wide on the paper");
        row = new HBox(6, choose, remove, wide, label);
        row.setAlignment(Pos.CENTER_LEFT);
        wide.setPrefColumnCount(6);
        wide.setId("face-picture-wide");
        label.setLabelFor(wide);
        choose.setId("face-picture-choose");
        remove.setId("face-picture-remove");
        choose.setOnAction(press -> choose());
        remove.setOnAction(press -> {
            this.picture = Optional.empty();
            show();
        });
        for (Node node : new Node[] {remove, wide, label}) {
            node.managedProperty().bind(node.visibleProperty());
        }
        label.visibleProperty().bind(wide.visibleProperty());
        show();
    }

    Node row() {
        return row;
    }

    private void show() {
        choose.setText(picture.isPresent() ? "Another image…" : "Choose an image…");
        remove.setVisible(picture.isPresent());
        wide.setVisible(picture.isPresent());
        wide.setText(picture.map(found -> LengthFormat.of(unit).text(found.width())).orElse(""));
    }

    private void choose() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("A picture of the paper's face");
        chooser.getExtensionFilters().setAll(
                new FileChooser.ExtensionFilter("Images", "*.png", "*.jpg", "*.jpeg", "*.gif", "*.bmp"),
                new FileChooser.ExtensionFilter("All files", "*.*"));
        images.apply(chooser).ifPresent(file -> {
            FacePictureFile.Read read = FacePictureFile.read(file, picture.map(FacePicture::width).orElse(USUAL));
            read.fault().ifPresent(fault -> dialog.fail(fault.sentence() + " " + fault.remedy()));
            read.picture().ifPresent(found -> {
                picture = Optional.of(found);
                show();
            });
        });
    }

    /** Whether its size is understood; otherwise the dialog has been told what is wrong. */
    boolean isUnderstood() {
        if (picture.isEmpty() || LengthFormat.of(unit).text(picture.get().width()).equals(wide.getText())) {
            return true;
        }
        Optional<Length> size = dialog.size("Picture of it", wide, unit);
        size.ifPresent(wanted -> picture = picture.map(found -> found.wide(wanted)));
        return size.isPresent();
    }

    /** The picture as wide as the field said when it was understood last; none if there is none. */
    Optional<FacePicture> picture() {
        return picture;
    }
}

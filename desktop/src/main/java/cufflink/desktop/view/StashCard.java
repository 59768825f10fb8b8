package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.PicturePane;
import cufflink.drawing.StashDrawing;
import cufflink.measure.LengthFormat;
import cufflink.paper.SheetSize;
import cufflink.stash.StashEnvelope;
import cufflink.stash.StashItem;
import cufflink.stash.StashPaper;
import cufflink.stash.StashPunch;
import cufflink.stash.StashRibbon;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** One entry of the stash, drawn to the scale of all. */
final class StashCard extends Button {
    private static final PseudoClass PICKED = PseudoClass.getPseudoClass("picked");

    StashCard(StashItem item, SheetSize room, LengthFormat format, boolean picked, Runnable pick) {
        PicturePane picture = new PicturePane(2, 3);
        picture.getStyleClass().add("stash-picture");
        picture.setMouseTransparent(true);
        picture.show(point -> Optional
                .of(item instanceof StashRibbon ribbon ? StashDrawing.ribbon(ribbon, room, format, point)
                        : StashDrawing.draw(sheet(item), room, format, point)));
        Label name = new Label(item.name());
        name.getStyleClass().add("stash-card-name");
        String line = new StashWords(format).line(item);
        setGraphic(new VBox(picture, name, new Fractions(line, "stash-card-line")));
        getStyleClass().add("stash-card");
        pseudoClassStateChanged(PICKED, picked);
        setAccessibleText(item.name() + ", " + line);
        setOnAction(press -> pick.run());
    }

    /** What is drawn of an entry: its sheet, or a plain one of its size. */
    private static StashPaper sheet(StashItem item) {
        if (item instanceof StashPaper paper) {
            return paper;
        } else if (item instanceof StashEnvelope envelope) {
            return StashDrawing.plain(item.name(), envelope.measured().orElse(envelope.size()), "#FFFFFF");
        } else if (item instanceof StashPunch punch) {
            return StashDrawing.plain(item.name(), punch.cuts(), "#FFFFFF");
        }
        throw new IllegalArgumentException("not drawn: " + item);
    }
}

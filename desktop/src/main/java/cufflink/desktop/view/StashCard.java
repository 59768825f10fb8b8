package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.PicturePane;
import cufflink.drawing.Picture;
import cufflink.drawing.StashDrawing;
import cufflink.measure.LengthFormat;
import cufflink.paper.SheetSize;
import cufflink.stash.StashEnvelope;
import cufflink.stash.StashItem;
import cufflink.stash.StashLimit;
import cufflink.stash.StashPaper;
import cufflink.stash.StashPunch;
import cufflink.stash.StashReservation;
import cufflink.stash.StashRibbon;
import cufflink.stash.StashTools;
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
        picture.show(point -> drawn(item, room, format, point));
        Label name = new Label(item.name());
        name.getStyleClass().add("stash-card-name");
        String line = new StashWords(format).line(item);
        setGraphic(new VBox(picture, name, new Fractions(line, "stash-card-line")));
        getStyleClass().add("stash-card");
        pseudoClassStateChanged(PICKED, picked);
        setAccessibleText(item.name() + ", " + line);
        setOnAction(press -> pick.run());
    }

    /** An entry as its sheet, or as a plain one of its size; tools have no picture. */
    private static Optional<Picture> drawn(StashItem item, SheetSize room, LengthFormat format, double point) {
        return item.accept(new StashItem.Cases<>() {
            @Override
            public Optional<Picture> paper(StashPaper paper) {
                return Optional.of(StashDrawing.draw(paper, room, format, point));
            }

            @Override
            public Optional<Picture> ribbon(StashRibbon ribbon) {
                return Optional.of(StashDrawing.ribbon(ribbon, room, format, point));
            }

            @Override
            public Optional<Picture> envelope(StashEnvelope envelope) {
                return paper(StashDrawing.plain(item.name(), envelope.measured().orElse(envelope.size()), "#FFFFFF"));
            }

            @Override
            public Optional<Picture> punch(StashPunch punch) {
                return Optional.of(StashDrawing.die(punch, room, format, point));
            }

            @Override
            public Optional<Picture> tools(StashTools tools) {
                return Optional.empty();
            }

            @Override
            public Optional<Picture> reservation(StashReservation reservation) {
                return Optional.empty();
            }

            @Override
            public Optional<Picture> limit(StashLimit limit) {
                return Optional.empty();
            }
        });
    }
}

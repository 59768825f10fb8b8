package cufflink.desktop.view;

import cufflink.desktop.work.ShelfCard;
import cufflink.desktop.work.ShelfWork.Shelf;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/**
 * The shelf as it stood last, while the maker's things are still being read: a design can be taken from it already.
 * Nothing on it changes when the whole shelf takes its place.
 */
public final class ShelfFace extends BorderPane {
    /** {@code chosen} is told which design is taken. */
    public ShelfFace(Shelf last, ShelfCards cards, Consumer<ShelfCard> chosen) {
        getStyleClass().add("shelf-screen");
        Label brand = new Label("Cufflink");
        brand.getStyleClass().add("brand");
        HBox bar = new HBox(brand);
        bar.getStyleClass().add("top-bar");
        setTop(bar);
        StackPane side = new StackPane();
        side.getStyleClass().addAll("side-scroll", "left-scroll");
        setLeft(side);
        cards.onChosen(card -> {
            setCenter(opening(card));
            chosen.accept(card);
        });
        ShelfSections sections = new ShelfSections(cards);
        sections.show(last, List.of());
        setCenter(ShelfScreen.middle(sections, new HBox(ShelfScreen.title())));
    }

    private static StackPane opening(ShelfCard card) {
        Label name = new Label(card.head().title());
        name.getStyleClass().add("setting-out");
        return new StackPane(name);
    }
}

package cufflink.desktop.view;

import cufflink.desktop.work.ShelfCard;
import cufflink.desktop.work.ShelfWork.Shelf;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/**
 * The shelf as it stood last, while the maker's things are still being read: a design can be taken from it already, or
 * another place. Nothing moves when the whole shelf comes in its stead.
 */
public final class ShelfFace extends BorderPane {
    private final ShelfSections sections;

    /**
     * The shelf for now.
     *
     * @param chosen is told which design is taken
     * @param places are told where the maker goes
     */
    public ShelfFace(Shelf last, ShelfCards cards, Consumer<ShelfCard> chosen, Places.Actions places) {
        getStyleClass().add("shelf-screen");
        setTop(Places.bar(Places.SHELF, place -> {
            setCenter(opening(place.label()));
            places.goTo(place);
        }, List.of()));
        StackPane side = new StackPane();
        side.getStyleClass().addAll("side-scroll", "left-scroll");
        setLeft(side);
        cards.onChosen(card -> {
            setCenter(opening(card.head().title()));
            chosen.accept(card);
        });
        sections = new ShelfSections(cards);
        sections.show(last, List.of());
        HBox heading = new HBox(ShelfScreen.title());
        heading.getStyleClass().add("shelf-heading");
        VBox middle = new VBox(heading, sections);
        middle.getStyleClass().add("shelf-middle");
        setCenter(middle);
    }

    /** Lets go of the designs, which the whole shelf shows from now on. */
    public void leave() {
        sections.empty();
    }

    private static StackPane opening(String what) {
        Label name = new Label(what);
        name.getStyleClass().add("setting-out");
        return new StackPane(name);
    }
}

package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.PicturePane;
import cufflink.desktop.work.ShelfCard;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The designs as they are drawn on the shelf; what was drawn once is used again, on the next screen too. */
public final class ShelfCards {
    private final Map<ShelfCard, Node> drawn = new HashMap<>();
    private Consumer<ShelfCard> chosen = card -> {};

    /** Tells which one is taken from now on. */
    void onChosen(Consumer<ShelfCard> told) {
        chosen = told;
    }

    /** Tells it no longer, unless another has asked since. */
    void release(Consumer<ShelfCard> told) {
        if (chosen == told) {
            chosen = card -> {};
        }
    }

    /** Forgets how all others are drawn. */
    void keep(List<ShelfCard> wanted) {
        drawn.keySet().retainAll(new HashSet<>(wanted));
    }

    Node of(ShelfCard card) {
        return drawn.computeIfAbsent(card, this::draw);
    }

    private Node draw(ShelfCard card) {
        PicturePane picture = new PicturePane(10, ShelfCard.MOST);
        picture.getStyleClass().add("shelf-picture");
        picture.show(point -> card.picture());
        Label title = new Label(card.head().title());
        title.getStyleClass().add("shelf-card-title");
        Label about = new Label(card.head().about());
        about.getStyleClass().add("shelf-card-about");
        about.setWrapText(true);
        Fractions takes = new Fractions(card.takes(), "shelf-card-takes");
        Label making = new Label(card.head().difficulty() + " · " + card.steps() + " steps");
        making.getStyleClass().add("shelf-card-making");
        VBox words = new VBox(title, about);
        Button button = new Button();
        button.setGraphic(new VBox(picture, words, takes, making));
        button.getStyleClass().add("shelf-card");
        button.setId("design-" + card.head().id());
        button.setAccessibleText(card.head().title() + ": " + card.head().about());
        button.setOnAction(press -> chosen.accept(card));
        return button;
    }
}

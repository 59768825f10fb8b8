package cufflink.desktop.view;

import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** The places beside the bench, and the bar that leads from one to another. */
public enum Places {
    SHELF("Shelf"), DIRECTIONS("Directions"), STASH("Stash"), JOBS("Jobs"), NOTEBOOK("Notebook");

    /** What a place asks its window to do. */
    public interface Actions {
        void goTo(Places place);
    }

    private final String label;

    Places(String label) {
        this.label = label;
    }

    String label() {
        return label;
    }

    /** The bar on top of a place, with what belongs to it on the right. */
    static HBox bar(Places here, Actions actions, List<Node> own) {
        Label brand = new Label("Cufflink");
        brand.getStyleClass().add("brand");
        HBox places = new HBox();
        places.getStyleClass().add("places");
        for (Places place : values()) {
            ToggleButton button = new ToggleButton(place.label);
            button.getStyleClass().add("place");
            button.setId("place-" + place.name().toLowerCase(Locale.ROOT));
            button.setSelected(place == here);
            button.setOnAction(press -> {
                button.setSelected(place == here);
                if (place != here) {
                    actions.goTo(place);
                }
            });
            places.getChildren().add(button);
        }
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox bar = new HBox(brand, places, gap);
        bar.getChildren().addAll(own);
        bar.getStyleClass().add("top-bar");
        return bar;
    }
}

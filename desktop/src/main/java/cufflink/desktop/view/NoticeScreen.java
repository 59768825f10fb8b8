package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** A window that can show nothing else yet: what is the matter, and what can be done. */
public final class NoticeScreen extends StackPane implements Screen {
    /**
     * @param title  in a few words
     * @param text   what it means and what to do
     * @param action the first button
     */
    public NoticeScreen(String title, String text, String action, Runnable onAction, String other, Runnable onOther) {
        getStyleClass().add("notice-screen");
        Label heading = new Label(title);
        heading.getStyleClass().add("shelf-title");
        Fractions words = new Fractions(text, "notice-text");
        words.setId("notice");
        words.setMaxWidth(560);
        Button first = new Button(action);
        first.setId("notice-action");
        first.getStyleClass().add("primary");
        first.setOnAction(press -> onAction.run());
        Button second = new Button(other);
        second.setId("notice-other");
        second.setOnAction(press -> onOther.run());
        HBox buttons = new HBox(first, second);
        buttons.getStyleClass().add("stash-buttons");
        VBox box = new VBox(heading, words, buttons);
        box.getStyleClass().add("notice");
        box.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        getChildren().add(box);
    }

    @Override
    public Parent root() {
        return this;
    }

    @Override
    public void leave() {
        // Nothing outlives this screen.
    }
}

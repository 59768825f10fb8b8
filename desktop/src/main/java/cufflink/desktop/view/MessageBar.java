package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import javafx.beans.value.ObservableValue;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** What the maker must know of the last action, until it is put away. */
final class MessageBar extends HBox {
    MessageBar(ObservableValue<String> text, Runnable putAway) {
        Fractions words = new Fractions("", "message");
        HBox.setHgrow(words, Priority.ALWAYS);
        Button away = new Button("✕");
        away.getStyleClass().add("message-close");
        away.setAccessibleText("Put this message away");
        away.setOnAction(press -> putAway.run());
        getChildren().addAll(words, away);
        getStyleClass().add("message-bar");
        setId("message");
        managedProperty().bind(visibleProperty());
        text.addListener((property, was, is) -> show(words, is));
        show(words, text.getValue());
    }

    private void show(Fractions words, String text) {
        words.setText(text);
        setVisible(!text.isEmpty());
    }
}

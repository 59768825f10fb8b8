package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.Listening;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;

/**
 * What the maker must know of the last action, until it is put away. It lies over what it speaks of, at the top, so
 * that nothing below the hand moves when it comes and goes.
 */
final class MessageBar extends HBox {
    private MessageBar(ObservableValue<String> text, Listening listening, Runnable putAway) {
        Fractions words = new Fractions("", "message");
        HBox.setHgrow(words, Priority.ALWAYS);
        Button away = new Button("✕");
        away.getStyleClass().add("message-close");
        away.setMinWidth(USE_PREF_SIZE);
        away.setAccessibleText("Put this message away");
        away.setOnAction(press -> putAway.run());
        getChildren().addAll(words, away);
        getStyleClass().add("message-bar");
        setId("message");
        setMaxHeight(USE_PREF_SIZE);
        listening.to(text, is -> show(words, is));
        show(words, text.getValue());
    }

    /** Lays a message over something. */
    static StackPane over(Node content, ObservableValue<String> text, Listening listening, Runnable putAway) {
        return over(content, new MessageBar(text, listening, putAway));
    }

    /** Lays a message over something; it stays until it is put away. */
    static StackPane over(Node content, String text) {
        SimpleStringProperty said = new SimpleStringProperty(text);
        return over(content, new MessageBar(said, new Listening(), () -> said.set("")));
    }

    private static StackPane over(Node content, MessageBar bar) {
        StackPane.setAlignment(bar, Pos.TOP_CENTER);
        return new StackPane(content, bar);
    }

    private void show(Fractions words, String text) {
        words.setText(text);
        setVisible(!text.isEmpty());
    }
}

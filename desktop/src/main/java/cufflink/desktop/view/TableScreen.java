package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.PicturePane;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** For work at arm's length: one step fills the screen, the next number is huge, one key goes on. */
public final class TableScreen extends ListeningScreen {
    private final TableSource source;
    private final PicturePane picture = new PicturePane(20, 6, 1.6);
    private final Fractions head = new Fractions("", "table-head");
    private final Label count = new Label();
    private final HBox numbers = new HBox();
    private final Fractions text = new Fractions("", "table-text");
    private final HBox noting = new HBox();
    private final TextField note = new TextField();
    private final Label noted = new Label();
    private boolean opening;
    private final Fractions then = new Fractions("", "table-next");

    public TableScreen(TableSource source) {
        this.source = source;
        getStyleClass().add("table-screen");
        count.getStyleClass().add("table-count");
        numbers.getStyleClass().add("table-numbers");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox.setHgrow(head, Priority.ALWAYS);
        HBox top = new HBox(head, count);
        top.getStyleClass().add("table-top");
        setTop(top);
        setCenter(picture);
        Label keys = new Label("Space: next  ·  Backspace: back  ·  "
                + (source.takesNotes() ? "N: note this  ·  " : "") + "Esc: bench");
        keys.getStyleClass().add("table-keys");
        HBox foot = new HBox(keys, gap, then);
        foot.getStyleClass().add("table-foot");
        VBox bottom = new VBox(numbers, text, noteLine(), foot);
        bottom.getStyleClass().add("table-bottom");
        setBottom(bottom);
        picture.show(point -> Optional.of(source.picture(point)));
        source.onChange(listening, this::show);
        show();
    }

    private HBox noteLine() {
        Label what = new Label("What went wrong here?");
        what.getStyleClass().add("table-label-now");
        what.setMinWidth(Region.USE_PREF_SIZE);
        note.setId("table-note");
        note.setPromptText("Enter keeps it, Esc lets it be");
        note.setAccessibleText("What went wrong at this step");
        HBox.setHgrow(note, Priority.ALWAYS);
        note.setOnAction(enter -> {
            if (!note.getText().isBlank()) {
                boolean kept = source.note(note.getText().strip());
                noted.setText(kept ? "✓ Noted in your notebook." : "It could not be noted; see the bench.");
            }
            endNote();
        });
        note.addEventFilter(KeyEvent.KEY_TYPED, key -> {
            if (opening) { // what is typed by the key that opened the line
                opening = false;
                key.consume();
            }
        });
        note.addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            opening = false;
            if (key.getCode() == KeyCode.ESCAPE) {
                endNote();
                key.consume();
            }
        });
        noting.getChildren().setAll(what, note);
        noting.getStyleClass().add("table-noting");
        noted.getStyleClass().add("table-keys");
        noting.setVisible(false);
        noting.managedProperty().bind(noting.visibleProperty());
        HBox.setHgrow(noting, Priority.ALWAYS);
        return new HBox(noting, noted);
    }

    /** Asks what went wrong at what is being done, if that can be noted. */
    public void startNote() {
        if (source.takesNotes()) {
            noted.setText("");
            note.clear();
            noting.setVisible(true);
            opening = true;
            note.requestFocus();
        }
    }

    private void endNote() {
        noting.setVisible(false);
        requestFocus();
    }

    private void show() {
        noted.setText("");
        head.setText(source.head());
        count.setText(source.count());
        text.setText(source.text());
        then.setText(source.then());
        numbers.getChildren().clear();
        List<TableSource.Number> next = source.numbers();
        for (int i = 0; i < Math.min(next.size(), 2); i++) {
            numbers.getChildren().add(number(next.get(i), i == 0));
        }
        picture.describe(source.head() + ". " + source.text());
        picture.repaint();
    }

    private static VBox number(TableSource.Number number, boolean isNow) {
        Label label = new Label((isNow ? "now: " : "then: ") + number.label());
        label.getStyleClass().add(isNow ? "table-label-now" : "table-label-then");
        Fractions value = new Fractions(number.figure(), number.isSize() ? "table-size" : "table-number",
                isNow ? "table-now" : "table-then");
        return new VBox(label, value);
    }
}

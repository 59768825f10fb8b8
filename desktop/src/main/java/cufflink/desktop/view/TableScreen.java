package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.PicturePane;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
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
        Label keys = new Label("Space: next  ·  Backspace: back  ·  Esc: bench");
        keys.getStyleClass().add("table-keys");
        HBox foot = new HBox(keys, gap, then);
        foot.getStyleClass().add("table-foot");
        VBox bottom = new VBox(numbers, text, foot);
        bottom.getStyleClass().add("table-bottom");
        setBottom(bottom);
        picture.show(point -> Optional.of(source.picture(point)));
        source.onChange(listening, this::show);
        show();
    }

    private void show() {
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

package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.PicturePane;
import cufflink.desktop.work.Workspace;
import cufflink.drawing.StepDrawing;
import cufflink.drawing.View;
import cufflink.plan.Plan;
import cufflink.plan.Reading;
import cufflink.plan.RunStep;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** For work at arm's length: one step fills the screen, the next number is huge, one key goes on. */
public final class TableScreen extends BorderPane {
    private final Workspace work;
    private final PicturePane picture = new PicturePane(20, 6, 1.6);
    private final Fractions head = new Fractions("", "table-head");
    private final Label count = new Label();
    private final HBox numbers = new HBox();
    private final Fractions text = new Fractions("", "table-text");
    private final Fractions next = new Fractions("", "table-next");

    public TableScreen(Workspace work) {
        this.work = work;
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
        HBox foot = new HBox(keys, gap, next);
        foot.getStyleClass().add("table-foot");
        VBox bottom = new VBox(numbers, text, foot);
        bottom.getStyleClass().add("table-bottom");
        setBottom(bottom);
        picture.show(point -> Optional.of(StepDrawing.draw(work.plan(), work.currentStep(),
                new StepDrawing.Moment(work.readingProperty().get(), 0.75, View.TILTED, true), point)));
        work.planProperty().addListener(change -> show());
        work.stepProperty().addListener(change -> show());
        work.readingProperty().addListener(change -> show());
        show();
    }

    private void show() {
        Plan plan = work.plan();
        RunStep step = work.currentStep();
        head.setText(step.phase().title() + ": " + step.title());
        count.setText("step " + step.number() + " of " + plan.run().size());
        text.setText(step.text() + (step.caution().isEmpty() ? "" : " " + step.caution()));
        next.setText(step.number() < plan.run().size() ? "then: " + plan.run().get(step.number()).title() : "the last step");
        numbers.getChildren().clear();
        List<Reading> readings = step.readings();
        int now = work.readingProperty().get();
        for (int i = now; i < Math.min(readings.size(), now + 2); i++) {
            numbers.getChildren().add(number(readings.get(i), i == now));
        }
        picture.repaint();
    }

    private VBox number(Reading reading, boolean isNow) {
        Plan plan = work.plan();
        Label label = new Label((isNow ? "now: " : "then: ") + reading.label());
        label.getStyleClass().add(isNow ? "table-label-now" : "table-label-then");
        String figure = reading.size().map(height -> plan.format().number(reading.length()) + " × " + plan.format().number(height)).orElseGet(() -> plan.format().number(reading.length()));
        Fractions value = new Fractions(figure, reading.size().isPresent() ? "table-size" : "table-number", isNow ? "table-now" : "table-then");
        return new VBox(label, value);
    }
}

package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.Listening;
import cufflink.desktop.work.Workspace;
import cufflink.directions.study.SideBySide;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Directions made for other paper: what they are fitted to, and old and new numbers side by side. */
final class ForMyPaperPane extends VBox {
    private final Workspace work;
    private final Plan written;
    private final GridPane table = new GridPane();
    private final Label closed = new Label();
    private boolean showing;

    /**
     * @param written as the directions have it
     * @param work    the same, to be fitted
     */
    ForMyPaperPane(Plan written, Workspace work, Listening listening) {
        this.written = written;
        this.work = work;
        getStyleClass().addAll("stash-side", "my-paper");
        ComboBox<RulerStep> ruler = new ComboBox<>();
        ruler.setId("directions-ruler");
        ruler.getItems().addAll(RulerStep.values());
        ruler.setConverter(new RulerNames());
        ruler.valueProperty().addListener((property, was, is) -> {
            if (!showing && is != null) {
                work.change(project -> project.withStep(is));
            }
        });
        closed.getStyleClass().add("step-title");
        closed.setWrapText(true);
        Fractions said = new Fractions("", "finding-text");
        listening.to(work.messageProperty(), said::setText);
        table.getStyleClass().add("side-by-side");
        ColumnConstraints name = new ColumnConstraints();
        name.setHgrow(Priority.ALWAYS);
        table.getColumnConstraints().addAll(name, new ColumnConstraints(), new ColumnConstraints());
        FitPane fit = new FitPane(work, listening);
        getChildren().addAll(fit, Rows.row("Ruler", ruler), said, Rows.heading("Closed"), closed,
                Rows.heading("In the text, and for my paper"), table);
        listening.to(work.planProperty(), plan -> show(plan, ruler));
        show(work.plan(), ruler);
    }

    private void show(Plan plan, ComboBox<RulerStep> ruler) {
        showing = true;
        ruler.setValue(plan.project().step());
        showing = false;
        closed.setText(plan.closedWidth().map(width -> plan.format().size(width, plan.closedHeight().orElseThrow()))
                .orElse(""));
        table.getChildren().clear();
        int row = 0;
        for (SideBySide.Row line : SideBySide.of(written, plan)) {
            Label name = new Label(line.piece() + ", " + line.what());
            name.setWrapText(true);
            name.getStyleClass().add("side-name");
            List<Node> cells = List.of(name, number(line.before().orElse("–"), "side-before"),
                    number(line.after().orElse("–"), line.isChanged() ? "side-after" : "side-same"));
            for (int column = 0; column < cells.size(); column++) {
                table.add(cells.get(column), column, row);
                GridPane.setValignment(cells.get(column), VPos.TOP);
            }
            row++;
            if (line.isChanged()) {
                table.add(new Fractions(line.reason(), "side-reason"), 0, row++, 3, 1);
            }
        }
    }

    private static Fractions number(String text, String style) {
        Fractions number = new Fractions(text, style);
        number.setMinWidth(USE_PREF_SIZE);
        return number;
    }

    /** As it is fitted now. */
    Plan plan() {
        work.finish();
        return work.plan();
    }
}

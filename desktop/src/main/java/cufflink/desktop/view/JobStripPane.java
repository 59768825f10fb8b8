package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.Listening;
import cufflink.desktop.control.PicturePane;
import cufflink.desktop.work.JobWork;
import cufflink.drawing.SheetDrawing;
import cufflink.job.JobSheet;
import cufflink.measure.LengthFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Every sheet of a job in the order of work, ticked when it is cut. */
final class JobStripPane extends ScrollPane {
    private static final PseudoClass NOW = PseudoClass.getPseudoClass("now");
    private static final PseudoClass DONE = PseudoClass.getPseudoClass("done");

    private final JobWork work;
    private final LengthFormat format;
    private final HBox row = new HBox();
    private final List<VBox> cards = new ArrayList<>();
    private List<JobSheet> built = List.of();

    JobStripPane(JobWork work, Listening listening, LengthFormat format) {
        this.work = work;
        this.format = format;
        getStyleClass().add("run-strip");
        row.getStyleClass().addAll("phases", "job-sheets");
        setContent(row);
        setVbarPolicy(ScrollBarPolicy.NEVER);
        setFitToHeight(true);
        setPannable(true);
        setFocusTraversable(false);
        listening.to(work.sheetsProperty(), change -> build());
        listening.to(work.jobProperty(), change -> mark());
        build();
    }

    private void build() {
        List<JobSheet> sheets = work.sheetsProperty().get();
        if (sheets.equals(built)) {
            return;
        }
        built = sheets;
        cards.clear();
        for (int i = 0; i < sheets.size(); i++) {
            cards.add(card(i, sheets.get(i)));
        }
        row.getChildren().setAll(cards);
        mark();
    }

    private VBox card(int index, JobSheet sheet) {
        PicturePane picture = new PicturePane(3, 4);
        picture.getStyleClass().add("step-picture");
        picture.setMouseTransparent(true);
        picture.show(point -> Optional
                .of(SheetDrawing.draw(sheet.layout(), 0, sheet.paper().face(), format, point).withoutText()));
        Label tick = new Label("✓");
        tick.getStyleClass().add("step-tick");
        StackPane top = new StackPane(picture, tick);
        StackPane.setAlignment(tick, Pos.TOP_RIGHT);
        VBox card = new VBox(top, new Fractions((index + 1) + "  " + sheet.paper().name(), "step-card-title"));
        card.getStyleClass().add("step-card");
        card.setId("sheet-" + (index + 1));
        card.setAccessibleRole(AccessibleRole.BUTTON);
        card.setAccessibleText("Sheet " + (index + 1) + ": " + sheet.paper().name());
        card.setOnMouseClicked(click -> work.goTo(index));
        return card;
    }

    private void mark() {
        List<Boolean> done = work.job().cutting().map(cutting -> cutting.done()).orElse(List.of());
        for (int i = 0; i < cards.size(); i++) {
            cards.get(i).pseudoClassStateChanged(NOW, i == work.job().sheet());
            cards.get(i).pseudoClassStateChanged(DONE, i < done.size() && done.get(i));
        }
        Platform.runLater(this::reveal);
    }

    /** Scrolls so that the sheet in hand is in sight. */
    private void reveal() {
        int now = work.job().sheet();
        double hidden = row.getWidth() - getViewportBounds().getWidth();
        if (now < cards.size() && hidden > 0) {
            double middle = cards.get(now).getBoundsInParent().getCenterX();
            setHvalue(Math.max(0, Math.min(1, (middle - getViewportBounds().getWidth() / 2) / hidden)));
        }
    }
}

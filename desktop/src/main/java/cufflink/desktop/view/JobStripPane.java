package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.Listening;
import cufflink.desktop.control.PicturePane;
import cufflink.desktop.work.JobWork;
import cufflink.drawing.SheetDrawing;
import cufflink.job.AlikeSheets;
import cufflink.job.JobSheet;
import cufflink.measure.LengthFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The sheets of a job in the order of work, those alike as one, ticked when they are cut. */
final class JobStripPane extends ScrollPane {
    private static final PseudoClass NOW = PseudoClass.getPseudoClass("now");
    private static final PseudoClass DONE = PseudoClass.getPseudoClass("done");

    private final JobWork work;
    private final LengthFormat format;
    private final HBox row = new HBox();
    private final List<VBox> cards = new ArrayList<>();
    private List<JobSheet> built = List.of();
    private List<AlikeSheets> entries = List.of();

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
        entries = AlikeSheets.of(sheets);
        entries.forEach(entry -> cards.add(card(entry)));
        row.getChildren().setAll(cards);
        mark();
    }

    private VBox card(AlikeSheets entry) {
        JobSheet sheet = entry.sheet();
        PicturePane picture = new PicturePane(3, 4);
        picture.getStyleClass().add("step-picture");
        picture.setMouseTransparent(true);
        picture.show(point -> Optional
                .of(SheetDrawing.draw(sheet.layout(), 0, sheet.paper().face(), format, point).withoutText()));
        Label tick = new Label("✓");
        tick.getStyleClass().add("step-tick");
        StackPane top = new StackPane(picture, tick);
        StackPane.setAlignment(tick, Pos.TOP_RIGHT);
        VBox card = new VBox(top, new Fractions(entry.numbers() + "  " + sheet.paper().name(), "step-card-title"));
        card.getStyleClass().add("step-card");
        card.setId("sheet-" + (entry.first() + 1));
        card.setAccessibleRole(AccessibleRole.BUTTON);
        card.setAccessibleText((entry.count() == 1 ? "Sheet " : "Sheets ") + entry.numbers() + ": "
                + sheet.paper().name());
        card.setOnMouseClicked(click -> work.goTo(next(entry)));
        return card;
    }

    private boolean isDone(int sheet) {
        return work.job().cutting().map(cutting -> cutting.done())
                .filter(done -> sheet < done.size() && done.get(sheet))
                .isPresent();
    }

    /** The first of them that is not cut yet. */
    private int next(AlikeSheets entry) {
        return IntStream.range(entry.first(), entry.first() + entry.count()).filter(sheet -> !isDone(sheet)).findFirst()
                .orElse(entry.first());
    }

    private void mark() {
        for (int i = 0; i < cards.size(); i++) {
            AlikeSheets entry = entries.get(i);
            cards.get(i).pseudoClassStateChanged(NOW, entry.has(work.job().sheet()));
            cards.get(i).pseudoClassStateChanged(DONE, isDone(next(entry)));
        }
        Platform.runLater(this::reveal);
    }

    /** Scrolls so that the sheet in hand is in sight. */
    private void reveal() {
        int now = IntStream.range(0, entries.size()).filter(i -> entries.get(i).has(work.job().sheet())).findFirst()
                .orElse(0);
        double hidden = row.getWidth() - getViewportBounds().getWidth();
        if (now < cards.size() && hidden > 0) {
            double middle = cards.get(now).getBoundsInParent().getCenterX();
            setHvalue(Math.max(0, Math.min(1, (middle - getViewportBounds().getWidth() / 2) / hidden)));
        }
    }
}

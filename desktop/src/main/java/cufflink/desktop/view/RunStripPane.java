package cufflink.desktop.view;

import cufflink.design.PartDefinition;
import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.Listening;
import cufflink.desktop.control.PicturePane;
import cufflink.desktop.work.Workspace;
import cufflink.drawing.StepDrawing;
import cufflink.plan.Phase;
import cufflink.plan.RunStep;
import cufflink.plan.StepPiece;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/** The run strip: every step in order, by phase. Small pictures are redrawn a moment after the last change. */
final class RunStripPane extends ScrollPane {
    private static final PseudoClass NOW = PseudoClass.getPseudoClass("now");
    private static final PseudoClass DONE = PseudoClass.getPseudoClass("done");
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");

    /** Letters that a line of a card has room for, and lines. */
    private static final int LINE = 16;
    private static final int LINES = 2;

    private final Workspace work;
    private final HBox phases = new HBox();
    private final List<VBox> cards = new ArrayList<>();
    private final PauseTransition settle = new PauseTransition(Duration.millis(90));

    RunStripPane(Workspace work, Listening listening) {
        this.work = work;
        getStyleClass().add("run-strip");
        phases.getStyleClass().add("phases");
        setContent(phases);
        setVbarPolicy(ScrollBarPolicy.NEVER);
        setFitToHeight(true);
        setPannable(true);
        setFocusTraversable(false);
        settle.setOnFinished(done -> build());
        listening.to(work.planProperty(), change -> settle.playFromStart());
        listening.atEnd(settle::stop);
        listening.to(work.stepProperty(), change -> mark());
        build();
    }

    private void build() {
        phases.getChildren().clear();
        cards.clear();
        Phase last = null;
        HBox group = null;
        for (RunStep step : work.plan().run()) {
            if (step.phase() != last) {
                group = new HBox();
                group.getStyleClass().add("phase-steps");
                Label title = new Label(step.phase().title());
                title.getStyleClass().add("phase-title");
                VBox phase = new VBox(title, group);
                phase.getStyleClass().add("phase");
                phases.getChildren().add(phase);
                last = step.phase();
            }
            VBox card = card(step);
            cards.add(card);
            group.getChildren().add(card);
        }
        mark();
    }

    private VBox card(RunStep step) {
        PicturePane picture = new PicturePane(3, 4);
        picture.getStyleClass().add("step-picture");
        picture.setMouseTransparent(true);
        picture.show(point -> Optional
                .of(StepDrawing.draw(work.plan(), step, StepDrawing.Moment.done(), point).withoutText()));
        Label tick = new Label("✓");
        tick.getStyleClass().add("step-tick");
        HBox top = new HBox(picture, tick);
        HBox.setHgrow(picture, Priority.ALWAYS);
        Fractions title = new Fractions(shortened(step.title()), "step-card-title");
        VBox card = new VBox(top, title);
        card.getStyleClass().add("step-card");
        card.setId("step-" + step.number());
        card.setAccessibleRole(AccessibleRole.BUTTON);
        card.setAccessibleText("Step " + step.number() + ": " + step.title());
        card.setOnMouseClicked(click -> work.goTo(step.number() - 1));
        return card;
    }

    /** Marks the steps of a part; of none if it is empty. */
    void light(Optional<PartDefinition> part) {
        List<RunStep> run = work.plan().run();
        for (int i = 0; i < Math.min(cards.size(), run.size()); i++) {
            Optional<String> piece = run.get(i).subject().accept(new StepPiece());
            boolean lit = part.isPresent() && piece.filter(part.get()::has).isPresent();
            cards.get(i).pseudoClassStateChanged(LIT, lit);
        }
    }

    /** Whole words in as many lines as a card has; the whole title stands in the read-out. */
    private static String shortened(String title) {
        StringBuilder shown = new StringBuilder();
        int line = 0;
        int lines = 1;
        // A fraction stays with its whole number, and is set in little more than a letter.
        for (String word : title.split(" (?!\\d+/\\d)")) {
            int wide = word.replaceAll(" ?\\d+/\\d+", "½").length();
            boolean next = line > 0 && line + 1 + wide > LINE;
            lines += next ? 1 : 0;
            if (lines > LINES) {
                return fitting(shown.toString(), line);
            }
            line = next ? wide : line + (line > 0 ? 1 : 0) + wide;
            shown.append(shown.isEmpty() ? "" : " ").append(word);
        }
        return title;
    }

    /** With the mark that something is missing, if need be in place of the last word. */
    private static String fitting(String shown, int lastLine) {
        String whole = lastLine + 2 > LINE && shown.contains(" ") ? shown.replaceFirst(" \\S+( \\d+/\\S+)?$", "")
                : shown;
        return whole.replaceAll("[,:]$", "") + " …";
    }

    private void mark() {
        int now = work.stepProperty().get();
        for (int i = 0; i < cards.size(); i++) {
            cards.get(i).pseudoClassStateChanged(NOW, i == now);
            cards.get(i).pseudoClassStateChanged(DONE, i < now);
        }
        Platform.runLater(this::reveal);
    }

    /** Scrolls so that the current step is in sight. */
    private void reveal() {
        int now = work.stepProperty().get();
        double hidden = phases.getWidth() - getViewportBounds().getWidth();
        if (now >= cards.size() || hidden <= 0) {
            return;
        }
        var card = cards.get(now).localToScene(cards.get(now).getBoundsInLocal());
        double middle = phases.sceneToLocal(card).getCenterX();
        setHvalue(Math.max(0, Math.min(1, (middle - getViewportBounds().getWidth() / 2) / hidden)));
    }
}

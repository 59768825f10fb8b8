package cufflink.desktop.view;

import cufflink.design.PanelRef;
import cufflink.desktop.control.PicturePane;
import cufflink.desktop.work.Workspace;
import cufflink.drawing.EdgeDrawing;
import cufflink.drawing.FoldScene;
import cufflink.drawing.Picture;
import cufflink.drawing.StepDrawing;
import cufflink.fold.FoldStage;
import cufflink.fold.Trial;
import cufflink.plan.StepSubject;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/**
 * A fold step on the bench: the piece in motion, beside it the flat piece with the same creases marked, or the view
 * from its edge. A crease can be tried the wrong way round to see what becomes of it.
 */
final class FoldPane extends BorderPane {
    private static final double WIDE = 2;
    /** The share of the pane that the flat piece takes above the folding. */
    private static final double ABOVE = 0.2;

    private final Workspace work;
    private final MotionPane motion = new MotionPane();
    private final PicturePane flat = new PicturePane(20, 3);
    private final PicturePane edge = new PicturePane(14, 2.2);
    private final ToggleButton rehearse = new ToggleButton("Flat piece");
    private final ToggleButton wrong = new ToggleButton("Try it the wrong way round");
    private final ComboBox<String> crease = new ComboBox<>();
    private final Label verdict = new Label();
    private final StackPane beside = new StackPane(flat);
    private Optional<StepSubject.OfFold> step = Optional.empty();
    private Optional<Trial> trial = Optional.empty();

    FoldPane(Workspace work) {
        this.work = work;
        setId("fold-pane");
        rehearse.setId("rehearse");
        rehearse.getStyleClass().add("bench-button");
        rehearse.setSelected(true);
        wrong.setId("wrong-way");
        wrong.getStyleClass().add("bench-button");
        crease.setAccessibleText("Crease to try");
        verdict.setId("trial-verdict");
        verdict.getStyleClass().add("trial-verdict");
        verdict.setWrapText(true);
        verdict.managedProperty().bind(verdict.visibleProperty());
        rehearse.setMinWidth(Region.USE_PREF_SIZE);
        wrong.setMinWidth(Region.USE_PREF_SIZE);
        crease.setMinWidth(Region.USE_PREF_SIZE);
        FlowPane tools = new FlowPane(rehearse, wrong, crease);
        tools.setMinWidth(0); // wraps instead of pushing the read-out out of the window
        tools.getStyleClass().add("fold-tools-row");
        edge.setPrefHeight(70);
        edge.setMinHeight(30);
        VBox below = new VBox(edge, motion.controls(), tools, verdict);
        below.getStyleClass().add("fold-tools");
        beside.setPrefWidth(300);
        beside.prefHeightProperty().bind(heightProperty().multiply(ABOVE));
        beside.setMinSize(120, 40);
        beside.visibleProperty().bind(rehearse.selectedProperty());
        beside.managedProperty().bind(rehearse.selectedProperty());
        setCenter(motion);
        setBottom(below);
        edge.managedProperty().bind(edge.visibleProperty());
        flat.show(point -> step.map(fold -> StepDrawing.flatWithCreases(work.plan(), fold, point)));
        flat.describe("The piece flat, with the creases of this step");
        edge.describe("The layers seen from their edge");
        edge.show(this::edgePicture);
        motion.shareProperty().addListener(change -> edge.repaint());
        wrong.selectedProperty().addListener(change -> tryIt());
        crease.valueProperty().addListener(change -> tryIt());
    }

    /** Shows a step, right way round. */
    void show(StepSubject.OfFold fold) {
        boolean same = step.filter(shown -> shown.piece().equals(fold.piece()) && shown.index() == fold.index())
                .isPresent();
        step = Optional.of(fold);
        List<String> creases = fold.stage().step().creases();
        if (!same || !crease.getItems().equals(creases)) {
            wrong.setSelected(false);
            crease.getItems().setAll(creases);
            crease.setValue(creases.get(0));
        }
        boolean moves = !fold.stage().motion().changing().isEmpty();
        wrong.setVisible(moves);
        wrong.setManaged(moves);
        motion.controls().setVisible(moves);
        motion.controls().setManaged(moves);
        crease.setVisible(moves && crease.getItems().size() > 1);
        crease.setManaged(crease.isVisible());
        edge.setVisible(edgePicture(1).isPresent());
        place(fold);
        tryIt();
        flat.repaint();
        if (!same) {
            motion.play();
        }
    }

    /** A wide piece lies above its folding, which is wide, too, and fills the bench so; another one beside it. */
    private void place(StepSubject.OfFold fold) {
        Picture lying = StepDrawing.flatWithCreases(work.plan(), fold, 1);
        boolean wide = lying.width() > WIDE * lying.height();
        setLeft(null); // from its old place first
        setTop(null);
        if (wide) {
            setTop(beside);
        } else {
            setLeft(beside);
        }
    }

    MotionPane motion() {
        return motion;
    }

    /** Turns the chosen crease round. */
    void tryWrongWay() {
        wrong.setSelected(true);
    }

    private void tryIt() {
        step.ifPresent(fold -> {
            trial = wrong.isSelected() && crease.getValue() != null
                    ? Optional.of(Trial.reversed(work.plan().pieces().get(fold.piece()), crease.getValue()))
                    : Optional.empty();
            verdict.setVisible(trial.isPresent());
            verdict.setText(trial.map(tried -> (tried.folds() ? "▲ " : "✕ ") + tried.says()).orElse(""));
            motion.show(this::scene, this::panelName, "before", "folded");
            edge.repaint();
        });
    }

    private Optional<FoldStage> shown() {
        return trial.isPresent() ? trial.flatMap(Trial::stage) : step.map(StepSubject.OfFold::stage);
    }

    private Optional<FoldScene> scene(double share) {
        return shown().or(() -> step.map(StepSubject.OfFold::stage))
                .flatMap(stage -> StepDrawing.foldScene(work.plan(), stage, shown().isPresent() ? share : 0));
    }

    private String panelName(String id) {
        return step.flatMap(fold -> work.plan().pieces().get(fold.piece()).pattern().panels().stream()
                .filter(panel -> new PanelRef(fold.piece(), panel.id()).toString().equals(id)).findFirst())
                .map(panel -> panel.label()).orElse("");
    }

    private Optional<Picture> edgePicture(double point) {
        return shown().flatMap(stage -> stage.motion().at(motion.shareProperty().get()).value()
                .flatMap(state -> EdgeDrawing.draw(state, stage.after(), stage.order(), stage.moved(), point)));
    }
}

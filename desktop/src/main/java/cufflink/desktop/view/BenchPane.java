package cufflink.desktop.view;

import cufflink.desktop.control.PicturePane;
import cufflink.desktop.work.Workspace;
import cufflink.drawing.EdgeDrawing;
import cufflink.drawing.Picture;
import cufflink.drawing.StepDrawing;
import cufflink.drawing.View;
import cufflink.plan.RunStep;
import cufflink.plan.StepSubject;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.Interpolator;
import javafx.animation.KeyFrame;
import javafx.animation.KeyValue;
import javafx.animation.Timeline;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/**
 * The bench: the paper in the state of the current step. A fold plays as a motion; its slider stops it anywhere, and dragging on the bench
 * turns it about.
 */
final class BenchPane extends BorderPane {
    private static final double DEGREES_PER_PIXEL = 0.5;

    private final Workspace work;
    private final PicturePane picture = new PicturePane(36, 4.2, 1.2);
    private final PicturePane edge = new PicturePane(14, 2.2);
    private final VBox foldTools = new VBox();
    private final Slider fold = new Slider(0, 1, 1);
    private final DoubleProperty folded = new SimpleDoubleProperty(this, "folded", 1);
    private final Timeline motion = new Timeline();
    private View view = View.TILTED;
    private double dragX;
    private double dragY;

    /** {@code picked} is told the id of what is clicked. */
    BenchPane(Workspace work, Consumer<String> picked) {
        this.work = work;
        getStyleClass().add("bench");
        setCenter(picture);
        setBottom(new VBox(foldTools, legend()));
        buildFoldTools();
        picture.setId("bench-picture");
        picture.setOnMouseClicked(click -> {
            if (click.isStillSincePress()) {
                picture.idAt(click.getX(), click.getY()).ifPresent(picked);
            }
        });
        picture.setOnMousePressed(press -> {
            dragX = press.getX();
            dragY = press.getY();
        });
        picture.setOnMouseDragged(this::turn);
        folded.addListener(change -> repaint());
        work.planProperty().addListener(change -> repaint());
        work.readingProperty().addListener(change -> repaint());
        work.stepProperty().addListener(change -> enterStep());
        picture.show(this::stepPicture);
        edge.show(this::edgePicture);
        enterStep();
    }

    private boolean isFold() {
        return work.currentStep().subject() instanceof StepSubject.OfFold;
    }

    private void enterStep() {
        motion.stop();
        foldTools.setVisible(isFold());
        foldTools.setManaged(isFold());
        if (isFold()) {
            play();
        } else {
            repaint();
        }
    }

    /** Plays the fold from the start. */
    void play() {
        motion.getKeyFrames().setAll(new KeyFrame(Duration.ZERO, new KeyValue(folded, 0)),
                new KeyFrame(Duration.millis(1400), new KeyValue(folded, 1, Interpolator.EASE_BOTH)));
        motion.playFromStart();
    }

    /** Stops the motion at a share of the fold, 0 to 1. */
    void stopAt(double share) {
        motion.stop();
        folded.set(share);
    }

    private void turn(MouseEvent drag) {
        if (isFold()) {
            look(new View(clamp(view.tilt() - (drag.getY() - dragY) * DEGREES_PER_PIXEL, -180, 180), view.spin() + (drag.getX() - dragX) * DEGREES_PER_PIXEL, 0));
            dragX = drag.getX();
            dragY = drag.getY();
        }
    }

    private static double clamp(double value, double low, double high) {
        return Math.max(low, Math.min(high, value));
    }

    private void look(View from) {
        view = from;
        repaint();
    }

    /** Turns the view by degrees; for the keyboard. */
    void turnBy(double tilt, double spin) {
        look(new View(clamp(view.tilt() + tilt, -180, 180), view.spin() + spin, 0));
    }

    private void repaint() {
        picture.repaint();
        if (isFold()) {
            edge.repaint();
        }
    }

    private Optional<Picture> stepPicture(double point) {
        RunStep step = work.currentStep();
        return Optional.of(StepDrawing.draw(work.plan(), step, new StepDrawing.Moment(work.readingProperty().get(), folded.get(), view, true), point));
    }

    private Optional<Picture> edgePicture(double point) {
        if (!(work.currentStep().subject() instanceof StepSubject.OfFold step)) {
            return Optional.empty();
        }
        return step.stage().motion().at(folded.get()).value()
                .flatMap(state -> EdgeDrawing.draw(state, step.stage().after(), step.stage().order(), step.stage().moved(), point));
    }

    private void buildFoldTools() {
        foldTools.getStyleClass().add("fold-tools");
        edge.setPrefHeight(110);
        Label caption = new Label("From the edge");
        caption.getStyleClass().add("bench-caption");
        Button play = new Button("Fold again");
        play.getStyleClass().add("bench-button");
        play.setOnAction(press -> play());
        Button above = new Button("From above");
        above.getStyleClass().add("bench-button");
        above.setOnAction(press -> look(View.ABOVE));
        Button tilted = new Button("Tilted");
        tilted.getStyleClass().add("bench-button");
        tilted.setOnAction(press -> look(View.TILTED));
        Button behind = new Button("From the back");
        behind.getStyleClass().add("bench-button");
        behind.setOnAction(press -> look(new View(180 - View.TILTED.tilt(), View.TILTED.spin(), 0)));
        fold.setId("fold-slider");
        fold.setAccessibleText("How far the fold has gone");
        HBox.setHgrow(fold, Priority.ALWAYS);
        fold.valueProperty().bindBidirectional(folded);
        fold.setOnMousePressed(press -> motion.stop());
        HBox controls = new HBox(new Label("flat"), fold, new Label("folded"), play, above, tilted, behind);
        controls.getStyleClass().add("fold-controls");
        foldTools.getChildren().addAll(caption, edge, controls);
    }

    private static FlowPane legend() {
        FlowPane legend = new FlowPane(entry("V", "valley", "legend-valley"), entry("M", "mountain", "legend-mountain"), entry("D", "decorative", "legend-decorative"),
                entry("", "cut", "legend-cut"), entry("", "waste", "legend-waste"), entry("", "glue", "legend-glue"));
        legend.getStyleClass().add("legend");
        return legend;
    }

    private static HBox entry(String letter, String words, String style) {
        Region line = new Region();
        line.getStyleClass().addAll("legend-line", style);
        Label text = new Label(letter.isEmpty() ? words : letter + "  " + words);
        text.setMinWidth(Region.USE_PREF_SIZE);
        HBox entry = new HBox(line, text);
        entry.getStyleClass().add("legend-entry");
        return entry;
    }
}

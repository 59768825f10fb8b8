package cufflink.desktop.view;

import cufflink.desktop.control.PicturePane;
import cufflink.drawing.FoldDrawing;
import cufflink.drawing.FoldScene;
import cufflink.drawing.Picture;
import cufflink.drawing.View;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;
import javafx.animation.Interpolator;
import javafx.animation.KeyFrame;
import javafx.animation.KeyValue;
import javafx.animation.Timeline;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.util.Duration;
import org.locationtech.jts.geom.Envelope;

/**
 * Folding as a motion: its slider stops it anywhere, dragging on the paper turns it about, and the panel under the
 * pointer is named.
 */
final class MotionPane extends BorderPane {
    /** Pixels that the slider with its words takes at least. */
    private static final double LEAST_WAY = 200;
    private static final double DEGREES_PER_PIXEL = 0.5;
    private static final double[] ROOM = {0, 0.3, 0.6, 1};

    private final PicturePane picture = new PicturePane(30, 4.2, 1.2);
    private final Slider slider = new Slider(0, 1, 1);
    private final DoubleProperty share = new SimpleDoubleProperty(this, "share", 1);
    private final Timeline motion = new Timeline();
    private final Label named = new Label();
    private final FlowPane controls = new FlowPane();
    private final HBox way = new HBox();
    private final Label from = new Label();
    private final Label to = new Label();
    private final Button again = button("Again", "again", this::play);
    private UnaryOperator<String> names = id -> id;
    private DoubleFunction<Optional<FoldScene>> scenes = at -> Optional.empty();
    private Envelope room = new Envelope();
    private View view = View.TILTED;
    private double dragX;
    private double dragY;

    MotionPane() {
        named.getStyleClass().add("panel-name");
        named.setMouseTransparent(true);
        StackPane.setAlignment(named, Pos.TOP_LEFT);
        setCenter(new StackPane(picture, named));
        buildControls();
        picture.setId("motion-picture");
        picture.setOnMousePressed(press -> {
            dragX = press.getX();
            dragY = press.getY();
        });
        picture.setOnMouseDragged(this::turn);
        picture.setOnMouseMoved(move -> named.setText(picture.idAt(move.getX(), move.getY()).map(names).orElse("")));
        picture.setOnMouseExited(leave -> named.setText(""));
        share.addListener(change -> picture.repaint());
        picture.show(this::draw);
    }

    private void buildControls() {
        slider.setId("fold-slider");
        slider.setAccessibleText("How far the motion has gone");
        slider.valueProperty().bindBidirectional(share);
        slider.setOnMousePressed(press -> motion.stop());
        HBox.setHgrow(slider, Priority.ALWAYS);
        way.getChildren().addAll(from, slider, to);
        way.getStyleClass().add("fold-controls");
        HBox views = new HBox(again, button("Above", "above", () -> look(View.ABOVE)),
                button("Tilted", "tilted", () -> look(View.TILTED)), button("Back", "behind", this::lookFromBehind));
        views.getStyleClass().add("fold-controls");
        controls.getChildren().addAll(way, views);
        controls.getStyleClass().add("fold-tools-row");
        controls.setMinWidth(0); // wraps instead of pushing the read-out out of the window
        controls.widthProperty().addListener((property, was, is) -> {
            double room = is.doubleValue() - controls.getInsets().getLeft() - controls.getInsets().getRight();
            double beside = room - views.prefWidth(-1) - controls.getHgap() - 1;
            way.setPrefWidth(beside < LEAST_WAY ? room : beside);
        });
        from.setMinWidth(Region.USE_PREF_SIZE);
        to.setMinWidth(Region.USE_PREF_SIZE);
    }

    private static Button button(String text, String id, Runnable action) {
        Button button = new Button(text);
        button.setId("motion-" + id);
        button.getStyleClass().add("bench-button");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(press -> action.run());
        return button;
    }

    /**
     * Shows a motion.
     *
     * @param motions   the scene at a share of the way, 0 to 1
     * @param panelName what to call the panel with an id; empty for what is no panel
     * @param start     what it is called where it starts; as where it ends if nothing moves
     */
    void show(DoubleFunction<Optional<FoldScene>> motions, UnaryOperator<String> panelName, String start, String end) {
        scenes = motions;
        names = panelName;
        boolean moves = !start.equals(end);
        List.of(way, again).forEach(part -> {
            part.setVisible(moves);
            part.setManaged(moves);
        });
        from.setText(start);
        to.setText(end);
        picture.describe("The paper, from " + start + " to " + end);
        measureRoom();
        picture.repaint();
    }

    /** The slider and the views, to be put where there is room. */
    Region controls() {
        return controls;
    }

    /** Plays the motion from the start. */
    void play() {
        motion.getKeyFrames().setAll(new KeyFrame(Duration.ZERO, new KeyValue(share, 0)),
                new KeyFrame(Duration.millis(1600), new KeyValue(share, 1, Interpolator.EASE_BOTH)));
        motion.playFromStart();
    }

    /** Stops the motion at a share of its way, 0 to 1. */
    void stopAt(double where) {
        motion.stop();
        share.set(where);
    }

    /** How far the motion has gone. */
    ReadOnlyDoubleProperty shareProperty() {
        return share;
    }

    /** Looks from somewhere else. */
    void look(View where) {
        view = where;
        measureRoom();
        picture.repaint();
    }

    /** Looks from the other side. */
    void lookFromBehind() {
        look(new View(view.tilt(), view.spin(), view.swing() + 180));
    }

    /** Turns the view by degrees. */
    void turnBy(double tilt, double spin) {
        look(new View(Math.max(-180, Math.min(180, view.tilt() + tilt)), view.spin() + spin, view.swing()));
    }

    private void turn(MouseEvent drag) {
        turnBy(-(drag.getY() - dragY) * DEGREES_PER_PIXEL, (drag.getX() - dragX) * DEGREES_PER_PIXEL);
        dragX = drag.getX();
        dragY = drag.getY();
    }

    /** The paper keeps its size on the screen while it moves. */
    private void measureRoom() {
        room = new Envelope();
        for (double at : ROOM) {
            scenes.apply(at).ifPresent(scene -> room.expandToInclude(FoldDrawing.bounds(scene, view, 0)));
        }
    }

    private Optional<Picture> draw(double point) {
        return scenes.apply(share.get())
                .map(scene -> new Picture(room, point, FoldDrawing.draw(scene, view, point).shapes()));
    }
}

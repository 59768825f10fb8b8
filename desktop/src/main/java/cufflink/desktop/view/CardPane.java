package cufflink.desktop.view;

import cufflink.design.Ornament;
import cufflink.design.PartDefinition;
import cufflink.design.SizedDesign.Pose;
import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.Listening;
import cufflink.desktop.control.PicturePane;
import cufflink.desktop.work.Workspace;
import cufflink.drawing.ClosedDrawing;
import cufflink.drawing.PartLight;
import cufflink.drawing.Picture;
import cufflink.drawing.PoseDrawing;
import cufflink.drawing.Shape;
import cufflink.drawing.View;
import cufflink.drawing.WrappedDrawing;
import cufflink.fold.Assembly;
import cufflink.fold.PosedCard;
import cufflink.plan.Plan;
import java.util.Optional;
import javafx.beans.property.StringProperty;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import org.locationtech.jts.geom.Coordinate;

/**
 * The finished card on the bench: closed, from the front or the back, with the layers at any place that is tapped; or
 * on its way into one of its poses.
 */
final class CardPane extends BorderPane {
    private static final String FRONT = "Closed, front";
    private static final String BACK = "Closed, back";
    private static final String WRAPPED = "Wrapped, front";
    private static final String WRAPPED_BACK = "Wrapped, back";

    private final Workspace work;
    private final FlowPane choices = new FlowPane();
    private final PicturePane closed = new PicturePane(36, 4.2, 1.2);
    private final PicturePane wrapped = new PicturePane(36, 4.2, 1.2);
    private final MotionPane motion = new MotionPane();
    private final LayersPane layers = new LayersPane();
    private final StringProperty picked;
    private final Fractions line = new Fractions("", "ornament-line");
    private Optional<PartDefinition> lit = Optional.empty();
    private String chosen = FRONT;

    /**
     * @param picked the id of the ornament that is being laid; empty for none
     */
    CardPane(Workspace work, Listening listening, StringProperty picked) {
        this.work = work;
        this.picked = picked;
        setId("card-pane");
        choices.getStyleClass().add("pose-choices");
        closed.setId("closed-picture");
        closed.show(this::card);
        OrnamentHand.onCard(work, closed, picked, () -> chosen.equals(BACK));
        line.setId("ornament-line");
        listening.to(picked, change -> showPicked());
        closed.setOnMouseClicked(click -> closed.spotAt(click.getX(), click.getY()).ifPresent(this::tap));
        wrapped.setId("wrapped-picture");
        wrapped.show(point -> WrappedDrawing.draw(work.plan(), chosen.equals(WRAPPED_BACK), point));
        setTop(choices);
    }

    /** Shows the plan's card; the chosen pose stays if the design still has it. */
    void show() {
        ToggleGroup group = new ToggleGroup();
        choices.getChildren().clear();
        Optional<String> stands = work.plan().design().definition().stands();
        if (stands.isEmpty()) {
            choices.getChildren().addAll(choice(FRONT, group), choice(BACK, group));
        }
        if (!WrappedDrawing.rounds(work.plan()).isEmpty()) {
            choices.getChildren().addAll(choice(WRAPPED, group), choice(WRAPPED_BACK, group));
        }
        work.plan().poses().forEach(posed -> choices.getChildren().add(choice(posed.name(), group)));
        boolean kept = choices.getChildren().stream().anyMatch(node -> ((ToggleButton) node).getText().equals(chosen));
        choose(kept ? chosen : stands.orElse(FRONT), false);
    }

    private ToggleButton choice(String name, ToggleGroup group) {
        ToggleButton button = new ToggleButton(name);
        button.getStyleClass().add("bench-button");
        button.setToggleGroup(group);
        button.setOnAction(press -> choose(name, true));
        return button;
    }

    private void choose(String name, boolean play) {
        chosen = name;
        choices.getChildren()
                .forEach(node -> ((ToggleButton) node).setSelected(((ToggleButton) node).getText().equals(name)));
        Optional<PosedCard> posed = work.plan().poses().stream().filter(pose -> pose.name().equals(name))
                .findFirst();
        if (posed.isPresent()) {
            setCenter(motion);
            setBottom(motion.controls());
            setRight(null);
            Pose pose = work.plan().design().poses().get(name);
            motion.show(share -> PoseDrawing.between(work.plan(), posed.get(), share), this::panelName,
                    pose.built() ? name : pose.after().orElse("closed"), name);
            motion.look(pose.spread().isPresent() ? View.TILTED
                    : View.of(work.plan().design().definition().shown().angle()));
            if (play) {
                motion.play();
            }
        } else if (name.equals(WRAPPED) || name.equals(WRAPPED_BACK)) {
            setCenter(wrapped);
            setBottom(null);
            setRight(null);
            wrapped.describe("The closed card with what goes round it, " + name);
            wrapped.repaint();
        } else {
            setCenter(closed);
            setBottom(null);
            setRight(layers);
            closed.describe("The closed card, " + name);
            showPicked();
            work.plan().stack().ifPresentOrElse(stack -> layers.show(work.plan(), stack.thickest(), true),
                    layers::clear);
        }
    }

    private Optional<Ornament> picked() {
        return work.project().ornament(picked.get());
    }

    private Optional<Picture> card(double point) {
        boolean fromBack = chosen.equals(BACK);
        Optional<Picture> drawn = picked().map(ornament -> ClosedDrawing.laying(work.plan(), ornament, fromBack, point))
                .orElseGet(() -> ClosedDrawing.draw(work.plan(), fromBack, point));
        return drawn.map(card -> lit.map(part -> PartLight.onClosed(work.plan(), fromBack, card, part)).orElse(card));
    }

    /** Marks a part on the closed card; none if empty. */
    void light(Optional<PartDefinition> part) {
        lit = part;
        closed.repaint();
    }

    /** Shows what the ornament that is being laid does. */
    private void showPicked() {
        if (getCenter() == closed) {
            Optional<Ornament> ornament = picked();
            ornament.ifPresent(one -> line.setText(OrnamentLine.of(work.plan(), one)));
            setBottom(ornament.isPresent() ? line : null);
            closed.repaint();
        }
    }

    private String panelName(String id) {
        Assembly assembly = work.plan().assembly();
        return assembly.panels().stream().filter(panel -> panel.toString().equals(id)).findFirst()
                .map(panel -> assembly.panel(panel).label()).orElse("");
    }

    private void tap(Shape.Spot spot) {
        Plan plan = work.plan();
        Coordinate place = ClosedDrawing.place(plan, chosen.equals(BACK), spot);
        layers.show(plan, place, false);
    }

    MotionPane motion() {
        return motion;
    }

    /** Brings the card into a pose, seen from the front or from behind. */
    void pose(String name, boolean behind) {
        work.plan().poses().stream().filter(posed -> posed.name().equals(name)).findFirst()
                .ifPresent(posed -> choose(posed.name(), true));
        if (behind) {
            motion.lookFromBehind();
        }
    }
}

package cufflink.desktop.view;

import cufflink.design.PartDefinition;
import cufflink.desktop.control.Listening;
import cufflink.desktop.control.PicturePane;
import cufflink.desktop.work.Workspace;
import cufflink.drawing.PartLight;
import cufflink.drawing.Picture;
import cufflink.drawing.StepDrawing;
import cufflink.drawing.View;
import cufflink.plan.RunStep;
import cufflink.plan.StepSubject;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.StringProperty;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The bench: the paper in the state of the current step; folds and the finished card have panes of their own. */
final class BenchPane extends BorderPane {
    private final Workspace work;
    private final PicturePane picture = new PicturePane(36, 4.2, 1.2);
    private final FoldPane fold;
    private final CardPane card;
    private final StackPane held = new StackPane();
    private Optional<PartDefinition> lit = Optional.empty();

    /**
     * @param picked is told the id of what is clicked
     * @param laid   the id of the ornament that is being laid
     */
    BenchPane(Workspace work, Listening listening, Consumer<String> picked, AddMenu menu, StringProperty laid) {
        this.work = work;
        this.fold = new FoldPane(work);
        this.card = new CardPane(work, listening, laid);
        setOnContextMenuRequested(asked -> {
            menu.show(this, asked.getScreenX(), asked.getScreenY());
            asked.consume();
        });
        getStyleClass().add("bench");
        FlowPane legend = legend();
        HBox.setHgrow(legend, Priority.ALWAYS);
        TablePane table = new TablePane(work, listening);
        ToggleButton onTable = new ToggleButton("On the table");
        onTable.setId("on-the-table");
        onTable.getStyleClass().add("bench-button");
        onTable.setMinWidth(Region.USE_PREF_SIZE);
        onTable.setTooltip(new Tooltip("What lies on the table after each step, made by following the steps alone"));
        table.visibleProperty().bind(onTable.selectedProperty());
        RehearseButton rehearse = new RehearseButton(work, listening);
        rehearse.selectedProperty().addListener((property, was, is) -> onTable.setSelected(onTable.isSelected() || is));
        HBox below = new HBox(rehearse, onTable, legend);
        below.getStyleClass().add("bench-foot");
        setBottom(below);
        // Where there is not room for both, the table gives way.
        VBox.setVgrow(held, Priority.ALWAYS);
        VBox.setVgrow(table, Priority.SOMETIMES);
        setCenter(new VBox(held, table));
        picture.setId("bench-picture");
        picture.setOnMouseClicked(click -> {
            if (click.isStillSincePress()) {
                picture.idAt(click.getX(), click.getY()).ifPresent(picked);
            }
        });
        OrnamentHand.onPiece(work, picture, laid);
        listening.to(work.planProperty(), change -> enterStep());
        listening.to(work.readingProperty(), change -> picture.repaint());
        listening.to(work.stepProperty(), change -> enterStep());
        picture.show(this::stepPicture);
        enterStep();
    }

    private void enterStep() {
        StepSubject subject = work.currentStep().subject();
        if (subject instanceof StepSubject.OfFold step) {
            hold(fold);
            fold.show(step);
        } else if (subject instanceof StepSubject.OfCard && work.plan().stack().isPresent()) {
            hold(card);
            card.show();
        } else {
            hold(picture);
            RunStep step = work.currentStep();
            picture.describe("Step " + step.number() + ": " + step.title() + ". " + step.text());
            picture.repaint();
        }
    }

    private void hold(Node node) {
        if (!held.getChildren().contains(node)) {
            held.getChildren().setAll(node);
        }
    }

    private MotionPane motion() {
        return held.getChildren().contains(card) ? card.motion() : fold.motion();
    }

    /** Plays the motion from the start. */
    void play() {
        motion().play();
    }

    /** Stops the motion at a share of its way, 0 to 1. */
    void stopAt(double share) {
        motion().stopAt(share);
    }

    /** Turns the view by degrees; for the keyboard. */
    void turnBy(double tilt, double spin) {
        motion().turnBy(tilt, spin);
    }

    /** Tries the crease of the current fold the wrong way round. */
    void tryWrongWay() {
        fold.tryWrongWay();
    }

    /** Brings the finished card into a pose, seen from the front or from behind. */
    void pose(String name, boolean behind) {
        card.pose(name, behind);
    }

    private Optional<Picture> stepPicture(double point) {
        RunStep step = work.currentStep();
        Picture drawn = StepDrawing.draw(work.plan(), step,
                new StepDrawing.Moment(work.readingProperty().get(), 1, View.TILTED, true), point);
        return Optional.of(lit.map(part -> PartLight.on(drawn, part)).orElse(drawn));
    }

    /** Marks a part where it lies on the bench; none if empty. */
    void light(Optional<PartDefinition> part) {
        lit = part;
        card.light(part);
        picture.repaint();
    }

    private static FlowPane legend() {
        FlowPane legend = new FlowPane(entry("V", "valley", "legend-valley"), entry("M", "mountain", "legend-mountain"),
                entry("D", "decorative", "legend-decorative"),
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

package cufflink.desktop.view;

import cufflink.design.DesignDefinition;
import cufflink.design.Measures;
import cufflink.design.PartDefinition;
import cufflink.design.PartPlace;
import cufflink.desktop.control.Listening;
import cufflink.desktop.work.Workspace;
import cufflink.plan.PartOffers;
import cufflink.plan.Plan;
import cufflink.plan.RunStep;
import cufflink.plan.StepPiece;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * What the card is made of: its parts, where each sits, and their measures, which open under them; and a place to add
 * one. What the maker added can be taken away again.
 */
final class PartsPane extends VBox {
    private static final PseudoClass NOW = PseudoClass.getPseudoClass("now");

    private final Workspace work;
    private final MeasureRows measures;
    private final PartChooser chooser;
    private final Consumer<Optional<PartDefinition>> lit;
    private final Set<String> open = new HashSet<>();
    private final Map<String, VBox> entries = new LinkedHashMap<>();

    /**
     * @param designs what may be added, asked for when the chooser opens
     * @param lit     is told the part that the pointer is on, and when it leaves
     */
    PartsPane(Workspace work, Listening listening, MeasureRows measures, Supplier<List<DesignDefinition>> designs,
            Consumer<Optional<PartDefinition>> lit) {
        this.work = work;
        this.measures = measures;
        this.lit = lit;
        this.chooser = new PartChooser(work, listening, designs, open::add);
        setId("parts");
        listening.to(work.stepProperty(), change -> light());
    }

    /** The part that a measure belongs to, the innermost of several. */
    static Optional<PartDefinition> owner(Plan plan, String measure) {
        return plan.design().definition().parts().stream().filter(part -> part.has(measure))
                .max(Comparator.comparingInt(part -> part.name().length()));
    }

    /** Builds the rows anew. */
    void build(Plan plan) {
        entries.clear();
        getChildren().setAll(Rows.heading("Parts"));
        plan.design().parts().forEach(part -> entries.put(part.name(), entry(plan, part)));
        getChildren().addAll(entries.values());
        getChildren().add(chooser);
        light();
    }

    /** Opens what can be added to a place. */
    void addTo(PartPlace place) {
        chooser.open(place);
    }

    /** Opens what can be added where the current step is. */
    void add() {
        chooser.open();
    }

    private VBox entry(Plan plan, PartDefinition part) {
        VBox entry = new VBox();
        entry.getStyleClass().add("part");
        entry.setId("part-" + part.name());
        entry.setOnMouseEntered(moved -> lit.accept(Optional.of(part)));
        entry.setOnMouseExited(moved -> lit.accept(Optional.empty()));
        VBox rows = new VBox();
        rows.getStyleClass().add("part-measures");
        rows.managedProperty().bind(rows.visibleProperty());
        plan.measures().shown().stream().map(Measures.Sized::definition)
                .filter(measure -> owner(plan, measure.name()).filter(part::equals).isPresent())
                .forEach(measure -> rows.getChildren().add(measures.row(measure, label(part, measure.label()))));
        rows.setVisible(open.contains(part.name()));
        entry.getChildren().addAll(head(plan, part, rows), rows);
        return entry;
    }

    /** Under its part, a measure need not say whose it is. */
    private static String label(PartDefinition part, String label) {
        String before = part.label() + " · ";
        return label.startsWith(before) ? label.substring(before.length()) : label;
    }

    private Node head(Plan plan, PartDefinition part, VBox rows) {
        Hyperlink name = new Hyperlink(part.label());
        name.getStyleClass().add("part-name");
        name.setAccessibleText(part.label() + ": show or hide its measures");
        name.setOnAction(click -> {
            rows.setVisible(!rows.isVisible());
            if (!open.remove(part.name())) {
                open.add(part.name());
            }
        });
        Label where = new Label(PartOffers.words(plan, PartPlace.of(part)));
        where.getStyleClass().add("part-place");
        where.setWrapText(true);
        VBox said = new VBox(name, where);
        HBox.setHgrow(said, Priority.ALWAYS);
        HBox head = new HBox(said);
        head.getStyleClass().add("part-head");
        if (work.project().wanted().added().stream().anyMatch(added -> added.name().equals(part.name()))) {
            head.getChildren().add(remove(part));
        }
        return head;
    }

    private Button remove(PartDefinition part) {
        Button remove = new Button("✕");
        remove.getStyleClass().add("part-remove");
        remove.setId("remove-" + part.name());
        remove.setMinWidth(Region.USE_PREF_SIZE);
        remove.setTooltip(new Tooltip("Take it away; Ctrl+Z brings it back"));
        remove.setAccessibleText("Take away " + part.label());
        remove.setOnAction(press -> {
            List<PartDefinition> before = work.plan().design().parts();
            work.change(project -> project.withoutPart(part.name())).thenAccept(taken -> {
                if (taken && work.messageProperty().get().isEmpty()) {
                    List<String> left = work.plan().design().parts().stream().map(PartDefinition::name).toList();
                    work.say("Taken away: " + before.stream().filter(gone -> !left.contains(gone.name()))
                            .map(PartDefinition::label).collect(Collectors.joining(", ")) + ".");
                }
            });
        });
        return remove;
    }

    /** The part that the current step is about is marked. */
    private void light() {
        RunStep step = work.currentStep();
        Optional<String> piece = step.subject().accept(new StepPiece());
        Optional<String> now = piece.flatMap(id -> owner(work.plan(), id)).map(PartDefinition::name);
        entries.forEach((name, entry) -> entry.pseudoClassStateChanged(NOW, now.filter(name::equals).isPresent()));
    }
}

package cufflink.desktop.view;

import cufflink.design.Face;
import cufflink.design.Ornament;
import cufflink.design.PanelRef;
import cufflink.design.PartPlace;
import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.Listening;
import cufflink.desktop.work.Workspace;
import cufflink.plan.OrnamentPlacing;
import cufflink.plan.PartOffers;
import cufflink.plan.Plan;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.beans.property.StringProperty;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * What is laid on the card: the ornaments, where each lies, what it does there, and its numbers, which open under the
 * one that is being laid. Those of the design itself are named only.
 */
final class OrnamentsPane extends VBox {
    private static final PseudoClass NOW = PseudoClass.getPseudoClass("now");

    private final Workspace work;
    private final LiveRows live;
    private final StringProperty laid;
    private final SizePane.Dialogs dialogs;
    private final Map<String, VBox> entries = new LinkedHashMap<>();

    /**
     * @param laid the id of the ornament that is being laid; empty for none
     */
    OrnamentsPane(Workspace work, Listening listening, LiveRows live, StringProperty laid, SizePane.Dialogs dialogs) {
        this.work = work;
        this.live = live;
        this.laid = laid;
        this.dialogs = dialogs;
        setId("ornaments");
        listening.to(laid, change -> {
            light();
            reveal();
        });
    }

    /** What the rows depend on: when it changes, they are built anew. */
    static String shape(Plan plan) {
        return plan.design().ornaments().stream().map(one -> one.id() + one.form().shape()).toList().toString();
    }

    /** Builds the rows anew. */
    void build(Plan plan) {
        entries.clear();
        getChildren().setAll(Rows.heading("Ornaments"));
        plan.design().ornaments().forEach(ornament -> entries.put(ornament.id(), entry(ornament)));
        getChildren().addAll(entries.values());
        Hyperlink add = new Hyperlink("Lay an ornament on the card");
        add.setId("add-ornament");
        add.getStyleClass().add("more");
        add.setOnAction(click -> lay());
        getChildren().add(add);
        light();
        reveal();
    }

    /** Scrolls to the one that is being laid, once its rows have their size. */
    private void reveal() {
        Platform.runLater(() -> Optional.ofNullable(entries.get(laid.get())).ifPresent(Rows::reveal));
    }

    /** Lays a new one on what is seen in the middle of the front. */
    void lay() {
        Plan plan = work.plan();
        lay((id, label) -> plan.stack().flatMap(
                stack -> OrnamentPlacing.fresh(plan, stack.bounds().centre(), false, id, label))
                .orElseGet(() -> OrnamentPlacing.on(plan, first(plan), Face.OUTSIDE, id, label)));
    }

    private static PanelRef first(Plan plan) {
        String piece = plan.design().main().id();
        return new PanelRef(piece, plan.pieces().get(piece).pattern().panels().get(0).id());
    }

    /** Lays a new one in the middle of a face. */
    void lay(PartPlace.OnPanel place) {
        lay((id, label) -> OrnamentPlacing.on(work.plan(), place.panel(), place.face().orElse(Face.INSIDE), id, label));
    }

    /** Adds it, and brings the closed card to the bench. */
    private void lay(BiFunction<String, String, Ornament> making) {
        List<String> used = work.plan().design().ornaments().stream().map(Ornament::id).toList();
        int number = IntStream.iterate(1, next -> next + 1).filter(next -> !used.contains("ornament" + next))
                .findFirst().orElseThrow();
        Ornament fresh = making.apply("ornament" + number, "Ornament " + number);
        laid.set(fresh.id());
        work.change(project -> project.withOrnament(fresh)).thenAccept(taken -> {
            if (taken) {
                work.goTo(work.plan().run().size() - 1);
            }
        });
    }

    private VBox entry(Ornament ornament) {
        boolean own = work.project().ornament(ornament.id()).isPresent();
        VBox entry = new VBox();
        entry.getStyleClass().add("part");
        entry.setId("ornament-" + ornament.id());
        VBox rows = new VBox();
        rows.getStyleClass().add("part-measures");
        rows.managedProperty().bind(rows.visibleProperty());
        if (own) {
            rows.getChildren().setAll(new OrnamentRows(work, live, dialogs, ornament.id()).rows(ornament));
        }
        entry.getChildren().addAll(head(ornament, own), said(ornament.id()), rows);
        return entry;
    }

    /** What it does where it lies. */
    private Fractions said(String id) {
        Fractions said = new Fractions("", "part-place");
        said.setId("said-" + id);
        live.onPlan(plan -> plan.design().ornament(id)
                .ifPresent(ornament -> said.setText(OrnamentLine.of(plan, ornament))));
        return said;
    }

    private Node head(Ornament ornament, boolean own) {
        Labeled name = own ? opener(ornament.id()) : new Label();
        name.getStyleClass().add(own ? "part-name" : "part-called");
        Label where = new Label();
        where.getStyleClass().add("part-place");
        where.setWrapText(true);
        live.onPlan(plan -> plan.design().ornament(ornament.id()).ifPresent(now -> {
            name.setText(now.label());
            name.setAccessibleText(now.label() + (own ? ": show or hide its numbers" : ", of the design itself"));
            where.setText(PartOffers.words(plan, new PartPlace.OnPanel(now.on(), Optional.of(now.face())))
                    + (own ? "" : ", of the design"));
        }));
        VBox said = new VBox(name, where);
        HBox.setHgrow(said, Priority.ALWAYS);
        HBox head = new HBox(said);
        head.getStyleClass().add("part-head");
        if (own) {
            head.getChildren().add(remove(ornament.id()));
        }
        return head;
    }

    /** Shows the numbers of an ornament, or hides them. */
    private Hyperlink opener(String id) {
        Hyperlink opener = new Hyperlink();
        opener.setOnAction(click -> laid.set(laid.get().equals(id) ? "" : id));
        return opener;
    }

    private Button remove(String id) {
        Button remove = new Button("✕");
        remove.getStyleClass().add("part-remove");
        remove.setId("remove-" + id);
        remove.setMinWidth(Region.USE_PREF_SIZE);
        remove.setTooltip(new Tooltip("Take it away; Ctrl+Z brings it back"));
        remove.setAccessibleText("Take away this ornament");
        remove.setOnAction(press -> work.change(project -> project.withoutOrnament(id)));
        return remove;
    }

    /** The one that is being laid is marked, and shows its numbers. */
    private void light() {
        entries.forEach((id, entry) -> {
            boolean isLaid = id.equals(laid.get());
            entry.pseudoClassStateChanged(NOW, isLaid);
            entry.getChildren().get(entry.getChildren().size() - 1).setVisible(isLaid);
        });
    }
}

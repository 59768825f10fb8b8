package cufflink.desktop.view;

import cufflink.design.DesignDefinition;
import cufflink.design.Measures;
import cufflink.design.Ornament;
import cufflink.design.PartDefinition;
import cufflink.design.PartPlace;
import cufflink.desktop.control.Listening;
import cufflink.desktop.work.Workspace;
import cufflink.paper.PaperRole;
import cufflink.plan.Plan;
import cufflink.stash.StashEnvelope;
import cufflink.stash.StashPunch;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.StringProperty;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** The left pane: what the project is fitted to, its measures, layers and papers. Every control replans as it moves. */
public final class SizePane extends VBox {
    /** What this pane can ask its window for. */
    public interface Dialogs {
        /** The designs on the shelf. */
        List<DesignDefinition> designs();

        /** Opens a paper by its role. */
        void editPaper(PaperRole role);

        void editLayers();

        /** Makes a panel as large as a die-cut layer with a border. */
        void fitDie();

        /** A shape from a file that the maker chooses; empty if none was, or could be read, which is said. */
        Optional<Ornament.Traced> shapeFromFile();

        /** The envelopes of the stash. */
        List<StashEnvelope> envelopes();

        /** The dies and punches of the stash. */
        List<StashPunch> punches();

        void editTools();

        /** Lays all copies out on what the stash holds. */
        void cutFromStash();

        /** Puts what was made into the notebook. */
        void made();

        /** Shows what was made of this project before. */
        void madeBefore();
    }

    private final Dialogs dialogs;
    private final VBox rows = new VBox();
    private final LiveRows live;
    private final MeasureRows measures;
    private final MakingRows making;
    private final PartsPane parts;
    private final OrnamentsPane ornaments;
    private String built = "";

    /**
     * @param explain shows a derivation
     * @param lit     is told the part that the pointer is on, and when it leaves
     * @param laid    the id of the ornament that is being laid
     */
    SizePane(Workspace work, Listening listening, Consumer<String> explain, Consumer<Optional<PartDefinition>> lit,
            StringProperty laid, Dialogs dialogs) {
        this.dialogs = dialogs;
        live = new LiveRows(work);
        measures = new MeasureRows(work, explain, live, dialogs::punches);
        making = new MakingRows(work, listening, dialogs, live);
        parts = new PartsPane(work, listening, measures, dialogs::designs, lit);
        ornaments = new OrnamentsPane(work, listening, live, laid, dialogs);
        getStyleClass().add("size-pane");
        getChildren().addAll(new FitPane(work, listening), rows);
        listening.to(work.planProperty(), is -> show(is));
        show(work.plan());
    }

    /** Brings the keyboard to a measure. */
    void focusMeasure(String name) {
        measures.focus(name);
    }

    /** Opens what can be added to a place. */
    void addTo(PartPlace place) {
        parts.addTo(place);
    }

    /** Opens what can be added where the current step is. */
    void addPart() {
        parts.add();
    }

    /** Lays a new ornament on a face of a panel. */
    void lay(PartPlace.OnPanel place) {
        ornaments.lay(place);
    }

    /** Lays a new ornament on the front of the closed card. */
    void layOrnament() {
        ornaments.lay();
    }

    private void show(Plan plan) {
        String shape = plan.design().definition().id() + plan.project().papers().chosen().keySet()
                + plan.project().step() + plan.design().parts().stream().map(PartDefinition::name).toList()
                + plan.measures().shown().stream().map(sized -> sized.definition().name()).toList()
                + OrnamentsPane.shape(plan);
        if (!shape.equals(built)) {
            built = shape;
            build(plan);
        }
        live.show(plan);
    }

    private void build(Plan plan) {
        rows.getChildren().clear();
        live.clear();
        measures.clear();
        for (Measures.Sized sized : plan.measures().shown()) {
            if (PartsPane.owner(plan, sized.definition().name()).isEmpty()) {
                add(measures.row(sized.definition()));
            }
        }
        parts.build(plan);
        add(parts);
        ornaments.build(plan);
        add(ornaments);
        add(Rows.heading("Layers"));
        add(making.layers());
        add(making.reveal());
        add(MakingRows.more("Panel by panel", "layers", dialogs::editLayers));
        add(MakingRows.more("Make a panel fit a die", "fit-die", dialogs::fitDie));
        add(Rows.heading("Paper"));
        plan.design().definition().materials().forEach(role -> add(making.paper(role)));
        plan.project().papers().layers().forEach(role -> add(making.paper(role)));
        add(Rows.heading("Making"));
        add(making.copies());
        add(MakingRows.more("Cut from the stash", "stash", dialogs::cutFromStash));
        add(making.envelope());
        add(MakingRows.more("Make an envelope or a band for it", "make-envelope",
                () -> parts.addTo(new PartPlace.Around())));
        add(making.scoring());
        add(MakingRows.more("Trimmer and scoring board", "tools", dialogs::editTools));
        add(Rows.heading("Notes"));
        add(making.notes());
        add(MakingRows.more("Made it: into the notebook", "made", dialogs::made));
        add(MakingRows.more("What was made before", "made-before", dialogs::madeBefore));
    }

    private void add(Node row) {
        rows.getChildren().add(row);
    }
}

package cufflink.design;

import cufflink.design.Expression.Name;
import cufflink.design.Measure.Role;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * What things of a part are called in the whole: its name before ids and measures, its label before what is shown. What
 * its host holds keeps the host's name, and the piece that stands for the panel is the panel.
 */
final class PartNames {
    private static final String BETWEEN = " · ";

    private final PartDefinition part;
    private final DesignDefinition design;
    private final Optional<String> standIn;
    /** Measures of contents that are the host's: by their own name, that of the host. */
    private final Map<String, String> shared = new LinkedHashMap<>();
    private final Rewriting own;

    PartNames(PartDefinition part) {
        this.part = part;
        this.design = part.design();
        this.standIn = part.isApart() ? Optional.empty() : standIn(design);
        this.own = new Rewriting(
                name -> measure(name.name()).map(other -> new Name(name.position(), other)));
        design.measures().stream().filter(measure -> measure.role() == Role.CONTENTS)
                .filter(measure -> part.bound().containsKey(measure.name())).forEach(measure -> {
                    if (part.bound().get(measure.name()).expression() instanceof Name name) {
                        shared.put(measure.name(), name.name());
                    }
                });
    }

    /** The id of the piece that stands for the panel that a design is put on, if it has one. */
    static Optional<String> standIn(DesignDefinition design) {
        return design.pieces().stream().map(Occurs::what).filter(piece -> piece.lying().standIn()).findFirst()
                .flatMap(piece -> piece.id().fixed());
    }

    /** The part's formulas as they are in the whole. */
    Rewriting own() {
        return own;
    }

    boolean isShared(Measure measure) {
        return shared.containsKey(measure.name());
    }

    boolean isStandIn(PieceDefinition piece) {
        return piece.lying().standIn() && standIn.isPresent();
    }

    boolean isStandIn(DesignDefinition.PanelPlace place) {
        return standIn.filter(place.piece()::isFixed).isPresent();
    }

    String id(String id) {
        return part.name() + "." + id;
    }

    Template id(Template id) {
        return before(part.name() + ".", id);
    }

    /** The name of a measure, of one of its sides, or of a fact about a panel; absent for what is not the part's. */
    Optional<String> measure(String name) {
        Optional<String> fact = Facts.ofPart(name, part.name());
        if (fact.isPresent()) {
            return fact;
        }
        int dot = name.indexOf('.');
        String measure = dot < 0 ? name : name.substring(0, dot);
        if (shared.containsKey(measure)) {
            return Optional.of(shared.get(measure) + name.substring(measure.length()));
        }
        // Measures of a part of the part have two names in front, or more.
        boolean isOwn = design.measures().stream()
                .anyMatch(own -> name.equals(own.name()) || name.startsWith(own.name() + "."));
        return isOwn ? Optional.of(id(name)) : Optional.empty();
    }

    /** With the part's label in front, or that alone where both are the same. */
    Template label(Template label) {
        return label.fixed().filter(part.label()::equalsIgnoreCase).isPresent() ? Template.of(part.label())
                : before(part.label() + BETWEEN, label);
    }

    String label(String label) {
        return part.label() + BETWEEN + label;
    }

    /** A part that is a pocket is called one: "The sleeve", "Sleeve 2". */
    String pocket(DesignDefinition.Pocket pocket) {
        boolean counted = Character.isDigit(part.label().charAt(part.label().length() - 1));
        boolean several = design.claims().pockets().stream().map(one -> one.what().id()).distinct().count() > 1;
        return several || pocket.space().stuck() ? label(pocket.label())
                : counted ? part.label() : "The " + part.label().toLowerCase(Locale.ROOT);
    }

    DesignDefinition.Said said(DesignDefinition.Said said) {
        return new DesignDefinition.Said(said.title().map(this::label), own.template(said.all()));
    }

    SoftDefinition soft(SoftDefinition soft) {
        SoftDefinition.Strand strand = soft.strand();
        SoftDefinition.Ends ends = soft.ends();
        return new SoftDefinition(id(soft.id()), label(soft.label()),
                new SoftDefinition.Strand(strand.material(), own.formula(strand.width()),
                        own.formula(strand.caliper())),
                // Poses of a part are left out, and with them how it lies there.
                new SoftDefinition.Ways(soft.ways().usual().stream()
                        .map(stay -> new SoftDefinition.Stay(place(stay.panel()), stay.face().or(this::face),
                                own.spot(stay.at()), stay.slides()))
                        .toList(), Map.of()),
                soft.wind().map(wind -> new SoftDefinition.Wind(own.formula(wind.round()),
                        wind.under().stream().map(this::place).toList())),
                new SoftDefinition.Ends(own.formula(ends.tails()), own.formula(ends.bow()),
                        own.formula(ends.length()), ends.tied()),
                said(soft.said()));
    }

    SoftDefinition.Fixing fixing(SoftDefinition.Fixing fixing) {
        SoftDefinition.Sizes sizes = fixing.sizes();
        return new SoftDefinition.Fixing(id(fixing.id()), label(fixing.label()), fixing.kind(),
                new SoftDefinition.Seat(place(fixing.seat().panel()), fixing.seat().face().or(this::face),
                        own.spot(fixing.seat().at())),
                new SoftDefinition.Sizes(own.formula(sizes.hole()), own.formula(sizes.head()),
                        own.formula(sizes.height()), own.formula(sizes.behind())),
                said(fixing.said()));
    }

    OrnamentDefinition ornament(OrnamentDefinition ornament) {
        OrnamentDefinition.Put put = ornament.put();
        OrnamentDefinition.Form form = ornament.form();
        return new OrnamentDefinition(id(ornament.id()), label(ornament.label()), place(ornament.on()),
                ornament.face().or(this::face),
                new OrnamentDefinition.Put(along(put.across()), along(put.down()), own.formula(put.turn())),
                new OrnamentDefinition.Form(form.shape(), own.formula(form.width()), own.formula(form.height()),
                        form.traced()),
                own.formula(ornament.height()), ornament.colour());
    }

    private OrnamentDefinition.Along along(OrnamentDefinition.Along along) {
        return new OrnamentDefinition.Along(along.from(), own.formula(along.by()));
    }

    PanelScoring scoring(PanelScoring scoring) {
        return new PanelScoring(place(scoring.on()), scoring.face().or(this::face),
                own.score(scoring.score()).named(id(scoring.score().id())));
    }

    /** The face of the panel on which the part is put, if it is put on one. */
    private Optional<Face> face() {
        return part.seat() instanceof PartDefinition.OnPanel on ? on.face() : Optional.empty();
    }

    DesignDefinition.PanelPlace place(DesignDefinition.PanelPlace place) {
        return isStandIn(place) ? seat(panel())
                : new DesignDefinition.PanelPlace(id(place.piece()), own.template(place.panel()));
    }

    PanelRef panel(PanelRef panel) {
        return standIn.filter(panel.piece()::equals).isPresent() ? panel()
                : new PanelRef(id(panel.piece()), panel.panel());
    }

    /** The piece from whose waste another is cut. */
    String waste(String piece) {
        return standIn.filter(piece::equals).isPresent() ? panel().piece() : id(piece);
    }

    private PanelRef panel() {
        return part.seat().on().orElseThrow();
    }

    static DesignDefinition.PanelPlace seat(PanelRef panel) {
        return new DesignDefinition.PanelPlace(Template.of(panel.piece()), Template.of(panel.panel()));
    }

    private Template before(String text, Template template) {
        List<Template.Part> parts = new ArrayList<>(List.of(new Template.Fixed(text)));
        parts.addAll(own.template(template).parts());
        return new Template(parts);
    }
}

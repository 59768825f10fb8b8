package cufflink.design;

import cufflink.design.DesignDefinition.Claims;
import cufflink.design.DesignDefinition.Glue;
import cufflink.design.DesignDefinition.Making;
import cufflink.design.DesignDefinition.PanelPlace;
import cufflink.design.DesignDefinition.Pocket;
import cufflink.design.DesignDefinition.Rule;
import cufflink.design.Measure.Role;
import cufflink.problem.Ordered;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Works parts into their host: one design with the pieces, measures, steps and claims of all, those of a part with its
 * name in front. What follows sees one design, and proves it as one.
 */
public final class PartExpansion {
    private final PartDefinition part;
    private final DesignDefinition design;
    private final PartNames names;
    private final PartSeat seat;
    private final Rewriting own;
    /** Formulas of the whole for measures of the part. */
    private final Map<String, Formula> bound = new LinkedHashMap<>();
    private final Set<String> ofPanel;

    private PartExpansion(DesignDefinition host, PartDefinition part) {
        this.part = part;
        this.design = part.design();
        this.names = new PartNames(part);
        this.own = names.own();
        this.seat = PartSeat.of(host, part, names);
        this.ofPanel = part.isApart() ? Set.of() : ofPanel(design);
        bound.putAll(seat.bound());
        Rewriting hosts = new Rewriting(seat::told);
        part.bound().forEach((measure, formula) -> bound.put(measure, hosts.formula(formula)));
    }

    /** The host with its parts worked in. */
    public static DesignDefinition of(DesignDefinition host, List<PartDefinition> parts) {
        DesignDefinition whole = host;
        for (PartDefinition part : parts) {
            whole = new PartExpansion(whole, part).into(whole);
        }
        return whole;
    }

    /** Whether a design has a piece that stands for the panel that it is put on. */
    public static boolean hasStandIn(DesignDefinition design) {
        return PartNames.standIn(design).isPresent();
    }

    /** The measures that size the piece that stands for the panel: they are those of the panel, and cannot be set. */
    public static Set<String> ofPanel(DesignDefinition design) {
        return Ordered.set(PartOnPanel.sides(design).keySet());
    }

    private DesignDefinition into(DesignDefinition host) {
        Making making = host.making();
        Making more = design.making();
        return new DesignDefinition(host.head(), host.shown(), joined(host.measures(), measures()),
                joined(host.pieces(),
                        all(design.pieces().stream().filter(piece -> !names.isStandIn(piece.what())).toList(),
                                this::piece)),
                new Making(
                        joined(making.mats(),
                                all(more.mats().stream().filter(mat -> !names.isStandIn(mat.what().on())).toList(),
                                        mat -> new DesignDefinition.Mat(names.place(mat.on()), mat.face(),
                                                names.label(mat.label()), mat.last()))),
                        joined(making.folding(), all(more.folding(), this::fold)), glue(making.glue()),
                        joined(making.stack(), all(more.stack(), layers -> new DesignDefinition.Layers(
                                names.place(layers.front()), names.place(layers.behind())))),
                        new DesignDefinition.Trim(joined(making.trim().soft(), all(more.trim().soft(), names::soft)),
                                joined(making.trim().fixings(), all(more.trim().fixings(), names::fixing)),
                                joined(making.trim().ornaments(), all(more.trim().ornaments(), names::ornament)),
                                joined(making.trim().scoring(), scoring()),
                                joined(making.trim().laid(), all(more.trim().laid(), this::laid))),
                        joined(making.finish(), all(more.finish(), names::said))),
                claims(host.claims()), joined(host.parts(), parts()), host.asPart());
    }

    /** What the part itself says so, and what it scores on the piece that stands for its panel. */
    private List<Occurs<PanelScoring>> scoring() {
        List<Occurs<PanelScoring>> scoring = new ArrayList<>(all(design.making().trim().scoring(), names::scoring));
        design.pieces().stream().map(Occurs::what).filter(names::isStandIn)
                .forEach(piece -> scoring.addAll(all(onPanel(piece), one -> seat.at().map(names.scoring(one)::moved)
                        .orElseGet(() -> names.scoring(one)))));
        return scoring;
    }

    /** The lines of the piece that stands for the panel, with both their ends. */
    private static List<Occurs<PanelScoring>> onPanel(PieceDefinition piece) {
        PanelPlace place = new PanelPlace(piece.id(), Template.of("panel"));
        return piece.marks().scores().stream()
                .map(score -> new Occurs<>(new PanelScoring(place, Optional.empty(),
                        score.what().on(score.what().line().ended(piece.width(), piece.height()))), score.when(),
                        score.repeat()))
                .toList();
    }

    private static <T> List<T> joined(List<T> hosts, List<T> parts) {
        return Stream.concat(hosts.stream(), parts.stream()).toList();
    }

    /** The part, and those that are worked into it. */
    private List<PartDefinition> parts() {
        List<PartDefinition> parts = new ArrayList<>(List.of(part.with(seat.inWhole())));
        design.parts().forEach(inner -> parts.add(new PartDefinition(names.id(inner.name()),
                names.label(inner.label()), inner.design(), inner.seat().accept(new SeatInHost()), inner.bound(),
                when(inner.when()))));
        return parts;
    }

    /** The seat of a part's part, as it is called in the host. */
    private final class SeatInHost implements PartDefinition.Seat.Cases<PartDefinition.Seat> {
        @Override
        public PartDefinition.Seat onPanel(PartDefinition.OnPanel on) {
            return new PartDefinition.OnPanel(names.panel(on.panel()), on.face(), on.at(), on.turn(),
                    on.mountings());
        }

        @Override
        public PartDefinition.Seat inPocket(PartDefinition.InPocket in) {
            return new PartDefinition.InPocket(names.id(in.pocket()), in.said().map(names::said));
        }

        @Override
        public PartDefinition.Seat around(PartDefinition.Around around) {
            return new PartDefinition.Around(names.id(around.holds()), around.posted(),
                    around.said().map(names::said));
        }
    }

    private List<Measure> measures() {
        List<Measure> measures = new ArrayList<>();
        design.measures().stream().filter(measure -> !names.isShared(measure)).map(this::measure)
                .forEach(measures::add);
        measures.addAll(seat.measures());
        return measures;
    }

    /**
     * A measure for the finished size of the part is one of many for the whole; the panel's sides, and what the part
     * goes round, are results.
     */
    private Measure measure(Measure measure) {
        Optional<Formula> binding = Optional.ofNullable(bound.get(measure.name()));
        boolean isGiven = ofPanel.contains(measure.name()) || measure.role() == Role.CONTENTS && binding.isPresent();
        Measure.Amount amount = isGiven
                ? new Measure.Amount(binding, Optional.empty(), Rounding.EXACT, Optional.empty(), Optional.empty())
                : new Measure.Amount(binding.or(() -> own.formula(measure.amount().value())),
                        binding.isPresent() ? Optional.empty() : own.formula(measure.amount().metric()),
                        measure.rounding(), own.formula(measure.amount().min()), own.formula(measure.amount().max()));
        boolean isFinished = measure.role() == Role.FINISHED_WIDTH || measure.role() == Role.FINISHED_HEIGHT;
        Role role = isGiven ? Role.RESULT : isFinished ? Role.PROPORTION : measure.role();
        return new Measure(names.id(measure.name()), new Measure.Shown(names.label(measure.label()), measure.about(),
                when(measure.shown().when())), role, amount, measure.choices(),
                isGiven ? Optional.empty() : measure.contents(), Optional.empty());
    }

    /** What of the part there is, under its own conditions and the part's. */
    private <T> List<Occurs<T>> all(List<Occurs<T>> things, Function<T, T> made) {
        return own.all(things, made).stream()
                .map(thing -> new Occurs<>(thing.what(), under(thing.when()), thing.repeat())).toList();
    }

    private Optional<Formula> when(Optional<Formula> condition) {
        return under(own.formula(condition));
    }

    /** A condition in the words of the whole, under that of the part. */
    private Optional<Formula> under(Optional<Formula> mine) {
        return Formula.both(part.when(), mine);
    }

    /** What lies by itself is loose in the whole. */
    private PieceDefinition piece(PieceDefinition piece) {
        PieceDefinition.Lying lying = piece.lying();
        return new PieceDefinition(names.id(piece.id()), names.label(piece.label()),
                new PieceDefinition.Source(piece.material(), piece.source().from().map(names::waste)),
                new PieceDefinition.Lying(piece.up(), lying.rests().map(own::template),
                        part.isApart() ? own.formula(lying.lean()) : Optional.empty(),
                        lying.loose() || part.isApart(), false, own.formula(lying.reversed())),
                own.formula(piece.width()), own.formula(piece.height()), own.marks(piece.marks()));
    }

    private DesignDefinition.FoldStep fold(DesignDefinition.FoldStep step) {
        return new DesignDefinition.FoldStep(names.id(step.piece()),
                step.creases().stream().map(own::template).toList(), own.repeat(step.together()),
                own.formula(step.to()), own.said(step.said()),
                step.through(), step.opens(),
                step.tucks().stream().map(pair -> pair.stream().map(own::template).toList()).toList());
    }

    /** The host's joints with the part's: those within the part first, then those that put it in its place. */
    private List<Occurs<Glue>> glue(List<Occurs<Glue>> hosts) {
        List<Occurs<Glue>> joints = new ArrayList<>(hosts);
        List<Occurs<Glue>> within = new ArrayList<>();
        List<Occurs<Glue>> onPanel = new ArrayList<>();
        design.making().glue().forEach(
                glue -> (names.isStandIn(glue.what().host().panel()) ? onPanel : within).add(glue));
        List<Occurs<Glue>> put = new ArrayList<>(all(joined(within, onPanel), this::glue));
        seat.mountings().forEach(way -> put.add(new Occurs<>(way.what(), when(way.when()), Optional.empty())));
        joints.addAll(put);
        return joints;
    }

    private Glue glue(Glue glue) {
        DesignDefinition.Passing passing = glue.passing();
        return new Glue(names.id(glue.id()), glue.way(), names.place(glue.part()), seat.host(glue.host()),
                glue.edges(),
                new DesignDefinition.Passing(passing.over().stream().map(names::place).toList(),
                        passing.under().stream().map(names::place).toList(), passing.slit()),
                names.said(glue.said()));
    }

    /** How the whole opens is the host's to say: a part that lies in a closed card cannot be opened by itself. */
    private Claims claims(Claims hosts) {
        Claims claims = design.claims();
        return new Claims(hosts.covered(), joined(seat.pockets(hosts.pockets()), all(claims.pockets(), this::pocket)),
                hosts.poses(), joined(hosts.pages(), all(claims.pages(), this::page)),
                joined(hosts.checks(), claims.checks().stream().map(this::rule).toList()));
    }

    private PageDefinition page(PageDefinition page) {
        return new PageDefinition(names.id(page.book()), side(page.front()), side(page.back()),
                page.next().map(names::id));
    }

    private PageDefinition.Side side(PageDefinition.Side side) {
        return new PageDefinition.Side(own.template(side.name()), names.place(side.panel()));
    }

    private Rule rule(Rule rule) {
        return new Rule(names.id(rule.id()), own.formula(rule.that()), names.label(rule.good()),
                names.label(rule.otherwise()), rule.change().flatMap(names::measure), rule.bad(), when(rule.when()));
    }

    private DesignDefinition.Laying laid(DesignDefinition.Laying laying) {
        return new DesignDefinition.Laying(names.measure(laying.holds()).orElse(laying.holds()),
                names.place(laying.on()), laying.face(), own.formula(laying.turned()));
    }

    private Pocket pocket(Pocket pocket) {
        DesignDefinition.Space space = pocket.space();
        return new Pocket(names.id(pocket.id()), names.pocket(pocket), names.place(pocket.front()),
                names.place(pocket.back()),
                new DesignDefinition.Space(space.open(), own.formula(space.width()), own.formula(space.depth()),
                        own.formula(space.room()), own.formula(space.turned()), space.flap().map(names::panel),
                        space.stuck(), space.corner()),
                names.measure(pocket.holds()).orElse(pocket.holds()),
                new DesignDefinition.Reach(own.formula(pocket.reach().here()), own.formula(pocket.reach().wanted())),
                names.measure(pocket.change()).orElse(pocket.change()));
    }
}

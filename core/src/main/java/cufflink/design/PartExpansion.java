package cufflink.design;

import cufflink.design.DesignDefinition.Claims;
import cufflink.design.DesignDefinition.Glue;
import cufflink.design.DesignDefinition.Host;
import cufflink.design.DesignDefinition.Making;
import cufflink.design.DesignDefinition.Placing;
import cufflink.design.DesignDefinition.Pocket;
import cufflink.design.DesignDefinition.Rule;
import cufflink.design.DesignDefinition.Said;
import cufflink.design.DesignDefinition.Spot;
import cufflink.design.Expression.Binary;
import cufflink.design.Expression.Name;
import cufflink.design.Expression.Operator;
import cufflink.design.Measure.Role;
import cufflink.problem.Ordered;
import cufflink.problem.Place;
import cufflink.words.StepWords;
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
 * name in front. What follows sees one assembly, and proves it as one.
 */
public final class PartExpansion {
    private static final String LEFT = "fromLeft";
    private static final String TOP = "fromTop";

    private final PartDefinition part;
    private final DesignDefinition design;
    private final PartNames names;
    private final Rewriting own;
    /** Formulas of the host for measures of the part. */
    private final Map<String, Formula> bound = new LinkedHashMap<>();
    private final Set<String> ofPanel;

    private PartExpansion(PartDefinition part) {
        this.part = part;
        this.design = part.design();
        this.names = new PartNames(part);
        this.own = names.own();
        this.ofPanel = ofPanel(design);
        Rewriting hosts = new Rewriting(name -> fact(name.name()).map(fact -> new Name(name.position(), fact)));
        part.bound().forEach((measure, formula) -> bound.put(measure, hosts.formula(formula)));
        sides(design).forEach((measure, side) -> bound.put(measure, hosts.formula(formula(new Name(0, side)))));
    }

    /** The host with its parts worked in. */
    public static DesignDefinition of(DesignDefinition host, List<PartDefinition> parts) {
        DesignDefinition whole = host;
        for (PartDefinition part : parts) {
            whole = new PartExpansion(part).into(whole);
        }
        return whole;
    }

    /** Whether a design has a piece that stands for the panel that it is put on. */
    public static boolean hasStandIn(DesignDefinition design) {
        return PartNames.standIn(design).isPresent();
    }

    /** The measures that size the piece that stands for the panel: they are those of the panel, and cannot be set. */
    public static Set<String> ofPanel(DesignDefinition design) {
        return Ordered.set(sides(design).keySet());
    }

    /** Measures by name, each with the name by which a binding asks for it. */
    private static Map<String, String> sides(DesignDefinition design) {
        Map<String, String> sides = new LinkedHashMap<>();
        design.pieces().stream().map(Occurs::what).filter(piece -> piece.lying().standIn()).forEach(piece -> {
            if (piece.width().expression() instanceof Name name) {
                sides.put(name.name(), "panel.width");
            }
            if (piece.height().expression() instanceof Name name) {
                sides.put(name.name(), "panel.height");
            }
        });
        return sides;
    }

    private Optional<String> fact(String name) {
        return name.equals("panel.width") || name.equals("panel.height")
                ? Optional.of(Facts.ofPanel(part.seat().on(), name.endsWith("width"))) : Optional.empty();
    }

    /** An expression that no file has written. */
    private Formula formula(Expression expression) {
        return new Formula(expression, new Place(design.id(), 1, 1));
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
                                                names.label(mat.label())))),
                        joined(making.folding(), all(more.folding(), this::fold)), glue(making.glue()),
                        joined(making.stack(), all(more.stack(), layers -> new DesignDefinition.Layers(
                                names.place(layers.front()), names.place(layers.behind()))))),
                claims(host.claims()), joined(host.parts(), parts()), host.asPart());
    }

    private static <T> List<T> joined(List<T> hosts, List<T> parts) {
        return Stream.concat(hosts.stream(), parts.stream()).toList();
    }

    /** The part, and those that are worked into it. */
    private List<PartDefinition> parts() {
        List<PartDefinition> parts = new ArrayList<>(List.of(part));
        design.parts().forEach(inner -> parts.add(new PartDefinition(names.id(inner.name()),
                names.label(inner.label()), inner.design(), new PartDefinition.Seat(names.panel(inner.seat().on()),
                        inner.seat().face(), inner.seat().at(), inner.seat().mountings()),
                inner.bound(), when(inner.when()))));
        return parts;
    }

    private List<Measure> measures() {
        List<Measure> measures = new ArrayList<>();
        design.measures().stream().filter(measure -> !names.isShared(measure)).map(this::measure)
                .forEach(measures::add);
        if (!part.seat().mountings().isEmpty() && part.seat().at().isEmpty()) {
            measures.add(middle(LEFT, "From the left", Role.FINISHED_WIDTH));
            measures.add(middle(TOP, "From the top", Role.FINISHED_HEIGHT));
        }
        return measures;
    }

    /** Half of what the panel has more than the part; a maker may set it. */
    private Measure middle(String name, String label, Role side) {
        Expression panel = new Name(0, Facts.ofPanel(part.seat().on(), side == Role.FINISHED_WIDTH));
        Expression left = design.measure(side).or(() -> design.measure(Role.FINISHED_WIDTH))
                .<Expression>map(
                        size -> new Binary(0, Operator.MINUS, panel, new Name(0, names.id(size.name()))))
                .orElse(panel);
        Expression half = new Binary(0, Operator.OVER, left, new Expression.Literal(0, Value.number(2), "2"));
        return new Measure(names.id(name), names.label(label), Role.PROPORTION,
                new Measure.Amount(Optional.of(formula(half)), Optional.empty(), Rounding.NEAREST, Optional.empty(),
                        Optional.empty()),
                List.of(), Optional.empty(), "", Optional.empty());
    }

    /** A measure for the finished size of the part is one of many for the whole; the panel's sides are results. */
    private Measure measure(Measure measure) {
        Optional<Formula> binding = Optional.ofNullable(bound.get(measure.name()));
        boolean isOfPanel = ofPanel.contains(measure.name());
        Measure.Amount amount = isOfPanel
                ? new Measure.Amount(binding, Optional.empty(), Rounding.EXACT, Optional.empty(), Optional.empty())
                : new Measure.Amount(binding.or(() -> own.formula(measure.amount().value())),
                        binding.isPresent() ? Optional.empty() : own.formula(measure.amount().metric()),
                        measure.rounding(), own.formula(measure.amount().min()), own.formula(measure.amount().max()));
        boolean isFinished = measure.role() == Role.FINISHED_WIDTH || measure.role() == Role.FINISHED_HEIGHT;
        Role role = isOfPanel ? Role.RESULT : isFinished ? Role.PROPORTION : measure.role();
        return new Measure(names.id(measure.name()), names.label(measure.label()), role, amount, measure.choices(),
                measure.contents(), measure.about(), Optional.empty());
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
        return mine.isEmpty() ? part.when() : part.when().isEmpty() ? mine
                : Optional.of(new Formula(new Binary(0, Operator.AND, part.when().get().expression(),
                        mine.get().expression()), mine.get().place()));
    }

    private PieceDefinition piece(PieceDefinition piece) {
        return new PieceDefinition(names.id(piece.id()), names.label(piece.label()),
                new PieceDefinition.Source(piece.material(), piece.source().from().map(names::waste)),
                new PieceDefinition.Lying(piece.up(), piece.lying().rests().map(own::template), piece.lying().loose(),
                        false),
                own.formula(piece.width()), own.formula(piece.height()), own.marks(piece.marks()));
    }

    private DesignDefinition.FoldStep fold(DesignDefinition.FoldStep step) {
        return new DesignDefinition.FoldStep(names.id(step.piece()),
                step.creases().stream().map(own::template).toList(), own.formula(step.to()), own.said(step.said()),
                step.through(), step.opens(),
                step.tucks().stream().map(pair -> pair.stream().map(own::template).toList()).toList());
    }

    /**
     * The host's joints with the part's: those within the part first, then those that put it on the panel, as late as
     * the panel can still be reached: before the host's first joint at that panel.
     */
    private List<Occurs<Glue>> glue(List<Occurs<Glue>> hosts) {
        List<Occurs<Glue>> joints = new ArrayList<>(hosts);
        int last = 0;
        while (last < joints.size() && !touches(joints.get(last).what())) {
            last++;
        }
        List<Occurs<Glue>> within = new ArrayList<>();
        List<Occurs<Glue>> onPanel = new ArrayList<>();
        design.making().glue().forEach(
                glue -> (names.isStandIn(glue.what().host().panel()) ? onPanel : within).add(glue));
        List<Occurs<Glue>> put = new ArrayList<>(all(joined(within, onPanel), this::glue));
        part.seat().mountings()
                .forEach(way -> put.add(new Occurs<>(mounted(way.what()), when(way.when()), Optional.empty())));
        joints.addAll(last, put);
        return joints;
    }

    private boolean touches(Glue joint) {
        PanelRef on = part.seat().on();
        return Stream.of(joint.part(), joint.host().panel())
                .anyMatch(panel -> panel.piece().isFixed(on.piece()) && panel.panel().isFixed(on.panel()));
    }

    private Glue glue(Glue glue) {
        DesignDefinition.Passing passing = glue.passing();
        return new Glue(names.id(glue.id()), glue.way(), names.place(glue.part()), host(glue.host()), glue.edges(),
                new DesignDefinition.Passing(passing.over().stream().map(names::place).toList(),
                        passing.under().stream().map(names::place).toList(), passing.slit()),
                names.said(glue.said()));
    }

    private Host host(Host host) {
        Optional<Placing> placing = host.placing().map(at -> new Placing(own.spot(at.at()), own.formula(at.turn()),
                at.turned(), at.corner().map(own::spot)));
        return names.isStandIn(host.panel())
                ? new Host(names.seat(), part.seat().face().or(host::face), placing.map(this::shifted))
                : new Host(names.place(host.panel()), host.face(), placing);
    }

    /** What stands at a place of the panel's stand-in stands as far from where that lies on the panel. */
    private Placing shifted(Placing placing) {
        return part.seat().at().map(Placing::at)
                .map(by -> new Placing(sum(by, placing.at()), placing.turn(), placing.turned(),
                        placing.corner().map(corner -> sum(by, corner))))
                .orElse(placing);
    }

    private static Spot sum(Spot one, Spot other) {
        return new Spot(sum(one.x(), other.x()), sum(one.y(), other.y()));
    }

    private static Formula sum(Formula one, Formula other) {
        return new Formula(new Binary(0, Operator.PLUS, one.expression(), other.expression()), other.place());
    }

    private Glue mounted(PartDefinition.Mounting way) {
        Said said = way.said().map(names::said).orElseGet(() -> new Said(Optional.of(Template.of(part.label())),
                Template.of(StepWords.PUT_IN_PLACE.of("part", part.label()).sentence())));
        Placing outline = part.seat().at().orElseGet(() -> middle(way));
        return new Glue(Template.of(part.name()), DesignDefinition.Way.GLUE,
                new DesignDefinition.PanelPlace(Template.of(names.id(way.panel().piece())),
                        Template.of(way.panel().panel())),
                new Host(names.seat(), part.seat().face(), Optional.of(inset(outline, way))), way.edges(),
                new DesignDefinition.Passing(List.of(), List.of(), Optional.empty()), said);
    }

    /** The glued panel lies inside the outline that is placed. */
    private Placing inset(Placing outline, PartDefinition.Mounting way) {
        return way.inset().map(inset -> new Placing(sum(outline.at(), own.spot(inset)), outline.turn(),
                outline.turned(), Optional.of(outline.at()))).orElse(outline);
    }

    private Placing middle(PartDefinition.Mounting way) {
        return new Placing(
                new Spot(formula(new Name(0, names.id(LEFT))), formula(new Name(0, names.id(TOP)))), Optional.empty(),
                way.turned(), Optional.empty());
    }

    /** How the whole opens is the host's to say: a part that lies in a closed card cannot be opened by itself. */
    private Claims claims(Claims hosts) {
        Claims claims = design.claims();
        return new Claims(hosts.covered(), joined(hosts.pockets(), all(claims.pockets(), this::pocket)),
                hosts.poses(), joined(hosts.checks(), claims.checks().stream().map(this::rule).toList()));
    }

    private Rule rule(Rule rule) {
        return new Rule(names.id(rule.id()), own.formula(rule.that()), names.label(rule.good()),
                names.label(rule.otherwise()), rule.change().flatMap(names::measure), rule.bad(), when(rule.when()));
    }

    private Pocket pocket(Pocket pocket) {
        DesignDefinition.Space space = pocket.space();
        return new Pocket(names.id(pocket.id()), names.pocket(pocket), names.panel(pocket.front()),
                names.panel(pocket.back()),
                new DesignDefinition.Space(space.open(), own.formula(space.width()), own.formula(space.depth()),
                        own.formula(space.room()), own.formula(space.turned())),
                names.measure(pocket.holds()).orElse(pocket.holds()),
                new DesignDefinition.Reach(own.formula(pocket.reach().here()), own.formula(pocket.reach().wanted())),
                names.measure(pocket.change()).orElse(pocket.change()));
    }
}

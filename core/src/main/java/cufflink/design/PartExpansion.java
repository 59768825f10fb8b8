package cufflink.design;

import cufflink.design.DesignDefinition.Claims;
import cufflink.design.DesignDefinition.Glue;
import cufflink.design.DesignDefinition.Host;
import cufflink.design.DesignDefinition.Making;
import cufflink.design.DesignDefinition.PanelPlace;
import cufflink.design.DesignDefinition.Pocket;
import cufflink.design.DesignDefinition.Rule;
import cufflink.design.DesignDefinition.Said;
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
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Works parts into their host: one design with the pieces, measures, steps and claims of all, those of a part with its
 * name in front. What follows sees one assembly, and proves it as one.
 */
public final class PartExpansion {
    private static final String BETWEEN = " · ";
    private static final String LEFT = "fromLeft";
    private static final String TOP = "fromTop";

    private final PartDefinition part;
    private final DesignDefinition design;
    private final Map<String, Formula> bound;
    /** Measures that are those of the panel, and cannot be set. */
    private final Set<String> ofPanel;
    /** Measures of contents that are the host's: by their own name, that of the host. */
    private final Map<String, String> shared;
    private final Rewriting own;
    private final Optional<String> standIn;

    private PartExpansion(PartDefinition part) {
        this.part = part;
        this.design = part.design();
        this.standIn = standIn(design);
        Rewriting hosts = new Rewriting(name -> panel(name.name()).map(fact -> new Name(name.position(), fact)));
        this.bound = new LinkedHashMap<>();
        part.bound().forEach((measure, formula) -> bound.put(measure, hosts.formula(formula)));
        sides(design).forEach((measure, fact) -> bound.put(measure,
                hosts.formula(new Formula(new Name(0, fact), new Place(design.id(), 1, 1)))));
        this.ofPanel = ofPanel(design);
        this.shared = design.measures().stream().filter(measure -> measure.role() == Role.CONTENTS)
                .filter(measure -> bound.containsKey(measure.name())
                        && bound.get(measure.name()).expression() instanceof Name)
                .collect(Collectors.toMap(Measure::name,
                        measure -> ((Name) bound.get(measure.name()).expression()).name()));
        this.own = new Rewriting(
                name -> renamed(name.name()).map(other -> new Name(name.position(), other)));
    }

    /** The host with its parts worked in. */
    public static DesignDefinition of(DesignDefinition host, List<PartDefinition> parts) {
        DesignDefinition whole = host;
        for (PartDefinition part : parts) {
            whole = new PartExpansion(part).into(whole);
        }
        return whole;
    }

    /** The id of the piece that stands for the panel that a design is put on, if it has one. */
    public static Optional<String> standIn(DesignDefinition design) {
        return design.pieces().stream().map(Occurs::what).filter(piece -> piece.lying().standIn()).findFirst()
                .map(piece -> fixed(piece.id()));
    }

    /** The text of a template; of one into which values are set, one that nothing is called. */
    private static String fixed(Template template) {
        return template.fixed().orElse("{}");
    }

    private Optional<String> panel(String name) {
        return name.equals("panel.width") || name.equals("panel.height")
                ? Optional.of(Facts.ofPanel(part.seat().on(), name.endsWith("width"))) : Optional.empty();
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

    /** A measure's name, or that of one of its sides, as it is in the whole. */
    private Optional<String> renamed(String name) {
        Optional<String> fact = Facts.ofPart(name, part.name());
        if (fact.isPresent()) {
            return fact;
        }
        int dot = name.indexOf('.');
        String measure = dot < 0 ? name : name.substring(0, dot);
        String rest = dot < 0 ? "" : name.substring(dot);
        if (shared.containsKey(measure)) {
            return Optional.of(shared.get(measure) + rest);
        }
        return design.measure(name).isPresent() || design.measure(measure).isPresent()
                ? Optional.of(prefixed(name)) : inner(name);
    }

    /** Measures of a part of the part have two names in front, or more. */
    private Optional<String> inner(String name) {
        return design.measures().stream().anyMatch(measure -> name.startsWith(measure.name() + "."))
                ? Optional.of(prefixed(name)) : Optional.empty();
    }

    private String prefixed(String name) {
        return part.name() + "." + name;
    }

    private Template prefixed(Template id) {
        List<Template.Part> parts = new ArrayList<>(List.of(new Template.Fixed(part.name() + ".")));
        parts.addAll(own.template(id).parts());
        return new Template(parts);
    }

    /** With the part's label in front, or that alone where both are the same. */
    private Template labelled(Template label) {
        if (fixed(label).equalsIgnoreCase(part.label())) {
            return Template.of(part.label());
        }
        List<Template.Part> parts = new ArrayList<>(List.of(new Template.Fixed(part.label() + BETWEEN)));
        parts.addAll(own.template(label).parts());
        return new Template(parts);
    }

    private DesignDefinition into(DesignDefinition host) {
        List<Measure> measures = new ArrayList<>(host.measures());
        design.measures().stream().filter(measure -> !shared.containsKey(measure.name())).map(this::measure)
                .forEach(measures::add);
        if (isCentred()) {
            measures.add(middle(LEFT, "From the left", true));
            measures.add(middle(TOP, "From the top", false));
        }
        List<Occurs<PieceDefinition>> pieces = new ArrayList<>(host.pieces());
        pieces.addAll(all(design.pieces().stream().filter(piece -> !piece.what().lying().standIn()).toList(),
                this::piece));
        Making making = design.making();
        List<Occurs<DesignDefinition.Mat>> mats = new ArrayList<>(host.making().mats());
        mats.addAll(all(making.mats().stream().filter(mat -> !isStandIn(mat.what().on())).toList(),
                mat -> new DesignDefinition.Mat(place(mat.on()), mat.face(), labelled(mat.label()))));
        List<Occurs<DesignDefinition.FoldStep>> folding = new ArrayList<>(host.making().folding());
        folding.addAll(all(making.folding(), this::fold));
        List<Occurs<DesignDefinition.Layers>> stack = new ArrayList<>(host.making().stack());
        stack.addAll(all(making.stack(),
                layers -> new DesignDefinition.Layers(place(layers.front()), place(layers.behind()))));
        List<PartDefinition> parts = new ArrayList<>(host.parts());
        parts.add(part);
        return new DesignDefinition(host.head(), host.shown(), measures, pieces,
                new Making(mats, folding, glue(host), stack), claims(host), parts, host.asPart());
    }

    /** Whether it is put in the middle, which a maker may change. */
    private boolean isCentred() {
        return !part.seat().joins().isEmpty() && part.seat().at().isEmpty();
    }

    /** Half of what the panel has more than the part. */
    private Measure middle(String name, String label, boolean across) {
        Place place = new Place(design.id(), 1, 1);
        Expression panel = new Name(0, Facts.ofPanel(part.seat().on(), across));
        Optional<Expression> mine = design.measure(across ? Role.FINISHED_WIDTH : Role.FINISHED_HEIGHT)
                .or(() -> design.measure(Role.FINISHED_WIDTH))
                .map(measure -> new Name(0, prefixed(measure.name())));
        Expression left = mine.<Expression>map(size -> new Binary(0, Operator.MINUS, panel, size)).orElse(panel);
        Expression half = new Binary(0, Operator.OVER, left, new Expression.Literal(0, Value.number(2), "2"));
        return new Measure(prefixed(name), part.label() + BETWEEN + label, Role.PROPORTION,
                new Measure.Amount(Optional.of(new Formula(half, place)), Optional.empty(), Rounding.NEAREST,
                        Optional.empty(), Optional.empty()),
                List.of(), Optional.empty(), "", Optional.empty());
    }

    /** A measure that was for the finished size of the part is one of many for the whole. */
    private Measure measure(Measure measure) {
        Optional<Formula> binding = Optional.ofNullable(bound.get(measure.name()));
        Measure.Amount amount = new Measure.Amount(binding.or(() -> own.formula(measure.amount().value())),
                binding.isPresent() ? Optional.empty() : own.formula(measure.amount().metric()), measure.rounding(),
                own.formula(measure.amount().min()), own.formula(measure.amount().max()));
        if (ofPanel.contains(measure.name())) {
            return new Measure(prefixed(measure.name()), part.label() + BETWEEN + measure.label(), Role.RESULT,
                    new Measure.Amount(binding, Optional.empty(), Rounding.EXACT, Optional.empty(), Optional.empty()),
                    List.of(), Optional.empty(), measure.about(), Optional.empty());
        }
        Role role = measure.role() == Role.FINISHED_WIDTH || measure.role() == Role.FINISHED_HEIGHT ? Role.PROPORTION
                : measure.role();
        return new Measure(prefixed(measure.name()), part.label() + BETWEEN + measure.label(), role, amount,
                measure.choices(), measure.contents(), measure.about(), Optional.empty());
    }

    /** What of the part there is, under its own conditions and the part's. */
    private <T> List<Occurs<T>> all(List<Occurs<T>> things, Function<T, T> made) {
        return things.stream().map(thing -> new Occurs<>(made.apply(thing.what()), when(thing.when()),
                thing.repeat().map(repeat -> new Occurs.Repeat(repeat.variable(), own.formula(repeat.from()),
                        own.formula(repeat.to())))))
                .toList();
    }

    private Optional<Formula> when(Optional<Formula> condition) {
        Optional<Formula> mine = condition.map(own::formula);
        return mine.isEmpty() ? part.when() : part.when().isEmpty() ? mine
                : Optional.of(new Formula(new Binary(0, Operator.AND, part.when().get().expression(),
                        mine.get().expression()), mine.get().place()));
    }

    private PieceDefinition piece(PieceDefinition piece) {
        PieceDefinition.Marks marks = piece.marks();
        return new PieceDefinition(prefixed(piece.id()), labelled(piece.label()),
                new PieceDefinition.Source(piece.material(), piece.source().from().map(this::prefixed)),
                new PieceDefinition.Lying(piece.up(), piece.lying().rests().map(own::template), piece.lying().loose(),
                        false),
                own.formula(piece.width()), own.formula(piece.height()),
                new PieceDefinition.Marks(inside(marks.scores(),
                        score -> new PieceDefinition.Score(own.template(score.id()), line(score.line()),
                                own.formula(score.fold()))),
                        inside(marks.slits(),
                                slit -> new PieceDefinition.Slit(own.template(slit.id()), line(slit.line()),
                                        own.formula(slit.width()), slit.joint())),
                        inside(marks.cutOuts(),
                                cut -> new PieceDefinition.CutOut(own.template(cut.id()), cut.shape(),
                                        cut.numbers().stream().map(own::formula).toList(), cut.outside(),
                                        cut.through())),
                        inside(marks.panels(), panel -> new PieceDefinition.PanelName(own.template(panel.id()),
                                own.template(panel.label()), panel.at().map(this::spot)))));
    }

    /** What of a piece there is; it goes with its piece. */
    private <T> List<Occurs<T>> inside(List<Occurs<T>> things, Function<T, T> made) {
        return things.stream().map(thing -> new Occurs<>(made.apply(thing.what()), own.formula(thing.when()),
                thing.repeat().map(repeat -> new Occurs.Repeat(repeat.variable(), own.formula(repeat.from()),
                        own.formula(repeat.to())))))
                .toList();
    }

    private DesignDefinition.Spot spot(DesignDefinition.Spot spot) {
        return new DesignDefinition.Spot(own.formula(spot.x()), own.formula(spot.y()));
    }

    private PieceDefinition.Line line(PieceDefinition.Line line) {
        return line.accept(new PieceDefinition.Line.Cases<PieceDefinition.Line>() {
            @Override
            public PieceDefinition.Line upright(PieceDefinition.AtX at) {
                return new PieceDefinition.AtX(own.formula(at.x()), own.formula(at.from()), own.formula(at.to()));
            }

            @Override
            public PieceDefinition.Line level(PieceDefinition.AtY at) {
                return new PieceDefinition.AtY(own.formula(at.y()), own.formula(at.from()), own.formula(at.to()));
            }

            @Override
            public PieceDefinition.Line between(PieceDefinition.Between ends) {
                return new PieceDefinition.Between(own.formula(ends.x1()), own.formula(ends.y1()),
                        own.formula(ends.x2()), own.formula(ends.y2()));
            }
        });
    }

    private DesignDefinition.FoldStep fold(DesignDefinition.FoldStep step) {
        return new DesignDefinition.FoldStep(prefixed(step.piece()),
                step.creases().stream().map(own::template).toList(),
                own.formula(step.to()), said(step.said()), step.through(), step.opens(),
                step.tucks().stream().map(pair -> pair.stream().map(own::template).toList()).toList());
    }

    private Said said(Said said) {
        return new Said(said.title().map(own::template), own.template(said.all()));
    }

    private boolean isStandIn(PanelPlace place) {
        return standIn.isPresent() && fixed(place.piece()).equals(standIn.get());
    }

    private PanelPlace place(PanelPlace place) {
        return isStandIn(place) ? seat() : new PanelPlace(prefixed(place.piece()), own.template(place.panel()));
    }

    private PanelPlace seat() {
        return new PanelPlace(Template.of(part.seat().on().piece()), Template.of(part.seat().on().panel()));
    }

    /**
     * The host's joints with the part's: those within the part first, then those that put it on the panel, as late as
     * the panel can still be reached: before the host's first joint at that panel.
     */
    private List<Occurs<Glue>> glue(DesignDefinition host) {
        List<Occurs<Glue>> joints = new ArrayList<>(host.making().glue());
        int last = 0;
        while (last < joints.size() && !touches(joints.get(last).what())) {
            last++;
        }
        List<Occurs<Glue>> mine = new ArrayList<>();
        design.making().glue().stream().filter(glue -> !isStandIn(glue.what().host().panel())).forEach(mine::add);
        design.making().glue().stream().filter(glue -> isStandIn(glue.what().host().panel())).forEach(mine::add);
        List<Occurs<Glue>> put = new ArrayList<>(all(mine, this::glue));
        part.seat().joins()
                .forEach(join -> put.add(new Occurs<>(attached(join.what()), when(join.when()), Optional.empty())));
        joints.addAll(last, put);
        return joints;
    }

    private boolean touches(Glue joint) {
        String on = part.seat().on().toString();
        return List.of(joint.part(), joint.host().panel()).stream()
                .anyMatch(panel -> (fixed(panel.piece()) + "." + fixed(panel.panel())).equals(on));
    }

    private Glue glue(Glue glue) {
        DesignDefinition.Passing passing = glue.passing();
        return new Glue(prefixed(glue.id()), glue.way(), place(glue.part()), host(glue.host()), glue.edges(),
                new DesignDefinition.Passing(passing.over().stream().map(this::place).toList(),
                        passing.under().stream().map(this::place).toList(), passing.slit()),
                said(glue.said()));
    }

    private Host host(Host host) {
        Optional<DesignDefinition.Placing> placing = host.placing()
                .map(at -> new DesignDefinition.Placing(spot(at.at()), own.formula(at.turn()), at.turned()));
        return isStandIn(host.panel())
                ? new Host(seat(), part.seat().face().or(host::face), placing.map(this::shifted))
                : new Host(place(host.panel()), host.face(), placing);
    }

    /** What stands at a place of the panel's stand-in stands as far from where that lies on the panel. */
    private DesignDefinition.Placing shifted(DesignDefinition.Placing placing) {
        if (part.seat().at().isEmpty()) {
            return placing;
        }
        DesignDefinition.Spot by = part.seat().at().get().at();
        return new DesignDefinition.Placing(new DesignDefinition.Spot(sum(by.x(), placing.at().x()),
                sum(by.y(), placing.at().y())), placing.turn(), placing.turned());
    }

    private static Formula sum(Formula one, Formula other) {
        return new Formula(new Binary(0, Operator.PLUS, one.expression(), other.expression()), other.place());
    }

    private Glue attached(PartDefinition.Attached join) {
        Said said = join.said().orElseGet(() -> new Said(Optional.of(Template.of(part.label())),
                Template.of(StepWords.PUT_IN_PLACE.of("part", part.label()).sentence())));
        PanelRef panel = join.panel();
        return new Glue(Template.of(part.name()), DesignDefinition.Way.GLUE,
                new PanelPlace(Template.of(prefixed(panel.piece())), Template.of(panel.panel())),
                new Host(seat(), part.seat().face(),
                        Optional.of(inset(part.seat().at().orElseGet(() -> middle(join)), join))),
                join.edges(),
                new DesignDefinition.Passing(List.of(), List.of(), Optional.empty()), said);
    }

    /** The glued panel lies inside the outline that is placed. */
    private DesignDefinition.Placing inset(DesignDefinition.Placing placing, PartDefinition.Attached join) {
        return join.inset()
                .map(inset -> new DesignDefinition.Placing(
                        new DesignDefinition.Spot(sum(placing.at().x(), own.formula(inset.x())),
                                sum(placing.at().y(), own.formula(inset.y()))),
                        placing.turn(), placing.turned()))
                .orElse(placing);
    }

    private DesignDefinition.Placing middle(PartDefinition.Attached join) {
        Place place = new Place(design.id(), 1, 1);
        return new DesignDefinition.Placing(
                new DesignDefinition.Spot(new Formula(new Name(0, prefixed(LEFT)), place),
                        new Formula(new Name(0, prefixed(TOP)), place)),
                Optional.empty(), join.turned());
    }

    /** How the whole opens is the host's to say: a part that lies in a closed card cannot be opened by itself. */
    private Claims claims(DesignDefinition host) {
        Claims claims = design.claims();
        List<Occurs<Pocket>> pockets = new ArrayList<>(host.claims().pockets());
        pockets.addAll(all(claims.pockets(), this::pocket));
        List<Rule> checks = new ArrayList<>(host.claims().checks());
        claims.checks().forEach(rule -> checks.add(new Rule(prefixed(rule.id()), own.formula(rule.that()),
                labelled(rule.good()), labelled(rule.otherwise()), rule.change().flatMap(this::renamed), rule.bad(),
                when(rule.when()))));
        return new Claims(host.claims().covered(), pockets, host.claims().poses(), checks);
    }

    private Pocket pocket(Pocket pocket) {
        DesignDefinition.Space space = pocket.space();
        return new Pocket(prefixed(pocket.id()), pocketLabel(pocket), panel(pocket.front()),
                panel(pocket.back()),
                new DesignDefinition.Space(space.open(), own.formula(space.width()), own.formula(space.depth()),
                        own.formula(space.room()), own.formula(space.turned())),
                renamed(pocket.holds()).orElse(pocket.holds()),
                new DesignDefinition.Reach(own.formula(pocket.reach().here()), own.formula(pocket.reach().wanted())),
                renamed(pocket.change()).orElse(pocket.change()));
    }

    /** A part with one pocket is the pocket: "The sleeve", "Sleeve 2". */
    private String pocketLabel(Pocket pocket) {
        boolean counted = Character.isDigit(part.label().charAt(part.label().length() - 1));
        return design.claims().pockets().size() > 1 ? part.label() + BETWEEN + pocket.label()
                : counted ? part.label() : "The " + part.label().toLowerCase(Locale.ROOT);
    }

    private PanelRef panel(PanelRef panel) {
        return standIn.filter(panel.piece()::equals).isPresent() ? part.seat().on()
                : new PanelRef(prefixed(panel.piece()), panel.panel());
    }
}

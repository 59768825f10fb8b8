package cufflink.files.design;

import cufflink.design.DesignDefinition;
import cufflink.design.DesignDefinition.Turned;
import cufflink.design.Expression;
import cufflink.design.Face;
import cufflink.design.Formula;
import cufflink.design.Measure;
import cufflink.design.Occurs;
import cufflink.design.PanelRef;
import cufflink.design.PartAdding;
import cufflink.design.PartDefinition;
import cufflink.design.PartExpansion;
import cufflink.design.PartPlace;
import cufflink.design.Side;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.DesignFileWords;
import cufflink.words.DesignWords;
import cufflink.words.Message;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Reads what a design is made of: the design that it builds on, and its parts. */
final class PartParser {
    /** What says how a part sits: nothing is wrong with it where the part itself cannot be read. */
    private static final List<String> OF_SEAT = List.of("glue", "turned", "inset", "edges", "free", "overhang", "say",
            "title", "at", "turn");

    private final PartSource source;
    private final List<Problem> problems;

    PartParser(PartSource source, List<Problem> problems) {
        this.source = source;
        this.problems = problems;
    }

    /** The design that another builds on, at the place where it is named. */
    Optional<DesignDefinition> base(String id, YamlNode node, Fields fields) {
        return design(id, false, node, fields);
    }

    /** Under {@code set}: what measures of the design that another builds on are if nobody sets them. */
    Map<String, Measure.Usual> usual(DesignDefinition base, Fields fields) {
        Map<String, Measure.Usual> usual = new LinkedHashMap<>();
        fields.entries("set").forEach((name, node) -> {
            Optional<Measure> measure = base.measure(name)
                    .filter(found -> found.canBeSet() && found.role() != Measure.Role.CONTENTS);
            if (measure.isEmpty()) {
                fields.problem(node.place(), DesignFileWords.NO_MEASURE_TO_SET.of("name", name, "design", base.title(),
                        "measures", base.measures().stream().filter(found -> found.canBeSet()
                                && found.role() != Measure.Role.CONTENTS).map(Measure::name).toList()));
            } else if (node instanceof YamlNode.Mapping) {
                try (Fields both = new Fields(node, "A value for both units", problems)) {
                    usual.put(name, new Measure.Usual(both.requiredFormula("in"),
                            Optional.of(both.requiredFormula("mm"))));
                }
            } else {
                usual.put(name, new Measure.Usual(formula(measure, node, fields), Optional.empty()));
            }
        });
        return usual;
    }

    private Optional<DesignDefinition> design(String id, boolean inside, YamlNode node, Fields fields) {
        List<String> round = source.round(id);
        if (!round.isEmpty()) {
            fields.problem(node.place(), DesignFileWords.PARTS_IN_A_CIRCLE.of("path", String.join(" → ", round)));
            return Optional.empty();
        } else if (inside && source.isTooDeep() || source.isTooLong()) {
            fields.problem(node.place(), DesignFileWords.PARTS_TOO_DEEP.of("most", PartSource.DEEPEST));
            return Optional.empty();
        }
        Optional<Outcome<DesignDefinition>> found = source.design(id, inside);
        if (found.isEmpty()) {
            fields.problem(node.place(),
                    DesignFileWords.NO_DESIGN_FOR_PART.of("design", id, "designs", BuiltInDesigns.ids()));
            return Optional.empty();
        }
        found.get().problems().stream().filter(problem -> !problems.contains(problem)).forEach(problems::add);
        return found.get().value();
    }

    /** The host with parts, by name; no further than too many pieces or measures come together. */
    DesignDefinition with(DesignDefinition host, Map<String, YamlNode> parts, Fields fields) {
        DesignDefinition whole = host;
        for (CountedParts.One one : CountedParts.all(parts, fields)) {
            Optional<PartDefinition> part = part(one, whole, fields);
            Optional<Message> tooMuch = part.isEmpty() ? Optional.empty()
                    : PartAdding.tooMuch(whole, part.get().design());
            if (tooMuch.isPresent()) {
                fields.problem(one.node().place(), tooMuch.get());
                break;
            }
            whole = part.isEmpty() ? whole : PartExpansion.of(whole, List.of(part.get()));
        }
        return whole;
    }

    private Optional<PartDefinition> part(CountedParts.One one, DesignDefinition host, Fields parent) {
        Optional<PartDefinition> part = part(one.name(), one.node(), host, parent);
        return one.variable().isEmpty() ? part
                : part.map(found -> found.numbered(one.variable().get(), one.number()));
    }

    private Optional<PartDefinition> part(String name, YamlNode node, DesignDefinition host, Fields parent) {
        if (!PartAdding.isName(name, host)) {
            parent.problem(node.place(), DesignWords.NO_PART_NAME.of("name", name));
            return Optional.empty();
        }
        try (Fields fields = new Fields(node, "A part", problems)) {
            fields.has(CountedParts.REPEAT);
            YamlNode named = fields.node("design").orElse(node);
            Optional<DesignDefinition> design = design(fields.requiredText("design"), true, named, fields);
            String label = fields.text("label").filter(text -> !text.isBlank()).orElseGet(() -> PartAdding.label(name));
            PartPlace place = place(fields);
            Optional<Formula> when = fields.formula("when");
            Map<String, Formula> bound = bound(design, place, host, fields);
            if (design.isEmpty()) {
                OF_SEAT.forEach(fields::has);
            }
            Optional<PartDefinition.Seat> seat = design.flatMap(found -> {
                Optional<Message> misplaced = PartAdding.misplaced(host, found, place);
                misplaced.ifPresent(message -> fields.problem(fields.place(), message));
                return misplaced.isPresent() ? Optional.empty() : Optional.of(seat(found, place, fields));
            });
            return seat.map(found -> new PartDefinition(name, label, design.orElseThrow(), found, bound, when));
        }
    }

    /** On a panel, in a pocket, or around the whole. */
    private static PartPlace place(Fields fields) {
        Optional<String> pocket = fields.text("in");
        boolean around = fields.flag("around");
        if (Stream.of(pocket.isPresent(), around, fields.has("on")).filter(said -> said).count() > 1) {
            fields.problem(fields.place(), DesignFileWords.ONE_PLACE_FOR_PART.of());
        }
        return around ? new PartPlace.Around()
                : pocket.<PartPlace>map(PartPlace.InPocket::new).orElseGet(() -> new PartPlace.OnPanel(
                        panel(fields, "on"), fields.word("face", Face.class, Face::word)));
    }

    private PartDefinition.Seat seat(DesignDefinition design, PartPlace place, Fields fields) {
        return place.accept(new PartPlace.Cases<>() {
            @Override
            public PartDefinition.Seat onPanel(PartPlace.OnPanel on) {
                List<Occurs<PartDefinition.Mounting>> mountings = mountings(design, fields);
                return new PartDefinition.OnPanel(on.panel(), on.face(), fields.spot(), fields.formula("turn"),
                        mountings);
            }

            @Override
            public PartDefinition.Seat inPocket(PartPlace.InPocket in) {
                return new PartDefinition.InPocket(in.pocket(),
                        said(fields).or(() -> design.asPart().inPocket().flatMap(PartDefinition.Inside::said)));
            }

            @Override
            public PartDefinition.Seat around() {
                PartDefinition.Around usual = design.asPart().around().orElseThrow();
                return new PartDefinition.Around(usual.holds(), usual.posted(), said(fields).or(usual::said));
            }
        });
    }

    static Optional<DesignDefinition.Said> said(Fields fields) {
        return fields.has("say") ? Optional.of(DesignParser.said(fields, fields.template("say"))) : Optional.empty();
    }

    /** What is put on the panel: by the part's own piece for it, as it is said here, or as the part says itself. */
    private List<Occurs<PartDefinition.Mounting>> mountings(DesignDefinition design, Fields fields) {
        if (PartExpansion.hasStandIn(design)) {
            if (fields.has("glue") || fields.has("turn") || fields.has("turned")) {
                fields.problem(fields.place(), DesignFileWords.PART_HAS_ITS_PANEL.of());
            }
            return List.of();
        }
        return fields.has("glue") || design.asPart().onPanel().isEmpty() ? List.of(Occurs.once(mounting(fields)))
                : design.asPart().onPanel();
    }

    /** What is glued where; all round if no edge is named. */
    static PartDefinition.Mounting mounting(Fields fields) {
        List<Side> edges = DesignParser.sides(fields, "edges");
        DesignDefinition.Edges glued = new DesignDefinition.Edges(edges.isEmpty() ? List.of(Side.values()) : edges,
                DesignParser.sides(fields, "free"), fields.flag("overhang"));
        return new PartDefinition.Mounting(panel(fields, "glue"),
                fields.word("turned", Turned.class, Turned::word).orElse(Turned.NO), fields.spot("inset"), glued,
                said(fields));
    }

    private static PanelRef panel(Fields fields, String name) {
        String text = fields.requiredText(name);
        return PanelRef.read(text).orElseGet(() -> {
            fields.node(name).ifPresent(
                    node -> fields.problem(node.place(), DesignFileWords.PANEL_EXPECTED.of("text", text)));
            return new PanelRef("?", "?");
        });
    }

    /** Whether a formula is the name of something that the host holds. */
    private static boolean isContents(Formula formula, DesignDefinition host) {
        return formula.expression() instanceof Expression.Name name && host.measure(name.name())
                .filter(measure -> measure.role() == Measure.Role.CONTENTS).isPresent();
    }

    /** Whether a measure may be set, and is not that of the panel or of what the part goes round. */
    private static boolean isSettable(Measure measure, DesignDefinition design, PartPlace place) {
        boolean given = place instanceof PartPlace.OnPanel && PartExpansion.ofPanel(design).contains(measure.name())
                || place instanceof PartPlace.Around && design.asPart().around()
                        .filter(around -> around.holds().equals(measure.name())).isPresent();
        return measure.canBeSet() && !given;
    }

    /** A choice is one of its plain words, or a formula that gives one. */
    private static Formula formula(Optional<Measure> measure, YamlNode node, Fields fields) {
        boolean plain = node instanceof YamlNode.Scalar scalar
                && measure.filter(found -> found.choices().contains(scalar.text())).isPresent();
        return plain ? new Formula(new Expression.Quoted(0, ((YamlNode.Scalar) node).text()), node.place())
                : fields.formula(node);
    }

    /** Formulas for measures of the part, under {@code set}. */
    private Map<String, Formula> bound(Optional<DesignDefinition> design, PartPlace place, DesignDefinition host,
            Fields fields) {
        Map<String, Formula> bound = new LinkedHashMap<>();
        fields.entries("set").forEach((name, node) -> {
            Optional<Measure> measure = design.flatMap(found -> found.measure(name));
            Formula formula = formula(measure, node, fields);
            if (design.isPresent() && measure.filter(found -> isSettable(found, design.get(), place)).isEmpty()) {
                List<String> settable = design.get().measures().stream()
                        .filter(found -> isSettable(found, design.get(), place)).map(Measure::name).toList();
                fields.problem(node.place(), DesignFileWords.NO_MEASURE_OF_PART.of("name", name, "measures", settable));
            } else if (measure.filter(found -> found.role() == Measure.Role.CONTENTS).isPresent()
                    && !isContents(formula, host)) {
                fields.problem(node.place(), DesignFileWords.CONTENTS_OF_HOST.of("name", name));
            } else {
                bound.put(name, formula);
            }
        });
        return bound;
    }
}

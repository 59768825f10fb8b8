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

/** Reads what a design is made of: the design that it builds on, and its parts. */
final class PartParser {
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
        for (Map.Entry<String, YamlNode> entry : parts.entrySet()) {
            Optional<PartDefinition> part = part(entry.getKey(), entry.getValue(), whole, fields);
            Optional<Message> tooMuch = part.isEmpty() ? Optional.empty()
                    : PartAdding.tooMuch(whole, part.get().design());
            if (tooMuch.isPresent()) {
                fields.problem(entry.getValue().place(), tooMuch.get());
                break;
            }
            whole = part.isEmpty() ? whole : PartExpansion.of(whole, List.of(part.get()));
        }
        return whole;
    }

    private Optional<PartDefinition> part(String name, YamlNode node, DesignDefinition host, Fields parent) {
        if (!PartAdding.isName(name, host)) {
            parent.problem(node.place(), DesignWords.NO_PART_NAME.of("name", name));
            return Optional.empty();
        }
        try (Fields fields = new Fields(node, "A part", problems)) {
            YamlNode named = fields.node("design").orElse(node);
            Optional<DesignDefinition> design = design(fields.requiredText("design"), true, named, fields);
            String label = fields.text("label").filter(text -> !text.isBlank()).orElseGet(() -> PartAdding.label(name));
            PanelRef on = panel(fields, "on");
            Optional<Face> face = fields.word("face", Face.class, Face::word);
            Optional<Formula> when = fields.formula("when");
            Map<String, Formula> bound = bound(design, host, fields);
            List<Occurs<PartDefinition.Mounting>> mountings = mountings(design, fields);
            Optional<DesignDefinition.Placing> at = at(fields, mountings);
            return design.map(found -> new PartDefinition(name, label, found,
                    new PartDefinition.Seat(on, face, at, mountings), bound, when));
        }
    }

    private static Optional<DesignDefinition.Placing> at(Fields fields,
            List<Occurs<PartDefinition.Mounting>> mountings) {
        Optional<Formula> turn = fields.formula("turn");
        Optional<DesignDefinition.Placing> at = fields.spot().map(spot -> new DesignDefinition.Placing(spot, turn,
                mountings.stream().findFirst().map(mounting -> mounting.what().turned()).orElse(Turned.NO),
                Optional.empty()));
        if (at.isEmpty() && turn.isPresent()) {
            fields.problem(fields.place(), DesignFileWords.TURN_WITHOUT_PLACE.of());
        }
        return at;
    }

    /** What is put on the panel: by the part's own piece for it, as it is said here, or as the part says itself. */
    private List<Occurs<PartDefinition.Mounting>> mountings(Optional<DesignDefinition> design, Fields fields) {
        if (design.filter(PartExpansion::hasStandIn).isPresent()) {
            if (fields.has("glue") || fields.has("turn") || fields.has("turned")) {
                fields.problem(fields.place(), DesignFileWords.PART_HAS_ITS_PANEL.of());
            }
            return List.of();
        }
        return design.isEmpty() || fields.has("glue") || design.get().asPart().isEmpty()
                ? List.of(Occurs.once(mounting(fields))) : design.get().asPart();
    }

    /** What is glued where; all round if no edge is named. */
    PartDefinition.Mounting mounting(Fields fields) {
        List<Side> edges = DesignParser.sides(fields, "edges");
        DesignDefinition.Edges glued = new DesignDefinition.Edges(edges.isEmpty() ? List.of(Side.values()) : edges,
                DesignParser.sides(fields, "free"), fields.flag("overhang"));
        return new PartDefinition.Mounting(panel(fields, "glue"),
                fields.word("turned", Turned.class, Turned::word).orElse(Turned.NO), fields.spot("inset"), glued,
                fields.has("say") ? Optional.of(DesignParser.said(fields, fields.template("say")))
                        : Optional.empty());
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

    /** Whether a measure may be set, and is not that of the panel. */
    private static boolean isSettable(Measure measure, DesignDefinition design) {
        return measure.canBeSet() && !PartExpansion.ofPanel(design).contains(measure.name());
    }

    /** Formulas for measures of the part, under {@code set}. */
    private Map<String, Formula> bound(Optional<DesignDefinition> design, DesignDefinition host,
            Fields fields) {
        Map<String, Formula> bound = new LinkedHashMap<>();
        fields.entries("set").forEach((name, node) -> {
            Optional<Measure> measure = design.flatMap(found -> found.measure(name));
            Formula formula = fields.formula(node);
            if (design.isPresent() && measure.filter(found -> isSettable(found, design.get())).isEmpty()) {
                List<String> settable = design.get().measures().stream()
                        .filter(found -> isSettable(found, design.get())).map(Measure::name).toList();
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

package cufflink.files.design;

import cufflink.design.CreaseRef;
import cufflink.design.Expression;
import cufflink.design.Facts;
import cufflink.design.Formula;
import cufflink.design.Measure;
import cufflink.design.Measure.Role;
import cufflink.design.Rounding;
import cufflink.measure.LengthReading;
import cufflink.measure.LengthUnit;
import cufflink.paper.Contents;
import cufflink.problem.Problem;
import cufflink.words.DesignFileWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Turns the measures of a design file into their definitions. */
final class MeasureParser {
    private static final int MOST_MEASURES = 300;
    private static final Set<String> TAKEN = Set.of("card", "ruler", "closed");

    private final List<Problem> problems;

    MeasureParser(List<Problem> problems) {
        this.problems = problems;
    }

    /** All measures of a design, in order. */
    List<Measure> measures(Fields design) {
        List<Measure> measures = new ArrayList<>();
        Map<String, YamlNode> written = design.entries("measures");
        if (written.size() > MOST_MEASURES) {
            design.problem(design.place(), DesignFileWords.TOO_MANY_MEASURES.of("count", written.size(),
                    "most", MOST_MEASURES));
        }
        written.forEach((name, node) -> measures.add(measure(name, node, design)));
        return measures;
    }

    private Measure measure(String name, YamlNode node, Fields parent) {
        if (!name.matches("[a-z][A-Za-z0-9]{0,30}")) {
            parent.problem(node.place(), DesignFileWords.NO_MEASURE_NAME.of("name", name));
        }
        if (TAKEN.contains(name)) {
            parent.problem(node.place(), DesignFileWords.NAME_TAKEN.of("name", name));
        }
        try (Fields fields = new Fields(node, "A measure", problems)) {
            Role role = fields.word("is", Role.class, Role::words).orElse(Role.PROPORTION);
            List<String> choices = role == Role.CHOICE ? fields.texts("choices") : List.of();
            if (role == Role.CHOICE && choices.isEmpty()) {
                fields.problem(fields.place(), DesignFileWords.CHOICE_OF_NOTHING.of());
            }
            Units units = switch (role) {
                case CHOICE, CONTENTS -> Units.NONE;
                case THICKNESS -> thickness(fields);
                default -> units(fields, fields.has("default") ? "default" : "value");
            };
            Rounding rounding = fields.word("round", Rounding.class, word -> word.name().toLowerCase(Locale.ROOT))
                    .orElse(role == Role.RESULT ? Rounding.EXACT : role == Role.THICKNESS ? Rounding.UP
                            : Rounding.NEAREST);
            String label = fields.text("label").orElse(Character.toUpperCase(name.charAt(0)) + name.substring(1));
            return new Measure(name,
                    new Measure.Shown(label, fields.text("about").orElse(""), fields.formula("when")), role,
                    new Measure.Amount(units.inch(), units.metric(), rounding, fields.formula("min"),
                            fields.formula("max")),
                    choices, role == Role.CONTENTS ? Optional.of(contents(fields)) : Optional.empty(),
                    fields.text("closes"));
        }
    }

    /** How thick the closed stack is at a crease or over a panel, and something more: {@code of}, {@code plus}. */
    private Units thickness(Fields fields) {
        String of = fields.requiredText("of");
        if (of.indexOf('.') < 1) {
            fields.problem(fields.node("of").map(YamlNode::place).orElse(fields.place()),
                    DesignFileWords.CREASE_OR_PANEL_EXPECTED.of("text", of));
        }
        Formula stack = new Formula(new Expression.Name(0, Facts.ofStack(CreaseRef.read(of, ""))), fields.place());
        Units plus = fields.has("plus") ? units(fields, "plus") : Units.NONE;
        return new Units(Optional.of(plus.inch().map(stack::plus).orElse(stack)), plus.metric().map(stack::plus));
    }

    /** A value, and the one instead of it where the ruler is metric. */
    private record Units(Optional<Formula> inch, Optional<Formula> metric) {
        static final Units NONE = new Units(Optional.empty(), Optional.empty());
    }

    /** One formula, or one for each unit: {@code {in: 1/8 in, mm: 3 mm}}. */
    private Units units(Fields fields, String name) {
        Optional<YamlNode> node = fields.node(name);
        if (node.isEmpty() || !(node.get() instanceof YamlNode.Mapping)) {
            return new Units(Optional.of(fields.requiredFormula(name)), Optional.empty());
        }
        try (Fields both = new Fields(node.get(), "A value for both units", problems)) {
            return new Units(Optional.of(both.requiredFormula("in")), Optional.of(both.requiredFormula("mm")));
        }
    }

    private static Contents contents(Fields fields) {
        LengthReading<Contents> read = Contents.read(fields.requiredText("default"), LengthUnit.MILLIMETRE);
        return read.value().orElseGet(() -> {
            fields.problem(fields.node("default").map(YamlNode::place).orElse(fields.place()),
                    read.trouble().orElseThrow());
            return Contents.GIFT_CARD;
        });
    }
}

package cufflink.files.design;

import cufflink.design.Formula;
import cufflink.design.Measure;
import cufflink.design.Measure.Role;
import cufflink.design.Names;
import cufflink.design.Occurs;
import cufflink.design.PartDefinition;
import cufflink.problem.Problem;
import cufflink.words.DesignFileWords;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Reads what a design says of itself as a part of another: on a panel, in a pocket, around what it holds. */
final class UseParser {
    private static final List<String> OF_PANEL = List.of("panel.width", "panel.height");
    private static final List<String> OF_POCKET = List.of("pocket.width", "pocket.depth", "pocket.room");

    private final List<Problem> problems;
    private final List<Measure> measures;

    /** @param measures those of the design */
    UseParser(List<Problem> problems, List<Measure> measures) {
        this.problems = problems;
        this.measures = measures;
    }

    PartDefinition.Use use(YamlNode node) {
        try (Fields fields = new Fields(node, "“asPart”", problems)) {
            List<Occurs<PartDefinition.Mounting>> onPanel = fields.all("onPanel", "“onPanel”", PartParser::mounting);
            return new PartDefinition.Use(onPanel, bound(fields, OF_PANEL), fields.node("inPocket").map(this::inside),
                    fields.node("around").map(this::around));
        }
    }

    private PartDefinition.Inside inside(YamlNode node) {
        try (Fields fields = new Fields(node, "“inPocket”", problems)) {
            return new PartDefinition.Inside(bound(fields, OF_POCKET), PartParser.said(fields));
        }
    }

    /** Formulas under {@code set}; {@code told} is what they may ask of the place besides the measures above. */
    private Map<String, Formula> bound(Fields fields, List<String> told) {
        Map<String, Formula> bound = new LinkedHashMap<>();
        fields.entries("set").forEach((name, value) -> bound.put(name, binding(name, value, told, fields)));
        return bound;
    }

    private Formula binding(String name, YamlNode value, List<String> told, Fields fields) {
        Formula formula = fields.formula(value);
        if (measures.stream().noneMatch(measure -> measure.name().equals(name) && measure.canBeSet()
                && measure.role() != Role.CONTENTS)) {
            fields.problem(value.place(), DesignFileWords.NO_MEASURE_TO_BIND.of("name", name, "measures", measures
                    .stream().filter(measure -> measure.canBeSet() && measure.role() != Role.CONTENTS)
                    .map(Measure::name).toList()));
        }
        above(name, told).filter(known -> !known.containsAll(Names.in(formula.expression()))).ifPresent(known -> {
            List<String> unknown = Names.in(formula.expression()).stream().filter(asked -> !known.contains(asked))
                    .toList();
            fields.problem(value.place(), DesignFileWords.NAMES_UNKNOWN.of("names", unknown, "known", known));
        });
        return formula;
    }

    /** What a formula for a measure may name: what stands above it, and what the place tells. */
    private Optional<List<String>> above(String name, List<String> told) {
        return measures.stream().filter(measure -> measure.name().equals(name)).findFirst().map(measures::indexOf)
                .map(end -> Stream.concat(told.stream(), Stream.concat(Stream.of("card.caliper", "ruler.step"),
                        measures.subList(0, end).stream().flatMap(UseParser::names))).toList());
    }

    private static Stream<String> names(Measure measure) {
        return measure.role() != Role.CONTENTS ? Stream.of(measure.name())
                : Stream.of(measure.name() + ".width", measure.name() + ".height", measure.name() + ".thickness");
    }

    private PartDefinition.Around around(YamlNode node) {
        try (Fields fields = new Fields(node, "“around”", problems)) {
            String holds = fields.requiredText("holds");
            if (measures.stream().noneMatch(measure -> measure.name().equals(holds)
                    && measure.role() == Role.CONTENTS)) {
                fields.problem(fields.place(), DesignFileWords.ROUND_NO_CONTENTS.of("name", holds));
            }
            return new PartDefinition.Around(holds, fields.flag("posted"), PartParser.said(fields));
        }
    }
}

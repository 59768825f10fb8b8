package cufflink.design;

import cufflink.problem.Problem;
import cufflink.words.DesignWords;
import cufflink.words.Message;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Why a formula cannot be worked out, as its reader can mend it: by what was set that it rests on, or, where nothing
 * was, in the file.
 */
final class Causes {
    private final DesignDefinition definition;
    private final Given given;

    Causes(DesignDefinition definition, Given given) {
        this.definition = definition;
        this.given = given;
    }

    Problem problem(Formula formula, ExpressionFault fault) {
        return problem(formula, fault.reason(), formula.problem(fault));
    }

    Problem problem(Formula formula, Message reason) {
        return problem(formula, reason, formula.problem(reason));
    }

    private Problem problem(Formula formula, Message reason, Problem inTheFile) {
        List<String> set = set(formula);
        if (set.isEmpty()) {
            return inTheFile;
        }
        String settings = set.stream()
                .map(name -> definition.measure(name).map(Measure::label).orElse(name) + " = " + given.text(name))
                .collect(Collectors.joining(", "));
        String names = set.stream().map(name -> definition.measure(name).map(Measure::label).orElse(name))
                .collect(Collectors.joining(" or "));
        return Problem.error(definition.title(),
                DesignWords.AT_FAULT_WITH.of("settings", settings, "reason", reason, "names", names));
    }

    /** What was set of all that a formula rests on, in the order of the design. */
    private List<String> set(Formula formula) {
        Set<String> seen = new LinkedHashSet<>();
        Deque<String> open = new ArrayDeque<>(Names.in(formula.expression()));
        while (!open.isEmpty()) {
            String name = open.remove().replaceAll("\\..*", "");
            if (seen.add(name) && !isSet(name)) {
                definition.measure(name)
                        .ifPresent(measure -> measure.formulas()
                                .forEach(part -> open.addAll(Names.in(part.expression()))));
            }
        }
        return definition.measures().stream().map(Measure::name).filter(name -> seen.contains(name) && isSet(name))
                .toList();
    }

    private boolean isSet(String name) {
        return given.values().containsKey(name) || given.contents().containsKey(name);
    }
}

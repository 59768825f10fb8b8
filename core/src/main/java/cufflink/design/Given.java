package cufflink.design;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.RulerStep;
import cufflink.paper.Contents;
import cufflink.problem.Ordered;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the maker brings to a design.
 *
 * @param values      measures set by hand, by name
 * @param fitted      names of those values that were found by fitting, not set by hand
 * @param contents    contents set by hand, by name
 * @param step        the maker's ruler
 * @param cardCaliper thickness of the card used for the pieces
 * @param grooves     the distance of the board's grooves, where measures that place scores are to lie on them
 * @param facts       what later stages found out
 */
public record Given(Map<String, Value> values, Set<String> fitted, Map<String, Contents> contents, RulerStep step,
        Length cardCaliper, Optional<Length> grooves, Facts facts) {
    public Given {
        values = Ordered.map(values);
        fitted = Ordered.set(fitted);
        contents = Ordered.map(contents);
    }

    /** Nothing set by hand. */
    public static Given defaults(RulerStep step, Length cardCaliper) {
        return new Given(Map.of(), Set.of(), Map.of(), step, cardCaliper, Optional.empty(),
                Facts.guess(cardCaliper));
    }

    public Given with(String measure, Value value) {
        Map<String, Value> more = new LinkedHashMap<>(values);
        more.put(measure, value);
        return new Given(more, fitted, contents, step, cardCaliper, grooves, facts);
    }

    /** Without what was set for a measure. */
    public Given without(String measure) {
        Map<String, Value> fewer = new LinkedHashMap<>(values);
        fewer.remove(measure);
        Map<String, Contents> other = new LinkedHashMap<>(contents);
        other.remove(measure);
        return new Given(fewer, fitted, other, step, cardCaliper, grooves, facts);
    }

    /** With a length that was found by fitting. */
    public Given fitted(String measure, Length length) {
        Set<String> names = new HashSet<>(fitted);
        names.add(measure);
        return new Given(with(measure, Value.length(length)).values, names, contents, step, cardCaliper, grooves,
                facts);
    }

    public Given with(String measure, Contents item) {
        Map<String, Contents> more = new LinkedHashMap<>(contents);
        more.put(measure, item);
        return new Given(values, fitted, more, step, cardCaliper, grooves, facts);
    }

    /** With measures that place scores on grooves so far apart. */
    public Given onGrooves(Length distance) {
        return new Given(values, fitted, contents, step, cardCaliper, Optional.of(distance), facts);
    }

    /** With what later stages found out. */
    public Given knowing(Facts found) {
        return new Given(values, fitted, contents, step, cardCaliper, grooves, found);
    }

    /** What is set for a measure, as shown. */
    public String text(String measure) {
        return contents.containsKey(measure) ? contents.get(measure).name()
                : new ExpressionWriter(Map.of(), Map.of(), format()).value(values.get(measure));
    }

    LengthFormat format() {
        return LengthFormat.of(step.unit());
    }
}

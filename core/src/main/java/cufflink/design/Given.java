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
 * @param values   measures set by hand, by name
 * @param fitted   names of those values that were found by fitting, not set by hand
 * @param contents contents set by hand, by name
 * @param step     the maker's ruler
 * @param calipers how thick the papers are
 * @param grooves  the distance of the board's grooves, where measures that place scores are to lie on them
 * @param facts    what later stages found out
 */
public record Given(Map<String, Value> values, Set<String> fitted, Map<String, Contents> contents, RulerStep step,
        Calipers calipers, Optional<Length> grooves, Facts facts) {
    public Given {
        values = Ordered.map(values);
        fitted = Ordered.set(fitted);
        contents = Ordered.map(contents);
    }

    /**
     * How thick papers are.
     *
     * @param card     that of the main piece
     * @param material by material; as the card for others
     */
    public record Calipers(Length card, Map<String, Length> material) {
        public Calipers {
            material = Ordered.map(material);
        }

        /** That of a material. */
        Length of(String name) {
            return material.getOrDefault(name, card);
        }
    }

    /** Nothing set by hand. */
    public static Given defaults(RulerStep step, Length cardCaliper) {
        return new Given(Map.of(), Set.of(), Map.of(), step, new Calipers(cardCaliper, Map.of()), Optional.empty(),
                Facts.guess(cardCaliper));
    }

    public Given with(String measure, Value value) {
        Map<String, Value> more = new LinkedHashMap<>(values);
        more.put(measure, value);
        return new Given(more, fitted, contents, step, calipers, grooves, facts);
    }

    /** Without what was set for a measure. */
    public Given without(String measure) {
        Map<String, Value> fewer = new LinkedHashMap<>(values);
        fewer.remove(measure);
        Map<String, Contents> other = new LinkedHashMap<>(contents);
        other.remove(measure);
        return new Given(fewer, fitted, other, step, calipers, grooves, facts);
    }

    /** With a length that was found by fitting. */
    public Given fitted(String measure, Length length) {
        Set<String> names = new HashSet<>(fitted);
        names.add(measure);
        return new Given(with(measure, Value.length(length)).values, names, contents, step, calipers, grooves,
                facts);
    }

    public Given with(String measure, Contents item) {
        Map<String, Contents> more = new LinkedHashMap<>(contents);
        more.put(measure, item);
        return new Given(values, fitted, more, step, calipers, grooves, facts);
    }

    /** With measures that place scores on grooves so far apart. */
    public Given onGrooves(Length distance) {
        return new Given(values, fitted, contents, step, calipers, Optional.of(distance), facts);
    }

    /** With the thickness of the papers of some materials. */
    public Given on(Map<String, Length> papers) {
        return new Given(values, fitted, contents, step, new Calipers(calipers.card(), papers), grooves, facts);
    }

    /** With what later stages found out. */
    public Given knowing(Facts found) {
        return new Given(values, fitted, contents, step, calipers, grooves, found);
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

package cufflink.design;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.RulerStep;
import cufflink.paper.Contents;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What the maker brings to a design.
 *
 * @param values      measures set by hand, by name
 * @param contents    contents set by hand, by name
 * @param step        the maker's ruler
 * @param cardCaliper thickness of the card used for the pieces
 */
public record Given(Map<String, Value> values, Map<String, Contents> contents, RulerStep step, Length cardCaliper) {
    public Given {
        values = Map.copyOf(values);
        contents = Map.copyOf(contents);
    }

    /** Nothing set by hand. */
    public static Given defaults(RulerStep step, Length cardCaliper) {
        return new Given(Map.of(), Map.of(), step, cardCaliper);
    }

    public Given with(String measure, Value value) {
        Map<String, Value> more = new LinkedHashMap<>(values);
        more.put(measure, value);
        return new Given(more, contents, step, cardCaliper);
    }

    public Given with(String measure, Contents item) {
        Map<String, Contents> more = new LinkedHashMap<>(contents);
        more.put(measure, item);
        return new Given(values, more, step, cardCaliper);
    }

    LengthFormat format() {
        return LengthFormat.of(step.unit());
    }
}

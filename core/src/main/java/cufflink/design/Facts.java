package cufflink.design;

import cufflink.measure.Length;
import cufflink.problem.Ordered;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What later stages of a plan find out and measures may ask for by name. Sizing rests on them and they on sizing: the
 * stages run again until no measure changes.
 *
 * @param found lengths by name
 */
public record Facts(Map<String, Length> found) {
    public static final String CLOSED_WIDTH = "closed.width";
    public static final String CLOSED_HEIGHT = "closed.height";
    public static final String CLOSED_THICKNESS = "closed.thickness";
    private static final Length SOMETHING = Length.ofMillimetres(100);

    public Facts {
        found = Ordered.map(found);
    }

    /** The closed card as it is held. */
    public static Facts closed(Length width, Length height, Length thickness) {
        Map<String, Length> found = new LinkedHashMap<>();
        found.put(CLOSED_WIDTH, width);
        found.put(CLOSED_HEIGHT, height);
        found.put(CLOSED_THICKNESS, thickness);
        return new Facts(found);
    }

    /** What is taken before anything is known: two layers of paper. */
    static Facts guess(Length caliper) {
        return closed(SOMETHING, SOMETHING, caliper.times(2));
    }

    /** The measures of a design that ask for a fact. */
    public static Set<String> asking(DesignDefinition definition) {
        Set<String> names = guess(Length.ZERO).found().keySet();
        return Ordered.set(definition.measures().stream()
                .filter(measure -> measure.formulas()
                        .anyMatch(formula -> Names.in(formula.expression()).stream().anyMatch(names::contains)))
                .map(Measure::name).collect(Collectors.toList()));
    }

    /** A name in words: {@code thickness of the closed card}. */
    static String label(String name) {
        return name.substring(name.indexOf('.') + 1) + " of the closed card";
    }
}

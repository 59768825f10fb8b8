package cufflink.notebook;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What two makes differ in.
 *
 * @param what what it is
 * @param one  in the first; empty if it has none
 * @param two  in the second
 */
public record Difference(String what, String one, String two) {
    /** All figures, copies and times that are not the same, in the order of the first make. */
    public static List<Difference> of(Make one, Make two) {
        List<Difference> differences = new ArrayList<>();
        add("Design", one.design(), two.design(), differences);
        add("Copies", String.valueOf(one.copies()), String.valueOf(two.copies()), differences);
        Map<String, String> first = figures(one);
        Map<String, String> second = figures(two);
        Set<String> all = new LinkedHashSet<>(first.keySet());
        all.addAll(second.keySet());
        all.forEach(what -> add(what, first.getOrDefault(what, ""), second.getOrDefault(what, ""), differences));
        return differences;
    }

    private static Map<String, String> figures(Make make) {
        Map<String, String> figures = new LinkedHashMap<>();
        make.figures().forEach(figure -> figures.put(figure.what(), figure.value()));
        make.learned().took()
                .forEach((phase, time) -> figures.put("Time, " + phase.title(), minutes(time.toSeconds())));
        return figures;
    }

    /** {@code 12 min}; of less than a minute its seconds. */
    public static String minutes(long seconds) {
        return seconds < 60 ? seconds + " s" : Math.round(seconds / 60.0) + " min";
    }

    private static void add(String what, String one, String two, List<Difference> differences) {
        if (!one.equals(two)) {
            differences.add(new Difference(what, one, two));
        }
    }
}

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
    /** In a line: {@code Width: 4 1/4 in → 4 in}; what one has not is a dash. */
    public String said() {
        return what + ": " + shown(one) + " → " + shown(two);
    }

    private static String shown(String value) {
        return value.isEmpty() ? "–" : value;
    }

    /** All figures, copies and times that are not the same, in the order of the first make. */
    public static List<Difference> of(Make one, Make two) {
        List<Difference> differences = new ArrayList<>();
        add("Design", one.design(), two.design(), differences);
        add("Copies", String.valueOf(one.copies()), String.valueOf(two.copies()), differences);
        add(figures(one), figures(two), differences);
        return differences;
    }

    /** All figures that are not the same, in the order of the first. */
    static List<Difference> of(List<Figure> one, List<Figure> two) {
        List<Difference> differences = new ArrayList<>();
        add(byName(one), byName(two), differences);
        return differences;
    }

    private static void add(Map<String, String> first, Map<String, String> second, List<Difference> differences) {
        Set<String> all = new LinkedHashSet<>(first.keySet());
        all.addAll(second.keySet());
        all.forEach(what -> add(what, first.getOrDefault(what, ""), second.getOrDefault(what, ""), differences));
    }

    private static Map<String, String> byName(List<Figure> all) {
        Map<String, String> figures = new LinkedHashMap<>();
        all.forEach(figure -> figures.put(figure.what(), figure.value()));
        return figures;
    }

    private static Map<String, String> figures(Make make) {
        Map<String, String> figures = byName(make.figures());
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

package cufflink.job;

import cufflink.paper.BenchTools;
import cufflink.problem.Ordered;
import java.util.List;
import java.util.Map;

/**
 * Projects to be made together.
 *
 * @param name         as the maker calls it
 * @param alternatives by a paper's name as {@link cufflink.plan.Planner#material} gives it: names of papers that may
 *                     take its place
 * @param sparePercent share of spare sheets to buy, 0 to 100
 * @param tools        the trimmer's length and how far the grain binds
 * @param made         by a piece's id in the layout: how many are cut already and need no paper
 */
public record Job(String name, List<Kit> kits, Map<String, List<String>> alternatives, int sparePercent,
        BenchTools tools, Map<String, Integer> made) {
    public static final int MOST_SPARE = 100;

    public Job {
        kits = List.copyOf(kits);
        alternatives = Ordered.map(alternatives);
        made = Ordered.map(made);
        if (sparePercent < 0 || sparePercent > MOST_SPARE) {
            throw new IllegalArgumentException("sparePercent must lie between 0 and 100: " + sparePercent);
        }
    }

    /** A job of which nothing is cut yet. */
    public Job(String name, List<Kit> kits, Map<String, List<String>> alternatives, int sparePercent,
            BenchTools tools) {
        this(name, kits, alternatives, sparePercent, tools, Map.of());
    }

    /** The same with some pieces cut already. */
    public Job withMade(Map<String, Integer> pieces) {
        return new Job(name, kits, alternatives, sparePercent, tools, pieces);
    }

    /** A job of some kits, each from its own papers, without spares. */
    public static Job of(String name, List<Kit> kits, BenchTools tools) {
        return new Job(name, kits, Map.of(), 0, tools);
    }

    /**
     * The letters that mark a kit's pieces on the sheets, as the columns of a table are named: A for the first, AA
     * after Z. Empty where there is only one.
     */
    public String mark(int kit) {
        StringBuilder mark = new StringBuilder();
        for (int left = kits.size() < 2 ? -1 : kit; left >= 0; left = left / 26 - 1) {
            mark.insert(0, (char) ('A' + left % 26));
        }
        return mark.toString();
    }
}

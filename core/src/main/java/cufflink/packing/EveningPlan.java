package cufflink.packing;

import cufflink.plan.Phase;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * In which order one pair of hands works several projects so that glue dries while the next are cut: of every order of
 * the projects, the one that ends first. Each is worked up to its glue in one go; what follows on the glue is done as
 * soon as it is dry and the hands are free.
 *
 * @param blocks  in the order of work
 * @param seconds from the beginning to the end, with what the hands wait
 * @param proved  whether every order was tried
 */
public record EveningPlan(List<Block> blocks, double seconds, boolean proved) {
    /** With more, only the order that is given and its reverse are tried. */
    private static final int MOST_ORDERED = 7;

    /**
     * A project with its time.
     *
     * @param took seconds in all, by phase
     */
    public record Work(String project, Map<Phase, Double> took) {
        double before() {
            return sum(true);
        }

        double after() {
            return sum(false);
        }

        private double sum(boolean upToGlue) {
            return took.entrySet().stream().filter(entry -> entry.getKey().compareTo(Phase.GLUE) <= 0 == upToGlue)
                    .mapToDouble(Map.Entry::getValue).sum();
        }

        boolean isGlued() {
            return took.getOrDefault(Phase.GLUE, 0.0) > 0;
        }
    }

    /**
     * One go at one phase of a project.
     *
     * @param from seconds from the beginning
     */
    public record Block(String project, Phase phase, double from, double seconds) {
    }

    public EveningPlan {
        blocks = List.copyOf(blocks);
    }

    /** The best order; {@code dry} is how many seconds glue takes. */
    public static EveningPlan of(List<Work> works, double dry) {
        boolean all = works.size() <= MOST_ORDERED;
        return orders(works, all).stream().map(order -> worked(order, dry, all))
                .min(Comparator.comparing(EveningPlan::seconds)).orElse(new EveningPlan(List.of(), 0, true));
    }

    private static List<List<Work>> orders(List<Work> works, boolean all) {
        List<List<Work>> orders = new ArrayList<>();
        if (all) {
            permute(new ArrayList<>(works), 0, orders);
        } else {
            List<Work> reversed = new ArrayList<>(works);
            Collections.reverse(reversed);
            orders.add(works);
            orders.add(reversed);
        }
        return orders;
    }

    private static void permute(List<Work> works, int from, List<List<Work>> orders) {
        if (from >= works.size()) {
            orders.add(List.copyOf(works));
        }
        for (int i = from; i < works.size(); i++) {
            Collections.swap(works, from, i);
            permute(works, from + 1, orders);
            Collections.swap(works, from, i);
        }
    }

    private static EveningPlan worked(List<Work> order, double dry, boolean proved) {
        List<Block> blocks = new ArrayList<>();
        Map<Work, Double> drying = new LinkedHashMap<>();
        double now = 0;
        for (Work work : order) {
            for (Map.Entry<Phase, Double> phase : work.took().entrySet()) {
                if (phase.getKey().compareTo(Phase.GLUE) <= 0) {
                    blocks.add(new Block(work.project(), phase.getKey(), now, phase.getValue()));
                    now += phase.getValue();
                }
            }
            drying.put(work, now + (work.isGlued() ? dry : 0));
            now = finish(drying, blocks, now, false);
        }
        now = finish(drying, blocks, now, true);
        return new EveningPlan(blocks, now, proved);
    }

    /** What is dry is finished; at the end the hands wait for the rest. */
    private static double finish(Map<Work, Double> drying, List<Block> blocks, double from, boolean wait) {
        double now = from;
        for (Map.Entry<Work, Double> one : List.copyOf(drying.entrySet())) {
            if (one.getValue() > now && !wait) {
                continue;
            }
            now = Math.max(now, one.getValue());
            for (Map.Entry<Phase, Double> phase : one.getKey().took().entrySet()) {
                if (phase.getKey().compareTo(Phase.GLUE) > 0) {
                    blocks.add(new Block(one.getKey().project(), phase.getKey(), now, phase.getValue()));
                    now += phase.getValue();
                }
            }
            drying.remove(one.getKey());
        }
        return now;
    }
}

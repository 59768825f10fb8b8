package cufflink.directions.match;

import cufflink.design.Given;
import cufflink.design.Measure;
import cufflink.measure.Length;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Finds the lengths of a design's measures from figures, and sees what they make of it. */
final class Solver {
    /** A design may round, and then a second look is needed from where the first has led. */
    private static final int MOST_ROUNDS = 3;

    private final Shape start;
    private final List<Wanted> wanted;

    /**
     * What was found.
     *
     * @param set    measures that are not as the design has them
     * @param agreed for each figure whether the design has it so
     */
    record Solved(Shape shape, Map<String, Length> set, List<Boolean> agreed) {
        int agreements() {
            return (int) agreed.stream().filter(one -> one).count();
        }
    }

    private Solver(Shape start, List<Wanted> wanted) {
        this.start = start;
        this.wanted = wanted;
    }

    /** The measures at which most of the figures are as wanted. */
    static Optional<Solved> solve(Shape start, List<Wanted> wanted) {
        return new Solver(start, wanted).solve();
    }

    private Optional<Solved> solve() {
        Optional<Shape> best = Optional.empty();
        Shape now = start;
        for (int round = 0; round < MOST_ROUNDS; round++) {
            Gradient gradient = now.gradient();
            Optional<Shape> next = Shape.of(now.sized().definition(), gradient.with(leastContradicted(gradient)));
            if (next.isEmpty() || best.isPresent() && agreements(next.get()) <= agreements(best.get())) {
                break;
            }
            best = next;
            now = next.get();
            if (agreements(now) == wanted.size()) {
                break;
            }
        }
        return best.map(shape -> new Solved(shape, set(shape), agreed(shape)));
    }

    /**
     * All equations; or, where several are contradicted, all without one of those that an unknown was solved from, if
     * fewer are contradicted then.
     */
    private Elimination leastContradicted(Gradient gradient) {
        Elimination best = gradient.start();
        boolean[] solvedFrom = new boolean[wanted.size()];
        for (int i = 0; i < wanted.size(); i++) {
            solvedFrom[i] = gradient.require(wanted.get(i), best);
        }
        int all = best.contradictions();
        for (int without = 0; without < wanted.size() && all > 1; without++) {
            if (solvedFrom[without]) {
                Elimination elimination = gradient.start();
                for (int i = 0; i < wanted.size(); i++) {
                    if (i != without) {
                        gradient.require(wanted.get(i), elimination);
                    }
                }
                best = elimination.contradictions() + 1 < Math.min(all, best.contradictions()) ? elimination : best;
            }
        }
        return best;
    }

    /** What was set by hand and is not what the design would have by itself. */
    private Map<String, Length> set(Shape shape) {
        Map<String, Length> set = new LinkedHashMap<>();
        Given found = shape.given();
        for (Measure measure : Gradient.settable(shape.sized().definition())) {
            Optional<Length> length = Gradient.length(shape, measure);
            boolean isSet = found.values().containsKey(measure.name())
                    && !start.given().values().containsKey(measure.name());
            if (isSet && length.isPresent()
                    && !Shape.of(shape.sized().definition(), found.without(measure.name()))
                            .flatMap(other -> Gradient.length(other, measure)).equals(length)) {
                set.put(measure.name(), length.get());
            }
        }
        return set;
    }

    private int agreements(Shape shape) {
        return (int) agreed(shape).stream().filter(one -> one).count();
    }

    /** Where geometry gives no mark of the ruler, the nearest one is what a text can say. */
    private List<Boolean> agreed(Shape shape) {
        return wanted.stream().map(one -> one.in(shape.pieces())
                .filter(length -> length.equals(one.pair().text()) || !shape.given().step().has(length)
                        && shape.given().step().nearest(length).equals(one.pair().text()))
                .isPresent()).toList();
    }
}

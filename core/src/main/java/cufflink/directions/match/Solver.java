package cufflink.directions.match;

import cufflink.design.Given;
import cufflink.design.Measure;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
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
    static Solved solve(Shape start, List<Wanted> wanted) {
        return new Solver(start, wanted).solve();
    }

    private Solved solve() {
        Shape best = start;
        for (int round = 0; round < MOST_ROUNDS && agreements(best) < wanted.size(); round++) {
            Gradient gradient = best.gradient();
            Optional<Shape> next = Shape.of(best.sized().definition(), gradient.with(leastContradicted(gradient)));
            if (next.isEmpty() || agreements(next.get()) <= agreements(best)) {
                break;
            }
            best = next.get();
        }
        return new Solved(best, set(best), agreed(best));
    }

    /**
     * All equations; or, where some are contradicted, all without one of those that an unknown was solved from, or with
     * one measure left as it is, if fewer are contradicted then: a figure was wrong, or so rounded that the unknowns
     * should be solved from others.
     */
    private Elimination leastContradicted(Gradient gradient) {
        Elimination all = gradient.start();
        boolean[] solvedFrom = new boolean[wanted.size()];
        for (int i = 0; i < wanted.size(); i++) {
            solvedFrom[i] = gradient.require(wanted.get(i), all);
        }
        Elimination best = all;
        int fewest = all.contradictions();
        for (int still = 0; still < gradient.unknowns() && all.contradictions() > 0; still++) {
            if (all.isSolved(still)) {
                Elimination others = gradient.startWithout(still);
                gradient.require(wanted, others);
                best = others.contradictions() < fewest ? others : best;
                fewest = Math.min(fewest, others.contradictions());
            }
        }
        for (int without = 0; without < wanted.size() && all.contradictions() > 1; without++) {
            if (solvedFrom[without]) {
                Elimination others = gradient.start();
                for (int i = 0; i < wanted.size(); i++) {
                    if (i != without) {
                        gradient.require(wanted.get(i), others);
                    }
                }
                best = others.contradictions() + 1 < fewest ? others : best;
                fewest = Math.min(fewest, others.contradictions() + 1);
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

    private List<Boolean> agreed(Shape shape) {
        return wanted.stream().map(one -> one.in(shape.pieces())
                .filter(length -> isSaid(length, one.pair().text(), shape.given().step())).isPresent()).toList();
    }

    /**
     * Where geometry gives no mark of the ruler, the nearest one is what a text can say; between the marks of the usual
     * ruler, of 148.5 mm, either one.
     */
    private static boolean isSaid(Length design, Length text, RulerStep step) {
        RulerStep usual = RulerStep.usual(step.unit());
        boolean near = !step.has(design) && step.nearest(design).equals(text);
        boolean between = !usual.has(design) && (usual.down(design).equals(text) || usual.up(design).equals(text));
        return design.equals(text) || near || between;
    }
}

package cufflink.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestPieces;
import cufflink.crease.CreasePattern;
import cufflink.design.CreaseRef;
import cufflink.design.Fold;
import cufflink.design.PanelRef;
import cufflink.design.Score;
import cufflink.problem.Outcome;
import cufflink.words.LayerWords;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

/**
 * The search against the verifier, which knows nothing of how orders are found: what one cannot find, the other must
 * not accept in any permutation. {@code -Dcufflink.strips=10000} in full.
 */
class LayerProblemTest {
    private static final int MANY = Integer.getInteger("cufflink.strips", 150);

    /** A strip of panels of whole centimetres, every crease shut. */
    private static FoldedState strip(int[] widths, String folds) {
        List<Score> scores = new ArrayList<>();
        Map<CreaseRef, Double> shut = new LinkedHashMap<>();
        double x = 0;
        for (int i = 0; i + 1 < widths.length; i++) {
            x += widths[i] * 10;
            scores.add(
                    TestPieces.score("c" + (i + 1), folds.charAt(i) == 'v' ? Fold.VALLEY : Fold.MOUNTAIN, x, 0, x, 30));
            shut.put(new CreaseRef("base", "c" + (i + 1)), 180.0);
        }
        CreasePattern pattern = Maps.pattern(x + widths[widths.length - 1] * 10, 30, scores, widths.length);
        return new Folder(Assembly.of(pattern, "p1")).fold(shut).orThrow();
    }

    private static boolean anyPermutation(List<PanelRef> chosen, List<PanelRef> rest,
            Predicate<List<PanelRef>> accepted) {
        if (rest.isEmpty()) {
            return accepted.test(chosen);
        }
        for (PanelRef next : rest) {
            List<PanelRef> longer = new ArrayList<>(chosen);
            longer.add(next);
            if (anyPermutation(longer, rest.stream().filter(other -> !other.equals(next)).toList(), accepted)) {
                return true;
            }
        }
        return false;
    }

    @Test
    void search_findsAnOrder_exactlyWhenTheVerifierAcceptsOne() {
        Random random = new Random(3);
        for (int i = 0; i < MANY; i++) {
            int panels = 3 + random.nextInt(3);
            int[] widths = random.ints(panels, 1, 5).toArray();
            StringBuilder folds = new StringBuilder();
            for (int fold = 1; fold < panels; fold++) {
                folds.append(random.nextBoolean() ? 'v' : 'm');
            }
            FoldedState state = strip(widths, folds.toString());
            boolean possible = anyPermutation(List.of(), state.assembly().panels(),
                    order -> LayerOrderVerifier.verify(state, order).value().isPresent());
            assertEquals(possible, LayerProblem.of(state).solve().value().isPresent(),
                    Arrays.toString(widths) + " " + folds);
        }
    }

    /** A long panel rolled up inside shorter ones passes through a fold in every order: proved, with the reason. */
    @Test
    void rollTooLongInside_hasNoOrder() {
        Outcome<FlatFoldedState> none = LayerProblem.of(strip(new int[] {4, 2, 3, 3}, "vvv")).solve();
        assertTrue(none.value().isEmpty());
        assertEquals(LayerWords.CANNOT_LIE, none.problems().get(0).code());
    }

    /** An M of three folds and a fan have one order; a gate whose leaves overlap has two. */
    @Test
    void counts_ofMarkedStrips() {
        assertEquals(1, LayerProblem.of(strip(new int[] {3, 2, 2, 3}, "vmv")).count().getAsLong());
        assertEquals(1, LayerProblem.of(strip(new int[] {2, 2, 2, 2, 2, 2, 2, 2}, "vmvmvmv")).count().getAsLong());
        assertEquals(2, LayerProblem.of(strip(new int[] {3, 4, 3}, "vv")).count().getAsLong());
    }

    /** Folding a map of 2 × 2 with all creases alike breaks Maekawa's rule: no order. */
    @Test
    void crossOfFourValleys_hasNoOrder() {
        assertTrue(LayerProblem.of(Maps.folded(2, 2)).solve().value().isEmpty());
    }

    @Test
    void knownPairs_areObeyed_andContradictionsNamed() {
        FoldedState gate = strip(new int[] {3, 4, 3}, "vv");
        PanelRef left = new PanelRef("base", "p1");
        PanelRef right = new PanelRef("base", "p3");
        FlatFoldedState leftOnTop = LayerProblem.of(gate).knowing(List.of(new LayerProblem.Known(left, right))).solve()
                .orThrow();
        assertTrue(leftOnTop.relation().above(left, right).orElseThrow());
        FlatFoldedState rightOnTop = LayerProblem.of(gate).knowing(List.of(new LayerProblem.Known(right, left))).solve()
                .orThrow();
        assertTrue(rightOnTop.relation().above(right, left).orElseThrow());
        Outcome<FlatFoldedState> both = LayerProblem.of(gate)
                .knowing(List.of(new LayerProblem.Known(left, right), new LayerProblem.Known(right, left))).solve();
        assertEquals(LayerWords.LIES_BEFORE.of("front", "panel 3", "behind", "panel 1"),
                both.problems().get(0).message().argument("reason"));
    }
}

package cufflink.crease;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestPieces;
import cufflink.design.Fold;
import cufflink.design.Score;
import cufflink.fold.Maps;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Kawasaki and Justin, Maekawa, big-little-big (published theorems), against vertices checked by hand and random ones.
 * The vertex is the middle of a square; directions are degrees from the x axis.
 */
class VertexConditionsTest {
    private static final double HALF = 100;

    /** A square with creases from its middle; letters v and m. */
    private static CreasePattern vertex(double[] directions, String folds) {
        List<Score> scores = new ArrayList<>();
        for (int i = 0; i < directions.length; i++) {
            double x = Math.cos(Math.toRadians(directions[i]));
            double y = Math.sin(Math.toRadians(directions[i]));
            double reach = HALF / Math.max(Math.abs(x), Math.abs(y));
            scores.add(TestPieces.score("c" + (i + 1), folds.charAt(i) == 'v' ? Fold.VALLEY : Fold.MOUNTAIN, HALF, HALF,
                    HALF + x * reach, HALF + y * reach));
        }
        return Maps.pattern(2 * HALF, 2 * HALF, scores, 0);
    }

    private static List<Problem> check(double[] directions, String folds) {
        CreasePattern pattern = vertex(directions, folds);
        return VertexConditions.check(pattern,
                pattern.hinges().stream().map(Hinge::crease).collect(Collectors.toSet()));
    }

    private static double[] numbers(String text) {
        return Arrays.stream(text.split(" ")).mapToDouble(Double::parseDouble).toArray();
    }

    /**
     * Checked by hand: a cross of three of one kind and one of the other; the squash fold's six creases; a bird-foot of
     * angles 60, 90, 120, 90.
     */
    @ParameterizedTest
    @CsvSource({"0 90 180 270,vvvm", "90 45 315 270 225 135,mvvmvv", "0 60 150 270,vmmm"})
    void flatFoldable_isAccepted(String directions, String folds) {
        assertEquals(List.of(), check(numbers(directions), folds));
    }

    @ParameterizedTest
    @CsvSource({"0 90 180 270,vvvv,4 valley", "0 90 180 270,vvmm,2 mountain and 2 valley",
        "0 90 180 280,vvvm,every other angle", "0 120 240,vvm,odd number",
        "90 45 315 270 225 135,vvvvvv,6 valley", "0 60 150 270,mmvm,narrower than both"})
    void broken_isRefusedWithTheReason(String directions, String folds, String reason) {
        List<Problem> problems = check(numbers(directions), folds);
        assertTrue(problems.stream().anyMatch(problem -> problem.what().contains(reason)), problems.toString());
    }

    /** Four angles a, b, 180 − a, 180 − b obey Kawasaki; the smallest angle's two creases get different kinds. */
    private static double[] random(long seed) {
        Random random = new Random(seed);
        double a = 20 + random.nextInt(140);
        double b = 20 + random.nextInt(140);
        double turn = random.nextInt(360);
        return new double[] {turn, turn + a, turn + a + b, turn + a + b + 180 - a};
    }

    private static boolean someAssignmentWorks(double[] directions) {
        for (int bits = 0; bits < 16; bits++) {
            StringBuilder folds = new StringBuilder();
            for (int i = 0; i < 4; i++) {
                folds.append((bits >> i & 1) == 0 ? 'v' : 'm');
            }
            if (check(directions, folds.toString()).isEmpty()) {
                return true;
            }
        }
        return false;
    }

    @Property(tries = 120, seed = "5")
    void everyKawasakiVertex_hasAnAssignment_andNoPerturbedOneHas(
            @ForAll @LongRange(min = 0, max = 100_000) long seed) {
        double[] directions = random(seed);
        assertTrue(someAssignmentWorks(directions));
        directions[1] += 1;
        assertFalse(someAssignmentWorks(directions));
    }

    /** Mirroring the piece, or swapping mountain and valley, changes nothing. */
    @Property(tries = 120, seed = "5")
    void mirrored_andSwapped_haveTheSameVerdict(@ForAll @LongRange(min = 0, max = 100_000) long seed) {
        double[] directions = random(seed);
        Random random = new Random(seed + 1);
        StringBuilder folds = new StringBuilder();
        for (int i = 0; i < 4; i++) {
            folds.append(random.nextBoolean() ? 'v' : 'm');
        }
        boolean good = check(directions, folds.toString()).isEmpty();
        double[] mirrored = Arrays.stream(directions).map(direction -> 180 - direction).toArray();
        assertEquals(good, check(mirrored, folds.toString()).isEmpty());
        assertEquals(good,
                check(directions, folds.toString().replace('v', 'x').replace('m', 'v').replace('x', 'm')).isEmpty());
    }

    @Test
    void vertexOnASlitOrTheEdge_isFree() {
        CreasePattern pattern = Maps.pattern(100, 60,
                List.of(TestPieces.score("a", Fold.VALLEY, 50, 0, 20, 60),
                        TestPieces.score("b", Fold.VALLEY, 50, 0, 90, 60)),
                0);
        assertEquals(List.of(), VertexConditions.check(pattern, Set.of("a", "b")));
    }
}

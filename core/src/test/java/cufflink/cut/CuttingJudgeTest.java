package cufflink.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * The planner before an independent judge (a general constraint solver, see {@link CuttingJudge}). Sizes in quarter
 * inches on Letter paper, 34 × 44.
 */
class CuttingJudgeTest {
    private static final int WIDTH = 34;
    private static final int HEIGHT = 44;

    /** Small jobs that a solver judges; {@code -Dcufflink.judged=1000} in full. */
    private static final int JOBS = Integer.getInteger("cufflink.judged", 32);

    static LongStream smallJobs() {
        return LongStream.rangeClosed(1, JOBS);
    }

    private static List<CuttingJudge.Rectangle> random(long seed, int most) {
        Random random = new Random(seed);
        List<CuttingJudge.Rectangle> pieces = new ArrayList<>();
        int count = most - 2 + random.nextInt(3);
        for (int i = 0; i < count; i++) {
            pieces.add(
                    new CuttingJudge.Rectangle(8 + random.nextInt(20), 8 + random.nextInt(26), random.nextInt(4) > 0));
        }
        return pieces;
    }

    private static LayoutPlan planned(List<CuttingJudge.Rectangle> pieces) {
        List<CutPiece> wanted = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            CuttingJudge.Rectangle piece = pieces.get(i);
            wanted.add(new CutPiece("piece" + i, "piece " + i, 1, Length.ofInches(piece.width(), 4),
                    Length.ofInches(piece.height(), 4), "card", piece.mayTurn()));
        }
        CutJob job = new CutJob(wanted, List.of(new StockSheet("sheet", "card", Length.ofInches(WIDTH, 4),
                Length.ofInches(HEIGHT, 4), OptionalInt.empty(), false)));
        LayoutPlan plan = new GuillotinePlanner().improve(job, () -> false, better -> {});
        assertEquals(List.of(), LayoutChecker.faults(job, plan));
        return plan;
    }

    @ParameterizedTest
    @MethodSource("smallJobs")
    void smallJob_takesTheLeastNumberOfSheets(long seed) {
        List<CuttingJudge.Rectangle> pieces = random(seed, 7);
        LayoutPlan plan = planned(pieces);
        CuttingJudge judge = new CuttingJudge(pieces, WIDTH, HEIGHT);
        assertEquals(Optional.of(true), judge.fits(plan.sheets().size(), "30s"), "the judge finds a way as well");
        assertEquals(Optional.of(false),
                plan.sheets().size() == 1 ? Optional.of(false) : judge.fits(plan.sheets().size() - 1, "30s"),
                "the judge proves that fewer are impossible");
        assertTrue(plan.isProved(), "and so does the planner");
    }

    /** The solver may look for seconds where the planner needs milliseconds. */
    @ParameterizedTest
    @ValueSource(longs = {101, 102, 103, 104})
    void middleSizedJob_isNeverWorseThanTheSolvers(long seed) {
        List<CuttingJudge.Rectangle> pieces = random(seed, 12);
        int sheets = planned(pieces).sheets().size();
        assertFalse(new CuttingJudge(pieces, WIDTH, HEIGHT).fits(sheets - 1, "2s").orElse(false));
    }

    /**
     * The judge itself, on jobs settled by hand: four 3 × 4 from an 8 in square; the pinwheel of four that no cut from
     * edge to edge frees.
     */
    @Test
    void judge_agreesWithJobsSettledByHand() {
        CuttingJudge.Rectangle card = new CuttingJudge.Rectangle(12, 16, false);
        assertEquals(Optional.of(true), new CuttingJudge(List.of(card, card, card, card), 32, 32).fits(1, "30s"));
        CuttingJudge.Rectangle arm = new CuttingJudge.Rectangle(3, 2, true);
        assertEquals(Optional.of(true), new CuttingJudge(List.of(arm, arm, arm), 5, 5).fits(1, "30s"));
        assertEquals(Optional.of(false),
                new CuttingJudge(List.of(arm, arm, arm, arm, new CuttingJudge.Rectangle(1, 1, true)), 5, 5).fits(1,
                        "30s"));
    }
}

package cufflink.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class GuillotinePlannerTest {
    private static final GuillotinePlanner PLANNER = new GuillotinePlanner();

    private static CutPiece piece(String id, int quantity, double width, double height, boolean mayTurn) {
        return new CutPiece(id, id, quantity, Length.nearestToMillimetres(width), Length.nearestToMillimetres(height),
                "card", mayTurn);
    }

    private static StockSheet sheet(double width, double height, OptionalInt count) {
        return new StockSheet("sheet", "card", Length.nearestToMillimetres(width), Length.nearestToMillimetres(height),
                count, false);
    }

    private static LayoutPlan plan(CutJob job) {
        LayoutPlan plan = PLANNER.plan(job);
        assertEquals(List.of(), LayoutChecker.faults(job, plan));
        return plan;
    }

    /** Common-practice yields: what one sheet gives (inches or millimetres as written). */
    @ParameterizedTest
    @CsvSource({"215.9,279.4,215.9,139.7,2", "215.9,279.4,82.55,107.95,6", "210,297,210,148,2",
        "203.2,203.2,76.2,101.6,4", "304.8,304.8,101.6,304.8,3"})
    void yields_commonPractice(double sheetWidth, double sheetHeight, double width, double height, int count) {
        LayoutPlan plan = plan(new CutJob(List.of(piece("base", count, width, height, true)),
                List.of(sheet(sheetWidth, sheetHeight, OptionalInt.of(1)))));
        assertEquals(List.of(), plan.unplaced());
        assertEquals(1, plan.sheets().size());
    }

    @Test
    void pieceAsLargeAsTheSheet_needsNoCut() {
        LayoutPlan plan = plan(
                new CutJob(List.of(piece("base", 1, 210, 297, false)), List.of(sheet(210, 297, OptionalInt.empty()))));
        assertTrue(plan.sheets().get(0).cuts().isEmpty());
        assertEquals(0, plan.waste(), 1e-12);
        assertTrue(plan.isProved());
    }

    @Test
    void directionalPiece_isNotTurned() {
        CutJob job = new CutJob(List.of(piece("base", 1, 290, 200, false)),
                List.of(sheet(210, 297, OptionalInt.empty())));
        assertEquals(List.of("base"), plan(job).unplaced());
    }

    @Test
    void offcuts_areUsedFirst() {
        StockSheet offcut = new StockSheet("offcut", "card", Length.ofMillimetres(120), Length.ofMillimetres(120),
                OptionalInt.of(1), true);
        LayoutPlan plan = plan(new CutJob(List.of(piece("base", 1, 100, 100, true)),
                List.of(sheet(210, 297, OptionalInt.empty()), offcut)));
        assertEquals("offcut", plan.sheets().get(0).stock().name());
    }

    @Test
    void tooFewSheets_leavesTheRestUnplaced() {
        LayoutPlan plan = plan(
                new CutJob(List.of(piece("base", 3, 200, 200, true)), List.of(sheet(210, 297, OptionalInt.of(2)))));
        assertEquals(List.of("base"), plan.unplaced());
        assertFalse(plan.isProved());
    }

    /**
     * Every plan is carried out cut by cut by a checker that knows nothing of the planner, over random jobs with fixed
     * seeds.
     */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void randomJobs_areVerified_andNeverBelowTheBound(long seed) {
        Random random = new Random(seed);
        List<CutPiece> pieces = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(9); i++) {
            pieces.add(piece("piece" + i, 1 + random.nextInt(6), 15 + random.nextInt(180), 15 + random.nextInt(180),
                    random.nextBoolean()));
        }
        CutJob job = new CutJob(pieces, List.of(sheet(210, 297, OptionalInt.empty())));
        LayoutPlan plan = plan(job);
        assertTrue(plan.sheets().size() >= plan.bound());
        assertTrue(plan.unplaced().isEmpty());
        assertEquals(plan, PLANNER.plan(job), "the same job must get the same plan");
    }

    @Test
    void checker_findsACutThatDoesNotGoFromEdgeToEdge() {
        CutJob job = new CutJob(List.of(piece("base", 1, 100, 100, true)),
                List.of(sheet(210, 297, OptionalInt.empty())));
        LayoutPlan plan = plan(job);
        SheetLayout sheet = plan.sheets().get(0);
        Cut cut = sheet.cuts().get(0);
        Cut wrong = new Cut(1, cut.upright(), cut.at(), cut.x(), cut.y(), cut.width().minus(Length.ofMillimetres(1)),
                cut.height());
        List<Cut> cuts = new ArrayList<>(sheet.cuts());
        cuts.set(0, wrong);
        LayoutPlan broken = new LayoutPlan(List.of(new SheetLayout(sheet.stock(), sheet.placements(), cuts)), List.of(),
                List.of());
        assertFalse(LayoutChecker.faults(job, broken).isEmpty());
    }
}

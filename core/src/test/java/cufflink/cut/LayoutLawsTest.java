package cufflink.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.measure.Length;
import cufflink.paper.GrainRule;
import cufflink.words.Vocabulary;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

/**
 * Laws of every layout, over random jobs with many stocks, offcuts, limited counts, directions, folds, triangles and
 * trimmers, carried out cut by cut by {@link LayoutChecker}.
 */
class LayoutLawsTest {
    private static final GuillotinePlanner PLANNER = new GuillotinePlanner();
    private static final List<String> PAPERS = List.of("card", "night", "star");

    private static CutJob random(long seed) {
        Random random = new Random(seed);
        List<CutPiece> pieces = new ArrayList<>();
        int kinds = 1 + random.nextInt(8);
        for (int i = 0; i < kinds; i++) {
            Optional<Along> fold = random.nextInt(3) == 0 ? Optional.of(Along.values()[random.nextInt(2)])
                    : Optional.empty();
            Half half = random.nextInt(5) == 0 ? Half.values()[1 + random.nextInt(2)] : Half.WHOLE;
            Set<String> materials = new HashSet<>(
                    List.of(PAPERS.get(random.nextInt(3)), PAPERS.get(random.nextInt(2))));
            pieces.add(new CutPiece("piece" + i, "piece " + i, 1 + random.nextInt(5),
                    Length.ofMillimetres(20 + random.nextInt(190)), Length.ofMillimetres(20 + random.nextInt(190)),
                    List.copyOf(materials), random.nextInt(4) > 0, fold, half));
        }
        List<StockSheet> stock = new ArrayList<>();
        int sheets = 1 + random.nextInt(5);
        for (int i = 0; i < sheets; i++) {
            boolean offcut = random.nextInt(3) == 0;
            OptionalInt count = offcut || random.nextBoolean() ? OptionalInt.of(random.nextInt(4))
                    : OptionalInt.empty();
            Optional<Along> grain = random.nextBoolean() ? Optional.of(Along.values()[random.nextInt(2)])
                    : Optional.empty();
            stock.add(new StockSheet("sheet" + i, "sheet " + i, PAPERS.get(random.nextInt(3)),
                    Length.ofMillimetres(90 + random.nextInt(220)), Length.ofMillimetres(90 + random.nextInt(220)),
                    count,
                    offcut, random.nextInt(4) == 0, grain));
        }
        return new CutJob(pieces, stock, GrainRule.values()[random.nextInt(3)],
                random.nextInt(3) == 0 ? Optional.of(Length.ofMillimetres(220)) : Optional.empty());
    }

    @Property(tries = 100)
    void firstPlan_isCarriedOutCutByCut_neverBelowTheBound_andAlwaysTheSame(
            @ForAll @LongRange(min = 1, max = 1_000_000) long seed) {
        CutJob job = random(seed);
        LayoutPlan plan = PLANNER.plan(job);
        assertEquals(List.of(), LayoutChecker.faults(job, plan));
        assertTrue(plan.newSheets() >= plan.bound());
        assertEquals(plan, PLANNER.plan(job));
    }

    @Property(tries = 20)
    void betterPlan_isCarriedOutToo_andIsNotWorse(@ForAll @LongRange(min = 1, max = 1_000_000) long seed) {
        CutJob job = random(seed);
        int[] asked = {0};
        LayoutPlan better = PLANNER.improve(job, () -> asked[0]++ > 3000, found -> {});
        assertEquals(List.of(), LayoutChecker.faults(job, better));
        better.bounds().forEach(bound -> assertNotEquals(BoundChecker.Verdict.FAILS, BoundChecker.verdict(bound),
                bound.reason().toString()));
        LayoutPlan first = PLANNER.plan(job);
        assertTrue(better.unplaced().size() < first.unplaced().size()
                || better.unplaced().size() == first.unplaced().size() && better.newSheets() <= first.newSheets());
    }

    /** Two halves that share a rectangle are two pieces without paper: fewer rectangles were more pieces here. */
    @Example
    void betterPlanWithHalves_isNotWorse() {
        betterPlan_isCarriedOutToo_andIsNotWorse(77_733);
    }

    /**
     * The fibres are followed wherever that costs no sheet and no piece; where they are not, it is said how many pieces
     * lie across.
     */
    @Property(tries = 20)
    void grainPreferred_isGivenUpForASheetOnly(@ForAll @LongRange(min = 1, max = 1_000_000) long seed) {
        CutJob job = random(seed).withGrain(GrainRule.PREFER);
        LayoutPlan preferred = PLANNER.improve(job, () -> false, found -> {});
        LayoutPlan must = PLANNER.improve(job.withGrain(GrainRule.MUST), () -> false, found -> {});
        int across = GrainCost.across(job, preferred);
        assertEquals(across, preferred.grain().map(GrainCost::across).orElse(0));
        boolean costs = must.newSheets() > preferred.newSheets()
                || must.unplaced().size() > preferred.unplaced().size();
        assertTrue(across == 0 || costs, across + " across");
        assertEquals(List.of(), LayoutChecker.faults(job, preferred));
        preferred.grain().ifPresent(cost -> assertTrue(cost.moreSheets() >= 0, cost.toString()));
        preferred.grain().ifPresent(cost -> cost.between().forEach(step -> assertTrue(
                step.moreSheets() > 0 && step.moreSheets() < cost.moreSheets() && step.across() < cost.across())));
    }

    /**
     * By hand: upright one of 140 × 200 comes out of an A4 sheet, across two; so each sheet saved puts two more across.
     */
    @Test
    void grain_tellsWhatEachSheetSavedCosts() {
        CutPiece card = piece("card", 6, 140, 200).withFold(Optional.of(Along.HEIGHT));
        StockSheet sheet = new StockSheet("A4", "A4", "card", Length.ofMillimetres(210), Length.ofMillimetres(297),
                OptionalInt.empty(), false, false, Optional.of(Along.HEIGHT));
        CutJob job = new CutJob(List.of(card), List.of(sheet), GrainRule.PREFER, Optional.empty());
        LayoutPlan plan = PLANNER.improve(job, () -> false, found -> {});
        assertEquals(3, plan.newSheets());
        assertEquals(
                Optional.of(new GrainCost(6, 3, List.of(new GrainCost.Between(1, 4), new GrainCost.Between(2, 2)))),
                plan.grain());
        assertEquals(
                "3 sheets give every piece, and 3 is the least possible. 6 pieces lie across the grain; 1 sheet "
                        + "more leaves 4 across, 2 sheets more leave 2 across, all along it takes 3 sheets more.",
                Vocabulary.sentences(LayoutMessages.sheets(plan)));
    }

    /** A card that fits on the sheet one way only lies across on any number of sheets: there is nothing to trade. */
    @Test
    void grainThatNoSheetCanKeep_costsNoSheets() {
        CutPiece card = piece("card", 2, 200, 290).withFold(Optional.of(Along.WIDTH));
        StockSheet sheet = new StockSheet("A4", "A4", "card", Length.ofMillimetres(210), Length.ofMillimetres(297),
                OptionalInt.of(5), false, false, Optional.of(Along.HEIGHT));
        LayoutPlan plan = PLANNER.improve(new CutJob(List.of(card), List.of(sheet), GrainRule.PREFER, Optional.empty()),
                () -> false, found -> {});
        assertEquals(Optional.of(new GrainCost(2, 0, List.of())), plan.grain());
    }

    private static CutPiece piece(String id, int quantity, int width, int height) {
        return new CutPiece(id, id, quantity, Length.ofMillimetres(width), Length.ofMillimetres(height), "card", true);
    }

    private static StockSheet sheets(String id, int width, int height, int count, boolean offcut) {
        return new StockSheet(id, id, "card", Length.ofMillimetres(width), Length.ofMillimetres(height),
                count < 0 ? OptionalInt.empty() : OptionalInt.of(count), offcut, false, Optional.empty());
    }

    private static LayoutPlan best(List<CutPiece> pieces, StockSheet... stock) {
        CutJob job = new CutJob(pieces, List.of(stock));
        LayoutPlan plan = PLANNER.improve(job, () -> false, found -> {});
        assertEquals(List.of(), LayoutChecker.faults(job, plan));
        return plan;
    }

    /**
     * Two columns of 100 + 80 + 60 beside each other fill the sheet; laid by size alone, a third large piece would take
     * the place of the small ones.
     */
    @Test
    void fewSheetsThatAreJustEnough_areFilledExactly() {
        LayoutPlan plan = best(
                List.of(piece("large", 4, 100, 120), piece("middle", 4, 80, 120), piece("small", 4, 60, 120)),
                sheets("sheet", 240, 240, 2, false));
        assertEquals(List.of(), plan.unplaced());
        assertEquals(0, plan.waste(), 1e-12);
    }

    @Test
    void pieceThatFitsNoSheet_doesNotSpoilTheRest() {
        LayoutPlan plan = best(List.of(piece("vast", 1, 500, 500), piece("card", 4, 105, 148)),
                sheets("A4", 210, 297, -1, false));
        assertEquals(List.of("vast"), plan.unplaced());
        assertEquals(1, plan.sheets().size());
    }

    @Test
    void smallerSheet_isTakenWhereItGivesTheSame() {
        LayoutPlan plan = best(List.of(piece("card", 1, 100, 140)), sheets("A3", 297, 420, -1, false),
                sheets("A5", 148, 210, -1, false));
        assertEquals("A5", plan.sheets().get(0).stock().id());
    }

    @Test
    void whatIsLeft_staysInOnePiece() {
        LayoutPlan plan = best(List.of(piece("card", 4, 105, 148)), sheets("square", 300, 300, -1, false));
        assertEquals(List.of(90.0 * 300), plan.sheets().get(0).offcuts().stream().map(SheetLayout.Part::area).toList());
    }

    /**
     * A strip longer than the trimmer needs one long cut, no longer than itself; without such a piece every cut goes
     * through the trimmer.
     */
    @Test
    void pieceLongerThanTheTrimmer_isCutWithTheKnife_noFurtherThanNeeded() {
        StockSheet sheet = sheets("A3", 297, 420, -1, false);
        for (int length : new int[] {290, 316}) {
            CutJob job = new CutJob(List.of(piece("strip", 1, 110, length)), List.of(sheet), GrainRule.IGNORE,
                    Optional.of(Length.ofMillimetres(300)));
            LayoutPlan plan = new TrimmerThenKnife(PLANNER).plan(job);
            assertEquals(List.of(), plan.unplaced());
            Length longest = plan.sheets().get(0).cuts().stream().map(Cut::length).max(Length::compareTo).orElseThrow();
            assertTrue(!longest.isLongerThan(Length.ofMillimetres(Math.max(300, length))), longest.toString());
        }
    }

    @Test
    void search_endsSoonAfterItIsStopped() {
        List<CutPiece> many = new ArrayList<>();
        Random random = new Random(3);
        for (int i = 0; i < 200; i++) {
            many.add(piece("piece" + i, 1, 30 + random.nextInt(120), 30 + random.nextInt(150)));
        }
        CutJob job = new CutJob(many, List.of(sheets("A4", 210, 297, -1, false)));
        LayoutPlan plan = PLANNER.improve(job, () -> true, found -> {});
        assertEquals(PLANNER.plan(job), plan);
    }
}

package cufflink.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.cut.BoundChecker.Verdict;
import cufflink.measure.Length;
import cufflink.paper.GrainRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** Every bound stands for itself: it holds when it is worked out again plainly, and what says too much is found out. */
class BoundCheckerTest {
    private static final StockSheet SHEET = new StockSheet("sheet", "card", Length.ofMillimetres(200),
            Length.ofMillimetres(280), OptionalInt.empty(), false);

    private static CutPiece piece(int id, int quantity, int width, int height) {
        return new CutPiece("piece" + id, "", quantity, Length.ofMillimetres(width), Length.ofMillimetres(height),
                "card", true);
    }

    private static CutJob random(long seed, int kinds, int copies) {
        Random random = new Random(seed);
        List<CutPiece> pieces = new ArrayList<>();
        for (int i = 0; i < kinds; i++) {
            pieces.add(piece(i, copies, 40 + random.nextInt(130), 50 + random.nextInt(150)));
        }
        List<StockSheet> stock = new ArrayList<>(List.of(SHEET));
        if (random.nextBoolean()) {
            stock.add(new StockSheet("left", "card", Length.ofMillimetres(150), Length.ofMillimetres(90),
                    OptionalInt.of(1 + random.nextInt(2)), true));
        }
        Optional<Length> blade = random.nextInt(3) == 0 ? Optional.of(Length.ofMillimetres(220)) : Optional.empty();
        return new CutJob(pieces, stock, GrainRule.IGNORE, blade);
    }

    private static Bound with(Bound bound, int sheets, Bound.Reason reason) {
        return new Bound(bound.job(), sheets, reason);
    }

    /**
     * Few rectangles are searched, many are priced; the checker repeats both by other means, and one sheet more is
     * never believed.
     */
    @Test
    void bound_holdsWhenWorkedOutAgain_andOneMoreDoesNot() {
        Set<String> seen = new TreeSet<>();
        for (long seed = 1; seed <= 60; seed++) {
            LayoutPlan plan = new GuillotinePlanner().improve(random(seed, 3 + (int) seed % 4, seed % 2 == 0 ? 2 : 9),
                    () -> false, better -> {});
            Bound bound = plan.bounds().get(0);
            seen.add(bound.reason().word());
            Verdict verdict = BoundChecker.verdict(bound);
            assertTrue(
                    verdict == Verdict.HOLDS || bound.reason() instanceof Bound.Search && verdict == Verdict.TOO_LARGE,
                    seed + " " + bound.reason());
            if (plan.isProved() && verdict == Verdict.HOLDS) {
                assertEquals(Verdict.FAILS, BoundChecker.verdict(with(bound, bound.sheets() + 1, bound.reason())),
                        seed + " " + bound.reason());
            }
        }
        assertTrue(seen.containsAll(Set.of("area", "prices", "search")), seen.toString());
    }

    @Test
    void piecesLongerThanHalfASheet_takeOneEach() {
        LayoutPlan plan = new GuillotinePlanner().plan(new CutJob(List.of(piece(1, 5, 150, 145)), List.of(SHEET)));
        assertEquals("alone", plan.bounds().get(0).reason().word());
        assertEquals(5, plan.bound());
        assertEquals(Verdict.HOLDS, BoundChecker.verdict(plan.bounds().get(0)));
        assertEquals(Verdict.FAILS, BoundChecker.verdict(with(plan.bounds().get(0), 6, new Bound.Alone())));
    }

    /** Half of the sheet exactly is not more than half: two lie beside each other. */
    @Test
    void halfASheet_isNotAlone() {
        CutJob job = new CutJob(List.of(piece(1, 2, 140, 200)), List.of(SHEET));
        assertEquals(Verdict.FAILS, BoundChecker.verdict(new Bound(job, 2, new Bound.Alone())));
        assertEquals(Verdict.FAILS, BoundChecker.verdict(new Bound(job, 2, new Bound.Search(1))));
        assertEquals(Verdict.FAILS, BoundChecker.verdict(new Bound(job, 2, new Bound.Area())));
    }

    @Test
    void pricesThatAreChanged_failOrProveLess() {
        LayoutPlan plan = null;
        for (long seed = 1; plan == null || !(plan.bounds().get(0).reason() instanceof Bound.Prices); seed++) {
            plan = new GuillotinePlanner().improve(random(seed, 4, 9), () -> false, better -> {});
        }
        Bound bound = plan.bounds().get(0);
        Bound.Prices prices = (Bound.Prices) bound.reason();
        List<Bound.Held> less = prices.sheets().stream().map(held -> new Bound.Held(held.stock(), held.most() - 1))
                .toList();
        assertEquals(Verdict.FAILS,
                BoundChecker.verdict(with(bound, bound.sheets(), new Bound.Prices(prices.rectangles(), less))),
                "a sheet is said to hold less than it does");
        List<Bound.Priced> one = prices.rectangles().subList(1, prices.rectangles().size());
        assertEquals(Verdict.FAILS,
                BoundChecker.verdict(with(bound, bound.sheets(), new Bound.Prices(one, prices.sheets()))),
                "a rectangle is missing");
    }

    /** A large sheet of which there are two, and small ones without end. */
    @Test
    void searchWithFewLargeSheets_isRepeatedWithAsMany() {
        StockSheet large = new StockSheet("large", "card", Length.ofMillimetres(300), Length.ofMillimetres(400),
                OptionalInt.of(1), false);
        StockSheet small = new StockSheet("small", "card", Length.ofMillimetres(150), Length.ofMillimetres(200),
                OptionalInt.empty(), false);
        CutJob job = new CutJob(List.of(piece(1, 5, 140, 190)), List.of(large, small));
        assertEquals(Verdict.HOLDS, BoundChecker.verdict(new Bound(job, 2, new Bound.Search(1))),
                "four from the large one, the fifth from another");
        assertEquals(Verdict.FAILS, BoundChecker.verdict(new Bound(job, 3, new Bound.Search(1))));
    }
}

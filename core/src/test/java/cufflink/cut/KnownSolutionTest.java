package cufflink.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.measure.Length;
import cufflink.paper.GrainRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Jobs that are built from a way to cut them: sheets are parted at random, so that it is known how many give
 * everything. No bound may ever be above that. {@code -Dcufflink.jobs=1000} in full.
 */
class KnownSolutionTest {
    private static final int JOBS = Integer.getInteger("cufflink.jobs", 2);
    private static final Length LETTER_WIDTH = Length.ofInches(17, 2);
    private static final Length LETTER_HEIGHT = Length.ofInches(11);
    private static final Length A4_WIDTH = Length.ofMillimetres(210);
    private static final Length A4_HEIGHT = Length.ofMillimetres(297);

    /** What the jobs have in common. */
    enum Built {
        SIXTEENTHS, THIRTY_SECONDS, SIXTY_FOURTHS, MILLIMETRES, HUNDREDTHS, MIXED, BANDS, BLADE, GRAIN, DIRECTION,
        OFFCUTS
    }

    private record Rectangle(long width, long height) {
    }

    private static long step(Built built, Random random) {
        return switch (built) {
            case SIXTEENTHS, BANDS -> Length.ofInches(1, 16).nanometres();
            case THIRTY_SECONDS -> Length.ofInches(1, 32).nanometres();
            case SIXTY_FOURTHS -> Length.ofInches(1, 64).nanometres();
            case HUNDREDTHS -> Length.ofMicrometres(10).nanometres();
            case MIXED ->
                random.nextBoolean() ? Length.ofInches(1, 16).nanometres() : Length.ofMillimetres(1).nanometres();
            default -> Length.ofMillimetres(1).nanometres();
        };
    }

    /** Parts a rectangle from edge to edge, again and again; with a blade only where it is long enough. */
    private static void part(Rectangle whole, int cuts, Built built, long blade, Random random, List<Rectangle> parts) {
        boolean upright = built == Built.BANDS || (whole.width() > whole.height()) == (random.nextInt(4) > 0);
        if ((upright ? whole.height() : whole.width()) > blade) {
            upright = !upright;
        }
        long side = upright ? whole.width() : whole.height();
        long step = step(built, random);
        long least = Length.ofMillimetres(12).nanometres();
        if (cuts == 0 || side < 2 * least + step || (upright ? whole.height() : whole.width()) > blade) {
            parts.add(whole);
            return;
        }
        long at = (least + (long) (random.nextDouble() * (side - 2 * least))) / step * step;
        at = Math.max(at, step);
        int first = random.nextInt(cuts);
        part(upright ? new Rectangle(at, whole.height()) : new Rectangle(whole.width(), at), first, built, blade,
                random, parts);
        part(upright ? new Rectangle(side - at, whole.height()) : new Rectangle(whole.width(), side - at),
                cuts - 1 - first, built, blade, random, parts);
    }

    private record Known(CutJob job, int sheets) {
    }

    private static Known build(Built built, long seed) {
        Random random = new Random(seed * 31 + built.ordinal());
        boolean letter = built.ordinal() < 3 || built == Built.BANDS;
        Length width = letter ? LETTER_WIDTH : A4_WIDTH;
        Length height = letter ? LETTER_HEIGHT : A4_HEIGHT;
        Optional<Length> blade = built == Built.BLADE ? Optional.of(Length.ofMillimetres(215)) : Optional.empty();
        int sheets = 1 + random.nextInt(3);
        List<Rectangle> parts = new ArrayList<>();
        for (int i = 0; i < sheets; i++) {
            part(new Rectangle(width.nanometres(), height.nanometres()), 3 + random.nextInt(5), built,
                    blade.map(Length::nanometres).orElse(Long.MAX_VALUE), random, parts);
        }
        List<StockSheet> stock = new ArrayList<>();
        Optional<Along> grain = built == Built.GRAIN ? Optional.of(Along.HEIGHT) : Optional.empty();
        stock.add(new StockSheet("sheet", "sheet", "card", width, height, OptionalInt.empty(), false,
                built == Built.DIRECTION, grain));
        if (built == Built.OFFCUTS) {
            Length w = Length.ofMillimetres(90 + random.nextInt(60));
            Length h = Length.ofMillimetres(90 + random.nextInt(100));
            part(new Rectangle(w.nanometres(), h.nanometres()), 2, built, Long.MAX_VALUE, random, parts);
            stock.add(new StockSheet("left", "left", "card", w, h, OptionalInt.of(1), true, false, Optional.empty()));
        }
        List<CutPiece> pieces = new ArrayList<>();
        for (Rectangle part : parts) {
            boolean mayTurn = built != Built.DIRECTION || random.nextBoolean();
            // As it was cut; a piece that may turn is written either way round, unless the paper has a direction.
            boolean swapped = mayTurn && built != Built.DIRECTION && built != Built.GRAIN && random.nextBoolean();
            pieces.add(new CutPiece("piece" + pieces.size(), "", 1, new Length(swapped ? part.height() : part.width()),
                    new Length(swapped ? part.width() : part.height()), "card", mayTurn)
                    .withFold(built == Built.GRAIN ? Optional.of(Along.HEIGHT) : Optional.empty()));
        }
        return new Known(new CutJob(pieces, stock, built == Built.GRAIN ? GrainRule.MUST : GrainRule.IGNORE, blade),
                sheets);
    }

    @ParameterizedTest
    @EnumSource(Built.class)
    void bound_isNeverAboveWhatIsKnown(Built built) {
        int more = 0;
        for (long seed = 1; seed <= JOBS; seed++) {
            Known known = build(built, seed);
            int[] asked = {0};
            for (LayoutPlan plan : List.of(new GuillotinePlanner().plan(known.job()),
                    new GuillotinePlanner().improve(known.job(), () -> asked[0]++ > 4000, found -> {}))) {
                assertEquals(List.of(), LayoutChecker.faults(known.job(), plan), built + " " + seed);
                assertEquals(List.of(), plan.unplaced(), built + " " + seed);
                assertTrue(plan.bound() <= known.sheets(),
                        built + " " + seed + ": at least " + plan.bound() + " of " + known.sheets());
                for (Bound bound : plan.bounds()) {
                    assertNotEquals(BoundChecker.Verdict.FAILS, BoundChecker.verdict(bound),
                            built + " " + seed + " " + bound.reason());
                }
                more += plan.newSheets() > known.sheets() ? 1 : 0;
            }
        }
        assertTrue(more <= 2 * JOBS, "plans with more sheets than are known to do");
    }

    /** Sixteen bands as long as the sheet that three sheets give; the sums of their widths are too many for a table. */
    @Test
    void bands_ofManyWidths() {
        List<CutPiece> bands = new ArrayList<>();
        for (int width : new int[] {55, 39, 30, 41, 21, 21, 68, 75, 18, 22}) {
            bands.add(new CutPiece("band" + bands.size(), "", 1, Length.ofMillimetres(width), LETTER_HEIGHT, "card",
                    true));
        }
        for (long sixteenths : new long[] {32, 8, 46, 27, 32, 17}) {
            bands.add(new CutPiece("band" + bands.size(), "", 1, Length.ofInches(sixteenths, 16), LETTER_HEIGHT, "card",
                    true));
        }
        CutJob job = new CutJob(bands,
                List.of(new StockSheet("Letter", "card", LETTER_WIDTH, LETTER_HEIGHT, OptionalInt.empty(), false)));
        LayoutPlan plan = new GuillotinePlanner().improve(job, () -> false, better -> {});
        assertTrue(plan.bound() <= 3, "bound " + plan.bound());
        assertEquals(3, plan.newSheets());
    }

    /**
     * Sheets 12 in wide with a blade of 11 in: nothing can be trimmed in one piece, but parting first frees every part.
     */
    @Test
    void blade_partsBeforeItTrims() {
        List<CutPiece> halves = List
                .of(new CutPiece("half", "", 2, Length.ofInches(6), Length.ofInches(21, 2), "card", false));
        CutJob job = new CutJob(halves, List.of(
                new StockSheet("sheet", "card", Length.ofInches(12), Length.ofInches(11), OptionalInt.empty(), false)),
                GrainRule.IGNORE, Optional.of(Length.ofInches(11)));
        LayoutPlan plan = new GuillotinePlanner().improve(job, () -> false, better -> {});
        assertEquals(List.of(), LayoutChecker.faults(job, plan));
        assertEquals(1, plan.newSheets());
        assertTrue(plan.unplaced().isEmpty());
    }

    /** 8.2677 in is 210 mm less 0.4 thousandths of a millimetre: nobody trims that off an A4 sheet. */
    @Test
    void hardlyAnything_isNotTrimmedOff() {
        Length typed = Length.ofNanometres(209_999_580);
        CutPiece piece = new CutPiece("half", "half", 2, typed, Length.ofMicrometres(148_500), "card", true);
        CutJob job = new CutJob(List.of(piece),
                List.of(new StockSheet("A4", "card", A4_WIDTH, A4_HEIGHT, OptionalInt.empty(), false)));
        LayoutPlan plan = new GuillotinePlanner().improve(job, () -> false, better -> {});
        assertEquals(List.of(), LayoutChecker.faults(job, plan));
        assertEquals(1, plan.newSheets());
        assertEquals(1, plan.sheets().get(0).cuts().size());
        assertEquals(List.of(), plan.sheets().get(0).rest());
    }

    /** 3 × 5 and 5 × 3 may both be turned, but not on a paper with a direction: there they are different pieces. */
    @Test
    void directionalPaper_turnsNothing() {
        List<CutPiece> pieces = List.of(
                new CutPiece("tall", "", 2, Length.ofInches(3), Length.ofInches(5), "card", true),
                new CutPiece("wide", "", 2, Length.ofInches(5), Length.ofInches(3), "card", true));
        StockSheet sheet = new StockSheet("sheet", "sheet", "card", Length.ofInches(17, 2), Length.ofInches(11),
                OptionalInt.empty(), false, true, Optional.empty());
        CutJob job = new CutJob(pieces, List.of(sheet));
        LayoutPlan plan = new GuillotinePlanner().plan(job);
        assertEquals(List.of(), LayoutChecker.faults(job, plan));
        assertTrue(plan.sheets().stream().flatMap(layout -> layout.placements().stream()).noneMatch(Placement::turned));
    }
}

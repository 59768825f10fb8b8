package cufflink.files;

import static cufflink.files.Plans.expect;
import static cufflink.files.Plans.fromSheet;
import static cufflink.files.Plans.project;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.cut.CutJob;
import cufflink.cut.CutPiece;
import cufflink.cut.GuillotinePlanner;
import cufflink.cut.StockSheet;
import cufflink.design.DesignSizer;
import cufflink.design.Given;
import cufflink.design.Measure.Role;
import cufflink.design.SizedDesign;
import cufflink.design.Value;
import cufflink.fit.SheetUse;
import cufflink.fit.Wish;
import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.paper.Contents;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.words.Code;
import cufflink.words.FitWords;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FittingTest {
    /**
     * Common practice: a Letter sheet gives two bases of 4 1/4 × 5 1/2; A4 halves to A5 cards, A5 folded gives A6 (ISO
     * 216).
     */
    @Test
    void sheet_commonYields() {
        expect(project("half-fold").withWish(fromSheet("Letter", 1)).withCopies(2)).closes("4 1/4 in", "5 1/2 in")
                .hasNothingBad();
        expect(Plans.metric("half-fold").withWish(fromSheet("A4", 1)).withSet("width", "148 mm"))
                .closes("148 mm", "210 mm").hasNothingBad();
        expect(Plans.metric("half-fold").withWish(fromSheet("A5", 1)).withSet("width", "105 mm"))
                .closes("105 mm", "148 mm").hasNothingBad();
    }

    /** The largest: it comes out of the sheet, and one ruler step more does not. */
    @ParameterizedTest
    @CsvSource({"half-fold,Letter,1", "half-fold,A4,1", "overlapping-gate,A4,1", "overlapping-gate,Letter,2",
        "accordion,A4,1", "accordion,12 in square,1", "m-fold-holder,A4,1", "back-fold-holder,Letter,1",
        "slim-tent,A4,1"})
    void sheet_isTheLargestOnTheRuler(String design, String sheet, int count) {
        Plan plan = expect(project(design).withWish(fromSheet(sheet, count)).withCopies(count))
                .judges("sheets", Verdict.GOOD).plan();
        assertFalse(plan.fit().limit().isEmpty());
        assertFalse(plan.fit().lift().isEmpty());
        Length step = RulerStep.SIXTEENTH_INCH.length();
        var width = plan.measures().get(Role.FINISHED_WIDTH).orElseThrow();
        var height = plan.measures().get(Role.FINISHED_HEIGHT).orElseThrow();
        Project larger = plan.project()
                .withSet(width.definition().name(), plan.format().text(width.length().plus(step)))
                .withSet(height.definition().name(), plan.format().text(height.length().plus(step.times(2))));
        expect(larger).judges("sheets", Verdict.BAD);
        assertTrue(RulerStep.SIXTEENTH_INCH.has(width.length()) && RulerStep.SIXTEENTH_INCH.has(height.length()));
    }

    /**
     * ISO 216: A4 folded once is A5, to the half millimetre; four A7 cards, each from an A6 sheet, come out of one A4.
     * Common practice: 4 of 4 1/4 × 2 3/4 from a Letter sheet.
     */
    @Test
    void sheet_usedWhole_orForSoManyCards() {
        expect(Project.of(Plans.metric("half-fold").design(), RulerStep.HALF_MILLIMETRE)
                .withWish(Plans.fromSheet("A4", 1, new SheetUse.Whole()))).closes("148.5 mm", "210 mm").hasNothingBad();
        expect(Plans.metric("half-fold").withWish(Plans.fromSheet("A4", 1, new SheetUse.Cards(4))).withCopies(4))
                .closes("74 mm", "105 mm").hasNothingBad();
        expect(project("half-fold").withWish(Plans.fromSheet("Letter", 1, new SheetUse.Cards(4))).withCopies(10))
                .closes("2 3/4 in", "4 1/4 in").hasNothingBad();
        Project ten = project("half-fold").withWish(Plans.fromSheet("Letter", 1, new SheetUse.Cards(4))).withCopies(10);
        assertEquals(3, Plans.plan(ten.withMats(ten.mats().withLayers(0))).layout().newSheets());
    }

    /** Only what is cut from the sheet's own paper counts: the insert of the pocket is of another. */
    @Test
    void sheet_piecesOfOtherPapers_doNotCount() {
        expect(project("criss-cross-pocket").withWish(fromSheet("Letter", 1))).closes("4 1/4 in", "5 1/2 in")
                .hasNothingBad();
    }

    /**
     * Every size on a coarse ruler is tried, one by one, against the sheet: nothing larger comes out than what was
     * found. A card of less than the largest area by up to a fiftieth is taken for its shape.
     */
    @ParameterizedTest
    @CsvSource({"overlapping-gate,2", "crossover,1", "waterfall,1", "pleated-tree,2"})
    void sheet_usedWhole_isTheLargestOfAll(String design, int copies) {
        Project project = Project.of(project(design).design(), RulerStep.EIGHTH_INCH).withCopies(copies);
        Wish.FromSheet wish = (Wish.FromSheet) Plans.fromSheet("A5", 1, new SheetUse.Whole());
        Plan plan = Plans.plan(project.withWish(wish));
        String width = plan.measures().get(Role.FINISHED_WIDTH).orElseThrow().definition().name();
        String height = plan.measures().get(Role.FINISHED_HEIGHT).orElseThrow().definition().name();
        double found = area(plan.measures().length(width), plan.measures().length(height));
        Given given = Given.defaults(project.step(), project.paper(project.cardRole()).caliper());
        List<String> larger = new ArrayList<>();
        for (int w = 1; w <= 68; w++) {
            for (int h = 1; h <= 68; h++) {
                Length across = Length.ofInches(w, 8);
                Length down = Length.ofInches(h, 8);
                if (area(across, down) * 0.98 > found && comesOut(
                        DesignSizer.size(project.design(),
                                given.with(width, Value.length(across)).with(height, Value.length(down))),
                        wish, project)) {
                    larger.add(across + " × " + down);
                }
            }
        }
        assertEquals(List.of(), larger);
        expect(plan.project()).judges("sheets", Verdict.GOOD);
    }

    private static double area(Length width, Length height) {
        return width.toMillimetres() * height.toMillimetres();
    }

    private static boolean comesOut(Outcome<SizedDesign> sized, Wish.FromSheet sheet, Project project) {
        if (sized.value().isEmpty() || !sized.problems().isEmpty()
                || sized.value().get().judgements().stream().anyMatch(SizedDesign.Judgement::isBroken)) {
            return false;
        }
        StockSheet stock = new StockSheet(sheet.name(), "", sheet.width(), sheet.height(),
                OptionalInt.of(sheet.sheets()), false);
        List<CutPiece> pieces = sized.value().get().pieces().stream()
                .filter(piece -> piece.from().isEmpty() && piece.material().equals(project.cardRole()))
                .map(piece -> new CutPiece(piece.id(), "",
                        project.copies(), project.step().up(piece.width().length()),
                        project.step().up(piece.height().length()), "", true))
                .toList();
        return new GuillotinePlanner().plan(new CutJob(pieces, List.of(stock))).unplaced().isEmpty();
    }

    /**
     * The width is bound to a window of one value: a wide leaf of 4 1/4 in wants a card at least as wide, and 11 in of
     * paper give no wider one.
     */
    @Test
    void sheet_measureSetByHand_inANarrowWindow() {
        expect(project("overlapping-gate").withWish(Plans.fromSheet("Letter", 1, new SheetUse.Whole())).withSet("cover",
                "4.25")).measures("cover", "4 1/4 in").closes("4 1/4 in", "8 1/2 in").hasNothingBad();
    }

    @Test
    void sheet_settingInTheWay_isNamedAndKept() {
        Plan plan = expect(project("overlapping-gate").withWish(Plans.fromSheet("Letter", 1, new SheetUse.Whole()))
                .withSet("cover", "6")).measures("cover", "6 in").plan();
        assertEquals("“Wide leaf” 6 in, set by hand, is in the way.", plan.fit().lift());
    }

    /** What is said to lift the limit. */
    private static List<Code> lifts(Plan plan) {
        return plan.fit().limits().stream().filter(limit -> limit.code() == FitWords.WOULD_HELP)
                .map(limit -> ((Message) limit.argument("what")).code()).toList();
    }

    /** What is offered was tried: the limit is lifted by each. */
    @Test
    void sheet_remediesHelp() {
        Plan one = Plans.plan(project("crossover").withWish(fromSheet("Letter", 1)));
        assertTrue(lifts(one).contains(FitWords.EITHER_WOULD), one.fit().lift());
        Plan two = Plans.plan(project("crossover").withWish(fromSheet("Letter", 2)));
        assertTrue(two.measures().length("width").isLongerThan(one.measures().length("width")));
        Plan single = Plans.plan(project("half-fold").withWish(fromSheet("Letter", 1)));
        assertFalse(lifts(single).contains(FitWords.EITHER_WOULD) || lifts(single).contains(FitWords.SHEETS_WOULD),
                single.fit().lift());
        assertEquals(single.measures().length("width"),
                Plans.plan(project("half-fold").withWish(fromSheet("Letter", 2))).measures().length("width"));
    }

    @Test
    void sheet_measureSetByHand_staysSet() {
        expect(project("overlapping-gate").withWish(fromSheet("Letter", 1)).withSet("cover", "3 in"))
                .measures("cover", "3 in").hasNothingBad();
        expect(project("overlapping-gate").withWish(fromSheet("Letter", 1)).withSet("height", "4 in"))
                .measures("height", "4 in").hasNothingBad();
    }

    @Test
    void sheet_tooSmall_givesTheSmallestAndSaysWhatBinds() {
        Plan plan = expect(project("overlapping-gate")
                .withWish(new Wish.FromSheet("scrap", Length.ofInches(2), Length.ofInches(1), 1, new SheetUse.Whole())))
                .measures("width", "1 in").judges("sheets", Verdict.BAD).plan();
        assertTrue(
                plan.notices().get(0).text().contains(
                        "Even 1 × 1/2 in needs a piece of 2 3/8 × 1/2 in; 1 × scrap (2 × 1 in) does not give that."),
                plan.notices().toString());
    }

    /** The closed card, its thickness counted, goes into the envelope it was fitted to: trade and ISO 269 sizes. */
    @ParameterizedTest
    @CsvSource({"A2, half-fold, overlapping-gate, slim-tent", "A6, back-fold-holder, little-bag, half-fold",
        "A7, spine-fold, squash-fold, overlapping-gate", "A8, slim-tent, diamond-tree, back-fold-holder",
        "A9, half-fold, little-bag, pleated-tree", "C6, overlapping-gate, spine-fold, diamond-tree",
        "C5, back-fold-holder, slim-tent, pleated-tree", "DL, little-bag, diamond-tree, squash-fold",
        "No. 10, half-fold, overlapping-gate, slim-tent"})
    void envelope_takesTheCardFittedToIt(String name, String one, String other, String third) {
        for (String design : List.of(one, other, third)) {
            for (int layers = 0; layers <= 4; layers += 4) {
                Project project = project(design)
                        .withWish(new Wish.InEnvelope(Plans.envelope(name), Length.ofInches(1, 8)));
                Plan plan = Plans.plan(project.withMats(project.mats().withLayers(layers)));
                assertTrue(
                        plan.checks().stream()
                                .noneMatch(check -> check.id().equals("envelope") && check.verdict() == Verdict.BAD),
                        design + " " + layers);
            }
        }
    }

    @Test
    void envelope_namesTheLimit() {
        Plan plan = expect(
                project("half-fold").withWish(new Wish.InEnvelope(Plans.envelope("A2"), Length.ofInches(1, 8))))
                .closes("4 1/4 in", "5 5/8 in").plan();
        assertEquals(
                "The A2 envelope is 4 3/8 × 5 3/4 in; less 1/8 in of ease each way, the closed card may be 4 1/4 × "
                        + "5 5/8 in.",
                plan.fit().limit());
    }

    /** ISO/IEC 7810: the smallest holders of an ID-1 card hold it, and a step narrower does not. */
    @ParameterizedTest
    @CsvSource({"m-fold-holder", "back-fold-holder"})
    void contents_smallestHolderHolds(String design) {
        for (Contents item : List.of(Contents.GIFT_CARD, Contents.PHOTOGRAPH, Contents.NOTE)) {
            Plan plan = expect(project(design).withWish(new Wish.Holding(item))).judges("pocket-width", Verdict.GOOD)
                    .judges("pocket-room", Verdict.GOOD).plan();
            Length narrower = plan.measures().length("width").minus(RulerStep.SIXTEENTH_INCH.length());
            expect(plan.project().withSet("width", plan.format().text(narrower))).judges("pocket-width", Verdict.BAD);
        }
    }

    /**
     * Cardboard round a box: half the girth of 3 × 1/2 in is 3 1/2 in, and the pocket is wider than that by the play;
     * flat, it would be 3 1/8 in wide.
     */
    @Test
    void contents_thickThings_takeHalfTheirGirth() {
        Contents box = new Contents("box", Length.ofInches(3), Length.ofInches(2), Length.ofInches(1, 2));
        Plan plan = expect(project("m-fold-holder").withWish(new Wish.Holding(box)))
                .judges("pocket-width", Verdict.GOOD).plan();
        assertEquals(Length.ofInches(29, 8), plan.design().pockets().get(0).width().length());
        expect(project("m-fold-holder").withSet("contents", "3 x 2 x 1/2 in").withSet("width", "3 5/8 in"))
                .judges("pocket-width", Verdict.BAD);
    }

    @Test
    void contents_bagIsAsHighAsItsPacket() {
        expect(project("little-bag")
                .withWish(new Wish.Holding(Contents.read("2x9x1/4 in", LengthUnit.INCH).value().orElseThrow())))
                .measures("tall", "9 in").measures("inside", "2 1/8 in");
        expect(project("little-bag").withSet("packet", "2 x 9 x 1/4 in").withSet("tall", "3 in")).judges("packet-held",
                Verdict.BAD);
    }

    @Test
    void contents_settingInTheWay_isNamed() {
        Plan plan = Plans.plan(
                project("m-fold-holder").withWish(new Wish.Holding(Contents.PHOTOGRAPH)).withSet("pocket", "1 in"));
        assertEquals("“Pocket depth” 1 in, set by hand, is in the way.", plan.fit().lift());
    }

    @Test
    void contents_designWithoutPocket_saysSo() {
        assertTrue(Planner.plan(project("half-fold").withWish(new Wish.Holding(Contents.GIFT_CARD))).problems().get(0)
                .text().contains("has no pocket"));
        // What its pocket held before a part lay in it no longer sizes it.
        assertTrue(Planner.plan(Plans.project("note-step").withWish(new Wish.Holding(Contents.GIFT_CARD))).problems()
                .get(0).text().contains("no pocket that is free"));
    }

    @Test
    void finishedSize_ofABand_saysWhatItFollows() {
        assertTrue(Planner
                .plan(project("belly-band").withWish(new Wish.FinishedSize(Length.ofInches(4), Length.ofInches(4))))
                .problems().get(0).text().contains("follows what it holds"));
    }

    @Test
    void impossibleSize_isAnsweredWithTheNearestPossible() {
        Plan plan = expect(
                project("half-fold").withWish(new Wish.FinishedSize(Length.ofInches(1, 4), Length.ofInches(5))))
                .closes("1/2 in", "5 in").plan();
        assertTrue(plan.notices().get(0).text().contains("nearest possible, 1/2 in"), plan.notices().toString());
    }

    @Test
    void mixedUnits_inOneJob() {
        expect(project("half-fold").withSet("width", "100 mm").withSet("height", "5 in")).measures("width", "100 mm")
                .measures("height", "5 in").closes("100 mm", "127 mm");
    }
}

package cufflink.files;

import static cufflink.files.Plans.expect;
import static cufflink.files.Plans.fromSheet;
import static cufflink.files.Plans.project;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.design.DesignDefinition.Role;
import cufflink.fit.Wish;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.Contents;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FittingTest {
    /** Common practice: a Letter sheet gives two bases of 4 1/4 × 5 1/2; A4 halves to A5 cards, A5 folded gives A6 (ISO 216). */
    @Test
    void sheet_commonYields() {
        expect(project("half-fold").withWish(fromSheet("Letter", 1)).withCopies(2)).closes("4 1/4 in", "5 1/2 in").hasNothingBad();
        expect(Plans.metric("half-fold").withWish(fromSheet("A4", 1)).withSet("width", "148 mm")).closes("148 mm", "210 mm").hasNothingBad();
        expect(Plans.metric("half-fold").withWish(fromSheet("A5", 1)).withSet("width", "105 mm")).closes("105 mm", "148 mm").hasNothingBad();
    }

    /** The largest: it comes out of the sheet, and one ruler step more does not. */
    @ParameterizedTest
    @CsvSource({"half-fold,Letter,1", "half-fold,A4,1", "overlapping-gate,A4,1", "overlapping-gate,Letter,2", "accordion,A4,1", "accordion,12 in square,1", "m-fold-holder,A4,1", "back-fold-holder,Letter,1",
        "slim-tent,A4,1"})
    void sheet_isTheLargestOnTheRuler(String design, String sheet, int count) {
        Plan plan = expect(project(design).withWish(fromSheet(sheet, count)).withCopies(count)).judges("sheets", Verdict.GOOD).plan();
        assertFalse(plan.fit().limit().isEmpty());
        assertFalse(plan.fit().lift().isEmpty());
        Length step = RulerStep.SIXTEENTH_INCH.length();
        var width = plan.measures().get(Role.FINISHED_WIDTH).orElseThrow();
        var height = plan.measures().get(Role.FINISHED_HEIGHT).orElseThrow();
        Project larger = plan.project().withSet(width.definition().name(), plan.format().text(width.length().plus(step)))
                .withSet(height.definition().name(), plan.format().text(height.length().plus(step.times(2))));
        expect(larger).judges("sheets", Verdict.BAD);
        assertTrue(RulerStep.SIXTEENTH_INCH.has(width.length()) && RulerStep.SIXTEENTH_INCH.has(height.length()));
    }

    @Test
    void sheet_measureSetByHand_staysSet() {
        expect(project("overlapping-gate").withWish(fromSheet("Letter", 1)).withSet("cover", "3 in")).measures("cover", "3 in").hasNothingBad();
        expect(project("overlapping-gate").withWish(fromSheet("Letter", 1)).withSet("height", "4 in")).measures("height", "4 in").hasNothingBad();
    }

    @Test
    void sheet_tooSmall_givesTheSmallestAndSaysWhatBinds() {
        Plan plan = expect(project("overlapping-gate").withWish(new Wish.FromSheet("scrap", Length.ofInches(3), Length.ofInches(2), 1))).measures("width", "2 in").judges("sheets", Verdict.BAD).plan();
        assertTrue(plan.notices().get(0).text().contains("Even the smallest size needs a piece of"), plan.notices().toString());
    }

    /** The closed card, its thickness counted, goes into the envelope it was fitted to: trade and ISO 269 sizes. */
    @ParameterizedTest
    @CsvSource({"A2", "A6", "A7", "A8", "A9", "C6", "C5", "DL", "No. 10"})
    void envelope_takesTheCardFittedToIt(String name) {
        for (String design : new String[] {"half-fold", "overlapping-gate", "back-fold-holder"}) {
            for (int layers = 0; layers <= 4; layers++) {
                Project project = project(design).withWish(new Wish.InEnvelope(Plans.envelope(name), Length.ofInches(1, 8)));
                Plan plan = Plans.plan(project.withMats(project.mats().withLayers(layers)));
                assertTrue(plan.checks().stream().noneMatch(check -> check.id().equals("envelope") && check.verdict() == Verdict.BAD), design + " " + layers);
            }
        }
    }

    @Test
    void envelope_namesTheLimit() {
        Plan plan = expect(project("half-fold").withWish(new Wish.InEnvelope(Plans.envelope("A2"), Length.ofInches(1, 8)))).closes("4 1/4 in", "5 5/8 in").plan();
        assertEquals("The A2 envelope is 4 3/8 × 5 3/4 in; less 1/8 in of ease each way, the card may be 4 1/4 × 5 5/8 in.", plan.fit().limit());
    }

    /** ISO/IEC 7810: the smallest holders of an ID-1 card hold it, and a step narrower does not. */
    @ParameterizedTest
    @CsvSource({"m-fold-holder", "back-fold-holder"})
    void contents_smallestHolderHolds(String design) {
        for (Contents item : Contents.known()) {
            Plan plan = expect(project(design).withWish(new Wish.Holding(item))).judges("pocket-width", Verdict.GOOD).judges("pocket-room", Verdict.GOOD).plan();
            Length narrower = plan.measures().length("width").minus(RulerStep.SIXTEENTH_INCH.length());
            expect(plan.project().withSet("width", plan.format().text(narrower))).judges("pocket-width", Verdict.BAD);
        }
    }

    @Test
    void contents_designWithoutPocket_saysSo() {
        assertTrue(Planner.plan(project("half-fold").withWish(new Wish.Holding(Contents.GIFT_CARD))).problems().get(0).text().contains("has no pocket"));
    }

    @Test
    void finishedSize_ofABand_saysWhatItFollows() {
        assertTrue(Planner.plan(project("belly-band").withWish(new Wish.FinishedSize(Length.ofInches(4), Length.ofInches(4)))).problems().get(0).text().contains("follows what it holds"));
    }

    @Test
    void impossibleSize_isAnsweredWithTheNearestPossible() {
        Plan plan = expect(project("half-fold").withWish(new Wish.FinishedSize(Length.ofInches(1, 2), Length.ofInches(5)))).closes("2 in", "5 in").plan();
        assertTrue(plan.notices().get(0).text().contains("nearest possible, 2 in"), plan.notices().toString());
    }

    @Test
    void mixedUnits_inOneJob() {
        expect(project("half-fold").withSet("width", "100 mm").withSet("height", "5 in")).measures("width", "100 mm").measures("height", "5 in").closes("100 mm", "127 mm");
    }
}

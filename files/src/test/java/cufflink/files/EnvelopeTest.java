package cufflink.files;

import static cufflink.files.Plans.expect;
import static cufflink.files.Plans.length;
import static cufflink.files.Plans.metric;
import static cufflink.files.Plans.project;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.measure.Length;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.score.Slant;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Envelopes and turned tags against sizes that were worked out apart from the program, by simulation. */
class EnvelopeTest {
    private static final String INCH_CARD = "5 1/2 x 4 1/4 x 1/16 in";
    private static final String A6 = "148 x 105 x 1 mm";

    @Test
    void straight_isCutAndScoredAsWorkedOut() {
        expect(project("envelope").withSet("holds", INCH_CARD)).cuts("straight", "7 3/16 in", "9 3/8 in")
                .scores("straight", "3/4 in", "6 7/16 in", "6 7/16 in", "2 in").closes("5 11/16 in", "4 7/16 in")
                .hasNothingBad();
        expect(metric("envelope").withSet("holds", A6)).cuts("straight", "188 mm", "230 mm")
                .scores("straight", "18 mm", "170 mm", "157 mm", "48 mm").hasNothingBad();
    }

    /** The marks of the top flap on the sheet's edges from its corner, those of a side flap from the next. */
    @Test
    void onPoint_comesFromASquare_scoredFromMarkToMark() {
        Plan inch = expect(project("envelope").withSet("holds", INCH_CARD).withSet("cut", "on point"))
                .cuts("slanting", "8 in", "8 in").hasNothingBad().plan();
        assertEquals(List.of(length("4 13/16 in"), length("8 in").minus(length("3 15/16 in"))), marks(inch));
        Plan metric = expect(metric("envelope").withSet("holds", A6).withSet("cut", "on point"))
                .cuts("slanting", "204 mm", "204 mm").hasNothingBad().plan();
        assertEquals(List.of(length("126 mm"), length("204 mm").minus(length("96 mm"))), marks(metric));
    }

    /** Where the scores of the top and of the right flap leave the top edge of the sheet, from its left corner. */
    private static List<Length> marks(Plan plan) {
        List<Slant> slants = plan.scores().stream().flatMap(setup -> setup.slants().stream()).toList();
        return Stream.of("top", "right").map(score -> slants.stream().filter(slant -> slant.score().equals(score))
                .findFirst().orElseThrow().from().at()).toList();
    }

    @ParameterizedTest
    @CsvSource({"straight", "on point"})
    void card_liesInIt_withItsThickness_theFlapOpenable(String cut) {
        for (String card : List.of(INCH_CARD, "4 x 4 x 0 in", "6 x 4 x 1/4 in", "3 1/2 x 5 x 1/32 in")) {
            Plan plan = expect(project("envelope").withSet("holds", card).withSet("cut", cut)).hasNothingBad().plan();
            Length thickness = plan.measures().get("holds").orElseThrow().contents().orElseThrow().thickness();
            assertFalse(plan.stack().orElseThrow().thickness().minus(thickness)
                    .isLongerThan(plan.project().card().caliper().times(5)), card);
            assertEquals(List.of(), plan.faults());
        }
    }

    /** On point, flaps of a long card leave a gap: up to twice its height less the seam's slant they meet. */
    @Test
    void cardTooLongForItsHeight_isToBeCutStraight() {
        Project slim = project("envelope").withSet("holds", "8 x 3 1/2 in");
        expect(slim.withSet("cut", "on point")).judges("on-point", Verdict.BAD).says("on-point", "Cut it straight");
        expect(slim).hasNothingBad();
    }

    @ParameterizedTest
    @CsvSource({"straight", "on point"})
    void liner_isSmallerThanBackAndFlap_andBareWhereTheGumGoes(String cut) {
        Plan plan = expect(project("envelope").withSet("cut", cut).withSet("liner", "yes")).hasNothingBad().plan();
        assertEquals(List.of(), plan.faults());
        Length wide = plan.measures().length("long").minus(plan.design().piece("liner").width().length());
        assertEquals(length("1/4 in"), wide);
        assertTrue(plan.checks().stream().anyMatch(check -> check.id().equals("parts")
                && check.verdict() == Verdict.GOOD), plan.checks().toString());
    }

    /** The lower flap's edges slant by 1/4 in: the strip of glue is as wide at the top as at the fold. */
    @Test
    void glueFollowsTheSlantOfTheFlap() {
        Plan plan = Plans.plan(project("envelope").withSet("slant", "1/2 in"));
        double area = plan.workings().glued().get("lower left").glued().stream()
                .mapToDouble(strip -> strip.getArea()).sum();
        double along = Math.hypot(plan.measures().length("lower").toMillimetres(), 12.7);
        assertEquals(along * 6.35, area, 0.05 * area);
    }

    @Test
    void turnedTag_isCutAsWorkedOut() {
        expect(project("turned-tag")).cuts("tag", "2 3/8 in", "6 in").measures("turn", "2 1/4 in")
                .closes("2 3/8 in", "3 3/4 in").hasNothingBad();
        expect(metric("turned-tag")).cuts("tag", "60 mm", "155 mm").measures("turn", "58 mm").closes("60 mm", "97 mm")
                .hasNothingBad();
    }

    @Test
    void shortTurn_holdsTooLittle() {
        expect(project("turned-tag").withSet("turn", "1 3/4 in")).judges("holds-two-thirds", Verdict.WATCH);
        expect(project("turned-tag").withSet("turn", "1 in")).judges("turn-depth", Verdict.BAD);
    }
}

package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.drawing.CardDrawing;
import cufflink.drawing.Shape;
import cufflink.drawing.StepDrawing;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.design.DesignFileReader;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.RunStep;
import cufflink.problem.Problem;
import cufflink.stack.StandingSize;
import cufflink.words.CheckWords;
import cufflink.words.Code;
import cufflink.words.DesignFileWords;
import cufflink.words.DesignWords;
import cufflink.words.FoldWords;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rosettes and fans: strips from a wished diameter. */
class RosetteTest {
    private static Project rosette(String... entries) {
        return Plans.set(Plans.project("rosette"), entries);
    }

    private static StandingSize opened(Project project) {
        return Plans.plan(project).workings().standing().orElseThrow();
    }

    /** Common practice, without a source: a strip of 12 in, half as wide as the rosette, scored each half inch. */
    @Test
    void threeInches_takeAStripOfTwelve() {
        Plans.expect(rosette("width=1 1/2 in")).cuts("strip", "12 1/2 in", "1 1/2 in").cuts("disc1", "1 in", "1 in")
                .hasNothingBad();
        Plan plan = Plans.plan(rosette());
        assertEquals(24, plan.scores().get(0).positions().size());
        assertEquals(1, plan.run().stream().filter(step -> step.phase() == Phase.FOLD).count());
    }

    /** Round a disc of 4 in it is π · 4 in = 12.57 in: one strip of 12 in cannot close, whatever its pleats. */
    @Test
    void stripShorterThanTheRim_isLengthened_andNamed() {
        Plan plan = Plans.plan(rosette("diameter=4 in", "wished=12 in"));
        assertEquals(List.of("wished"), plan.changed().stream().map(changed -> changed.measure()).toList());
        assertTrue(plan.measures().length("length").isLongerThan(Plans.length("12 9/16 in")));
        Plans.expect(plan.project()).judges("reaches-round", Verdict.WATCH);
    }

    /** The formulas of the design against the form that the engine builds, which keeps the lengths of all edges. */
    @ParameterizedTest
    @CsvSource({"rosette, 3 in, 1/2 in", "rosette, 5 in, 1 in", "half fan, 6 in, 3/4 in", "quarter fan, 8 in, 1/2 in",
        "rosette, 2 in, 1/4 in"})
    void opened_itMeasuresWhatTheDesignSays(String form, String diameter, String pitch) {
        Project project = rosette("form=" + form, "diameter=" + diameter, "pitch=" + pitch, "discs=front");
        double across = Plans.plan(project).measures().length("across").toMillimetres();
        StandingSize size = opened(project);
        double wide = size.across().toMillimetres();
        switch (form) {
            // A polygon with corners: between two of them it is a little narrower.
            case "rosette" -> assertEquals(across, wide, 0.01 * across);
            case "half fan" -> assertEquals(across, wide, 0.01 * across);
            default -> assertEquals(across / 2 * Math.sqrt(2), wide, 0.02 * across);
        }
        double pleat = Plans.length(pitch).toMillimetres();
        assertTrue(size.high().toMillimetres() <= pleat + 1 && size.high().toMillimetres() > 0.8 * pleat);
        assertTrue(Math.abs(across - Plans.length(diameter).toMillimetres()) < 25.4 / 16 * 2, "on the ruler");
    }

    @Test
    void itSaysHowLargeItOpens_andThatItIsNotPosted() {
        Plan plan = Plans.plan(rosette());
        assertEquals("Opened ≈ 2 15/16 × 2 15/16 in, ≈ 1/2 in thick", plan.size().orElseThrow().sentence());
        String last = plan.run().get(plan.run().size() - 1).text();
        assertTrue(last.startsWith("Opened out it should measure"), last);
        Plan posted = Plans.plan(plan.project().withEnvelope(Optional.of(Plans.envelope("A7"))));
        assertTrue(posted.checks().stream().anyMatch(check -> check.message().code() == CheckWords.ROUND_IN_NO_ENVELOPE
                && check.verdict() == Verdict.BAD), posted.checks().toString());
    }

    @Test
    void itIsDrawnOpen_withItsDiscs() {
        Plan plan = Plans.plan(rosette());
        List<Shape.Area> areas = CardDrawing.draw(plan, 0.3).orElseThrow().shapes().stream()
                .filter(Shape.Area.class::isInstance).map(Shape.Area.class::cast).toList();
        long panels = areas.stream().filter(area -> area.id().startsWith("strip.")).count();
        assertEquals("disc1.disc", areas.get(areas.size() - 1).id(), "seen from the front");
        assertEquals(25, panels);
    }

    /** The hands see what they glue the discs on: the front from above, the back from behind. */
    @Test
    void discs_areShownOnTheOpenedFolds() {
        Plan plan = Plans.plan(rosette());
        for (String title : List.of("Open it and glue the front disc", "Glue the back disc")) {
            RunStep step = plan.run().stream().filter(one -> one.title().equals(title)).findFirst().orElseThrow();
            assertTrue(StepDrawing.draw(plan, step, StepDrawing.Moment.done(), 0.3).shapes().size() > 25, title);
        }
    }

    @Test
    void strip_longerThanTheSheet_lapsOverAPanel() {
        Plan plan = Plans.plan(rosette("diameter=5 in").withWish(Plans.fromSheet("Letter", 1)));
        assertTrue(plan.run().stream().anyMatch(step -> step.text().contains("Lay part 2 over the end of part 1")));
    }

    @ParameterizedTest
    @CsvSource({"pitch=7/8 in, pleats-open", "wished=10 in, reaches-round", "disc=7/16 in, disc-holds"})
    void settingThatIsPoor_isWatched(String set, String check) {
        Plans.expect(rosette(set)).judges(check, Verdict.WATCH);
    }

    @ParameterizedTest
    @CsvSource({"width=1 in, as-large", "diameter=1 1/2 in;pitch=1/8 in;wished=18 in, middle-closes"})
    void settingThatDoesNotFit_isJudgedBad(String set, String check) {
        Plans.expect(rosette(set.split(";"))).judges(check, Verdict.BAD);
    }

    @ParameterizedTest
    @CsvSource({"diameter=1 in", "pitch=2 in", "wished=5 in", "width=1/8 in", "disc=1/8 in"})
    void settingBeyondALimit_isChanged(String set) {
        Plan plan = Plans.plan(rosette(set));
        assertEquals(List.of(set.split("=")[0]), plan.changed().stream().map(changed -> changed.measure()).toList());
    }

    /** Of more panels than a design may have, there is none. */
    @Test
    void moreThanTwoHundredPanels_areRefused() {
        assertTrue(Planner.plan(rosette("diameter=12 in", "pitch=1/8 in")).value().isEmpty());
    }

    private static List<Code> refused(String from, String to) {
        String text = BuiltInDesigns.text("rosette");
        assertTrue(text.contains(from), from);
        return DesignFileReader.read("rosette.yaml", text.replace(from, to)).problems().stream().map(Problem::code)
                .distinct().toList();
    }

    @Test
    void formThatIsWrittenWrongly_isRefusedWithItsReason() {
        assertEquals(List.of(FoldWords.ROUND_MEETS_WRONG),
                refused("(if form = 'rosette' then 1 else 0)", "0"));
        assertEquals(List.of(FoldWords.ROUND_TOO_SHORT), refused("hole: hole,", "hole: 3 * diameter,"));
        assertEquals(List.of(FoldWords.ROUND_HUB_ELSEWHERE), refused("hubs: [disc1.disc,", "hubs: [strip.panel1,"));
        assertEquals(List.of(DesignFileWords.FIELD_UNKNOWN), refused("{turn: turn, ", "{turn: turn, when: 1 = 1, "));
        assertEquals(List.of(DesignFileWords.FIELDS_EXPECTED, DesignFileWords.MISSING),
                refused("{round: {turn: turn, hole: hole, hubs: [disc1.disc, disc2.disc]}}", "{round: 360 deg}"));
    }

    @Test
    void nothingGoesRoundIt() {
        assertEquals(List.of(DesignWords.NOTHING_GOES_ROUND),
                Plans.adding(rosette(), "band=belly-band@around").problems().stream().map(Problem::code).toList());
    }
}

package cufflink.files;

import static cufflink.files.Plans.expect;
import static cufflink.files.Plans.project;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.design.DesignDefinition;
import cufflink.design.Measure.Role;
import cufflink.files.design.BuiltInDesigns;
import cufflink.fit.Wish;
import cufflink.mat.MatSettings;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.BenchTools;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.score.ScoreSetup;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a maker never set is what is usual in the unit that is shown; what they set stays. */
class UnitsAndGroovesTest {
    static Stream<DesignDefinition> designs() {
        return BuiltInDesigns.all().stream();
    }

    @ParameterizedTest
    @MethodSource("designs")
    void fromInchesToMillimetres_nothingUnsetStaysInInches(DesignDefinition design) {
        Project metric = Project.of(design, RulerStep.SIXTEENTH_INCH).withStep(RulerStep.MILLIMETRE);
        assertEquals(Project.of(design, RulerStep.MILLIMETRE), metric);
        assertEquals(Project.of(design, RulerStep.SIXTEENTH_INCH), metric.withStep(RulerStep.SIXTEENTH_INCH));
    }

    /** In both units every cut, every place on the ruler: what the design itself says is never off it. */
    @ParameterizedTest
    @MethodSource("designs")
    void piecesAndLayers_areCutOnTheRuler_inBothUnits(DesignDefinition design) {
        for (RulerStep ruler : List.of(RulerStep.SIXTEENTH_INCH, RulerStep.MILLIMETRE)) {
            Plan plan = Plans.plan(Project.of(design, ruler));
            plan.design().pieces().forEach(
                    piece -> assertTrue(ruler.has(piece.width().length()) && ruler.has(piece.height().length()),
                            piece.id() + " " + piece.width().length()));
            plan.measures().all().stream()
                    .filter(sized -> sized.isLength() && sized.definition().role() == Role.ALLOWANCE
                            && !sized.definition().name().equals("slotClearance"))
                    .forEach(sized -> assertTrue(ruler.has(sized.length()), sized.definition().name()));
            plan.run().stream().filter(step -> step.phase() == Phase.CUT || step.phase() == Phase.MAT)
                    .flatMap(step -> step.readings().stream())
                    .forEach(reading -> assertTrue(!reading.rounded(), reading.label()));
        }
    }

    @Test
    void whatWasSet_staysExact() {
        Project inches = project("overlapping-gate").withSet("cover", "3 1/2 in")
                .withMats(project("overlapping-gate").mats().withReveal(MatSettings.TIGHT_REVEAL))
                .withWish(new Wish.InEnvelope(Plans.envelope("C6"), Length.ofInches(1, 4)));
        Project metric = inches.withStep(RulerStep.MILLIMETRE);
        assertEquals(Length.ofInches(7, 2), Plans.plan(metric).measures().length("cover"));
        assertEquals(MatSettings.TIGHT_REVEAL, metric.mats().reveal());
        assertEquals(Length.ofInches(1, 4), ((Wish.InEnvelope) metric.wish()).ease());
        Plan plan = Plans.plan(metric.withMats(metric.mats().withReveal(Length.ofInches(1, 8))));
        assertTrue(
                plan.mats().stream().allMatch(
                        layer -> RulerStep.MILLIMETRE.has(layer.width()) && RulerStep.MILLIMETRE.has(layer.height())),
                "a border in inches leaves layers on the ruler");
    }

    /** With the option on, what places scores lies on the grooves and sums stay sums; cut sizes keep the finer step. */
    @Test
    void scoresLandOnGrooves() {
        Project gate = project("overlapping-gate");
        Project odd = gate.withWish(new Wish.FinishedSize(Length.ofInches(35, 8), Length.ofInches(87, 16)));
        assertTrue(scores(odd).stream().anyMatch(at -> at.nanometres() % Length.ofInches(1, 8).nanometres() != 0));
        Project grooved = odd.withTools(gate.tools().withOnGrooves(true));
        assertTrue(scores(grooved).stream().allMatch(at -> at.nanometres() % Length.ofInches(1, 8).nanometres() == 0),
                scores(grooved).toString());
        Plan plan = Plans.plan(grooved);
        assertEquals(plan.measures().length("underlap").plus(plan.measures().length("width")),
                plan.design().pieces().get(0).scores().get(1).line().at().orElseThrow().length());
        assertEquals(Length.ofInches(87, 16), plan.measures().length("height"));
        expect(grooved).judges("grooves", Verdict.GOOD);
    }

    @Test
    void setByHand_staysBetweenTheGrooves_andIsSaidSo() {
        Project gate = project("overlapping-gate").withSet("underlap", "2 3/16 in");
        expect(gate.withTools(gate.tools().withOnGrooves(true))).measures("underlap", "2 3/16 in")
                .judges("grooves", Verdict.WATCH).says("grooves", "2 3/16 is 1/16 past the groove at 2 1/8 in");
        expect(gate).judges("grooves", Verdict.GOOD).says("grooves", "2 3/16 is 1/16 past the groove at 2 1/8 in");
    }

    /**
     * Folded at the side, only the width places a score: the height is a cut size and keeps the ruler's step. Grooves
     * farther apart than the card leave it as it is.
     */
    @Test
    void onlyWhatPlacesAScore_landsOnAGroove() {
        Project fold = project("half-fold")
                .withWish(new Wish.FinishedSize(Length.ofInches(67, 16), Length.ofInches(87, 16)));
        expect(fold.withTools(fold.tools().withOnGrooves(true))).measures("width", "4 1/8 in").measures("height",
                "5 7/16 in");
        expect(fold.withSet("fold", "top").withTools(fold.tools().withOnGrooves(true))).measures("width", "4 3/16 in")
                .measures("height", "5 3/8 in");
        BenchTools far = new BenchTools(Length.ofInches(12), Length.ofInches(12), Length.ofInches(12),
                Length.ofInches(13), fold.tools().grain()).withOnGrooves(true);
        expect(fold.withTools(far)).measures("width", "4 3/16 in").judges("grooves", Verdict.WATCH);
    }

    /** An everyday case: a metric project on a board in inches. */
    @ParameterizedTest
    @MethodSource("designs")
    void metricProject_onAnInchBoard_isNotWarned(DesignDefinition design) {
        Project metric = Project.of(design, RulerStep.MILLIMETRE);
        Plan plan = Plans.plan(metric.withTools(BenchTools.USUAL_INCH));
        assertTrue(plan.checks().stream()
                .noneMatch(check -> check.id().equals("grooves") && check.verdict() != Verdict.GOOD));
    }

    private static List<Length> scores(Project project) {
        return Plans.plan(project).scores().stream().flatMap(setup -> setup.positions().stream())
                .map(ScoreSetup.Position::at).toList();
    }
}

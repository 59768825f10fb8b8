package cufflink.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestDesigns;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.Stock;
import cufflink.score.ScoringStyle;
import cufflink.words.Code;
import cufflink.words.StepWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the hands are told of strips: every piece cut, every crease scored and folded, every number on the ruler. */
class RunSheetTest {
    private static final Project HALF_FOLD = Project
            .of(TestDesigns.strip(List.of("width", "width"), "v", List.of("c1")), RulerStep.SIXTEENTH_INCH);

    private static Plan plan(Project project) {
        return Planner.plan(project).orThrow();
    }

    private static List<RunStep> steps(Plan plan, Phase phase) {
        return plan.run().stream().filter(step -> step.phase() == phase).toList();
    }

    private static List<Code> codes(List<RunStep> steps) {
        return steps.stream().flatMap(step -> step.told().stream()).map(message -> message.code()).toList();
    }

    /** An accordion of 2 to 7 panels on a sheet that takes it. */
    private static Project accordion(Random random) {
        int panels = 2 + random.nextInt(6);
        List<String> widths = IntStream.range(0, panels)
                .mapToObj(i -> "(" + (16 + random.nextInt(16)) + " / 16 * 1 in)")
                .toList();
        String folds = IntStream.range(1, panels).mapToObj(i -> i % 2 == 0 ? "m" : "v").collect(Collectors.joining());
        Project project = Project.of(TestDesigns.strip(widths, folds,
                IntStream.range(1, panels).mapToObj(i -> "c" + i).toList()), RulerStep.SIXTEENTH_INCH);
        Stock long1 = project.card().inSheets(Length.ofInches(24), Length.ofInches(12));
        return project.withPaper(project.cardRole(), long1).withMats(project.mats().withLayers(0));
    }

    @RepeatedTest(40)
    void everyCreaseIsScoredOnce_whereItLies_andFoldedOnce(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Plan plan = plan(accordion(random)
                .withScoring(random.nextBoolean() ? ScoringStyle.ONE_FACE : ScoringStyle.OWN_FACE));
        List<String> creases = plan.design().main().scores().stream().map(score -> score.id()).toList();
        List<Reading> scored = steps(plan, Phase.SCORE).stream().flatMap(step -> step.readings().stream()).toList();
        assertEquals(creases, scored.stream().map(Reading::id).sorted().toList());
        List<String> folded = steps(plan, Phase.FOLD).stream().map(step -> ((StepSubject.OfFold) step.subject()))
                .flatMap(fold -> fold.stage().step().creases().stream()).toList();
        assertEquals(creases, folded);
        assertTrue(plan.run().stream().flatMap(step -> step.readings().stream())
                .allMatch(reading -> plan.project().step().has(reading.length())));
    }

    /** Read off from the left edge, or from the right one where the piece is turned over, scores lie where drawn. */
    @RepeatedTest(40)
    void scoresFromTheOtherSide_addUpToTheWidth(RepetitionInfo run) {
        Plan plan = plan(accordion(new Random(run.getCurrentRepetition())).withScoring(ScoringStyle.OWN_FACE));
        Length width = plan.design().main().width().length();
        plan.scores().forEach(setup -> setup.positions().forEach(position -> {
            Length drawn = plan.design().main().scores().stream().filter(score -> score.id().equals(position.score()))
                    .findFirst().orElseThrow().line().x1();
            assertEquals(drawn, setup.mirrored() ? width.minus(position.at()) : position.at(), position.score());
        }));
    }

    @Test
    void steps_areNumberedThrough_inTheOrderOfThePhases() {
        Plan plan = plan(HALF_FOLD);
        assertEquals(IntStream.rangeClosed(1, plan.run().size()).boxed().toList(),
                plan.run().stream().map(RunStep::number).toList());
        List<Phase> phases = plan.run().stream().map(RunStep::phase).toList();
        assertEquals(phases.stream().sorted().toList(), phases);
        assertEquals(Phase.CHECK, phases.get(phases.size() - 1));
    }

    @ParameterizedTest
    @EnumSource(RulerStep.class)
    void numbers_areOnTheRuler_onEveryRuler(RulerStep ruler) {
        Plan plan = plan(HALF_FOLD.withStep(ruler).withMats(HALF_FOLD.mats().withLayers(2)));
        plan.run().stream().filter(step -> step.phase() != Phase.CUT).flatMap(step -> step.readings().stream())
                .forEach(reading -> assertTrue(
                        ruler.has(reading.length()) && reading.size().map(ruler::has).orElse(true)
                                || step(plan, reading).phase() == Phase.CHECK,
                        reading.text(plan.format())));
    }

    private static RunStep step(Plan plan, Reading reading) {
        return plan.run().stream().filter(step -> step.readings().contains(reading)).findFirst().orElseThrow();
    }

    @Test
    void moreCopies_areSaidOnce() {
        List<Code> once = codes(plan(HALF_FOLD).run());
        assertFalse(once.contains(StepWords.FOR_EACH_COPY));
        Plan many = plan(HALF_FOLD.withCopies(7));
        assertTrue(codes(many.run()).contains(StepWords.FOR_EACH_COPY));
        assertEquals(7, steps(many, Phase.CUT).stream().map(step -> (StepSubject.OfSheet) step.subject())
                .mapToInt(sheet -> sheet.alike() * (int) sheet.layout().placements().stream()
                        .flatMap(placement -> placement.pieces().stream()).filter("base"::equals).count())
                .sum());
    }

    @Test
    void sheetsAlike_areCutInOneStep() {
        Plan plan = plan(HALF_FOLD.withCopies(9).withMats(HALF_FOLD.mats().withLayers(0)));
        List<RunStep> cuts = steps(plan, Phase.CUT);
        assertEquals(1, cuts.size());
        assertEquals(StepWords.CUT_SHEETS_ALIKE, cuts.get(0).told().get(0).code());
        assertEquals(3, cuts.get(0).told().get(0).argument("count"));
        assertEquals(Optional.of(StepWords.TRIMMER), cuts.get(0).warned().map(message -> message.code()));
    }

    @Test
    void whatIsNotOnTheRuler_isMarkedAsRounded() {
        Reading reading = Reading.mark("a", "from the left edge", Length.ofMicrometres(10_300), RulerStep.MILLIMETRE,
                Optional.empty());
        assertTrue(reading.rounded());
        assertEquals(Length.ofMillimetres(10), reading.length());
        Plan metric = plan(HALF_FOLD.withStep(RulerStep.MILLIMETRE));
        assertEquals("≈ 10 mm", reading.text(metric.format()));
        Reading exact = Reading.mark("a", "", Length.ofMillimetres(10), RulerStep.MILLIMETRE, Optional.empty());
        assertEquals("10", exact.number(metric.format()));
    }

    /** A first layer and what lies on it are cut from the largest down, and put on before the card is closed. */
    @Test
    void layers_areCutAndPutTogether_beforeTheCardIsFolded() {
        Plan plan = plan(HALF_FOLD.withMats(HALF_FOLD.mats().withLayers(2)));
        List<Length> widths = new ArrayList<>();
        steps(plan, Phase.MAT).forEach(step -> step.readings().forEach(reading -> widths.add(reading.length())));
        assertEquals(widths.stream().sorted(Comparator.reverseOrder()).toList(), widths);
        assertEquals(plan.mats().stream().map(layer -> layer.label()).sorted().distinct().count(),
                plan.mats().size());
    }
}

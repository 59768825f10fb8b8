package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.cut.Along;
import cufflink.cut.CutPiece;
import cufflink.design.CreaseRef;
import cufflink.files.design.DesignFileReader;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.PaperRole;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.RunStep;
import cufflink.plan.StepSubject;
import cufflink.stack.StackLayer;
import cufflink.words.StepWords;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Layers over a whole piece, which is scored and folded with them. */
class LinedTest {
    private static String example() throws IOException {
        return Files.readString(Path.of("../docs/examples/lined.yaml"));
    }

    private static Project project(String text) {
        return Project.of(DesignFileReader.read("lined.yaml", text).orThrow(), RulerStep.MILLIMETRE);
    }

    private static Project bare(String text) {
        return project(text.substring(0, text.indexOf("parts:")));
    }

    @Test
    void lining_isOneSheet_andLiesOnEveryPanel() throws IOException {
        Plan plan = Plans.plan(bare(example()));
        assertEquals(1, plan.mats().stream().filter(mat -> mat.on().isWhole()).count());
        double spine = plan.measures().get("spine").orElseThrow().length().toMillimetres();
        double width = 2 * 115 + spine - 6;
        double area = plan.stack().orElseThrow().layers().stream()
                .filter(layer -> layer.kind() == StackLayer.Kind.MAT && layer.label().startsWith("Lining"))
                .mapToDouble(layer -> layer.footprint().getArea()).sum();
        assertEquals((width - spine) * 104, area, 1e-6, "all of it but what lies over the spine");
    }

    /** The way round two linings is longer than the bare one by twice their thickness. */
    @Test
    void spine_goesRoundItsLiningsToo() throws IOException {
        Plan lined = Plans.plan(bare(example()));
        Plan plain = Plans.plan(lined.project().withMats(lined.project().mats().withLayers(0)));
        Length caliper = lined.project().paper(PaperRole.layer(1)).caliper();
        Length more = lined.workings().stacked().thickness(new CreaseRef("base", "spine")).orElseThrow()
                .minus(plain.workings().stacked().thickness(new CreaseRef("base", "spine"))
                        .orElseThrow());
        assertEquals(caliper.times(2), more);
    }

    @Test
    void lining_isGluedOnBeforeTheScores_andScoredThrough() throws IOException {
        Plan plan = Plans.plan(project(example()));
        List<RunStep> run = plan.run();
        int glued = indexOf(run, StepWords.LAYERS_OVER);
        RunStep score = run.stream().filter(step -> step.subject() instanceof StepSubject.OfScores scores
                && scores.setup().piece().equals("base")).findFirst().orElseThrow();
        assertTrue(glued >= 0 && glued < score.number() - 1);
        assertEquals(Phase.SCORE, run.get(glued).phase());
        assertTrue(score.told().stream().anyMatch(told -> told.code() == StepWords.SCORED_THROUGH));
        // Nothing of the sleeve is lined; the front's own layer waits until everything is folded.
        assertEquals(1, run.stream().flatMap(step -> step.told().stream())
                .filter(told -> told.code() == StepWords.SCORED_THROUGH).count());
        assertTrue(indexOf(run, StepWords.LAYERS_ON) > glued);
        assertEquals(List.of(), plan.checks().stream().filter(check -> check.verdict() == Verdict.BAD).map(Check::text)
                .toList());
    }

    private static int indexOf(List<RunStep> run, StepWords title) {
        return run.indexOf(run.stream().filter(step -> step.called().code() == title).findFirst().orElseThrow());
    }

    /** A lining is folded, so its grain matters as that of the card does. */
    @Test
    void lining_hasTheFoldOfItsPiece() throws IOException {
        Plan plan = Plans.plan(project(example()));
        List<CutPiece> pieces = Planner.cutPieces(plan, 1, "");
        assertEquals(List.of(Optional.of(Along.HEIGHT), Optional.empty()),
                pieces.stream().filter(piece -> piece.id().contains(" layer ")).map(CutPiece::fold).toList());
    }

    @Test
    void liningOfNothing_isRefused() throws IOException {
        assertTrue(DesignFileReader.read("lined.yaml", example().replace("over: base", "over: lid")).problems().stream()
                .anyMatch(problem -> problem.text().contains("lid")));
    }
}

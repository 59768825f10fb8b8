package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.Fold;
import cufflink.files.design.DesignFileReader;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.RunStep;
import cufflink.plan.StepSubject;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.score.ScoreSetup;
import cufflink.words.PieceWords;
import cufflink.words.StepWords;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Handles: folded lengthwise but for their ends, where the paper bends. */
class BendTest {
    private static String example() throws IOException {
        return Files.readString(Path.of("../docs/examples/handle.yaml"));
    }

    private static Outcome<Plan> plan(String text) {
        return DesignFileReader.read("handle.yaml", text)
                .then(design -> Planner.plan(Project.of(design, RulerStep.MILLIMETRE)));
    }

    private static Stream<Problem> problems(String text) {
        Outcome<Plan> plan = plan(text);
        return Stream.concat(plan.problems().stream(),
                plan.value().stream().flatMap(now -> now.pieces().values().stream())
                        .flatMap(piece -> piece.problems().stream()));
    }

    @Test
    void bend_isScoredFromEndToEnd_andDividesNoPanel() throws IOException {
        Plan plan = plan(example()).orThrow();
        ScoreSetup.Position ridge = plan.scores().stream().filter(setup -> setup.piece().equals("handle"))
                .flatMap(setup -> setup.positions().stream()).findFirst().orElseThrow();
        assertEquals(List.of(Length.ofMillimetres(15), Length.ofMillimetres(25), Length.ofMillimetres(105)),
                List.of(ridge.at(), ridge.from(), ridge.to()));
        assertEquals(Fold.MOUNTAIN, ridge.fold());
        assertEquals(1, plan.pieces().get("handle").pattern().panels().size());
        assertTrue(plan.stack().isPresent(), "the folder closes with its handle on");
    }

    @Test
    void bend_isFoldedInAStepThatSaysWhatBecomesOfItsEnds() throws IOException {
        Plan plan = plan(example()).orThrow();
        RunStep step = plan.run().stream().filter(one -> one.phase() == Phase.FOLD
                && one.subject() instanceof StepSubject.OfFold fold && fold.piece().equals("handle")).findFirst()
                .orElseThrow();
        assertTrue(step.told().stream().anyMatch(told -> told.code() == StepWords.BENDS), step.text());
    }

    /** Two leaves of the folder, and the handle, which lies double. */
    @Test
    void bentPanel_countsDoubleInTheClosedCard() throws IOException {
        Plan plan = plan(example()).orThrow();
        Length caliper = plan.project().card().caliper();
        assertEquals(caliper.times(4), plan.stack().orElseThrow().thickness());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"from: ends, to: reach - ends|from: 0 mm, to: reach|BEND_RUNS_THROUGH",
        "from: ends, to: reach - ends|from: ends, to: ends|BEND_OFF_ITS_PANEL",
        "x: strap / 2|x: strap / 2, width: 2 mm|BENT_ALONE",
        "handle, fold: [ridge]|base, fold: [fold]|NEVER_FOLDED",
        "ends, fold: mountain, bent: yes|ends, fold: decorative, bent: yes|BEND_IS_DECORATIVE",
        "ends, fold: mountain, bent: yes|ends, fold: mountain|"
                + "SCORE_ENDS_INSIDE",
        "at: [(width - strap) / 2, (height - reach) / 2], |''|NEVER_TOGETHER"})
    void whatIsNoBend_isRefused(String was, String is, String code) throws IOException {
        String text = example().replace(was, is);
        assertTrue(!text.equals(example()), "the example changes");
        assertTrue(problems(text).anyMatch(problem -> problem.code().toString().equals(code)),
                problems(text).toList().toString());
    }

    @Test
    void bendAcrossACrease_isRefused() throws IOException {
        String text = example().replace("scores: [{id: ridge",
                "scores: [{id: middle, y: reach / 2, fold: valley}, {id: ridge");
        assertTrue(problems(text).anyMatch(problem -> problem.code() == PieceWords.BEND_OFF_ITS_PANEL),
                problems(text).toList().toString());
    }
}

package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.design.DesignDefinition;
import cufflink.design.PanelRef;
import cufflink.files.design.DesignFileReader;
import cufflink.fold.FoldedState;
import cufflink.fold.Point3;
import cufflink.fold.PosedCard;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.stack.SoftWay;
import cufflink.words.CheckWords;
import cufflink.words.Code;
import cufflink.words.DesignFileWords;
import cufflink.words.DesignWords;
import cufflink.words.FoldWords;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Two boards that only ribbons join, and that open at either of two edges. */
class TiedBoardsTest {
    private static String boards() throws IOException {
        return Files.readString(Path.of("../docs/examples/boards.yaml"));
    }

    private static Plan plan(String text, RulerStep step) {
        Project project = Project.of(DesignFileReader.read("boards.yaml", text).orThrow(), step);
        return Plans.plan(project.withMats(project.mats().withLayers(0)));
    }

    private static FoldedState pose(Plan plan, String name) {
        return plan.workings().poses().stream().filter(posed -> posed.name().equals(name)).findFirst().orElseThrow()
                .state().orThrow();
    }

    private static Point3 middle(FoldedState state, String piece, double height) {
        return state.position().get(new PanelRef(piece, "board")).apply(0, height / 2, 0);
    }

    /** Worked out apart from the program, by simulation: 4 1/2 × 3 in and 115 × 76 mm. */
    @ParameterizedTest
    @CsvSource({"SIXTEENTH_INCH, 114.3, 127", "MILLIMETRE, 116, 126"})
    void ribbons_areAsLongAsWorkedOutElsewhere(RulerStep step, double parallel, double crossed) throws IOException {
        Plan plan = plan(boards(), step);
        assertEquals(Set.of(parallel, crossed), plan.workings().soft().stream()
                .map(way -> way.length().toMillimetres()).collect(Collectors.toSet()));
        assertEquals(List.of(), plan.faults());
        assertTrue(plan.checks().stream().noneMatch(check -> check.verdict() == Verdict.BAD),
                plan.checks().toString());
    }

    /** Opened at one edge the lower board lies below the upper one, opened at the other above it. */
    @Test
    void boards_openAtEitherEdge() throws IOException {
        Plan plan = plan(boards(), RulerStep.MILLIMETRE);
        FoldedState below = pose(plan, "open at the joining edge");
        FoldedState above = pose(plan, "open at the other edge");
        assertEquals(76, middle(below, "lower", 76).minus(middle(below, "upper", 76)).y(), 1e-6);
        assertEquals(-76, middle(above, "lower", 76).minus(middle(above, "upper", 76)).y(), 1e-6);
        assertTrue(plan.workings().poses().stream().map(PosedCard::obstacle).allMatch(none -> none.isEmpty()));
    }

    /** In all four states the ways differ by the thickness of a ribbon at most. */
    @Test
    void everyRibbon_fitsInEveryState() throws IOException {
        for (SoftWay way : plan(boards(), RulerStep.MILLIMETRE).workings().soft()) {
            assertEquals(4, way.lies().size());
            assertTrue(way.lies().stream().map(SoftWay.Lie::slack)
                    .allMatch(slack -> !slack.isNegative() && !slack.isLongerThan(Length.ofMicrometres(301))),
                    way.lies().toString());
        }
    }

    /** Were it to stay on its own board, a ribbon would hold the other edge shut. */
    @Test
    void ribbonThatStaysOnItsBoard_holdsTheOtherEdgeShut() throws IOException {
        String text = boards().replace("    inPose:\n", "    length: 5 in\n    inPose:\n")
                .replace("      open at the other edge:", "      half open:");
        assertTrue(plan(text, RulerStep.SIXTEENTH_INCH).checks().stream()
                .anyMatch(check -> check.message().code() == CheckWords.SOFT_TOO_SHORT
                        && check.text().contains("open at the other edge")));
    }

    private static List<Code> problems(String from, String to) throws IOException {
        Outcome<DesignDefinition> read = DesignFileReader.read("boards.yaml", boards().replace(from, to));
        return read.problems().stream().map(problem -> problem.code()).toList();
    }

    @Test
    void whatMakesNoSense_isRefused() throws IOException {
        assertTrue(problems("      open at the other edge:      #", "      open elsewhere:      #")
                .contains(DesignWords.GOES_A_WAY_IN_NO_POSE));
        assertTrue(problems("edges: [top]}", "edges: [top, left]}").contains(DesignFileWords.TIED_AT_ONE_EDGE));
        assertTrue(problems("open at the other edge: {lower.outer: 180 deg}",
                "open at the other edge: {after: half open, lower.outer: 180 deg}").contains(FoldWords.HELD_ELSEWHERE));
    }
}

package cufflink.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestDesigns;
import cufflink.design.DesignDefinition;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.BenchTools;
import cufflink.paper.GrainRule;
import cufflink.paper.NamedSize;
import cufflink.paper.NamedSize.Kind;
import cufflink.paper.PaperRole;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.words.CheckWords;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Each judge, with a project that it must pass and one that it must not. */
class CheckerTest {
    private static Project project(List<String> widths, String folds, String... sequence) {
        DesignDefinition design = TestDesigns.strip(widths, folds, List.of(sequence));
        return Project.of(design, RulerStep.SIXTEENTH_INCH);
    }

    private static Project gate() {
        return project(List.of("2 in", "4 in", "3 in"), "vv", "c1", "c2");
    }

    private static Check check(Project project, String id) {
        Plan plan = Planner.plan(project).orThrow();
        return plan.checks().stream().filter(found -> found.id().equals(id)).findFirst()
                .orElseThrow(() -> new AssertionError(
                        id + " is not among " + plan.checks().stream().map(Check::id).toList()));
    }

    private static Optional<NamedSize> envelope(String name) {
        return PublishedSizes.named(Kind.ENVELOPE, name);
    }

    private static BenchTools tools(int trimmer, int board) {
        return new BenchTools(Length.ofInches(trimmer), Length.ofInches(board), Length.ofInches(board),
                Length.ofInches(1, 8), GrainRule.PREFER);
    }

    @Test
    void folding_goodAndBad() {
        assertEquals(Verdict.GOOD, check(gate(), "folds-base").verdict());
        Check bad = check(project(List.of("3 in", "2 in", "4 in"), "vv", "c1", "c2"), "folds-base");
        assertEquals(Verdict.BAD, bad.verdict());
        assertEquals(CheckWords.DOES_NOT_FOLD, bad.message().code());
    }

    /** p2 lies 2 in along p3, and p1 turns back over it: 2 in of it pass p3's fold. */
    @Test
    void panelThatNothingCovers_standsOut_byHowMuch() {
        assertEquals(Verdict.GOOD, check(gate(), "stays-inside").verdict());
        Check out = check(project(List.of("4 in", "2 in", "4 in"), "vm", "c2", "c1"), "stays-inside");
        assertEquals(Verdict.BAD, out.verdict());
        assertEquals(Length.ofInches(-2), out.margin().orElseThrow());
        assertEquals("Panel 1 stands out past panel 3 by 2 in.", out.text());
    }

    @Test
    void envelope_countsTheThickness() {
        assertEquals(Verdict.GOOD, check(gate().withEnvelope(envelope("A2")), "envelope").verdict());
        assertEquals(Verdict.BAD,
                check(project(List.of("6 in", "6 in"), "v", "c1").withEnvelope(envelope("A2")), "envelope").verdict());
        Stock thick = gate().card();
        Stock board = new Stock("Board", thick.width(), thick.height(), thick.weight(),
                Optional.of(Length.ofMillimetres(4)), "#FFFFFF", "#FFFFFF", false, Stock.Grain.UNKNOWN);
        Check tooThick = check(
                gate().withPaper(PaperRole.material("card"), board)
                        .withEnvelope(Optional.of(new NamedSize(Kind.ENVELOPE,
                                "snug", Length.ofInches(13, 4), Length.ofInches(17, 4), List.of(), "test"))),
                "envelope");
        assertEquals(Verdict.BAD, tooThick.verdict(), tooThick.text());
        assertTrue(tooThick.text().contains("12 mm thick"), tooThick.text());
    }

    @Test
    void sheet_tooSmallForThePiece_isBad() {
        assertEquals(Verdict.GOOD, check(gate(), "sheets").verdict());
        Stock small = gate().card().inSheets(Length.ofInches(6), Length.ofInches(6));
        Check bad = check(gate().withPaper(PaperRole.material("card"), small), "sheets");
        assertEquals(Verdict.BAD, bad.verdict());
        assertTrue(bad.text().contains("base"), bad.text());
    }

    @Test
    void trimmer_shorterThanTheLongestCut_isWatched() {
        assertEquals(Verdict.GOOD, check(gate().withTools(tools(12, 12)), "trimmer").verdict());
        assertEquals(Verdict.WATCH, check(gate().withTools(tools(5, 12)), "trimmer").verdict());
    }

    @Test
    void board_scorePastItsEnd_isTurnedRound_orMarkedByHand() {
        Check turned = check(gate().withTools(tools(12, 5)), "board-c2");
        assertEquals(Verdict.WATCH, turned.verdict());
        assertTrue(turned.remedy().contains("score at 3 in"), turned.remedy());
        Check byHand = check(gate().withTools(tools(12, 2)), "board-c2");
        assertEquals(Verdict.BAD, byHand.verdict());
    }

    @Test
    void board_scoreLongerThanItsGrooves_isWatched() {
        assertEquals(Verdict.WATCH, check(gate().withTools(tools(12, 2)), "board-length").verdict());
    }

    @Test
    void grooves_positionBetweenTwo_isNamed() {
        assertEquals(Verdict.GOOD, check(gate(), "grooves").verdict());
        Check off = check(project(List.of("2 1/16 in", "4 in", "3 in"), "vv", "c1", "c2"), "grooves");
        assertEquals(Verdict.GOOD, off.verdict());
        assertTrue(
                off.text().contains("2 1/16 is 1/16 past the groove at 2 in; 6 1/16 is 1/16 past the groove at 6 in"),
                off.text());
    }

    /** US letter limits, from memory: a square envelope costs a surcharge, over 6 1/8 × 11 1/2 in it is no letter. */
    @Test
    void post_shapeAndSize() {
        assertEquals(Verdict.GOOD, check(gate().withEnvelope(envelope("A2")), "post").verdict());
        NamedSize square = new NamedSize(Kind.ENVELOPE, "square", Length.ofInches(6), Length.ofInches(6), List.of(),
                "test");
        assertEquals(CheckWords.LETTER_OF_ODD_SHAPE,
                check(gate().withEnvelope(Optional.of(square)), "post").message().code());
        assertEquals(CheckWords.NO_LETTER, check(gate().withEnvelope(envelope("C4")), "post").message().code());
    }

    @Test
    void checks_areWorstFirst() {
        List<Check> checks = Planner.plan(gate().withTools(tools(5, 2)).withEnvelope(envelope("A2"))).orThrow()
                .checks();
        for (int i = 1; i < checks.size(); i++) {
            assertFalse(checks.get(i).verdict().compareTo(checks.get(i - 1).verdict()) > 0);
        }
    }
}

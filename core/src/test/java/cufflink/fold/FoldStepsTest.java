package cufflink.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestPieces;
import cufflink.crease.CreasePattern;
import cufflink.design.Fold;
import cufflink.design.SizedDesign.FoldStep;
import cufflink.design.SizedDesign.Said;
import cufflink.words.FoldWords;
import cufflink.words.Message;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Steps that tuck, that are blocked, that fold partly, and what a crease folded the wrong way comes to. */
class FoldStepsTest {
    /** A gate of 30 + 40 + 30 mm whose leaves overlap. */
    private static final CreasePattern GATE = Maps.pattern(100, 40,
            List.of(TestPieces.score("left", Fold.VALLEY, 30, 0, 30, 40),
                    TestPieces.score("right", Fold.VALLEY, 70, 0, 70, 40)),
            3);

    private static FoldStep step(double angle, String... creases) {
        return new FoldStep("base", List.of(creases), angle, Said.of(""), false, false, List.of());
    }

    private static List<String> order(FoldedPiece piece) {
        assertEquals(List.of(), piece.problems());
        return piece.flat().orElseThrow().order().stream().map(panel -> panel.panel()).toList();
    }

    @Test
    void tuck_putsALeafBehindTheOneFoldedBefore() {
        FoldStep tucked = new FoldStep("base", List.of("right"), 180, Said.of(""), false,
                false, List.of(new FoldStep.Tuck("p3", "p1")));
        assertEquals(List.of("p3", "p1", "p2"),
                order(FoldSequencer.fold(GATE, "p2", List.of(step(180, "left"), step(180, "right")))));
        assertEquals(List.of("p1", "p3", "p2"),
                order(FoldSequencer.fold(GATE, "p2", List.of(step(180, "left"), tucked))));
    }

    private static FoldStep tucking(String crease, double angle, String... pairs) {
        return new FoldStep("base", List.of(crease), angle, Said.of(""), false, false,
                Stream.of(pairs).map(pair -> new FoldStep.Tuck(pair.split(" ")[0], pair.split(" ")[1])).toList());
    }

    private static Message refused(FoldStep... steps) {
        return FoldSequencer.fold(GATE, "p2", List.of(steps)).problems().get(0).message();
    }

    private static void refused(FoldWords code, FoldStep... steps) {
        assertEquals(code, ((Message) refused(steps).argument("what")).code());
    }

    /** Only the two that are named come past each other. */
    @Test
    void tuckOfTwoPanels_doesNotFreeTheOthers() {
        Message under = FoldWords.LIES_UNDER.of("creases", List.of("left"), "upper", "panel 3", "lower", "panel 1");
        assertEquals(FoldWords.AT_STEP.of("step", 3, "what", under),
                refused(step(180, "left"), step(180, "right"), tucking("left", 90, "p2 p3")));
    }

    @Test
    void tucksThatSayNothing_areMistakes() {
        refused(FoldWords.TUCKS_NO_PANEL, tucking("left", 180, "p1 lid"));
        refused(FoldWords.TUCKED_APART, tucking("left", 180, "p1 p3"));
        refused(FoldWords.TUCKED_APART, tucking("left", 90, "p1 p2"));
        refused(FoldWords.TUCKS_BOTH_WAYS, step(180, "left"), tucking("right", 180, "p3 p1", "p1 p3"));
    }

    /** Both leaves at once hit each other half way: they overlap. */
    @Test
    void leavesThatCloseAtOnce_hitEachOther() {
        FoldedPiece piece = FoldSequencer.fold(GATE, "p2", List.of(step(180, "left", "right")));
        assertTrue(
                piece.problems().get(0).what().matches(
                        "Step 1: While left, right turn, panel \\d hits panel \\d after \\d+ % of the way\\."),
                piece.problems().toString());
    }

    @Test
    void openingTheLeafBelow_isBlockedByTheOneOnIt() {
        FoldedPiece piece = FoldSequencer.fold(GATE, "p2",
                List.of(step(180, "left"), step(180, "right"), step(0, "left")));
        assertEquals("Step 3: Crease left cannot be folded now: panel 3 lies on panel 1.",
                piece.problems().get(0).what());
        assertEquals(List.of("p1", "p2"),
                order(FoldSequencer.fold(GATE, "p2", List.of(step(180, "left"), step(180, "right"), step(0, "right"))))
                        .stream().filter(panel -> !panel.equals("p3")).toList());
    }

    @Test
    void foldHalfWay_isNotFlat_andGoesOn() {
        FoldedPiece half = FoldSequencer.fold(GATE, "p2", List.of(step(90, "left")));
        assertTrue(half.flat().isEmpty() && half.problems().isEmpty());
        assertEquals("p1", order(FoldSequencer.fold(GATE, "p2", List.of(step(90, "left"), step(180, "left")))).get(0));
    }

    @Test
    void creaseTriedTheWrongWay_saysWhereTheLeafEndsUp() {
        FoldedPiece piece = FoldSequencer.fold(GATE, "p2", List.of(step(180, "left"), step(180, "right")));
        Trial trial = Trial.reversed(piece, "left");
        assertTrue(trial.folds());
        assertEquals("It folds, but the layers come to lie otherwise. Front to back: panel 3, panel 2, panel 1.",
                trial.says());
        assertTrue(trial.stage().isPresent());
    }
}

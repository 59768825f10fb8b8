package cufflink.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestPieces;
import cufflink.crease.CreasePattern;
import cufflink.design.Fold;
import cufflink.design.PanelRef;
import cufflink.design.Score;
import cufflink.design.SizedDesign.Round;
import cufflink.measure.Length;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.Code;
import cufflink.words.FoldWords;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pleated strips opened round; every law is that of paper: it keeps its lengths, and it hangs together. */
class RoundFormTest {
    private static final CreasePattern HUB = TestPieces.pattern("hub", 20, 20, List.of(), "hub");

    private static CreasePattern strip(int panels, double pleat, double width, Fold... folds) {
        List<Score> scores = new ArrayList<>();
        for (int i = 1; i < panels; i++) {
            scores.add(TestPieces.score("fold" + i, folds[i % folds.length], i * pleat, 0, i * pleat, width));
        }
        return TestPieces.pattern("strip", panels * pleat, width, scores,
                IntStream.range(0, panels).mapToObj(i -> "p" + i).toArray(String[]::new));
    }

    private static CreasePattern pleated(int panels, double pleat, double width) {
        return strip(panels, pleat, width, Fold.MOUNTAIN, Fold.VALLEY);
    }

    private static Outcome<FoldedState> open(CreasePattern strip, double turn, double hole, PanelRef... hubs) {
        return RoundForm.of(new Round(turn, Length.nearestToMillimetres(hole), List.of(hubs)),
                new Folder(Assembly.of(strip, "p0")).unfolded(),
                new Later(List.of(), List.of(), List.of(HUB)));
    }

    private static List<Point3> corners(FoldedState state, int panel) {
        return state.corners(new PanelRef("strip", "p" + panel));
    }

    private static double apart(Point3 a, Point3 b) {
        Point3 way = a.minus(b);
        return Math.sqrt(way.dot(way));
    }

    private static List<Code> why(Outcome<FoldedState> outcome) {
        return outcome.problems().stream().map(Problem::code).toList();
    }

    @ParameterizedTest
    @CsvSource({"25, 12, 38, 3, 360", "13, 25, 40, 6, 360", "14, 12, 38, 2, 180", "8, 10, 50, 0, 90",
        "41, 6, 30, 9, 360"})
    void panels_keepTheLengthsOfTheirEdges(int panels, double pleat, double width, double hole, double turn) {
        FoldedState state = open(pleated(panels, pleat, width), turn, hole).orThrow();
        for (int i = 0; i < panels; i++) {
            List<Point3> ring = corners(state, i);
            List<Double> sides = IntStream.range(0, 4).mapToObj(k -> apart(ring.get(k), ring.get((k + 1) % 4))).sorted()
                    .toList();
            assertEquals(pleat, sides.get(0), 1e-6);
            assertEquals(pleat, sides.get(1), 1e-6);
            assertEquals(width, sides.get(2), 1e-6);
            assertEquals(width, sides.get(3), 1e-6);
        }
    }

    @ParameterizedTest
    @CsvSource({"25, 360", "14, 180", "7, 90"})
    void panels_hangTogether(int panels, double turn) {
        FoldedState state = open(pleated(panels, 12, 38), turn, 3).orThrow();
        for (int i = 0; i + 1 < panels - (turn == 360 ? 1 : 0); i++) {
            List<Point3> next = corners(state, i + 1);
            long shared = corners(state, i).stream()
                    .filter(corner -> next.stream().anyMatch(other -> apart(corner, other) < 1e-6)).count();
            assertEquals(2, shared, "panels " + i + " and " + (i + 1));
        }
    }

    /** The last panel is not one of them: it lies on the first, a hair above it. */
    @Test
    void wholeTurn_closes() {
        FoldedState state = open(pleated(25, 12, 38), 360, 3).orThrow();
        List<Point3> first = corners(state, 0);
        List<Point3> last = corners(state, 24);
        for (int k = 0; k < 4; k++) {
            assertTrue(apart(first.get(k), last.get(k)) < 0.2);
        }
        assertTrue(corners(state, 23).stream().anyMatch(corner -> apart(corner, first.get(0)) < 1e-6
                || apart(corner, first.get(1)) < 1e-6));
    }

    /** The chord of a regular polygon is 2·R·sin(π/n): what is shorter all round than the polygon does not close. */
    @Test
    void stripOfJustThePolygon_liesFlatAtItsRim_aShorterOneIsRefused() {
        double radius = 40;
        double chord = 2 * radius * Math.sin(Math.PI / 24);
        // At its rim the strip lies flat, in its middle it stands: so it is as wide as a slant over the radius.
        double width = Math.sqrt(radius * radius + chord * chord / 4);
        assertTrue(open(pleated(25, chord + 0.001, width), 360, 0).value().isPresent());
        assertEquals(List.of(FoldWords.ROUND_TOO_SHORT), why(open(pleated(25, chord - 0.05, width), 360, 0)));
    }

    @Test
    void hubs_lieAboveAndBeneathTheFolds() {
        PanelRef hub = new PanelRef("hub", "hub");
        FoldedState state = open(pleated(25, 12, 38), 360, 3, hub).orThrow();
        double top = IntStream.range(0, 25).boxed().flatMap(i -> corners(state, i).stream()).mapToDouble(Point3::z)
                .max()
                .orElseThrow();
        state.corners(hub).forEach(corner -> {
            assertTrue(corner.z() >= top - 0.2, corner.toString());
            assertEquals(Math.hypot(10, 10), Math.hypot(corner.x(), corner.y()), 1e-9);
        });
        assertEquals(List.of(FoldWords.ROUND_HUB_ELSEWHERE),
                why(open(pleated(25, 12, 38), 360, 3, new PanelRef("strip", "p1"))));
    }

    @Test
    void whatHasNoRoundForm_isRefused() {
        assertEquals(List.of(FoldWords.ROUND_MEETS_WRONG), why(open(pleated(24, 12, 38), 360, 3)));
        assertEquals(List.of(FoldWords.ROUND_TAKES_PLEATS), why(open(strip(25, 12, 38, Fold.VALLEY), 360, 3)));
        assertEquals(List.of(FoldWords.ROUND_BEYOND_A_TURN), why(open(pleated(25, 12, 38), 400, 3)));
        assertEquals(List.of(FoldWords.ROUND_BEYOND_A_TURN), why(open(pleated(25, 12, 38), 0, 3)));
        assertEquals(List.of(FoldWords.ROUND_TAKES_PLEATS),
                why(open(TestPieces.pattern("strip", 60, 38, List.of(TestPieces.score("a", Fold.VALLEY, 20, 0, 20, 38),
                        TestPieces.score("b", Fold.MOUNTAIN, 45, 0, 45, 38)), "p0", "p1", "p2"), 90, 3)));
        assertEquals(List.of(FoldWords.ROUND_TAKES_PLEATS),
                why(open(TestPieces.pattern("strip", 60, 38, List.of(), "p0"), 90, 3)));
    }
}

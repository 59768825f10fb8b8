package cufflink.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestPieces;
import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.design.Fold;
import cufflink.design.Score;
import cufflink.design.SizedDesign.FoldStep;
import cufflink.design.SizedDesign.Said;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Well-known bases and sheets, folded as wholes from the square of 100 mm; handbook facts, from memory. */
class WholesTest {
    private static final double S = 100;

    private static FoldedPiece folded(CreasePattern pattern, FoldStep... steps) {
        return FoldSequencer.fold(pattern, pattern.panels().get(0).id(), List.of(steps));
    }

    private static FoldStep step(String... creases) {
        return new FoldStep("base", List.of(creases), 180, Said.of(""), false, false, List.of());
    }

    private static FoldStep all(CreasePattern pattern) {
        return step(pattern.hinges().stream().map(Hinge::crease).distinct().toArray(String[]::new));
    }

    private static void foldsTo(double area, CreasePattern pattern, FoldStep... steps) {
        FoldedPiece piece = folded(pattern, steps);
        assertEquals(List.of(), piece.problems());
        FoldedState flat = piece.flat().orElseThrow().state();
        assertEquals(area,
                Overlay.of(pattern.panels().stream()
                        .map(panel -> flat.footprint(flat.assembly().panels().get(pattern.panels().indexOf(panel))))
                        .toList()).cells().stream()
                        .mapToDouble(Overlay.Cell::area).sum(),
                0.1);
    }

    @Test
    void waterbombBase_isATriangleOfAQuarter() {
        foldsTo(S * S / 4, Maps.pattern(S, S,
                List.of(TestPieces.score("falling", Fold.VALLEY, 0, 0, S, S),
                        TestPieces.score("rising", Fold.VALLEY, 0, S, S, 0),
                        TestPieces.score("upright", Fold.MOUNTAIN, S / 2, 0, S / 2, S)),
                0), step("falling", "rising", "upright"));
    }

    @Test
    void preliminaryBase_isASquareOfAQuarter() {
        foldsTo(S * S / 4,
                Maps.pattern(S, S,
                        List.of(TestPieces.score("upright", Fold.VALLEY, S / 2, 0, S / 2, S),
                                TestPieces.score("level", Fold.VALLEY, 0, S / 2, S, S / 2),
                                TestPieces.score("falling", Fold.MOUNTAIN, 0, 0, S, S)),
                        0),
                step("upright", "level", "falling"));
    }

    /** Two rabbit's ears on the two halves of the square, one after the other or at once. */
    @Test
    void fishBase_folds() {
        double r = S * (1 - Math.sqrt(0.5));
        double i = S - r;
        CreasePattern fish = Maps.pattern(S, S,
                List.of(TestPieces.score("a1", Fold.VALLEY, 0, 0, i, r),
                        TestPieces.score("c1", Fold.VALLEY, S, S, i, r),
                        TestPieces.score("b1", Fold.MOUNTAIN, S, 0, i, r),
                        TestPieces.score("f1", Fold.VALLEY, i, r, S, r),
                        TestPieces.score("a2", Fold.VALLEY, 0, 0, r, i),
                        TestPieces.score("c2", Fold.VALLEY, S, S, r, i),
                        TestPieces.score("b2", Fold.MOUNTAIN, 0, S, r, i),
                        TestPieces.score("f2", Fold.VALLEY, r, i, r, S)),
                0);
        assertTrue(folded(fish, step("a1", "c1", "b1", "f1"), step("a2", "c2", "b2", "f2")).flat().isPresent());
        assertTrue(folded(fish, all(fish)).flat().isPresent());
    }

    /**
     * Zigzags of 60° across straight lines, from one vertex to sixteen; the marks of the straight lines turn over from
     * cell to cell.
     */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void miuraSheet_foldsAtOnce(int columns) {
        CreasePattern miura = Maps.miura(columns, columns + 1);
        FoldedPiece piece = folded(miura, all(miura));
        assertEquals(List.of(), piece.problems());
        assertEquals((columns + 1) * (columns + 1), piece.flat().orElseThrow().order().size());
    }

    /** All four pleats go round the same way: it lies flat, but panels that do not bend never get there. */
    @Test
    void squareTwist_isRefusedBecauseItWouldHaveToBend() {
        CreasePattern twist = twist();
        FoldedPiece piece = folded(twist, all(twist));
        assertTrue(piece.problems().get(0).what().startsWith("Step 1: It cannot be folded with stiff panels"),
                piece.problems().toString());
        Folder folder = new Folder(Assembly.of(twist, twist.panels().get(0).id()));
        assertTrue(LayerProblem.of(folder.fold(Maps.shut(folder)).orThrow()).solve().value().isPresent(),
                () -> "its layers would lie flat: "
                        + LayerProblem.of(folder.fold(Maps.shut(folder)).orThrow()).solve().problems());
    }

    private static CreasePattern twist() {
        double[][] corners = new double[4][];
        for (int k = 0; k < 4; k++) {
            double direction = Math.PI / 2 * k;
            corners[k] = new double[] {S / 2 + 20 * Math.cos(direction), S / 2 + 20 * Math.sin(direction)};
        }
        int[][] outwards = {{0, 1}, {-1, 0}, {0, -1}, {1, 0}};
        List<Score> scores = new ArrayList<>();
        for (int k = 0; k < 4; k++) {
            double[] one = corners[k];
            double[] two = corners[(k + 1) % 4];
            scores.add(TestPieces.score("side" + k, Fold.MOUNTAIN, one[0], one[1], two[0], two[1]));
            scores.add(ray("near" + k, Fold.VALLEY, one, outwards[k]));
            scores.add(ray("far" + k, Fold.MOUNTAIN, two, outwards[k]));
        }
        return Maps.pattern(S, S, scores, 0);
    }

    private static Score ray(String id, Fold fold, double[] from, int[] way) {
        return TestPieces.score(id, fold, from[0], from[1], way[0] == 0 ? from[0] : way[0] > 0 ? S : 0,
                way[1] == 0 ? from[1] : way[1] > 0 ? S : 0);
    }
}

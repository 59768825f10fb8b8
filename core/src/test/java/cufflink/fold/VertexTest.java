package cufflink.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.crease.CreasePattern;
import cufflink.design.Fold;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign.FoldStep;
import cufflink.design.SizedDesign.Said;
import cufflink.fold.Vertices.Vertex;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Creases around one vertex, written to the millionth of a millimetre and folded at once: accepted exactly where paper
 * lies flat, by Kawasaki's theorem and by trying every order of the sectors. {@code -Dcufflink.vertices=10000} in full.
 */
class VertexTest {
    private static final int MANY = Integer.getInteger("cufflink.vertices", 150);

    private static FoldedPiece folded(CreasePattern pattern, List<String> creases) {
        return FoldSequencer.fold(pattern, pattern.panels().get(0).id(),
                List.of(new FoldStep("base", creases, 180, Said.of(""), false, false, List.of())));
    }

    @ParameterizedTest
    @ValueSource(ints = {4, 6, 8})
    void vertexOfAnyAngles_foldsWherePaperDoes(int degree) {
        Random random = new Random(degree);
        int flat = 0;
        for (int i = 0; i < MANY; i++) {
            Vertex vertex = Vertices.random(random, degree, degree == 4 ? 20 : 15);
            boolean folds = vertex.foldsFlat();
            FoldedPiece piece = folded(vertex.pattern(random.nextDouble() * 360), vertex.names());
            assertEquals(folds, piece.problems().isEmpty() && piece.flat().isPresent(),
                    () -> vertex + ": " + piece.problems());
            flat += folds ? 1 : 0;
        }
        assertTrue(flat > MANY / 20, flat + " of " + MANY + " fold");
    }

    /**
     * Alternate angles that miss 180° by more than rounding explains are refused, and told with as many digits as tell
     * them apart.
     */
    @ParameterizedTest
    @ValueSource(ints = {4, 6, 8})
    void vertexThatIsOff_isRefused(int degree) {
        Random random = new Random(degree);
        for (int i = 0; i < MANY; i++) {
            Vertex vertex = Vertices.random(random, degree, 15);
            double off = Math.pow(10, -random.nextInt(5));
            double[] sectors = vertex.sectors().clone();
            sectors[0] += off;
            sectors[1] -= off;
            String says = folded(new Vertex(sectors, vertex.folds()).pattern(random.nextDouble() * 360), vertex.names())
                    .problems().get(0).text();
            Matcher numbers = Pattern
                    .compile("adds up to ([\\d.]+)° instead of 180°.* Turn a crease there by ([\\d.]+)°").matcher(says);
            assertTrue(numbers.find(), says);
            assertEquals(off, Math.abs(180 - Double.parseDouble(numbers.group(1))), off / 5, says);
            assertEquals(off, Double.parseDouble(numbers.group(2)), off / 5, says);
        }
    }

    /**
     * How many of the ways to mark equal sectors fold: published for three to five pairs (mountain-valley assignments
     * of a vertex with equal angles: 2 × the binomial of 2n over n − 1; Hull 2002, from memory).
     */
    @ParameterizedTest
    @CsvSource({"4, 8", "6, 30", "8, 112"})
    void equalAngles_foldInAsManyWaysAsPublished(int degree, int ways) {
        int found = 0;
        for (int marks = 0; marks < 1 << degree; marks++) {
            Fold[] folds = new Fold[degree];
            double[] sectors = new double[degree];
            for (int i = 0; i < degree; i++) {
                folds[i] = (marks >> i & 1) == 1 ? Fold.MOUNTAIN : Fold.VALLEY;
                sectors[i] = 360.0 / degree;
            }
            Vertex vertex = new Vertex(sectors, folds);
            boolean flat = folded(vertex.pattern(0), vertex.names()).problems().isEmpty();
            assertEquals(vertex.foldsFlat(), flat, vertex.toString());
            found += flat ? 1 : 0;
        }
        assertEquals(ways, found);
    }

    /** The six sectors of a squash fold, whichever of their creases are mountains. */
    @Test
    void sectorsOfASquashFold_foldWherePaperDoes() {
        for (int marks = 0; marks < 64; marks++) {
            Fold[] folds = new Fold[6];
            for (int i = 0; i < 6; i++) {
                folds[i] = (marks >> i & 1) == 1 ? Fold.MOUNTAIN : Fold.VALLEY;
            }
            Vertex vertex = new Vertex(new double[] {45, 90, 45, 45, 90, 45}, folds);
            FoldedPiece piece = folded(vertex.pattern(0), vertex.names());
            assertEquals(vertex.foldsFlat(), piece.problems().isEmpty(), () -> vertex + ": " + piece.problems());
        }
    }

    /** The two sides of a crease that closes a loop of six or eight come back to one line, but for what adds up. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "345.269227127931| 58.833099277760525 66.10693806027194 68.97870253126781 80.89161065619902 52.18819819097166 "
                + "33.00145128352904| VMMMMV",
        "259.1741451249886| 91.7056170511293 89.09964227408912 35.25926664919888 51.417949008107726 "
                + "53.03511629967183 39.48240871780315| MVMMVM",
        "46.99140976722836| 49.248576756094586 57.749245742635665 49.816261969924824 33.69027944103537 "
                + "53.42214619502086 49.28433000043709 27.513015078959743 39.2761448158919| VMMVMVMM"})
    void closingCrease_isOneLine(double turn, String sectors, String marks) {
        Fold[] folds = marks.chars().mapToObj(mark -> mark == 'V' ? Fold.VALLEY : Fold.MOUNTAIN).toArray(Fold[]::new);
        Vertex vertex = new Vertex(Stream.of(sectors.split(" ")).mapToDouble(Double::parseDouble).toArray(), folds);
        assertTrue(vertex.foldsFlat());
        assertEquals(List.of(), folded(vertex.pattern(turn), vertex.names()).problems());
    }

    /** What the maker tucks lies as it was tucked, also where the way was not found. */
    @Test
    void tuck_isKeptWhereverThePaperAllowsIt() {
        Random random = new Random(3);
        int kept = 0;
        for (int i = 0; i < 60; i++) {
            Vertex vertex = Vertices.random(random, 6, 20);
            if (vertex.foldsFlat()) {
                CreasePattern pattern = vertex.pattern(10);
                String anchor = pattern.panels().get(0).id();
                FlatFoldedState flat = folded(pattern, vertex.names()).flat().orElseThrow();
                for (PanelRef a : flat.relation().panels()) {
                    for (PanelRef b : flat.relation().panels()) {
                        if (flat.relation().side(a, b) > 0) {
                            FoldStep tucking = new FoldStep("base", vertex.names(), 180, Said.of(""), false,
                                    false, List.of(new FoldStep.Tuck(a.panel(), b.panel())));
                            FoldedPiece tucked = FoldSequencer.fold(pattern, anchor, List.of(tucking));
                            assertTrue(tucked.flat().isEmpty() || tucked.flat().get().relation().side(b, a) > 0,
                                    vertex + ": " + a + " behind " + b);
                            kept += tucked.flat().isPresent() ? 1 : 0;
                        }
                    }
                }
            }
        }
        assertTrue(kept > 5, kept + " tucks can be made");
    }
}

package cufflink.crease;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestDesigns;
import cufflink.TestPieces;
import cufflink.design.Fold;
import cufflink.design.PieceDefinition.CutShape;
import cufflink.design.Score;
import cufflink.design.SizedDesign.Along;
import cufflink.design.SizedDesign.CutOut;
import cufflink.design.SizedDesign.Line;
import cufflink.design.SizedDesign.Marks;
import cufflink.design.SizedDesign.Slit;
import cufflink.measure.Length;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.PieceWords;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class CreasePatternBuilderTest {
    private static Length mm(int millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    private static Score score(String id, int x1, int y1, int x2, int y2) {
        Along along = x1 == x2 ? Along.X : y1 == y2 ? Along.Y : Along.LINE;
        return new Score(id, new Line(along, Optional.empty(), mm(x1), mm(y1), mm(x2), mm(y2)), Fold.VALLEY);
    }

    private static Slit slit(String id, int x1, int y1, int x2, int y2, int width) {
        return new Slit(id, score(id, x1, y1, x2, y2).line(), mm(width), false);
    }

    private static CutOut circle(int x, int y, int radius) {
        return new CutOut("hole", CutShape.CIRCLE, List.of(mm(x), mm(y), mm(radius)), false, false);
    }

    /** A piece of 100 × 60 mm. */
    private static Outcome<CreasePattern> build(List<Score> scores, List<Slit> slits, List<CutOut> cutOuts) {
        return CreasePatternBuilder
                .build(TestPieces.piece("base", 100, 60, new Marks(scores, slits, cutOuts, List.of())));
    }

    private static double area(CreasePattern pattern) {
        return pattern.panels().stream().mapToDouble(panel -> panel.outline().getArea()).sum();
    }

    @Property(tries = 80, seed = "11")
    void panelsOfAStrip_addUpToThePiece_exactly(@ForAll @IntRange(min = 1, max = 9) int panels,
            @ForAll @IntRange(min = 1, max = 97) int sixteenths) {
        CreasePattern pattern = CreasePatternBuilder
                .build(TestDesigns.sized(TestDesigns.strip(Collections.nCopies(panels, sixteenths + "/16 in"),
                        "v".repeat(panels - 1), List.of())).pieces().get(0))
                .orThrow();
        assertEquals(panels, pattern.panels().size());
        Length sum = pattern.panels().stream().map(Panel::width).reduce(Length.ZERO, Length::plus);
        assertEquals(Length.ofInches((long) panels * sixteenths, 16), sum);
        assertEquals(panels - 1, pattern.hinges().size());
    }

    @Test
    void fullScores_divide() {
        CreasePattern pattern = build(List.of(score("a", 40, 0, 40, 60), score("b", 0, 20, 100, 20)), List.of(),
                List.of()).orThrow();
        assertEquals(4, pattern.panels().size());
        assertEquals(4, pattern.hinges().size());
        assertEquals(6000, area(pattern), 1e-6);
    }

    @Test
    void diagonalScore_makesTwoTriangles() {
        CreasePattern pattern = build(List.of(score("a", 0, 0, 100, 60)), List.of(), List.of()).orThrow();
        assertEquals(2, pattern.panels().size());
        assertEquals(1, pattern.hinges().size());
        assertEquals(3000, pattern.panels().get(0).outline().getArea(), 1e-6);
    }

    @Test
    void partialScore_betweenSlits_makesATongue() {
        CreasePattern pattern = build(List.of(score("a", 30, 20, 30, 40)),
                List.of(slit("s", 30, 20, 70, 20, 0), slit("t", 30, 40, 70, 40, 0), slit("u", 70, 20, 70, 40, 0)),
                List.of()).orThrow();
        assertEquals(2, pattern.panels().size());
        assertEquals(1, pattern.hinges().size());
        assertEquals(20, pattern.hinges().get(0).at().getLength(), 1e-9);
    }

    @Test
    void slitAlongAScore_breaksItsHinge() {
        CreasePattern pattern = build(List.of(score("a", 40, 0, 40, 60)), List.of(slit("s", 40, 20, 40, 40, 0)),
                List.of()).orThrow();
        assertEquals(40, pattern.hinges().stream().mapToDouble(hinge -> hinge.at().getLength()).sum(), 1e-9);
    }

    @Test
    void notchOnAScore_splitsItsHingeAndTakesItsArea() {
        CreasePattern pattern = build(List.of(score("a", 40, 0, 40, 60)), List.of(), List.of(circle(40, 30, 10)))
                .orThrow();
        assertEquals(2, pattern.panels().size());
        assertEquals(2, pattern.hinges().size());
        assertEquals(40, pattern.hinges().stream().mapToDouble(hinge -> hinge.at().getLength()).sum(), 1e-6);
        assertEquals(6000 - Math.PI * 100, area(pattern), 0.5);
    }

    @Test
    void wideSlit_isAnOpening() {
        assertEquals(6000 - 40 * 2, area(build(List.of(), List.of(slit("s", 30, 30, 70, 30, 2)), List.of()).orThrow()),
                1e-6);
    }

    @Test
    void scoreBeyondThePiece_isReported() {
        Problem beyond = build(List.of(score("a", 120, 0, 120, 60)), List.of(), List.of()).problems().get(0);
        assertEquals(PieceWords.SCORES_BEYOND.of("scores", List.of("a")), beyond.message());
    }

    @Test
    void cutsThatDivideOrConsumeThePiece_areReported() {
        assertEquals(PieceWords.CUT_APART.of("parts", 2),
                build(List.of(), List.of(slit("s", 50, 0, 50, 60, 2)), List.of()).problems().get(0).message());
        assertEquals(PieceWords.NOTHING_LEFT,
                build(List.of(), List.of(), List.of(circle(50, 30, 200))).problems().get(0).code());
    }

    @Test
    void mirroringThePiece_keepsPanelsAndHinges() {
        Stream.of(new int[] {30, 55}, new int[] {10, 90}).forEach(x -> {
            CreasePattern one = build(List.of(score("a", x[0], 0, x[0], 60), score("b", x[1], 0, x[1], 60)), List.of(),
                    List.of(circle(x[0], 30, 5))).orThrow();
            CreasePattern other = build(
                    List.of(score("a", 100 - x[0], 0, 100 - x[0], 60), score("b", 100 - x[1], 0, 100 - x[1], 60)),
                    List.of(), List.of(circle(100 - x[0], 30, 5))).orThrow();
            assertEquals(one.panels().size(), other.panels().size());
            assertEquals(one.hinges().size(), other.hinges().size());
            assertEquals(area(one), area(other), 1e-6);
        });
    }

    private static Line line(int x1, int y1, int x2, int y2) {
        return new Line(Along.LINE, Optional.empty(), mm(x1), mm(y1), mm(x2), mm(y2));
    }

    private static String refused(List<Score> scores, List<Slit> slits, List<CutOut> cutOuts) {
        Outcome<CreasePattern> built = build(scores, slits, cutOuts);
        assertTrue(built.problems().stream().anyMatch(Problem::isError), "nothing is wrong with it");
        return built.problems().get(0).what();
    }

    @Test
    void cutsThatCutNothing_areRefused() {
        assertEquals("Cut-out hole crosses itself or has no size.",
                refused(List.of(), List.of(), List.of(circle(50, 30, -5))));
        assertEquals("Cut-out hole crosses itself or has no size.",
                refused(List.of(), List.of(), List.of(circle(50, 30, 0))));
        assertEquals("Cut-out hole lies beside the piece and cuts nothing.",
                refused(List.of(), List.of(), List.of(circle(200, 30, 10))));
        assertTrue(build(List.of(), List.of(), List.of(circle(100, 30, 10))).value().isPresent(), "half of it does");
        assertEquals("Slit cut lies beyond the piece.",
                refused(List.of(), List.of(new Slit("cut", line(90, 10, 120, 10), mm(0), false)), List.of()));
        assertEquals("Slit cut has no length, or a width below 0.",
                refused(List.of(), List.of(new Slit("cut", line(90, 10, 90, 10), mm(0), false)), List.of()));
        assertEquals("Slit cut has no length, or a width below 0.",
                refused(List.of(), List.of(new Slit("cut", line(10, 10, 90, 10), mm(-1), false)), List.of()));
    }

    /** A fold goes from edge to edge: of the piece, of an opening, of a slit, of another fold. */
    @Test
    void foldThatEndsInsideAPanel_isRefused() {
        Score level = new Score("level", line(0, 30, 100, 30), Fold.VALLEY);
        Score half = new Score("half", line(50, 0, 50, 30), Fold.VALLEY);
        Score less = new Score("half", line(50, 0, 50, 29), Fold.VALLEY);
        Slit slit = new Slit("cut", line(40, 29, 60, 29), mm(0), false);
        assertEquals("Score half ends inside a panel: it cannot be folded there.",
                refused(List.of(half), List.of(), List.of()));
        assertEquals("Score half ends inside a panel: it cannot be folded there.",
                refused(List.of(level, less), List.of(), List.of()));
        assertEquals(3, build(List.of(level, half), List.of(), List.of()).orThrow().panels().size());
        assertEquals(1, build(List.of(new Score("rib", line(50, 0, 50, 30), Fold.DECORATIVE)), List.of(), List.of())
                .orThrow().panels().size());
        assertTrue(build(List.of(level, less), List.of(slit), List.of()).value().isPresent(), "it ends at the slit");
        assertTrue(build(List.of(level, half), List.of(), List.of(circle(50, 0, 10))).value().isPresent(),
                "it begins at the notch");
        assertEquals("Score half lies on no paper.", refused(
                List.of(new Score("half", line(48, 0, 52, 0), Fold.VALLEY)), List.of(), List.of(circle(50, 0, 10))));
    }

    /** One message, however many lie there. */
    @Test
    void scoresBeyondThePiece_areNamedTogether() {
        List<Score> beyond = IntStream.rangeClosed(1, 20)
                .mapToObj(i -> new Score("rib" + i, line(0, 60 + i, 100, 60 + i), Fold.DECORATIVE)).toList();
        Outcome<CreasePattern> built = build(beyond, List.of(), List.of());
        assertEquals(1, built.problems().size());
        assertEquals(PieceWords.SCORES_BEYOND, built.problems().get(0).code());
        assertEquals(20, ((List<?>) built.problems().get(0).message().argument("scores")).size());
    }
}

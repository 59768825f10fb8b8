package cufflink.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestPieces;
import cufflink.crease.CreasePattern;
import cufflink.crease.CreasePatternBuilder;
import cufflink.crease.Hinge;
import cufflink.crease.Panel;
import cufflink.design.CreaseRef;
import cufflink.design.Fold;
import cufflink.design.PanelRef;
import cufflink.design.PieceDefinition.CutShape;
import cufflink.design.Score;
import cufflink.design.SizedDesign.Along;
import cufflink.design.SizedDesign.CutOut;
import cufflink.design.SizedDesign.Line;
import cufflink.design.SizedDesign.Marks;
import cufflink.measure.Length;
import cufflink.problem.Outcome;
import cufflink.stack.ClosedStack;
import cufflink.stack.ClosedStackBuilder;
import cufflink.words.PieceWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;

/** A crease of two lines with a spine between them: flat a strip of paper, closed a line. */
class SpineTest {
    private static final Length CALIPER = Length.ofMicrometres(300);

    private static Line upright(double x) {
        Length at = Length.nearestToMillimetres(x);
        return new Line(Along.X, Optional.empty(), at, Length.ZERO, at, Length.ofMillimetres(60));
    }

    private static Score score(String id, Fold fold, double x, double width) {
        return new Score(id, upright(x), fold, Score.Making.SCORED,
                width == 0 ? Optional.empty() : Optional.of(upright(x + width)));
    }

    private static Outcome<CreasePattern> build(double width, List<Score> scores, List<CutOut> cutOuts) {
        return CreasePatternBuilder
                .build(TestPieces.piece("base", width, 60, new Marks(scores, List.of(), cutOuts, List.of())));
    }

    /** A strip of panels with spines between them, the widths in millimetres. */
    private static CreasePattern strip(int[] panels, int[] spines, Fold[] folds) {
        List<Score> scores = new ArrayList<>();
        double x = panels[0];
        for (int i = 0; i < spines.length; i++) {
            scores.add(score("c" + i, folds[i], x, spines[i]));
            x += spines[i] + panels[i + 1];
        }
        return build(x, scores, List.of()).orThrow();
    }

    /** Folded in the order that is proposed, the first panel on the table. */
    private static FoldedPiece folded(CreasePattern pattern) {
        return FoldSequencer.fold(pattern, "panel1", List.of());
    }

    private static Envelope bounds(FoldedState state, String panel) {
        return state.footprint(new PanelRef("base", panel)).getEnvelopeInternal();
    }

    @Test
    void itsPanels_leaveTheStripOut() {
        CreasePattern pattern = strip(new int[] {40, 55}, new int[] {5}, new Fold[] {Fold.VALLEY});
        assertEquals(List.of(Length.ofMillimetres(40), Length.ofMillimetres(55)),
                pattern.panels().stream().map(Panel::width).toList());
        Hinge hinge = pattern.hinges().get(0);
        assertEquals(5, hinge.width(), 1e-9);
        assertEquals(hinge.first().equals("panel1") ? 40 : 45, hinge.at().p0.x, 1e-9);
        assertEquals(6000, pattern.outline().getArea(), 1e-6);
    }

    /** Whatever spines a strip has, it closes as it does without them: the same angles, places and layers. */
    @Property(tries = 60, seed = "13")
    void stripWithSpines_closesAsTheStripWithoutThem(@ForAll @IntRange(min = 1, max = 5) int folds,
            @ForAll Random random) {
        int[] panels = random.ints(folds + 1L, 20, 60).toArray();
        int[] spines = random.ints(folds, 0, 9).toArray();
        Fold[] ways = new Fold[folds];
        for (int i = 0; i < folds; i++) {
            ways[i] = random.nextBoolean() ? Fold.VALLEY : Fold.MOUNTAIN;
        }
        CreasePattern wide = strip(panels, spines, ways);
        CreasePattern plain = strip(panels, new int[folds], ways);
        FoldedPiece folded = folded(wide);
        FoldedPiece expected = folded(plain);
        FoldedState one = folded.last();
        FoldedState other = expected.last();
        plain.panels().forEach(panel -> {
            assertEquals(bounds(other, panel.id()).getMinX(), bounds(one, panel.id()).getMinX(), 1e-6);
            assertEquals(bounds(other, panel.id()).getMaxX(), bounds(one, panel.id()).getMaxX(), 1e-6);
        });
        assertEquals(expected.flat().map(FlatFoldedState::order), folded.flat().map(FlatFoldedState::order));
        assertEquals(expected.problems(), folded.problems());
    }

    @Test
    void cutOutAcrossIt_leavesAHingeOnEitherSide() {
        CutOut window = new CutOut("window", CutShape.ROUNDED, List.of(Length.ofMillimetres(35),
                Length.ofMillimetres(20), Length.ofMillimetres(15), Length.ofMillimetres(10), Length.ZERO), false,
                false);
        CreasePattern pattern = build(100, List.of(score("spine", Fold.VALLEY, 40, 5)), List.of(window)).orThrow();
        assertEquals(2, pattern.panels().size());
        assertEquals(List.of(20L, 30L), pattern.hinges().stream().map(hinge -> Math.round(hinge.at().getLength()))
                .sorted().toList());
    }

    @Test
    void anotherCreaseAcrossIt_isRefused() {
        Score across = TestPieces.score("across", Fold.VALLEY, 0, 30, 100, 30);
        assertEquals(Set.of(PieceWords.SPINE_CROSSED),
                Set.copyOf(build(100, List.of(score("spine", Fold.VALLEY, 40, 5), across), List.of()).problems()
                        .stream().map(problem -> (PieceWords) problem.message().code()).toList()));
    }

    @Test
    void secondLineBeyondThePiece_isRefused() {
        assertEquals(PieceWords.SCORES_BEYOND,
                build(100, List.of(score("spine", Fold.VALLEY, 98, 5)), List.of()).problems().get(0).message().code());
    }

    /** At any angle the panels end at the strip's two sides, and the strip is as wide as it is scored. */
    @Property(tries = 40, seed = "17")
    void spine_isSeenAsWideAsItIs(@ForAll @IntRange(min = 0, max = 180) int degrees,
            @ForAll @IntRange(min = 1, max = 12) int width, @ForAll boolean valley) {
        CreasePattern pattern = strip(new int[] {40, 50, 30}, new int[] {width, 0},
                new Fold[] {valley ? Fold.VALLEY : Fold.MOUNTAIN, Fold.VALLEY});
        FoldedState proved = new Folder(Assembly.of(pattern, "panel2"))
                .fold(Map.of(new CreaseRef("base", "c0"), (double) degrees)).orThrow();
        SpreadState seen = SpreadState.of(proved);
        SpreadState.Spine spine = seen.spines().get(0);
        Hinge hinge = pattern.hinges().stream().filter(one -> one.width() > 0).findFirst().orElseThrow();
        Point3 one = seen.state().position().get(new PanelRef("base", hinge.first())).apply(hinge.at().p0);
        Point3 other = seen.state().position().get(new PanelRef("base", hinge.second())).apply(hinge.beyond().p0);
        assertEquals(width, one.distance(other), 1e-9);
        assertEquals(0, spine.place().apply(hinge.at().p0).distance(one), 1e-9);
        assertEquals(0, spine.place().apply(hinge.beyond().p0).distance(other), 1e-9);
        assertEquals(proved.position().get(new PanelRef("base", "panel2")),
                seen.state().position().get(new PanelRef("base", "panel2")));
    }

    /** Closed, it is a caliper wider for the paper that stands there, and as thick as the spine and its paper. */
    @Test
    void closedCard_isAsWideAndThickAsItsSpineMakesIt() {
        CreasePattern pattern = strip(new int[] {40, 40}, new int[] {5}, new Fold[] {Fold.VALLEY});
        ClosedStack stack = ClosedStackBuilder.build(folded(pattern).flat().orElseThrow(),
                Decoration.of(folded(pattern).flat().orElseThrow(), List.of()), List.of(),
                Map.of("base", CALIPER), List.of(), Map.of(), Set.of(), List.of());
        assertEquals(Length.ofMicrometres(40_300), stack.width());
        assertEquals(Length.ofMillimetres(60), stack.height());
        assertEquals(Length.ofMicrometres(5300), stack.thickness());
        assertTrue(stack.bounds().getMaxX() > 40, "the spine is at the right");
    }
}

package cufflink.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestPieces;
import cufflink.crease.CreasePattern;
import cufflink.design.CreaseRef;
import cufflink.design.Fold;
import cufflink.design.PanelRef;
import cufflink.design.Score;
import cufflink.design.SizedDesign.FoldStep;
import cufflink.design.SizedDesign.Said;
import cufflink.problem.Outcome;
import cufflink.words.FoldWords;
import cufflink.words.Message;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;

/** Loops of panels around an inner vertex: solved, followed, or refused with the crease at fault. */
class LoopTest {
    /** The six creases of a squash fold around the middle of a square of 80 mm. */
    private static CreasePattern squash() {
        List<Score> scores = List.of(TestPieces.score("falling", Fold.VALLEY, 0, 0, 80, 80),
                TestPieces.score("rising", Fold.VALLEY, 0, 80, 80, 0),
                TestPieces.score("upright", Fold.MOUNTAIN, 40, 0, 40, 80));
        return Maps.pattern(80, 80, scores, 6);
    }

    private static Map<CreaseRef, Double> angles(double falling, double rising, double upright) {
        Map<CreaseRef, Double> angles = new LinkedHashMap<>();
        angles.put(new CreaseRef("base", "falling"), falling);
        angles.put(new CreaseRef("base", "rising"), rising);
        angles.put(new CreaseRef("base", "upright"), upright);
        return angles;
    }

    private static Folder folder(CreasePattern pattern) {
        return new Folder(Assembly.of(pattern, pattern.panels().get(0).id()));
    }

    /** Handbook fact: the squash fold's vertex closes flat to one cell. */
    @Test
    void squash_closesFlatToOneCell() {
        Folder folder = folder(squash());
        assertEquals(1, folder.loops());
        FlatFoldedState flat = LayerProblem.of(folder.fold(angles(180, 180, 180)).orThrow()).solve().orThrow();
        double area = Overlay.of(flat.state().assembly().panels().stream().map(flat.state()::footprint).toList())
                .cells().stream().mapToDouble(Overlay.Cell::area).sum();
        assertEquals(80 * 80 / 4.0, area, 0.1);
    }

    @Test
    void anglesThatDoNotClose_nameTheCreaseAndTheGap() {
        Outcome<FoldedState> torn = folder(squash()).fold(angles(90, 90, 20));
        assertTrue(torn.value().isEmpty());
        assertEquals(FoldWords.CREASE_GAPES, torn.problems().get(0).code());
        Message advice = (Message) torn.problems().get(0).message().argument("advice");
        assertEquals(FoldWords.STAND_ELSEWHERE, advice.code());
        assertTrue(Math.abs((long) advice.argument("wanted") - (long) advice.argument("is")) > 1);
    }

    /** Every state on the way is rigid, closed, and alike on both sides, as the piece is; and it gets there. */
    @Property(tries = 40, seed = "2")
    void collapse_isRigidAndSymmetricalAllTheWay(@ForAll @DoubleRange(min = 0, max = 1) double share) {
        CreasePattern pattern = squash();
        Folder folder = folder(pattern);
        FoldMotion motion = new FoldMotion(folder, folder.unfolded(), angles(180, 180, 180), Set.of());
        FoldedState state = motion.at(share).orThrow();
        assertEquals(state.angle(new CreaseRef("base", "falling")), state.angle(new CreaseRef("base", "rising")), 0.5);
        for (PanelRef panel : state.assembly().panels()) {
            Coordinate[] ring = state.assembly().panel(panel).outline().getExteriorRing().getCoordinates();
            List<Point3> corners = state.corners(panel);
            for (int i = 0; i < corners.size(); i++) {
                assertEquals(ring[i].distance(ring[i + 1]),
                        corners.get(i).distance(corners.get((i + 1) % corners.size())), 1e-6);
            }
        }
        Map<CreaseRef, Double> exact = new HashMap<>(state.angles());
        assertTrue(folder.closes(exact));
    }

    /** Dragging the motion never makes the paper jump. */
    @Test
    void collapse_movesSmoothly() {
        Folder folder = folder(squash());
        FoldMotion motion = new FoldMotion(folder, folder.unfolded(), angles(180, 180, 180), Set.of());
        double last = 0;
        for (int i = 1; i <= 200; i++) {
            double angle = motion.at(i / 200.0).orThrow().angle(new CreaseRef("base", "upright"));
            assertTrue(angle >= last - 0.2 && angle - last < 4, i + ": from " + last + " to " + angle);
            last = angle;
        }
        assertEquals(180, last, 1e-9);
    }

    /** A crease turned by hand takes the others with it. */
    @Test
    void driver_takesTheOthersAlong() {
        Folder folder = folder(squash());
        FoldedState shut = folder.fold(angles(180, 180, 180)).orThrow();
        FoldMotion motion = new FoldMotion(folder, shut, Map.of(new CreaseRef("base", "upright"), 90.0),
                Set.of(new CreaseRef("base", "upright")));
        FoldedState open = motion.end().orThrow();
        assertEquals(90, open.angle(new CreaseRef("base", "upright")), 1e-9);
        assertEquals(open.angle(new CreaseRef("base", "falling")), open.angle(new CreaseRef("base", "rising")), 0.5);
        assertTrue(open.angle(new CreaseRef("base", "falling")) < 150);
    }

    /**
     * As a sequence: one collapse. A diagonal turned round folds otherwise; the upright turned round is refused, with
     * Maekawa's reason.
     */
    @Test
    void sequence_collapses_andATurnedCreaseIsRefused() {
        CreasePattern pattern = squash();
        FoldedPiece piece = FoldSequencer.fold(pattern, pattern.panels().get(0).id(), List.of(
                new FoldStep("base", List.of("falling", "rising", "upright"), 180, Said.of("Collapse it."), false,
                        false, List.of())));
        assertEquals(List.of(), piece.problems());
        assertEquals(6, piece.flat().orElseThrow().order().size());
        assertTrue(
                Trial.reversed(piece, "falling").says().startsWith("It folds, but the layers come to lie otherwise."));
        Trial trial = Trial.reversed(piece, "upright");
        assertTrue(!trial.folds() && trial.says().contains("0 mountain and 6 valley"), trial.says());
    }

    /** Without a sequence one is proposed: for a vertex a collapse, for a fan one crease after the other. */
    @Test
    void noSequence_oneIsProposed() {
        CreasePattern vertex = squash();
        FoldedPiece collapsed = FoldSequencer.fold(vertex, vertex.panels().get(0).id(), List.of());
        assertTrue(collapsed.proposed() && collapsed.problems().isEmpty(), collapsed.problems().toString());
        assertEquals(1, collapsed.stages().size());
        CreasePattern fan = Maps.pattern(120, 40, List.of(TestPieces.score("a", Fold.VALLEY, 30, 0, 30, 40),
                TestPieces.score("b", Fold.MOUNTAIN, 60, 0, 60, 40), TestPieces.score("c", Fold.VALLEY, 90, 0, 90, 40)),
                4);
        FoldedPiece folded = FoldSequencer.fold(fan, "p4", List.of());
        assertTrue(folded.proposed() && folded.flat().isPresent());
        assertEquals(3, folded.stages().size());
    }
}

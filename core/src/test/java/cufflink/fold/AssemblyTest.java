package cufflink.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestPieces;
import cufflink.crease.CreasePattern;
import cufflink.design.CreaseRef;
import cufflink.design.Fold;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign.FoldStep;
import cufflink.design.SizedDesign.Layers;
import cufflink.design.SizedDesign.Passing;
import cufflink.design.SizedDesign.Pose;
import cufflink.design.SizedDesign.Said;
import cufflink.measure.Length;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stack.ClosedStack;
import cufflink.stack.ClosedStackBuilder;
import cufflink.words.FoldWords;
import cufflink.words.LayerWords;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;

/** Pieces joined by glue, weaving and sliding, in the core without design files. */
class AssemblyTest {
    /** A half fold of 80 × 60 mm, its front leaf on the left. */
    private static final CreasePattern CARD = TestPieces.pattern("card", 160, 60,
            List.of(TestPieces.score("spine", Fold.VALLEY, 80, 0, 80, 60)), "front", "back");
    private static final CreasePattern TAG = TestPieces.pattern("tag", 40, 30, List.of(), "tag");

    private static FoldedPiece folded(CreasePattern pattern, String anchor, FoldStep... steps) {
        return FoldSequencer.fold(pattern, anchor, List.of(steps));
    }

    private static FoldStep shut(String piece, String crease) {
        return new FoldStep(piece, List.of(crease), 180, Said.of(""), false, false, List.of());
    }

    /** On the up face, turning about nothing. */
    private static Join.Seat seat(Optional<RigidMotion> place) {
        return new Join.Seat(place, true, Optional.empty());
    }

    private static Join glued(PanelRef part, PanelRef onto, RigidMotion place, boolean above,
            Optional<LineSegment> axis) {
        return new Join("glue", Join.Way.GLUED, part, onto, new Join.Seat(Optional.of(place), above, axis),
                axis.isEmpty() ? List.of(TAG.panels().get(0).outline()) : List.of(), Passing.NOTHING);
    }

    private static final PanelRef FRONT = new PanelRef("card", "front");
    private static final PanelRef BACK = new PanelRef("card", "back");
    private static final PanelRef ON = new PanelRef("tag", "tag");

    private static Outcome<FlatFoldedState> close(Assembly assembly, List<Layers> stated) {
        return AssemblyCloser.close(assembly,
                Map.of("card", folded(CARD, "back", shut("card", "spine")), "tag", folded(TAG, "tag")), stated,
                List.of());
    }

    @Test
    void tagInsideACard_liesBetweenItsLeaves() {
        Assembly assembly = new Assembly(List.of(CARD, TAG),
                List.of(glued(ON, BACK, RigidMotion.shift(100, 15), true, Optional.empty())), BACK, 0);
        assertEquals(List.of(FRONT, ON, BACK), close(assembly, List.of()).orThrow().order());
    }

    @Test
    void tagOnTheOutsideOfTheBack_liesBehindEverything() {
        RigidMotion behind = RigidMotion.mirrorAt(120).after(RigidMotion.shift(100, 15));
        Assembly assembly = new Assembly(List.of(CARD, TAG), List.of(glued(ON, BACK, behind, false, Optional.empty())),
                BACK, 0);
        assertEquals(List.of(FRONT, BACK, ON), close(assembly, List.of()).orThrow().order());
    }

    @Test
    void statementAgainstTheGlue_isRefusedWithBothPanels() {
        Assembly assembly = new Assembly(List.of(CARD, TAG),
                List.of(glued(ON, BACK, RigidMotion.shift(100, 15), true, Optional.empty())), BACK, 0);
        Outcome<FlatFoldedState> refused = close(assembly, List.of(new Layers(BACK, ON)));
        assertEquals(LayerWords.CANNOT_LIE.of("reason", LayerWords.LIES_BEFORE.of("front", "back", "behind", "tag")),
                refused.problems().get(0).message());
    }

    /** The certificate covers glue: of the three orders of a tag glued inside a card one is paper. */
    @Test
    void verifier_knowsWhereATagIsGlued() {
        Assembly assembly = new Assembly(List.of(CARD, TAG),
                List.of(glued(ON, BACK, RigidMotion.shift(100, 15), true, Optional.empty())), BACK, 0);
        FoldedState state = new Folder(assembly).fold(Map.of(new CreaseRef("card", "spine"), 180.0)).orThrow();
        assertTrue(LayerOrderVerifier.verify(state, List.of(FRONT, ON, BACK)).value().isPresent());
        assertEquals(LayerWords.IN_THE_GLUE.of("other", "front", "part", "tag", "onto", "back"),
                LayerOrderVerifier.verify(state, List.of(ON, FRONT, BACK)).problems().get(0).message());
        assertEquals(LayerWords.ON_THE_WRONG_SIDE.of("part", "tag", "onto", "back"),
                LayerOrderVerifier.verify(state, List.of(FRONT, BACK, ON)).problems().get(0).message());
    }

    @Test
    void verifier_knowsWhatTheDesignStates() {
        Assembly assembly = new Assembly(List.of(CARD), List.of(), BACK, 0);
        FoldedState state = new Folder(assembly).fold(Map.of(new CreaseRef("card", "spine"), 180.0)).orThrow();
        LayerRelation relation = LayerRelation.ofOrder(List.of(FRONT, BACK));
        assertTrue(LayerOrderVerifier.verify(state, relation, List.of(new Layers(FRONT, BACK))).value().isPresent());
        assertTrue(LayerOrderVerifier.verify(state, relation, List.of(new Layers(BACK, FRONT))).value().isEmpty());
    }

    @Test
    void glueAndStackLinesOfPanelsThatNeverMeet_areMistakes() {
        Assembly beside = new Assembly(List.of(CARD, TAG),
                List.of(glued(ON, BACK, RigidMotion.shift(350, 15), true, Optional.empty())), BACK, 0);
        assertEquals(LayerWords.PUT_ON_APART, close(beside, List.of()).problems().get(0).code());
        assertTrue(close(beside, List.of(new Layers(ON, FRONT))).problems().stream().map(Problem::message)
                .anyMatch(LayerWords.STACKED_APART.of("front", ON, "behind", FRONT)::equals));
    }

    /**
     * Glued along one edge, a tag can be lifted about that edge; a pose that lifts it into the closed leaf is stopped.
     */
    @Test
    void partGluedAlongOneEdge_canBeLifted() {
        Assembly assembly = new Assembly(List.of(CARD, TAG), List
                .of(glued(ON, BACK, RigidMotion.shift(100, 15), true, Optional.of(new LineSegment(100, 15, 140, 15)))),
                BACK, 0);
        FlatFoldedState closed = close(assembly, List.of()).orThrow();
        CreaseRef lift = new CreaseRef("tag", "glue");
        Map<String, Pose> poses = new LinkedHashMap<>();
        poses.put("lifted shut", new Pose(Optional.empty(), Optional.empty(), Map.of(lift, 40.0)));
        poses.put("open", new Pose(Optional.empty(), Optional.empty(), Map.of(new CreaseRef("card", "spine"), 0.0)));
        poses.put("lifted", new Pose(Optional.of("open"), Optional.empty(), Map.of(lift, 40.0)));
        List<PosedCard> posed = PosedCard.pose(closed, poses, piece -> false);
        assertEquals(FoldWords.LIES_UNDER.of("creases", List.of("glue"), "upper", "front", "lower", "tag"),
                posed.get(0).obstacle().orElseThrow().message());
        assertTrue(posed.get(1).obstacle().isEmpty() && posed.get(2).obstacle().isEmpty());
        FoldedState lifted = posed.get(2).state().orThrow();
        assertEquals(30 * Math.sin(Math.toRadians(40)),
                lifted.corners(ON).stream().mapToDouble(Point3::z).max().orElseThrow(), 1e-6);
    }

    /**
     * A strip glued to both leaves of a card ties them: opening one crease without the other tears it, and the pose is
     * not reached.
     */
    @Test
    void tieBetweenTheLeaves_holdsTheCardShut() {
        CreasePattern tie = TestPieces.pattern("tie", 60, 10, List.of(), "tie");
        Join one = new Join("one", Join.Way.GLUED, new PanelRef("tie", "tie"), BACK,
                seat(Optional.of(RigidMotion.shift(90, 20))), List.of(tie.panels().get(0).outline()), Passing.NOTHING);
        Join two = new Join("two", Join.Way.GLUED, new PanelRef("tie", "tie"), FRONT, seat(Optional.empty()),
                List.of(tie.panels().get(0).outline()), Passing.NOTHING);
        Assembly assembly = new Assembly(List.of(CARD, tie), List.of(one, two), BACK, 0);
        FlatFoldedState closed = AssemblyCloser.close(assembly,
                Map.of("card", folded(CARD, "back", shut("card", "spine")), "tie", folded(tie, "tie")), List.of(),
                List.of())
                .orThrow();
        PosedCard open = PosedCard
                .pose(closed, Map.of("open",
                        new Pose(Optional.empty(), Optional.empty(), Map.of(new CreaseRef("card", "spine"), 90.0))),
                        piece -> false)
                .get(0);
        assertTrue(open.state().value().isEmpty());
        assertFalse(open.state().problems().isEmpty());
    }

    /** Woven over one panel and under the next, whatever else could be. */
    @Test
    void wovenStrip_goesOverAndUnder() {
        CreasePattern pair = TestPieces.pattern("card", 100, 60,
                List.of(TestPieces.score("spine", Fold.VALLEY, 50, 0, 50, 60)), "front",
                "back");
        CreasePattern woven = TestPieces.pattern("tag", 80, 20, List.of(), "tag");
        Join weave = new Join("weave", Join.Way.WOVEN, ON, FRONT, seat(Optional.of(RigidMotion.shift(10, 20))),
                List.of(), new Passing(List.of(FRONT), List.of(BACK), Optional.empty()));
        Assembly assembly = new Assembly(List.of(pair, woven), List.of(weave), BACK, 0);
        Folder folder = new Folder(assembly);
        assertTrue(LayerProblem.of(folder.fold(Map.of()).orThrow()).solve().value().isEmpty(),
                "a strip cannot pass through a crease: it would need a slit there");
        Join over = new Join("weave", Join.Way.WOVEN, ON, FRONT, seat(Optional.of(RigidMotion.shift(10, 20))),
                List.of(), new Passing(List.of(FRONT, BACK), List.of(), Optional.empty()));
        FlatFoldedState above = LayerProblem
                .of(new Folder(new Assembly(List.of(pair, woven), List.of(over), BACK, 0)).fold(Map.of()).orThrow())
                .solve().orThrow();
        assertEquals(ON, above.order().get(0));
    }

    /** The share of the card's outline that each layer shows, from the front and from the back. */
    @Test
    void shown_isWhatTheViewerSees() {
        Assembly assembly = new Assembly(List.of(CARD, TAG), List.of(
                glued(ON, BACK, RigidMotion.mirrorAt(120).after(RigidMotion.shift(100, 15)), false, Optional.empty())),
                BACK, 0);
        FlatFoldedState closed = close(assembly, List.of()).orThrow();
        Length caliper = Length.ofMicrometres(300);
        ClosedStack stack = ClosedStackBuilder.build(closed, Decoration.of(closed, List.of()), List.of(),
                Map.of("card", caliper, "tag", caliper),
                List.of(), Map.of(), Set.of(), List.of());
        assertEquals(1, stack.shown(true).get(0).share(), 1e-9);
        assertEquals("front", stack.shown(true).get(0).layer().label());
        List<ClosedStack.Shown> back = stack.shown(false);
        assertEquals(1 - 40.0 * 30 / (80 * 60), back.get(0).share(), 1e-9);
        assertEquals("tag", back.get(1).layer().label());
        assertEquals(Length.ofMicrometres(900), stack.thickness());
        assertEquals(2, stack.at(new Coordinate(85, 5)).size());
    }
}

package cufflink.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestPieces;
import cufflink.crease.CreasePattern;
import cufflink.design.CreaseRef;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign.Passing;
import cufflink.design.SizedDesign.Pose;
import cufflink.words.FoldWords;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.LineSegment;

/** Two boards of 40 × 30 mm, one on the other, that are tied at the upper and at the lower edge. */
class TiedTest {
    private static final CreasePattern UNDER = TestPieces.pattern("under", 40, 30, List.of(), "board");
    private static final CreasePattern OVER = TestPieces.pattern("over", 40, 30, List.of(), "board");
    private static final PanelRef BOTTOM = new PanelRef("under", "board");
    private static final PanelRef TOP = new PanelRef("over", "board");
    private static final CreaseRef UPPER = new CreaseRef("over", "upper");
    private static final CreaseRef LOWER = new CreaseRef("over", "lower");

    private static Join tied(String id, double y) {
        return new Join(id, Join.Way.TIED, TOP, BOTTOM, new Join.Seat(Optional.of(RigidMotion.STAY), true,
                Optional.of(new LineSegment(0, y, 40, y))), List.of(), Passing.NOTHING);
    }

    private static Assembly boards() {
        return new Assembly(List.of(UNDER, OVER), List.of(tied("upper", 0)), List.of(tied("lower", 30)), BOTTOM, 0);
    }

    private static List<PosedCard> posed(Map<String, Pose> poses) {
        FlatFoldedState closed = AssemblyCloser.close(boards(), Map.of("under", piece(UNDER), "over", piece(OVER)),
                List.of(), List.of()).orThrow();
        return PosedCard.pose(closed, poses, piece -> false);
    }

    private static FoldedPiece piece(CreasePattern pattern) {
        return FoldSequencer.fold(pattern, "board", List.of());
    }

    private static Pose open(CreaseRef at, Optional<String> after) {
        return new Pose(after, Optional.empty(), Map.of(at, 180.0));
    }

    @Test
    void ofTwoTies_oneActsAtATime() {
        Assembly first = boards();
        Assembly other = first.tiedBy(LOWER);
        assertTrue(first.creases().contains(UPPER) && !first.creases().contains(LOWER));
        assertTrue(other.creases().contains(LOWER) && !other.creases().contains(UPPER));
        assertNotEquals(first, other);
        assertEquals(first, other.tiedBy(UPPER));
        assertSame(first, first.tiedBy(new CreaseRef("over", "nowhere")));
    }

    /** Opened at the upper edge the board lies above the other, opened at the lower one below it. */
    @Test
    void eachPose_opensWhereItSays() {
        Map<String, Pose> poses = new LinkedHashMap<>();
        poses.put("up", open(UPPER, Optional.empty()));
        poses.put("down", open(LOWER, Optional.empty()));
        List<PosedCard> posed = posed(poses);
        assertEquals(-15, posed.get(0).state().orThrow().position().get(TOP).apply(20, 15, 0).y(), 1e-9);
        assertEquals(45, posed.get(1).state().orThrow().position().get(TOP).apply(20, 15, 0).y(), 1e-9);
        assertTrue(posed.stream().allMatch(pose -> pose.obstacle().isEmpty()));
    }

    @Test
    void poseThatGoesOnAtTheOtherEdge_isNotTaken() {
        Map<String, Pose> poses = new LinkedHashMap<>();
        poses.put("up", open(UPPER, Optional.empty()));
        poses.put("down", open(LOWER, Optional.of("up")));
        assertEquals(FoldWords.HELD_ELSEWHERE, posed(poses).get(1).state().problems().get(0).code());
    }
}

package cufflink.fold;

import cufflink.design.PanelRef;
import cufflink.design.SizedDesign.Passing;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/**
 * How a panel of one piece sits on a panel of another, or on one of its own piece.
 *
 * @param id      of the joint
 * @param way     how they hold together
 * @param part    the panel that is put on
 * @param onto    the panel that it is put on
 * @param glued   where the part takes glue, in its own coordinates; nothing else comes between there
 * @param passing what a woven part passes, as it lies on {@code onto}
 */
public record Join(String id, Way way, PanelRef part, PanelRef onto, Seat seat, List<Polygon> glued, Passing passing) {
    /** Ways to hold together; what is laid on a panel is an ornament, which the design's own glue knows nothing of. */
    public enum Way {
        GLUED, WOVEN, SLOTTED, SLIDING, TIED, LAID
    }

    /**
     * Where a part sits.
     *
     * @param place from the part's coordinates to the other's in the closed card; absent where folding brings the two
     *              together
     * @param above whether the part lies on the side to which the other's up face looks
     * @param axis  the line about which the part may turn, in the coordinates of the other
     */
    public record Seat(Optional<RigidMotion> place, boolean above, Optional<LineSegment> axis) {
    }

    public Join {
        glued = List.copyOf(glued);
    }

    /** From the part's coordinates to the other's in the closed card; absent where folding brings the two together. */
    public Optional<RigidMotion> place() {
        return seat.place();
    }

    /** Whether the part lies on the side to which the other's up face looks. */
    public boolean above() {
        return seat.above();
    }

    /** The line about which the part may turn, in the coordinates of the other. */
    public Optional<LineSegment> axis() {
        return seat.axis();
    }

    /** Whether the part lies on the face of the other that the joint names. */
    boolean lies() {
        return way == Way.GLUED || way == Way.SLIDING || way == Way.TIED || way == Way.LAID;
    }

    /** Whether it may act in the place of another: both tie the same panels, at different edges. */
    boolean isInsteadOf(Join other) {
        return way == Way.TIED && other.way == Way.TIED && part.equals(other.part) && onto.equals(other.onto);
    }

    /** The same join with a known place. */
    Join placed(RigidMotion at) {
        return new Join(id, way, part, onto, new Seat(Optional.of(at), above(), axis()), glued, passing);
    }
}

package cufflink.fold;

import cufflink.design.PanelRef;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/**
 * How a panel of one piece sits on a panel of another, or on one of its own piece.
 *
 * @param id    of the joint
 * @param way   how they hold together
 * @param part  the panel that is put on
 * @param onto  the panel that it is put on
 * @param place from the part's coordinates to the other's in the closed card; absent where folding brings the two
 *              together
 * @param above whether the part lies on the side to which {@code onto}'s up face looks
 * @param glued where the part takes glue, in its own coordinates; nothing else comes between there
 * @param over  panels that a woven part lies over, as it lies on {@code onto}
 * @param under panels that a woven part lies under
 * @param axis  the line about which slotted parts may turn, in the coordinates of {@code onto}
 */
public record Join(String id, Way way, PanelRef part, PanelRef onto, Optional<RigidMotion> place, boolean above,
        List<Polygon> glued,
        List<PanelRef> over, List<PanelRef> under, Optional<LineSegment> axis) {
    /** Ways to hold together. */
    public enum Way { GLUED, WOVEN, SLOTTED, SLIDING }

    public Join {
        glued = List.copyOf(glued);
        over = List.copyOf(over);
        under = List.copyOf(under);
    }

    /** The same join with a known place. */
    Join placed(RigidMotion at) {
        return new Join(id, way, part, onto, Optional.of(at), above, glued, over, under, axis);
    }
}

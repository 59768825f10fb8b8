package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Panel;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;

/**
 * A piece with its creases turned.
 *
 * @param pattern  the piece
 * @param angles   degrees by crease id; creases left out are flat
 * @param position where each panel went, by panel id
 */
public record FoldedState(CreasePattern pattern, Map<String, Double> angles, Map<String, RigidMotion> position) {
    public FoldedState {
        angles = Map.copyOf(angles);
        position = Map.copyOf(position);
    }

    /** The corners of a panel in space, in the order of its outline, the first not repeated. */
    public List<Point3> corners(Panel panel) {
        RigidMotion motion = position.get(panel.id());
        Coordinate[] ring = panel.outline().getExteriorRing().getCoordinates();
        return Arrays.stream(ring, 0, ring.length - 1).map(motion::apply).toList();
    }

    /** A panel's outline seen from above. */
    public Polygon footprint(Panel panel) {
        return Footprints.of(panel.outline(), position.get(panel.id()));
    }
}

package cufflink.fold;

import cufflink.design.CreaseRef;
import cufflink.design.PanelRef;
import cufflink.design.Side;
import cufflink.problem.Ordered;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;

/**
 * An assembly with its creases turned.
 *
 * @param assembly the pieces
 * @param angles   degrees by crease; creases left out are flat
 * @param position where each panel went
 * @param twisted  the corners in space of the panels that do not stay plane, in the order of their outlines; their
 *                 position is where they lie on the whole
 */
public record FoldedState(Assembly assembly, Map<CreaseRef, Double> angles, Map<PanelRef, RigidMotion> position,
        Map<PanelRef, List<Point3>> twisted) {
    private static final double FLAT = 1e-3;

    public FoldedState {
        angles = Ordered.map(angles);
        position = Ordered.map(position);
        twisted = Ordered.map(twisted);
    }

    /** Of plane panels. */
    public FoldedState(Assembly assembly, Map<CreaseRef, Double> angles, Map<PanelRef, RigidMotion> position) {
        this(assembly, angles, position, Map.of());
    }

    /** Degrees; below 0 for a crease folded against its mark. */
    public double angle(CreaseRef crease) {
        return angles.getOrDefault(crease, 0.0);
    }

    /** Whether every crease is flat or shut. */
    public boolean isFlat() {
        return angles.values().stream()
                .allMatch(angle -> Math.abs(angle) < FLAT || Math.abs(Math.abs(angle) - 180) < FLAT);
    }

    /** The corners of a panel in space, in the order of its outline, the first not repeated. */
    public List<Point3> corners(PanelRef ref) {
        if (twisted.containsKey(ref)) {
            return twisted.get(ref);
        }
        RigidMotion motion = position.get(ref);
        Coordinate[] ring = assembly.panel(ref).outline().getExteriorRing().getCoordinates();
        return Arrays.stream(ring, 0, ring.length - 1).map(motion::apply).toList();
    }

    /** Where a side of a panel looks, seen from above; of a leaning one, sides are named as it is held. */
    public Side side(PanelRef ref, Side own) {
        if (assembly.lean() != 0) {
            return own;
        }
        Point3 direction = position.get(ref).turn(new Point3(own.x(), own.y(), 0));
        return Side.towards(direction.x(), direction.y());
    }

    /** The same, moved as a whole so that a panel lies in its own plane, its upper face or its under face up. */
    public FoldedState laid(PanelRef panel, boolean turnedOver) {
        RigidMotion back = position.get(panel).inverse();
        RigidMotion all = turnedOver ? RigidMotion.mirrorAt(0).after(back) : back;
        Map<PanelRef, RigidMotion> moved = new LinkedHashMap<>();
        position.forEach((ref, motion) -> moved.put(ref, all.after(motion)));
        return new FoldedState(assembly, angles, moved);
    }

    /** A panel's outline seen from above. */
    public Polygon footprint(PanelRef ref) {
        return Footprints.of(assembly.panel(ref).outline(), position.get(ref));
    }
}

package cufflink.drawing;

import cufflink.design.PanelRef;
import cufflink.fold.FoldedState;
import cufflink.fold.Point3;
import cufflink.fold.RigidMotion;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;

/**
 * Sets layers that lie on each other apart, so that a picture shows which is in front: each by one step more than what
 * it lies on. A panel that stands away from all others stays where it is. As a fold opens, its layers come back by and
 * by.
 */
final class LayerLift {
    /** From this angle on, radians, a panel no longer lies on another. */
    private static final double OPEN = Math.toRadians(25);
    /** From this distance on, millimetres, a panel no longer lies on another. */
    private static final double FAR = 3;
    /** Panels that overlap by so much, millimetres, lie on each other fully; those that only touch do not. */
    private static final double FULLY = 2;

    private final FoldedState state;
    private final Map<PanelRef, List<Point3>> corners = new LinkedHashMap<>();

    private LayerLift(FoldedState state) {
        this.state = state;
        state.assembly().panels().forEach(panel -> corners.put(panel, state.corners(panel)));
    }

    /**
     * How far each panel is set off its own plane towards its up face, millimetres.
     *
     * @param state what is drawn
     * @param flat  the flat state in which the order of the layers is known
     * @param order its panels from the viewer's side down; those left out stay where they are
     * @param apart how far layers are set apart, millimetres
     * @param most  how much a whole stack may swell, millimetres; higher stacks are set less far apart
     */
    static Map<PanelRef, Double> of(FoldedState state, FoldedState flat, List<PanelRef> order, double apart,
            double most) {
        LayerLift lifts = new LayerLift(state);
        Map<PanelRef, Double> steps = new LinkedHashMap<>();
        for (int i = order.size() - 1; i >= 0; i--) {
            double count = 0;
            for (Map.Entry<PanelRef, Double> behind : steps.entrySet()) {
                count = Math.max(count, lifts.closeness(order.get(i), behind.getKey()) * (behind.getValue() + 1));
            }
            steps.put(order.get(i), count);
        }
        double step = Math.min(apart,
                most / Math.max(1, steps.values().stream().mapToDouble(Double::doubleValue).max().orElse(0)));
        steps.replaceAll((panel, count) -> count * step * (flat.position().get(panel).turnsOver() ? -1 : 1));
        return steps;
    }

    /** 1 for panels of which one lies on the other, 0 for panels that stand clear of each other. */
    private double closeness(PanelRef panel, PanelRef other) {
        RigidMotion plane = state.position().get(other);
        double along = Math.min(1, Math.abs(plane.up().dot(state.position().get(panel).up())));
        double flat = 1 - Math.acos(along) / OPEN;
        if (flat <= 0) {
            return 0;
        }
        RigidMotion back = plane.inverse();
        List<Point3> seen = corners.get(panel).stream().map(corner -> back.apply(corner.x(), corner.y(), corner.z()))
                .toList();
        double near = 1 - seen.stream().mapToDouble(corner -> Math.abs(corner.z())).min().orElse(FAR) / FAR;
        return near <= 0 ? 0 : flat * near * Math.max(0, Math.min(1,
                overlap(seen, state.assembly().panel(other).outline().getExteriorRing().getCoordinates()) / FULLY));
    }

    /**
     * By how much two outlines overlap at least, looked at along their sides: right for convex ones, never too little
     * for others.
     */
    private static double overlap(List<Point3> one, Coordinate[] ring) {
        List<Point3> other = new ArrayList<>();
        for (int i = 0; i + 1 < ring.length; i++) {
            other.add(new Point3(ring[i].x, ring[i].y, 0));
        }
        return Math.min(leastAlong(one, one, other), leastAlong(other, one, other));
    }

    private static double leastAlong(List<Point3> sides, List<Point3> one, List<Point3> other) {
        double least = Double.MAX_VALUE;
        for (int i = 0; i < sides.size() && least > 0; i++) {
            Point3 from = sides.get(i);
            Point3 to = sides.get((i + 1) % sides.size());
            double length = Math.hypot(to.x() - from.x(), to.y() - from.y());
            if (length > 1e-9) {
                Point3 across = new Point3((from.y() - to.y()) / length, (to.x() - from.x()) / length, 0);
                double[] a = range(one, across);
                double[] b = range(other, across);
                least = Math.min(least, Math.min(a[1], b[1]) - Math.max(a[0], b[0]));
            }
        }
        return least;
    }

    private static double[] range(List<Point3> corners, Point3 direction) {
        double low = Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        for (Point3 corner : corners) {
            double along = corner.dot(direction);
            low = Math.min(low, along);
            high = Math.max(high, along);
        }
        return new double[] {low, high};
    }
}

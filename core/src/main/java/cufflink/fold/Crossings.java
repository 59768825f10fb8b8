package cufflink.fold;

import cufflink.design.PanelRef;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/** Paper that passes through other paper in one state of an assembly. */
final class Crossings {
    /** Paper that reaches less far through other paper only touches it, millimetres. */
    private static final double GRAZE = 0.3;

    private final List<PanelRef> panels;
    private final Polygon[] outline;
    private final RigidMotion[] position;
    private final Point3[][] corners;

    private Crossings(FoldedState state) {
        panels = state.assembly().panels();
        outline = new Polygon[panels.size()];
        position = new RigidMotion[panels.size()];
        corners = new Point3[panels.size()][];
        for (int i = 0; i < position.length; i++) {
            outline[i] = state.assembly().panel(panels.get(i)).outline();
            position[i] = state.position().get(panels.get(i));
            corners[i] = state.corners(panels.get(i)).toArray(new Point3[0]);
        }
    }

    /**
     * Two panels of which one passes through the other; pairs that moved as one since a state without crossings are
     * passed over.
     */
    static Optional<List<PanelRef>> first(FoldedState state, Travel since) {
        return new Crossings(state).first(since::together);
    }

    /** Two panels of which one passes through the other. */
    static Optional<List<PanelRef>> first(FoldedState state) {
        return new Crossings(state).first((one, other) -> false);
    }

    private Optional<List<PanelRef>> first(BiPredicate<PanelRef, PanelRef> passed) {
        for (int i = 0; i < position.length; i++) {
            for (int j = i + 1; j < position.length; j++) {
                if (isOnBothSides(i, j) && isOnBothSides(j, i) && !passed.test(panels.get(i), panels.get(j))
                        && passesThrough(i, j)) {
                    return Optional.of(List.of(panels.get(i), panels.get(j)));
                }
            }
        }
        return Optional.empty();
    }

    /** Whether another panel has corners on both sides of a panel's plane. */
    private boolean isOnBothSides(int panel, int other) {
        Point3 up = position[panel].up();
        double plane = up.dot(position[panel].origin());
        boolean above = false;
        boolean below = false;
        for (Point3 corner : corners[other]) {
            double height = up.dot(corner) - plane;
            above |= height > GRAZE;
            below |= height < -GRAZE;
        }
        return above && below;
    }

    /**
     * Whether another panel, seen from a panel's own plane, cuts that plane inside both of them, more than a graze from
     * their edges.
     */
    private boolean passesThrough(int panel, int other) {
        RigidMotion back = position[panel].inverse();
        RigidMotion toOther = position[other].inverse().after(position[panel]);
        List<Coordinate> cuts = cuts(corners[other], back);
        for (int i = 0; i + 1 < cuts.size(); i += 2) {
            for (LineSegment common : inside(new LineSegment(cuts.get(i), cuts.get(i + 1)), outline[panel])) {
                Coordinate middle = common.midPoint();
                Point3 there = toOther.apply(middle);
                if (common.getLength() > GRAZE && isDeep(outline[panel], middle)
                        && isDeep(outline[other], new Coordinate(there.x(), there.y()))) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Where a ring passes through the plane, in order along the line in which the two planes meet. */
    private static List<Coordinate> cuts(Point3[] ring, RigidMotion back) {
        List<Coordinate> cuts = new ArrayList<>();
        Point3 a = seen(ring[ring.length - 1], back);
        for (Point3 corner : ring) {
            Point3 b = seen(corner, back);
            if (a.z() > 0 != b.z() > 0) {
                double share = a.z() / (a.z() - b.z());
                cuts.add(new Coordinate(a.x() + (b.x() - a.x()) * share, a.y() + (b.y() - a.y()) * share));
            }
            a = b;
        }
        cuts.sort(Coordinate::compareTo);
        return cuts;
    }

    private static Point3 seen(Point3 corner, RigidMotion back) {
        return back.apply(corner.x(), corner.y(), corner.z());
    }

    /** The stretches of a line that lie inside a polygon. */
    private static List<LineSegment> inside(LineSegment line, Polygon polygon) {
        if (!polygon.getEnvelopeInternal().intersects(line.p0, line.p1)) {
            return List.of();
        }
        List<Double> shares = new ArrayList<>(List.of(0.0, 1.0));
        addCrossings(line, polygon.getExteriorRing().getCoordinates(), shares);
        for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
            addCrossings(line, polygon.getInteriorRingN(i).getCoordinates(), shares);
        }
        shares.sort(null);
        List<LineSegment> inside = new ArrayList<>();
        for (int i = 0; i + 1 < shares.size(); i++) {
            LineSegment part = new LineSegment(line.pointAlong(shares.get(i)), line.pointAlong(shares.get(i + 1)));
            if (SimplePointInAreaLocator.isContained(part.midPoint(), polygon)) {
                inside.add(part);
            }
        }
        return inside;
    }

    private static void addCrossings(LineSegment line, Coordinate[] ring, List<Double> shares) {
        for (int i = 0; i + 1 < ring.length; i++) {
            Coordinate at = line.intersection(new LineSegment(ring[i], ring[i + 1]));
            if (at != null) {
                shares.add(line.segmentFraction(at));
            }
        }
    }

    private static boolean isDeep(Polygon panel, Coordinate at) {
        if (!SimplePointInAreaLocator.isContained(at, panel)
                || Distance.pointToSegmentString(at, panel.getExteriorRing().getCoordinates()) <= GRAZE) {
            return false;
        }
        for (int i = 0; i < panel.getNumInteriorRing(); i++) {
            if (Distance.pointToSegmentString(at, panel.getInteriorRingN(i).getCoordinates()) <= GRAZE) {
                return false;
            }
        }
        return true;
    }
}

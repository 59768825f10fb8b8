package cufflink.fold;

import cufflink.design.PanelRef;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/**
 * What hits what on the way of a motion: as it leaves a flat state no layer may move through the one that lies on it; between its ends no panel may pierce another. The
 * way is looked at in samples, so that what only grazes between two of them is not seen.
 */
public final class PathChecker {
    /** Shares of the way at which the layers are compared just after the start and just before the end. */
    private static final double LEAVING = 0.02;
    /** Paper that reaches less far through other paper only touches it, millimetres. */
    private static final double GRAZE = 0.3;

    private final FoldMotion motion;

    private PathChecker(FoldMotion motion) {
        this.motion = motion;
    }

    /**
     * What is in the way, at most one problem.
     *
     * @param start the layers at the start, if it is flat
     */
    static Optional<Problem> obstacle(FoldMotion motion, Optional<FlatFoldedState> start) {
        PathChecker checker = new PathChecker(motion);
        return start.flatMap(flat -> checker.onTheWayOut(flat)).or(() -> start.isPresent() && checker.movesAsOne() ? Optional.empty() : checker.between());
    }

    /** How much higher than panel b panel a comes to lie at a place of a flat state when that state has moved on, along the flat state's own upward direction. */
    static double rise(FoldedState flat, FoldedState moved, PanelRef a, PanelRef b, Coordinate place) {
        return height(flat, moved, a, place) - height(flat, moved, b, place);
    }

    private static double height(FoldedState flat, FoldedState moved, PanelRef panel, Coordinate place) {
        Point3 own = flat.position().get(panel).inverse().apply(place);
        return moved.position().get(panel).apply(own.x(), own.y(), own.z()).z();
    }

    private Optional<Problem> onTheWayOut(FlatFoldedState start) {
        Outcome<FoldedState> leaving = motion.at(LEAVING);
        if (leaving.value().isEmpty()) {
            return Optional.of(leaving.problems().get(0));
        }
        FoldedState moved = leaving.value().get();
        List<PanelRef> panels = start.order();
        for (PanelRef upper : panels) {
            for (PanelRef lower : panels) {
                if (upper.equals(lower) || !start.relation().above(upper, lower).orElse(false) || together(start.state(), moved, upper, lower)) {
                    continue;
                }
                double least = start.places().commonPoints(upper, lower).stream().mapToDouble(place -> rise(start.state(), moved, upper, lower, place)).min().orElse(0);
                if (least < -1e-3) {
                    return Optional.of(problem(upper, "Crease " + creases() + " cannot be folded now: the " + label(upper) + " lies on the " + label(lower) + ".", "Fold it earlier."));
                }
            }
        }
        return Optional.empty();
    }

    /** Whether two panels moved as one. */
    static boolean together(FoldedState before, FoldedState after, PanelRef a, PanelRef b) {
        RigidMotion was = before.position().get(a).inverse().after(before.position().get(b));
        RigidMotion is = after.position().get(a).inverse().after(after.position().get(b));
        return was.difference(is) < 1e-6;
    }

    /** One part of a flat stack turning about a line sweeps the half space above it and meets nothing half way. */
    private boolean movesAsOne() {
        FoldedState from = motion.from();
        Optional<FoldedState> half = motion.at(0.5).value();
        List<PanelRef> moved = half.map(state -> state.assembly().panels().stream()
                .filter(panel -> from.position().get(panel).difference(state.position().get(panel)) > 1e-9).toList()).orElse(List.of());
        return half.isPresent() && moved.stream().allMatch(panel -> together(from, half.get(), moved.get(0), panel));
    }

    private String creases() {
        return String.join(", ", motion.changing().stream().map(crease -> crease.crease()).sorted().toList());
    }

    private String label(PanelRef panel) {
        return motion.from().assembly().panel(panel).label();
    }

    private static Problem problem(PanelRef panel, String what, String remedy) {
        return Problem.error(panel.piece(), what, remedy);
    }

    private Optional<Problem> between() {
        for (double share : motion.stations()) {
            Outcome<FoldedState> at = motion.at(share);
            if (at.value().isEmpty()) {
                return Optional.of(at.problems().get(0));
            }
            Optional<Problem> hit = crossing(motion.from(), at.value().get()).map(pair -> problem(pair.get(0), "While " + creases() + " turns, the " + label(pair.get(0)) + " hits the "
                    + label(pair.get(1)) + " after " + Math.round(share * 100) + " % of the way.", "Fold the creases one after the other, or in another order."));
            if (hit.isPresent()) {
                return hit;
            }
        }
        return Optional.empty();
    }

    /** Two panels of which one passes through the other, at least one of which has moved since an earlier state. */
    private static Optional<List<PanelRef>> crossing(FoldedState from, FoldedState state) {
        List<PanelRef> panels = state.assembly().panels();
        List<Polygon> outlines = panels.stream().map(panel -> state.assembly().panel(panel).outline()).toList();
        List<List<Point3>> corners = panels.stream().map(state::corners).toList();
        List<Boolean> moved = panels.stream().map(panel -> from.position().get(panel).difference(state.position().get(panel)) > 1e-9).toList();
        for (int i = 0; i < panels.size(); i++) {
            RigidMotion back = state.position().get(panels.get(i)).inverse();
            for (int j = i + 1; j < panels.size(); j++) {
                if (!moved.get(i) && !moved.get(j)) {
                    continue;
                }
                List<Point3> seen = corners.get(j).stream().map(corner -> back.apply(corner.x(), corner.y(), corner.z())).toList();
                if (isOnBothSides(seen) && passesThrough(seen, outlines.get(i), state.position().get(panels.get(j)).inverse().after(state.position().get(panels.get(i))), outlines.get(j))) {
                    return Optional.of(List.of(panels.get(i), panels.get(j)));
                }
            }
        }
        return Optional.empty();
    }

    private static boolean isOnBothSides(List<Point3> ring) {
        return ring.stream().anyMatch(corner -> corner.z() > GRAZE) && ring.stream().anyMatch(corner -> corner.z() < -GRAZE);
    }

    /** Whether another panel, seen from a panel's own plane, cuts that plane inside both of them, more than a graze from their edges. */
    private static boolean passesThrough(List<Point3> other, Polygon panel, RigidMotion toOther, Polygon otherOutline) {
        List<Coordinate> cuts = cuts(other);
        for (int i = 0; i + 1 < cuts.size(); i += 2) {
            for (LineSegment common : inside(new LineSegment(cuts.get(i), cuts.get(i + 1)), panel)) {
                Coordinate middle = common.midPoint();
                Point3 there = toOther.apply(middle);
                if (common.getLength() > GRAZE && isDeep(panel, middle) && isDeep(otherOutline, new Coordinate(there.x(), there.y()))) {
                    return true;
                }
            }
        }
        return false;
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

    /** Where a ring passes through the plane, in order along the line in which the two planes meet. */
    private static List<Coordinate> cuts(List<Point3> ring) {
        List<Coordinate> cuts = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            Point3 a = ring.get(i);
            Point3 b = ring.get((i + 1) % ring.size());
            if (a.z() > 0 != b.z() > 0) {
                double share = a.z() / (a.z() - b.z());
                cuts.add(new Coordinate(a.x() + (b.x() - a.x()) * share, a.y() + (b.y() - a.y()) * share));
            }
        }
        cuts.sort(Coordinate::compareTo);
        return cuts;
    }

    private static boolean isDeep(Polygon panel, Coordinate at) {
        if (!SimplePointInAreaLocator.isContained(at, panel) || Distance.pointToSegmentString(at, panel.getExteriorRing().getCoordinates()) <= GRAZE) {
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

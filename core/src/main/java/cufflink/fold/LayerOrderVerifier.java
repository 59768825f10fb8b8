package cufflink.fold;

import cufflink.crease.Hinge;
import cufflink.crease.Panel;
import cufflink.design.Fold;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;

/**
 * Proves that an order of layers can be paper (Justin's conditions, as in Demaine and O'Rourke, <i>Geometric Folding
 * Algorithms</i>, 2007, chapter 11; from memory). For a piece folded flat with creases at 0 or 180 degrees:
 * <ol>
 * <li>a valley has its far panel above an unturned near panel, a mountain below;</li>
 * <li>no layer passes between the two panels of a folded crease across it (taco and tortilla), nor across a flat one;</li>
 * <li>two folded creases on one line, opening to the same side, are nested or apart, never interleaved (taco and taco).</li>
 * </ol>
 */
public final class LayerOrderVerifier {
    private static final double ACROSS = 1e-4;

    private final FoldedState state;
    private final Map<String, Polygon> footprint = new HashMap<>();
    private final Map<String, Integer> depth = new HashMap<>();

    private LayerOrderVerifier(FoldedState state, List<String> order) {
        this.state = state;
        state.pattern().panels().forEach(panel -> footprint.put(panel.id(), state.footprint(panel)));
        for (int i = 0; i < order.size(); i++) {
            depth.put(order.get(i), i);
        }
    }

    /** The proved state, or the panels that would pass through each other. */
    public static Outcome<FlatFoldedState> verify(FoldedState state, List<String> order) {
        LayerOrderVerifier verifier = new LayerOrderVerifier(state, order);
        List<Problem> problems = verifier.problems();
        return problems.isEmpty() ? Outcome.of(new FlatFoldedState(state, order)) : Outcome.failed(problems);
    }

    private List<Problem> problems() {
        List<Problem> problems = new ArrayList<>();
        List<Hinge> hinges = state.pattern().hinges();
        for (Hinge hinge : hinges) {
            if (folded(hinge) && !sidesRight(hinge)) {
                problems.add(problem(hinge, "is folded the wrong way for this order of layers."));
            }
            for (Panel panel : state.pattern().panels()) {
                if (between(panel.id(), hinge) && crosses(footprint.get(panel.id()), place(hinge))) {
                    problems.add(problem(hinge, "would have to pass through the " + panel.label() + "."));
                }
            }
        }
        for (int i = 0; i < hinges.size(); i++) {
            for (int j = i + 1; j < hinges.size(); j++) {
                if (interleaved(hinges.get(i), hinges.get(j))) {
                    problems.add(problem(hinges.get(i), "and crease " + hinges.get(j).crease() + " would have to pass through each other."));
                }
            }
        }
        return problems;
    }

    private Problem problem(Hinge hinge, String what) {
        return Problem.error(state.pattern().piece(), "Crease " + hinge.crease() + " " + what, "Change the panels' lengths or the order of folding.");
    }

    private boolean folded(Hinge hinge) {
        return state.angles().getOrDefault(hinge.crease(), 0.0) > 90;
    }

    private boolean sidesRight(Hinge hinge) {
        boolean nearTurned = state.position().get(hinge.first()).turnsOver();
        boolean farAbove = depth.get(hinge.second()) < depth.get(hinge.first());
        return farAbove == (hinge.fold() == Fold.VALLEY != nearTurned);
    }

    private boolean between(String panel, Hinge hinge) {
        int low = Math.min(depth.get(hinge.first()), depth.get(hinge.second()));
        int high = Math.max(depth.get(hinge.first()), depth.get(hinge.second()));
        int at = depth.get(panel);
        return at > low && at < high;
    }

    private LineSegment place(Hinge hinge) {
        RigidMotion motion = state.position().get(hinge.first());
        Point3 a = motion.apply(hinge.at().p0);
        Point3 b = motion.apply(hinge.at().p1);
        return new LineSegment(a.x(), a.y(), b.x(), b.y());
    }

    /** Whether paper lies on both sides of a stretch of the segment. */
    private static boolean crosses(Polygon paper, LineSegment segment) {
        return covers(paper, segment, ACROSS) && covers(paper, segment, -ACROSS);
    }

    private static boolean covers(Polygon paper, LineSegment segment, double offset) {
        for (double share : new double[] {0.02, 0.25, 0.5, 0.75, 0.98}) {
            Point point = paper.getFactory().createPoint(segment.pointAlongOffset(share, offset));
            if (paper.getEnvelopeInternal().contains(point.getCoordinate()) && paper.contains(point)) {
                return true;
            }
        }
        return false;
    }

    private boolean interleaved(Hinge a, Hinge b) {
        if (!folded(a) || !folded(b) || a.crease().equals(b.crease()) || !sameLineAndSide(a, b)) {
            return false;
        }
        return between(b.first(), a) != between(b.second(), a) && between(a.first(), b) != between(a.second(), b);
    }

    private boolean sameLineAndSide(Hinge a, Hinge b) {
        LineSegment at = place(a);
        LineSegment other = place(b);
        boolean sameLine = at.distancePerpendicular(other.p0) < ACROSS && at.distancePerpendicular(other.p1) < ACROSS
                && other.distance(at.pointAlong(0.5)) < at.getLength() / 2;
        return sameLine && at.orientationIndex(inside(a)) == at.orientationIndex(inside(b));
    }

    private Coordinate inside(Hinge hinge) {
        return footprint.get(hinge.first()).getInteriorPoint().getCoordinate();
    }
}

package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.design.CreaseRef;
import cufflink.design.Fold;
import cufflink.design.PanelRef;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;

/**
 * Proves that an order of layers can be paper (Justin's conditions, as in Demaine and O'Rourke, <i>Geometric Folding
 * Algorithms</i>, 2007, chapter 11; from memory). It looks at sample points on both sides of each crease and knows nothing of how the order was found. For an
 * assembly folded flat with creases at 0 or 180 degrees:
 * <ol>
 * <li>a valley has its far panel above an unturned near panel, a mountain below;</li>
 * <li>no layer passes between the two panels of a folded crease across it (taco and tortilla), nor across a flat one;</li>
 * <li>two folded creases on one line, opening to the same side, are nested or apart, never interleaved (taco and taco);</li>
 * <li>what lies over one place lies there in one order, not in a ring.</li>
 * </ol>
 */
public final class LayerOrderVerifier {
    private static final double ACROSS = 1e-3;
    private static final double[] SHARES = {0.02, 0.25, 0.5, 0.75, 0.98};

    private record Crease(String piece, Hinge hinge, PanelRef first, PanelRef second, LineSegment at, boolean folded, boolean asMarked) {
    }

    private final FoldedState state;
    private final LayerRelation relation;
    private final List<PanelRef> panels;
    private final Map<PanelRef, Polygon> footprint = new HashMap<>();
    private final List<Crease> creases = new ArrayList<>();

    private LayerOrderVerifier(FoldedState state, LayerRelation relation) {
        this.state = state;
        this.relation = relation;
        this.panels = state.assembly().panels();
        panels.forEach(panel -> footprint.put(panel, state.footprint(panel)));
        for (CreasePattern pattern : state.assembly().pieces()) {
            pattern.hinges().forEach(hinge -> creases.add(crease(pattern.piece(), hinge)));
        }
    }

    private Crease crease(String piece, Hinge hinge) {
        PanelRef first = new PanelRef(piece, hinge.first());
        RigidMotion motion = state.position().get(first);
        Point3 a = motion.apply(hinge.at().p0);
        Point3 b = motion.apply(hinge.at().p1);
        double angle = hinge.folds() ? state.angle(new CreaseRef(piece, hinge.crease())) : 0;
        return new Crease(piece, hinge, first, new PanelRef(piece, hinge.second()), new LineSegment(a.x(), a.y(), b.x(), b.y()), Math.abs(angle) > 90, angle > 0);
    }

    /** The proved state, or the panels that would pass through each other. */
    public static Outcome<FlatFoldedState> verify(FoldedState state, LayerRelation relation) {
        List<Problem> problems = new LayerOrderVerifier(state, relation).problems();
        return problems.isEmpty() ? Outcome.of(new FlatFoldedState(state, relation)) : Outcome.failed(problems);
    }

    /** As {@link #verify(FoldedState, LayerRelation)} for panels that all lie over each other, in an order from the viewer's side down. */
    public static Outcome<FlatFoldedState> verify(FoldedState state, List<PanelRef> order) {
        return verify(state, LayerRelation.ofOrder(order));
    }

    private List<Problem> problems() {
        List<Problem> problems = new ArrayList<>();
        for (Crease crease : creases) {
            if (crease.folded() && !sidesRight(crease)) {
                problems.add(problem(crease, "is folded the wrong way for this order of layers."));
            }
            for (PanelRef panel : panels) {
                if (between(panel, crease) && crosses(footprint.get(panel), crease.at())) {
                    problems.add(problem(crease, "would have to pass through the " + state.assembly().panel(panel).label() + "."));
                }
            }
        }
        for (int i = 0; i < creases.size(); i++) {
            for (int j = i + 1; j < creases.size(); j++) {
                if (interleaved(creases.get(i), creases.get(j))) {
                    problems.add(problem(creases.get(i), "and crease " + creases.get(j).hinge().crease() + " would have to pass through each other."));
                }
            }
        }
        if (problems.isEmpty()) {
            rings(problems);
        }
        return problems;
    }

    private Problem problem(Crease crease, String what) {
        return Problem.error(crease.piece(), "Crease " + crease.hinge().crease() + " " + what, "Change the panels' lengths or the order of folding.");
    }

    private boolean sidesRight(Crease crease) {
        boolean nearTurned = state.position().get(crease.first()).turnsOver();
        boolean valley = (crease.hinge().fold() == Fold.VALLEY) == crease.asMarked();
        return relation.above(crease.second(), crease.first()).map(above -> above == (valley != nearTurned)).orElse(true);
    }

    /** Above one of the crease's panels and below the other; false where it overlaps only one. */
    private boolean between(PanelRef panel, Crease crease) {
        if (panel.equals(crease.first()) || panel.equals(crease.second())) {
            return false;
        }
        var first = relation.above(panel, crease.first());
        var second = relation.above(panel, crease.second());
        return first.isPresent() && second.isPresent() && !first.equals(second);
    }

    /** Whether paper lies on both sides of a stretch of the segment. */
    private static boolean crosses(Polygon paper, LineSegment segment) {
        for (double share : SHARES) {
            if (covers(paper, segment.pointAlongOffset(share, ACROSS)) && covers(paper, segment.pointAlongOffset(share, -ACROSS))) {
                return true;
            }
        }
        return false;
    }

    private static boolean covers(Polygon paper, Coordinate at) {
        return SimplePointInAreaLocator.locate(at, paper) == Location.INTERIOR;
    }

    private boolean interleaved(Crease a, Crease b) {
        if (!a.folded() || !b.folded() || a.first().equals(b.first()) || a.first().equals(b.second()) || a.second().equals(b.first())
                || a.second().equals(b.second()) || !meet(a, b)) {
            return false;
        }
        return between(b.first(), a) != between(b.second(), a) && between(a.first(), b) != between(a.second(), b);
    }

    /** Whether two folds share a stretch of a line and open to the same side there. */
    private boolean meet(Crease a, Crease b) {
        boolean sameLine = a.at().distancePerpendicular(b.at().p0) < ACROSS && a.at().distancePerpendicular(b.at().p1) < ACROSS;
        if (!sameLine) {
            return false;
        }
        double from = Math.max(0, Math.min(a.at().projectionFactor(b.at().p0), a.at().projectionFactor(b.at().p1)));
        double to = Math.min(1, Math.max(a.at().projectionFactor(b.at().p0), a.at().projectionFactor(b.at().p1)));
        if ((to - from) * a.at().getLength() < ACROSS) {
            return false;
        }
        LineSegment shared = new LineSegment(a.at().pointAlong(from), a.at().pointAlong(to));
        return side(a, shared) == side(b, shared);
    }

    private int side(Crease crease, LineSegment shared) {
        return covers(footprint.get(crease.first()), shared.pointAlongOffset(0.5, ACROSS)) ? 1 : -1;
    }

    private void rings(List<Problem> problems) {
        for (int i = 0; i < panels.size(); i++) {
            for (int j = i + 1; j < panels.size(); j++) {
                for (int k = j + 1; k < panels.size() && problems.isEmpty(); k++) {
                    if (inRing(panels.get(i), panels.get(j), panels.get(k)) && footprint.get(panels.get(i)).intersection(footprint.get(panels.get(j)))
                            .intersection(footprint.get(panels.get(k))).getArea() > Overlay.SPECK) {
                        problems.add(Problem.error(panels.get(i).piece(), "The panels " + panels.get(i).panel() + ", " + panels.get(j).panel() + " and "
                                + panels.get(k).panel() + " would lie in a ring.", ""));
                    }
                }
            }
        }
    }

    private boolean inRing(PanelRef a, PanelRef b, PanelRef c) {
        var ab = relation.above(a, b);
        return ab.isPresent() && ab.equals(relation.above(b, c)) && ab.equals(relation.above(c, a));
    }
}

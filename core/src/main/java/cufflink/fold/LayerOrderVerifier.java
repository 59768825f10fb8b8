package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.crease.RobustOverlay;
import cufflink.design.CreaseRef;
import cufflink.design.Fold;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign.Layers;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.LayerWords;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;

/**
 * Proves that an order of layers can be paper (Justin's conditions, as in Demaine and O'Rourke, <i>Geometric Folding
 * Algorithms</i>, 2007, chapter 11; from memory). It looks at points on both sides of each crease and knows nothing of
 * how the order was found. For an assembly folded flat with creases at 0 or 180 degrees:
 * <ol>
 * <li>a valley has its far panel above an unturned near panel, a mountain below;</li>
 * <li>no layer passes between the two panels of a folded crease across it (taco and tortilla), nor across a flat
 * one;</li>
 * <li>two folded creases on one line, opening to the same side, are nested or apart, never interleaved (taco and
 * taco);</li>
 * <li>what lies over one place lies there in one order, not in a ring;</li>
 * <li>what is glued, slides, is woven or slotted lies on the side of its panel that the join says, with no paper in its
 * glue;</li>
 * <li>what the design states is so.</li>
 * </ol>
 */
public final class LayerOrderVerifier {
    private static final double ACROSS = 1e-3;

    /** A hinge where it came to lie; its panels by number. */
    private record Crease(String piece, Hinge hinge, int first, int second, LineSegment at, boolean folded,
            boolean asMarked) {
        boolean has(int panel) {
            return panel == first || panel == second;
        }
    }

    private final FoldedState state;
    private final List<PanelRef> panels;
    private final Polygon[] footprint;
    /** By the panels' numbers: 1 if the first lies above the second, −1 if below, 0 if they do not overlap. */
    private final int[][] side;
    private final List<Crease> creases = new ArrayList<>();

    private LayerOrderVerifier(FoldedState state, LayerRelation relation) {
        this.state = state;
        panels = state.assembly().panels();
        footprint = panels.stream().map(state::footprint).toArray(Polygon[]::new);
        side = new int[panels.size()][panels.size()];
        for (int i = 0; i < side.length; i++) {
            for (int j = 0; j < side.length; j++) {
                side[i][j] = relation.side(panels.get(i), panels.get(j));
            }
        }
        for (CreasePattern pattern : state.assembly().pieces()) {
            pattern.hinges().forEach(hinge -> creases.add(crease(pattern.piece(), hinge)));
        }
    }

    private Crease crease(String piece, Hinge hinge) {
        PanelRef first = new PanelRef(piece, hinge.first());
        double angle = hinge.folds() ? state.angle(new CreaseRef(piece, hinge.crease())) : 0;
        return new Crease(piece, hinge, panels.indexOf(first), panels.indexOf(new PanelRef(piece, hinge.second())),
                Footprints.of(hinge.at(), state.position().get(first)),
                Math.abs(angle) > 90, angle > 0);
    }

    /** The proved state, or the panels that would pass through each other. */
    public static Outcome<FlatFoldedState> verify(FoldedState state, LayerRelation relation) {
        return verify(state, relation, List.of());
    }

    /** The same of an assembly about which the design states that panels lie before others. */
    static Outcome<FlatFoldedState> verify(FoldedState state, LayerRelation relation, List<Layers> stated) {
        LayerOrderVerifier verifier = new LayerOrderVerifier(state, relation);
        List<Problem> problems = verifier.problems();
        state.assembly().joins().forEach(join -> verifier.join(join, problems));
        stated.stream().filter(line -> verifier.side(line.front(), line.behind()) < 0)
                .forEach(line -> problems.add(Problem.error("stack", LayerWords.AGAINST_THE_STACK.of("behind",
                        verifier.label(line.behind()), "front", verifier.label(line.front())))));
        return problems.isEmpty() ? Outcome.of(new FlatFoldedState(state, relation)) : Outcome.failed(problems);
    }

    /**
     * As {@link #verify(FoldedState, LayerRelation)} for panels that all lie over each other, in an order from the
     * viewer's side down.
     */
    public static Outcome<FlatFoldedState> verify(FoldedState state, List<PanelRef> order) {
        return verify(state, LayerRelation.ofOrder(order));
    }

    private List<Problem> problems() {
        List<Problem> problems = new ArrayList<>();
        for (Crease crease : creases) {
            if (crease.folded() && !sidesRight(crease)) {
                problems.add(problem(crease, LayerWords.FOLDED_WRONG_WAY.of("crease", crease.hinge().crease())));
            }
            for (int panel = 0; panel < side.length; panel++) {
                if (between(panel, crease) && crosses(footprint[panel], crease.at())) {
                    problems.add(problem(crease, LayerWords.WOULD_PASS_THROUGH.of("crease",
                            crease.hinge().crease(), "panel", label(panels.get(panel)))));
                }
            }
        }
        for (int i = 0; i < creases.size(); i++) {
            for (int j = i + 1; j < creases.size(); j++) {
                if (interleaved(creases.get(i), creases.get(j))) {
                    problems.add(problem(creases.get(i), LayerWords.CREASES_CROSS.of("crease",
                            creases.get(i).hinge().crease(), "other", creases.get(j).hinge().crease())));
                }
            }
        }
        if (problems.isEmpty()) {
            rings(problems);
        }
        return problems;
    }

    private static Problem problem(Crease crease, Message message) {
        return Problem.error(crease.piece(), message);
    }

    private boolean sidesRight(Crease crease) {
        boolean nearTurned = state.position().get(panels.get(crease.first())).turnsOver();
        boolean valley = (crease.hinge().fold() == Fold.VALLEY) == crease.asMarked();
        return side[crease.second()][crease.first()] != (valley != nearTurned ? -1 : 1);
    }

    /** Above one of the crease's panels and below the other; false where it overlaps only one. */
    private boolean between(int panel, Crease crease) {
        return !crease.has(panel) && side[panel][crease.first()] * side[panel][crease.second()] < 0;
    }

    /**
     * Whether paper lies on both sides of a stretch of the segment: looked at in the middle of every stretch between
     * two places at which the paper's edges come to the line.
     */
    private static boolean crosses(Polygon paper, LineSegment segment) {
        List<Double> shares = new ArrayList<>(List.of(0.0, 1.0));
        addShares(paper.getExteriorRing(), segment, shares);
        for (int i = 0; i < paper.getNumInteriorRing(); i++) {
            addShares(paper.getInteriorRingN(i), segment, shares);
        }
        shares.sort(null);
        for (int i = 0; i + 1 < shares.size(); i++) {
            double middle = (shares.get(i) + shares.get(i + 1)) / 2;
            if ((shares.get(i + 1) - shares.get(i)) * segment.getLength() > ACROSS
                    && covers(paper, segment.pointAlongOffset(middle, ACROSS))
                    && covers(paper, segment.pointAlongOffset(middle, -ACROSS))) {
                return true;
            }
        }
        return false;
    }

    private static void addShares(LinearRing ring, LineSegment segment, List<Double> shares) {
        for (int i = 0; i + 1 < ring.getNumPoints(); i++) {
            LineSegment edge = new LineSegment(ring.getCoordinateN(i), ring.getCoordinateN(i + 1));
            Coordinate at = segment.lineIntersection(edge);
            boolean isOnEdge = at != null && edge.distance(at) < ACROSS;
            for (Coordinate place : isOnEdge ? List.of(at, edge.p0) : List.of(edge.p0)) {
                double share = segment.projectionFactor(place);
                if (segment.distancePerpendicular(place) < ACROSS * 2 && share > 0 && share < 1) {
                    shares.add(share);
                }
            }
        }
    }

    private static boolean covers(Polygon paper, Coordinate at) {
        return SimplePointInAreaLocator.locate(at, paper) == Location.INTERIOR;
    }

    private boolean interleaved(Crease a, Crease b) {
        return a.folded() && b.folded() && !a.has(b.first()) && !a.has(b.second())
                && between(b.first(), a) != between(b.second(), a)
                && between(a.first(), b) != between(a.second(), b) && meet(a, b);
    }

    /** Whether two folds share a stretch of a line and open to the same side there. */
    private boolean meet(Crease a, Crease b) {
        boolean sameLine = a.at().distancePerpendicular(b.at().p0) < ACROSS
                && a.at().distancePerpendicular(b.at().p1) < ACROSS;
        if (!sameLine) {
            return false;
        }
        double from = Math.max(0, Math.min(a.at().projectionFactor(b.at().p0), a.at().projectionFactor(b.at().p1)));
        double to = Math.min(1, Math.max(a.at().projectionFactor(b.at().p0), a.at().projectionFactor(b.at().p1)));
        if ((to - from) * a.at().getLength() < ACROSS) {
            return false;
        }
        LineSegment shared = new LineSegment(a.at().pointAlong(from), a.at().pointAlong(to));
        return opens(a, shared) == opens(b, shared);
    }

    private boolean opens(Crease crease, LineSegment shared) {
        return covers(footprint[crease.first()], shared.pointAlongOffset(0.5, ACROSS));
    }

    private int side(PanelRef a, PanelRef b) {
        return side[panels.indexOf(a)][panels.indexOf(b)];
    }

    private String label(PanelRef panel) {
        return state.assembly().panel(panel).label();
    }

    /** A join of panels that lie on each other; those that do not are not its business. */
    private void join(Join join, List<Problem> problems) {
        int front = state.position().get(join.onto()).turnsOver() ? -1 : 1;
        int onto = join.above() ? front : -front;
        boolean right = (!join.lies() || side(join.part(), join.onto()) * onto >= 0)
                && join.passing().over().stream().allMatch(under -> side(join.part(), under) * front >= 0)
                && join.passing().under().stream().allMatch(over -> side(join.part(), over) * front <= 0)
                && (join.way() != Join.Way.SLOTTED || crosses(join));
        if (!right) {
            problems.add(Problem.error("joint " + join.id(),
                    LayerWords.ON_THE_WRONG_SIDE.of("part", label(join.part()), "onto", label(join.onto()))));
        }
        panels.stream().filter(
                other -> side(join.part(), other) * side(other, join.onto()) > 0 && isInGlue(join, other)).forEach(
                        other -> problems.add(Problem.error("joint " + join.id(),
                                LayerWords.IN_THE_GLUE.of("other", label(other), "part", label(join.part()), "onto",
                                        label(join.onto())))));
    }

    /** On the other side of the slot the two lie the other way round. */
    private boolean crosses(Join join) {
        int here = side(join.part(), join.onto());
        return beside(join.part()).stream()
                .allMatch(part -> beside(join.onto()).stream().allMatch(onto -> here * side(part, onto) <= 0));
    }

    private List<PanelRef> beside(PanelRef panel) {
        return creases.stream().filter(crease -> !crease.hinge().folds() && crease.has(panels.indexOf(panel)))
                .map(crease -> panels.get(crease.first() + crease.second() - panels.indexOf(panel))).toList();
    }

    /**
     * Whether paper that is not itself glued on the same panel, nor, where a piece is glued to itself, a flap that was
     * folded over one of the two before, covers some of the glue.
     */
    private boolean isInGlue(Join join, PanelRef other) {
        boolean flap = join.part().piece().equals(join.onto().piece())
                && creases.stream().anyMatch(crease -> crease.folded() && crease.has(panels.indexOf(other))
                        && (crease.has(panels.indexOf(join.part())) || crease.has(panels.indexOf(join.onto()))));
        boolean alongside = state.assembly().joins().stream().anyMatch(
                one -> one.way() == Join.Way.GLUED && one.part().equals(other) && one.onto().equals(join.onto()));
        Geometry both = RobustOverlay.intersection(footprint[panels.indexOf(other)],
                footprint[panels.indexOf(join.onto())]);
        return !flap && !alongside
                && join.glued().stream()
                        .anyMatch(strip -> RobustOverlay
                                .intersection(both, Footprints.of(strip, state.position().get(join.part()))).getArea()
                                > Overlay.SPECK);
    }

    private void rings(List<Problem> problems) {
        for (int i = 0; i < side.length; i++) {
            for (int j = i + 1; j < side.length; j++) {
                for (int k = j + 1; k < side.length && problems.isEmpty(); k++) {
                    if (side[i][j] != 0 && side[i][j] == side[j][k] && side[i][j] == side[k][i]
                            && RobustOverlay
                                    .intersection(RobustOverlay.intersection(footprint[i], footprint[j]), footprint[k])
                                    .getArea() > Overlay.SPECK) {
                        problems.add(Problem.error(panels.get(i).piece(),
                                LayerWords.RING.of("one", panels.get(i).panel(), "other", panels.get(j).panel(),
                                        "third", panels.get(k).panel())));
                    }
                }
            }
        }
    }
}

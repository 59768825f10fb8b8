package cufflink.stack;

import cufflink.crease.Panel;
import cufflink.design.Face;
import cufflink.design.PanelRef;
import cufflink.design.Soft;
import cufflink.fold.FoldedState;
import cufflink.fold.Point3;
import cufflink.fold.PosedCard;
import cufflink.fold.RigidMotion;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Point;

/**
 * Measures the ways of soft pieces. From point to point a way runs straight. Where it goes from one face of a panel to
 * the other, round the edge or through a hole, and in the closed card from its one side to the other, it runs in a half
 * circle, π·(T + t)/2 round what lies between for a strand t thick. The length to cut is the longest way of all states
 * between each two fixed points, with tails and bow, up to the ruler.
 */
public final class SoftMeasurer {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final String CLOSED = "closed";
    /** How far beside an edge, a hole or a panel a point may lie, millimetres. */
    private static final double NEAR = 0.5;
    /** What roundings add up to, and no ruler shows. */
    private static final Length NOTHING = Length.ofMicrometres(1);
    /** A share of the way into a panel that is next to nothing. */
    private static final double INSIDE = 1e-4;

    private final StackedDesign stacked;
    private final List<PosedCard> poses;
    private final RulerStep step;

    private SoftMeasurer(StackedDesign stacked, List<PosedCard> poses, RulerStep step) {
        this.stacked = stacked;
        this.poses = poses;
        this.step = step;
    }

    /** Every soft piece of a design. */
    public static List<SoftWay> measure(StackedDesign stacked, List<PosedCard> poses, RulerStep step) {
        SoftMeasurer measurer = new SoftMeasurer(stacked, poses, step);
        return stacked.design().soft().stream().map(measurer::measure).toList();
    }

    private SoftWay measure(Soft soft) {
        Map<String, double[]> ways = ways(soft);
        int sections = ways.values().stream().mapToInt(way -> way.length).max().orElse(0);
        double[] longest = new double[sections];
        ways.values().forEach(way -> {
            for (int i = 0; i < way.length; i++) {
                longest[i] = Math.max(longest[i], way[i]);
            }
        });
        Length beside = soft.ends().tails().times(2).plus(soft.ends().bow());
        Length length = soft.ends().length()
                .orElseGet(() -> step.up(millimetres(sum(longest)).plus(beside).minus(NOTHING)));
        Length given = soft.ends().length().map(all -> all.minus(beside)).orElse(millimetres(sum(longest)));
        List<SoftWay.Lie> lies = new ArrayList<>();
        ways.forEach((state, way) -> lies
                .add(new SoftWay.Lie(state, millimetres(sum(way)), given.minus(millimetres(sum(way))))));
        return new SoftWay(soft, length, lies, beside(soft), pierces(soft));
    }

    private static double sum(double[] numbers) {
        double sum = 0;
        for (double number : numbers) {
            sum += number;
        }
        return sum;
    }

    /** Ways of many turned panels add up roundings far below any ruler. */
    private static Length millimetres(double length) {
        return Length.nearestToMillimetres(Math.rint(length * 1e5) / 1e5);
    }

    /** The stretches between fixed points; the ends are fixed. */
    private static List<List<Soft.Stay>> sections(List<Soft.Stay> way) {
        List<List<Soft.Stay>> sections = new ArrayList<>();
        List<Soft.Stay> now = new ArrayList<>();
        for (int i = 0; i < way.size(); i++) {
            Soft.Stay stay = way.get(i);
            now.add(stay);
            if (i > 0 && (!stay.slides() || i + 1 == way.size())) {
                sections.add(now);
                now = new ArrayList<>(List.of(stay));
            }
        }
        return sections;
    }

    /** By state: the way of each section, millimetres. */
    private Map<String, double[]> ways(Soft soft) {
        Map<String, double[]> ways = new LinkedHashMap<>();
        soft.wind().flatMap(wind -> stacked.stack())
                .ifPresent(stack -> ways.put(CLOSED, new double[] {girth(soft, stack)}));
        if (soft.way().size() < 2) {
            return ways;
        }
        String piece = soft.way().get(0).panel().piece();
        if (!stacked.pieces().containsKey(piece)) {
            return ways;
        }
        stacked.stack(piece).filter(stack -> isIn(soft, stack.flat().state()))
                .ifPresent(stack -> ways.put(CLOSED, ways(soft.way(), leg -> closed(leg, stack, soft))));
        for (PosedCard pose : soft.ends().tied() ? List.<PosedCard>of() : poses) {
            List<Soft.Stay> way = soft.inPose().getOrDefault(pose.name(), soft.way());
            pose.state().value().filter(state -> isIn(soft, state))
                    .ifPresent(state -> ways.put(pose.name(), ways(way, leg -> open(leg, state, soft))));
        }
        return ways;
    }

    /** Two sides of the closed card and two half circles round its edges; the strand itself adds nothing to it. */
    private static double girth(Soft soft, ClosedStack stack) {
        Length side = soft.wind().orElseThrow().round() == Soft.Round.SHORT_WAY
                ? Length.shorter(stack.width(), stack.height()) : Length.longer(stack.width(), stack.height());
        Length inside = stack.thickness().minus(soft.strand().caliper().times(2));
        return 2 * (side.toMillimetres() + halfTurn(inside, soft));
    }

    private static boolean isIn(Soft soft, FoldedState state) {
        return soft.stays().stream().allMatch(stay -> state.position().containsKey(stay.panel()));
    }

    /** From one point of a way to the next. */
    private record Leg(Soft.Stay from, Soft.Stay to) {
    }

    /** How long a leg is, millimetres. */
    private interface Measuring {
        double of(Leg leg);
    }

    private static double[] ways(List<Soft.Stay> way, Measuring measuring) {
        return sections(way).stream().mapToDouble(section -> {
            double sum = 0;
            for (int i = 0; i + 1 < section.size(); i++) {
                sum += measuring.of(new Leg(section.get(i), section.get(i + 1)));
            }
            return sum;
        }).toArray();
    }

    private Point3 place(Soft.Stay stay, FoldedState state) {
        return state.position().get(stay.panel()).apply(on(stay));
    }

    private Coordinate on(Soft.Stay stay) {
        return Attachments.place(panel(stay.panel()), stay.at());
    }

    private Panel panel(PanelRef panel) {
        return stacked.assembly(panel.piece()).panel(panel);
    }

    private static double size(Point3 vector) {
        return Math.sqrt(vector.dot(vector));
    }

    private double open(Leg leg, FoldedState state, Soft soft) {
        double straight = size(place(leg.to(), state).minus(place(leg.from(), state)));
        return leg.from().isThrough(leg.to())
                ? straight + halfTurn(stacked.stack(leg.from().panel().piece())
                        .map(stack -> stack.caliper(leg.from().panel().piece())).orElse(Length.ZERO), soft)
                : straight;
    }

    /** In the closed card a point lies as deep as what lies before it is thick. */
    private double closed(Leg leg, ClosedStack stack, Soft soft) {
        FoldedState state = stack.flat().state();
        Point3 from = place(leg.from(), state);
        Point3 to = place(leg.to(), state);
        double across = Math.hypot(to.x() - from.x(), to.y() - from.y());
        double deep = depth(leg.to(), stack) - depth(leg.from(), stack);
        boolean fromLooksBack = looksBack(leg.from(), state);
        boolean turns = fromLooksBack != looksBack(leg.to(), state) && deep < 0 == fromLooksBack;
        return turns ? across + halfTurn(millimetres(Math.abs(deep)), soft) : Math.hypot(across, deep);
    }

    private boolean looksBack(Soft.Stay stay, FoldedState state) {
        RigidMotion motion = state.position().get(stay.panel());
        Face up = state.assembly().pattern(stay.panel().piece()).up();
        Face looksForward = motion.turnsOver() ? up.other() : up;
        return stay.face() != looksForward;
    }

    /** Of the face on which a point lies; at an edge, what lies there just inside of it counts. */
    private double depth(Soft.Stay stay, ClosedStack stack) {
        FoldedState state = stack.flat().state();
        Coordinate inside = panel(stay.panel()).outline().getInteriorPoint().getCoordinate();
        Coordinate on = new LineSegment(on(stay), inside).pointAlong(INSIDE);
        Point3 at = state.position().get(stay.panel()).apply(on);
        List<StackLayer> there = stack.at(new Coordinate(at.x(), at.y()));
        Length depth = Length.ZERO;
        for (StackLayer layer : stack.layers()) {
            if (layer.kind() == StackLayer.Kind.PANEL && layer.panel().filter(stay.panel()::equals).isPresent()) {
                return (looksBack(stay, state) ? depth.plus(layer.thickness()) : depth).toMillimetres();
            }
            depth = there.contains(layer) ? depth.plus(layer.thickness()) : depth;
        }
        throw new IllegalStateException("no layer for panel " + stay.panel());
    }

    private static double halfTurn(Length round, Soft soft) {
        return Math.PI / 2 * round.plus(soft.strand().caliper()).toMillimetres();
    }

    /** Points are numbered through all ways, the usual one first. */
    private List<Integer> beside(Soft soft) {
        List<Soft.Stay> stays = soft.stays();
        return IntStream.range(0, stays.size()).filter(i -> found(stays.get(i))
                .filter(panel -> FACTORY.createPolygon(panel.outline().getExteriorRing().getCoordinates())
                        .distance(FACTORY.createPoint(on(stays.get(i)))) > NEAR)
                .isPresent()).mapToObj(i -> i + 1).toList();
    }

    private List<Integer> pierces(Soft soft) {
        List<Integer> pierces = new ArrayList<>(pierces(soft.way(), 1));
        int first = 1 + soft.way().size();
        for (List<Soft.Stay> way : soft.inPose().values()) {
            pierces.addAll(pierces(way, first));
            first += way.size();
        }
        return pierces;
    }

    private List<Integer> pierces(List<Soft.Stay> way, int first) {
        return IntStream.range(0, Math.max(0, way.size() - 1))
                .filter(i -> way.get(i).isThrough(way.get(i + 1)) && isInPaper(way.get(i))).mapToObj(i -> i + first)
                .toList();
    }

    /** Inside a panel, away from its edges, its openings and its slits. */
    private boolean isInPaper(Soft.Stay stay) {
        return found(stay).filter(panel -> {
            Point at = FACTORY.createPoint(on(stay));
            return panel.outline().contains(at) && panel.outline().getBoundary().distance(at) > NEAR
                    && stacked.pieces().get(stay.panel().piece()).pattern().slits().stream()
                            .noneMatch(slit -> slit.distance(at.getCoordinate()) < NEAR);
        }).isPresent();
    }

    private Optional<Panel> found(Soft.Stay stay) {
        return stacked.pieces().containsKey(stay.panel().piece())
                ? stacked.pieces().get(stay.panel().piece()).pattern().panel(stay.panel().panel()) : Optional.empty();
    }
}

package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.design.CreaseRef;
import cufflink.design.Fold;
import cufflink.design.PanelRef;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;

/**
 * An assembly as rigid panels and links between them: creases and slots turn, glue does not. A tree of links, walked out from the anchor,
 * gives every panel its place; each link left over closes a loop.
 */
final class Linkage {
    /** Distance from an axis at which a gap between two places of a panel is measured, millimetres. */
    private static final double ASIDE = 10;

    /**
     * A link between two panels.
     *
     * @param angle  the crease or slot that turns it
     * @param turns  false for glue and for panels that stay flat beside each other
     * @param axis   in the coordinates of {@code near}
     * @param sense  +1 if the far panel turns with the right hand about the axis for a positive angle
     * @param slides whether the far panel only stays in the plane it has at its place
     * @param place  from the far panel's coordinates to the near one's at angle 0
     */
    record Link(CreaseRef angle, boolean turns, int near, int far, LineSegment axis, double sense, boolean slides, RigidMotion place) {
        RigidMotion motion(double degrees) {
            if (!turns || degrees == 0) {
                return place;
            }
            RigidMotion turn = RigidMotion.about(axis, Math.toRadians(degrees) * sense);
            return place == RigidMotion.STAY ? turn : turn.after(place);
        }
    }

    private record Branch(Link link, int from, int to) {
    }

    private final List<PanelRef> panels;
    private final Map<PanelRef, Integer> index = new HashMap<>();
    private final List<Link> links = new ArrayList<>();
    private final List<Branch> tree = new ArrayList<>();
    private final List<Link> closing = new ArrayList<>();
    private final Set<CreaseRef> looped = new LinkedHashSet<>();
    private final int anchor;
    private final RigidMotion rest;
    /** By panel: the branches between it and the anchor. */
    private final BitSet[] ancestry;
    private final Map<CreaseRef, BitSet> branchesOf = new HashMap<>();

    Linkage(Assembly assembly) {
        panels = assembly.panels();
        for (int i = 0; i < panels.size(); i++) {
            index.put(panels.get(i), i);
        }
        anchor = index.get(assembly.anchor());
        rest = assembly.lean() == 0 ? RigidMotion.STAY : RigidMotion.spin(new Coordinate(0, 0), assembly.lean());
        assembly.pieces().forEach(this::addHinges);
        assembly.joins().stream().filter(join -> join.place().isPresent()).forEach(join -> addJoin(assembly, join));
        growTree();
        ancestry = ancestry();
        for (int i = 0; i < tree.size(); i++) {
            if (tree.get(i).link().turns()) {
                branchesOf.computeIfAbsent(tree.get(i).link().angle(), key -> new BitSet()).set(i);
            }
        }
        findLoops();
    }

    /** A hinge has its first panel on the left, so that turning about it with the right hand lowers the second. */
    private void addHinges(CreasePattern pattern) {
        for (Hinge hinge : pattern.hinges()) {
            double sense = hinge.fold() == Fold.VALLEY ? -1 : 1;
            links.add(new Link(new CreaseRef(pattern.piece(), hinge.crease()), hinge.folds(), index.get(new PanelRef(pattern.piece(), hinge.first())),
                    index.get(new PanelRef(pattern.piece(), hinge.second())), hinge.at(), sense, false, RigidMotion.STAY));
        }
    }

    private void addJoin(Assembly assembly, Join join) {
        LineSegment axis = join.axis().orElse(new LineSegment(0, 0, 1, 0));
        Coordinate inside = Footprints.of(assembly.panel(join.part()).outline(), join.place().orElseThrow()).getInteriorPoint().getCoordinate();
        boolean lifts = RigidMotion.about(axis, 1e-3).apply(inside).z() > 0 == join.above();
        links.add(new Link(Assembly.slot(join), join.axis().isPresent(), index.get(join.onto()), index.get(join.part()), axis, lifts ? 1 : -1, join.way() == Join.Way.SLIDING,
                join.place().orElseThrow()));
    }

    private void growTree() {
        Map<Integer, Integer> reached = new HashMap<>();
        Set<Link> used = new LinkedHashSet<>();
        Deque<Integer> open = new ArrayDeque<>();
        reached.put(anchor, 0);
        open.add(anchor);
        while (!open.isEmpty()) {
            int from = open.remove();
            for (Link link : links) {
                int to = link.slides() ? -1 : link.near() == from ? link.far() : link.far() == from ? link.near() : -1;
                if (to >= 0 && reached.putIfAbsent(to, 0) == null) {
                    tree.add(new Branch(link, from, to));
                    used.add(link);
                    open.add(to);
                }
            }
        }
        links.stream().filter(link -> !used.contains(link)).forEach(closing::add);
    }

    private BitSet[] ancestry() {
        BitSet[] sets = new BitSet[panels.size()];
        sets[anchor] = new BitSet();
        for (int i = 0; i < tree.size(); i++) {
            sets[tree.get(i).to()] = (BitSet) sets[tree.get(i).from()].clone();
            sets[tree.get(i).to()].set(i);
        }
        return sets;
    }

    /** Creases on a loop: those of the tree between the two ends of a closing link, and its own. */
    private void findLoops() {
        for (Link link : closing) {
            if (ancestry[link.near()] != null && ancestry[link.far()] != null) {
                BitSet loop = (BitSet) ancestry[link.near()].clone();
                loop.xor(ancestry[link.far()]);
                loop.stream().forEach(branch -> addTurning(tree.get(branch).link()));
                addTurning(link);
            }
        }
    }

    private void addTurning(Link link) {
        if (link.turns()) {
            looped.add(link.angle());
        }
    }

    /** Panels that no link reaches. */
    List<PanelRef> loose() {
        Set<Integer> reached = new LinkedHashSet<>(Set.of(anchor));
        tree.forEach(branch -> reached.add(branch.to()));
        return panels.stream().filter(panel -> !reached.contains(index.get(panel))).toList();
    }

    /** How many independent loops the links make. */
    int loops() {
        return closing.size();
    }

    /** Creases and slots that cannot turn by themselves. */
    Set<CreaseRef> looped() {
        return looped;
    }

    /** Where every panel goes along the tree, in the order of the panels. */
    RigidMotion[] place(ToDoubleFunction<CreaseRef> angle) {
        RigidMotion[] position = new RigidMotion[panels.size()];
        position[anchor] = rest;
        for (Branch branch : tree) {
            RigidMotion motion = branch.link().motion(angle.applyAsDouble(branch.link().angle()));
            position[branch.to()] = position[branch.from()].after(branch.link().near() == branch.from() ? motion : motion.inverse());
        }
        return position;
    }

    Map<PanelRef, RigidMotion> named(RigidMotion[] position) {
        Map<PanelRef, RigidMotion> named = new LinkedHashMap<>();
        for (int i = 0; i < position.length; i++) {
            named.put(panels.get(i), position[i]);
        }
        return named;
    }

    /** Where a closing link's far panel has one of its three measuring points, as reached over the link and along the tree. */
    private record Meeting(Link link, Point3 overLink, Point3 alongTree) {
    }

    private List<Meeting> meetings(RigidMotion[] position, ToDoubleFunction<CreaseRef> angle) {
        List<Meeting> meetings = new ArrayList<>();
        for (Link link : closing) {
            RigidMotion here = position[link.near()].after(link.motion(angle.applyAsDouble(link.angle())));
            RigidMotion there = position[link.far()];
            RigidMotion toFar = link.place().inverse();
            for (Coordinate point : List.of(link.axis().p0, link.axis().p1, link.axis().pointAlongOffset(0.5, ASIDE))) {
                Point3 far = toFar.apply(point);
                meetings.add(new Meeting(link, here.apply(far.x(), far.y(), far.z()), there.apply(far.x(), far.y(), far.z())));
            }
        }
        return meetings;
    }

    /** For each closing link, how far apart its panel's two places are at three points: nine numbers a link, millimetres. */
    double[] gaps(RigidMotion[] position, ToDoubleFunction<CreaseRef> angle) {
        List<Meeting> meetings = meetings(position, angle);
        double[] gaps = new double[meetings.size() * 3];
        for (int i = 0; i < meetings.size(); i++) {
            Meeting meeting = meetings.get(i);
            Point3 gap = meeting.overLink().minus(meeting.alongTree());
            write(meeting.link().slides() ? new Point3(position[meeting.link().near()].up().dot(gap), 0, 0) : gap, gaps, i);
        }
        return gaps;
    }

    private static void write(Point3 vector, double[] into, int index) {
        into[3 * index] = vector.x();
        into[3 * index + 1] = vector.y();
        into[3 * index + 2] = vector.z();
    }

    /**
     * How the gaps grow per degree of each crease, a row a crease. A crease turns everything beyond its branches about their axes: a point p moves by ω × (p − a), with ω
     * along the axis.
     */
    double[][] slopes(RigidMotion[] position, ToDoubleFunction<CreaseRef> angle, List<CreaseRef> creases) {
        List<Meeting> meetings = meetings(position, angle);
        List<Spin> spins = tree.stream().map(branch -> Spin.of(branch.link(), position, branch.link().near() == branch.from() ? 1 : -1)).toList();
        double[][] slopes = new double[creases.size()][];
        for (int i = 0; i < slopes.length; i++) {
            slopes[i] = slope(position, spins, meetings, creases.get(i));
        }
        return slopes;
    }

    private double[] slope(RigidMotion[] position, List<Spin> spins, List<Meeting> meetings, CreaseRef crease) {
        BitSet turning = branchesOf.getOrDefault(crease, new BitSet());
        double[] slope = new double[meetings.size() * 3];
        for (int i = 0; i < meetings.size(); i++) {
            Meeting meeting = meetings.get(i);
            Link link = meeting.link();
            Point3 over = moved(turning, link.near(), spins, meeting.overLink());
            if (link.turns() && link.angle().equals(crease)) {
                over = over.plus(Spin.of(link, position, 1).move(meeting.overLink()));
            }
            Point3 along = moved(turning, link.far(), spins, meeting.alongTree());
            if (link.slides()) {
                Point3 frame = moved(turning, link.near(), spins, meeting.alongTree());
                write(new Point3(position[link.near()].up().dot(frame.minus(along)), 0, 0), slope, i);
            } else {
                write(over.minus(along), slope, i);
            }
        }
        return slope;
    }

    /** How a point that moves with a panel moves per degree, if these branches turn. */
    private Point3 moved(BitSet turning, int panel, List<Spin> spins, Point3 point) {
        Point3 sum = new Point3(0, 0, 0);
        for (int b = turning.nextSetBit(0); b >= 0; b = turning.nextSetBit(b + 1)) {
            if (ancestry[panel].get(b)) {
                sum = sum.plus(spins.get(b).move(point));
            }
        }
        return sum;
    }

    /**
     * How a link turns what lies beyond it.
     *
     * @param through a point of its axis
     * @param perDegree along the axis
     */
    private record Spin(Point3 through, Point3 perDegree) {
        static Spin of(Link link, RigidMotion[] position, double forward) {
            Point3 start = position[link.near()].apply(link.axis().p0);
            Point3 axis = position[link.near()].apply(link.axis().p1).minus(start);
            return new Spin(start, axis.times(Math.toRadians(1) * link.sense() * forward / Math.sqrt(axis.dot(axis))));
        }

        Point3 move(Point3 point) {
            return perDegree.cross(point.minus(through));
        }
    }

    /** The link with the widest gap. */
    Link widest(double[] gaps) {
        int worst = 0;
        for (int i = 0; i < gaps.length; i++) {
            worst = Math.abs(gaps[i]) > Math.abs(gaps[worst]) ? i : worst;
        }
        return closing.get(worst / 9);
    }
}

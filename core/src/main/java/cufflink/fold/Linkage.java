package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.crease.Slack;
import cufflink.design.CreaseRef;
import cufflink.design.Fold;
import cufflink.design.PanelRef;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;

/**
 * An assembly as rigid panels and links between them: creases and slots turn, glue does not. A tree of links, walked
 * out from the anchor, gives every panel its place; each link left over closes a loop. Panels and angles are numbered;
 * {@link LinkageState} has the numbers at certain angles.
 */
final class Linkage {
    /**
     * A link between two panels.
     *
     * @param angle  the crease or slot that turns it
     * @param number of its angle; −1 for glue and for panels that stay flat beside each other
     * @param axis   in the coordinates of {@code near}
     * @param sense  +1 if the far panel turns with the right hand about the axis for a positive angle
     * @param slides whether the far panel only stays in the plane it has at its place
     * @param place  from the far panel's coordinates to the near one's at angle 0
     */
    record Link(CreaseRef angle, int number, int near, int far, LineSegment axis, double sense, boolean slides,
            RigidMotion place) {
        boolean turns() {
            return number >= 0;
        }

        RigidMotion motion(double degrees) {
            if (!turns() || degrees == 0) {
                return place;
            }
            RigidMotion turn = RigidMotion.about(axis, Math.toRadians(degrees) * sense);
            return place == RigidMotion.STAY ? turn : turn.after(place);
        }

        /** The movement the other way, from the near panel to the far one. */
        RigidMotion back(double degrees) {
            return place == RigidMotion.STAY ? motion(-degrees) : motion(degrees).inverse();
        }
    }

    /** A link of the tree, walked from one panel to the next. */
    record Branch(Link link, int from, int to) {
        boolean forward() {
            return link.near() == from;
        }
    }

    private final List<PanelRef> panels;
    private final Map<PanelRef, Integer> index = new HashMap<>();
    private final Map<CreaseRef, Integer> numbers = new LinkedHashMap<>();
    private final List<Link> links = new ArrayList<>();
    private final List<Branch> tree = new ArrayList<>();
    private final List<Link> closing = new ArrayList<>();
    /** By number of an angle: the branches that it turns. */
    private final int[][] branchesOf;
    /** By closing link: how far apart rounding may leave its panel, millimetres. */
    private final List<Double> slack = new ArrayList<>();
    /** By closing link: the numbers of the angles on its loop. */
    private final List<BitSet> loops = new ArrayList<>();
    private final Set<CreaseRef> looped = new LinkedHashSet<>();
    private final int anchor;
    private final RigidMotion rest;
    /** By panel: the branches between it and the anchor; absent for a panel that hangs on nothing. */
    private final BitSet[] ancestry;

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
        Map<String, Double> reach = new HashMap<>();
        assembly.pieces()
                .forEach(pattern -> reach.put(pattern.piece(), pattern.outline().getEnvelopeInternal().getDiameter()));
        ancestry = ancestry();
        branchesOf = new int[numbers.size()][];
        for (int number = 0; number < branchesOf.length; number++) {
            int turning = number;
            branchesOf[number] = IntStream.range(0, tree.size())
                    .filter(branch -> tree.get(branch).link().number() == turning).toArray();
        }
        findLoops(reach);
    }

    private int number(CreaseRef angle) {
        return numbers.computeIfAbsent(angle, key -> numbers.size());
    }

    /** A hinge has its first panel on the left, so that turning about it with the right hand lowers the second. */
    private void addHinges(CreasePattern pattern) {
        for (Hinge hinge : pattern.hinges()) {
            double sense = hinge.fold() == Fold.VALLEY ? -1 : 1;
            CreaseRef crease = new CreaseRef(pattern.piece(), hinge.crease());
            links.add(new Link(crease, hinge.folds() ? number(crease) : -1,
                    index.get(new PanelRef(pattern.piece(), hinge.first())),
                    index.get(new PanelRef(pattern.piece(), hinge.second())), hinge.at(), sense, false,
                    hinge.width() == 0 ? RigidMotion.STAY
                            : RigidMotion.shift(hinge.at().p0.x - hinge.beyond().p0.x,
                                    hinge.at().p0.y - hinge.beyond().p0.y)));
        }
    }

    private void addJoin(Assembly assembly, Join join) {
        LineSegment axis = join.axis().orElse(new LineSegment(0, 0, 1, 0));
        Coordinate inside = Footprints.of(assembly.panel(join.part()).outline(), join.place().orElseThrow())
                .getInteriorPoint().getCoordinate();
        boolean lifts = RigidMotion.about(axis, 1e-3).apply(inside).z() > 0 == join.above();
        CreaseRef slot = Assembly.slot(join);
        links.add(new Link(slot, join.axis().isPresent() ? number(slot) : -1, index.get(join.onto()),
                index.get(join.part()), axis, lifts ? 1 : -1,
                join.way() == Join.Way.SLIDING, join.place().orElseThrow()));
    }

    private void growTree() {
        BitSet reached = new BitSet();
        Set<Link> used = new LinkedHashSet<>();
        Deque<Integer> open = new ArrayDeque<>();
        reached.set(anchor);
        open.add(anchor);
        while (!open.isEmpty()) {
            int from = open.remove();
            for (Link link : links) {
                int to = link.slides() ? -1 : link.near() == from ? link.far() : link.far() == from ? link.near() : -1;
                if (to >= 0 && !reached.get(to)) {
                    reached.set(to);
                    tree.add(new Branch(link, from, to));
                    used.add(link);
                    open.add(to);
                }
            }
        }
        links.stream().filter(link -> !used.contains(link) && reached.get(link.near()) && reached.get(link.far()))
                .forEach(closing::add);
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

    /** Angles on a loop: those of the tree between the two ends of its closing link, and its own. */
    private void findLoops(Map<String, Double> reach) {
        for (Link link : closing) {
            BitSet between = (BitSet) ancestry[link.near()].clone();
            between.xor(ancestry[link.far()]);
            List<Link> around = new ArrayList<>(between.stream().mapToObj(branch -> tree.get(branch).link()).toList());
            around.add(link);
            double across = around.stream().flatMapToInt(one -> IntStream.of(one.near(), one.far()))
                    .mapToObj(panel -> panels.get(panel).piece()).distinct().mapToDouble(reach::get).sum();
            slack.add(around.stream()
                    .mapToDouble(one -> Slack.turned(one.axis(), one.turns() ? across + LinkageState.ASIDE : 0)).sum());
            around.removeIf(turning -> !turning.turns());
            BitSet loop = new BitSet();
            around.forEach(turning -> {
                looped.add(turning.angle());
                loop.set(turning.number());
            });
            loops.add(loop);
        }
    }

    /** The way from one panel to another along the tree, from link to link; empty for a panel that hangs on nothing. */
    List<Branch> between(PanelRef a, PanelRef b) {
        List<Branch> up = new ArrayList<>();
        List<Branch> down = new ArrayList<>();
        BitSet one = ancestry[index.get(a)];
        BitSet other = ancestry[index.get(b)];
        if (one == null || other == null) {
            return List.of();
        }
        // Branches are numbered from the anchor outwards.
        for (int branch = tree.size() - 1; branch >= 0; branch--) {
            if (one.get(branch) && !other.get(branch)) {
                up.add(new Branch(tree.get(branch).link(), tree.get(branch).to(), tree.get(branch).from()));
            } else if (other.get(branch) && !one.get(branch)) {
                down.add(0, tree.get(branch));
            }
        }
        up.addAll(down);
        return up;
    }

    /** Panels that no link reaches. */
    List<PanelRef> loose() {
        return panels.stream().filter(panel -> ancestry[index.get(panel)] == null).toList();
    }

    /** How many independent loops the links make. */
    int loops() {
        return closing.size();
    }

    /** How far apart rounding may leave the two places of a loop's closing panel, millimetres. */
    double slack(int loop) {
        return slack.get(loop);
    }

    /** Creases and slots that cannot turn by themselves. */
    Set<CreaseRef> looped() {
        return looped;
    }

    /** The branches that an angle turns. */
    int[] branchesOf(int number) {
        return branchesOf[number];
    }

    /** The loops, by their closing links, that some angles open or close. */
    int[] loopsWith(int[] numbers) {
        return IntStream.range(0, closing.size()).filter(loop -> Arrays.stream(numbers).anyMatch(loops.get(loop)::get))
                .toArray();
    }

    List<Branch> tree() {
        return tree;
    }

    List<Link> closing() {
        return closing;
    }

    List<PanelRef> panels() {
        return panels;
    }

    int anchor() {
        return anchor;
    }

    /** Where the anchor lies. */
    RigidMotion rest() {
        return rest;
    }

    /** Whether a branch lies between a panel and the anchor. */
    boolean carries(int branch, int panel) {
        return ancestry[panel].get(branch);
    }

    /** Degrees by number; creases that are not named stay flat. */
    double[] angles(Map<CreaseRef, Double> named) {
        double[] angles = new double[numbers.size()];
        named.forEach((crease, degrees) -> {
            Integer number = numbers.get(crease);
            if (number != null) {
                angles[number] = degrees;
            }
        });
        return angles;
    }

    /** The numbers of some angles, in their order. */
    int[] numbers(Collection<CreaseRef> angles) {
        return angles.stream().mapToInt(numbers::get).toArray();
    }
}

package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.crease.Panel;
import cufflink.design.CreaseRef;
import cufflink.design.Fold;
import cufflink.design.PanelRef;
import java.util.ArrayDeque;
import java.util.ArrayList;
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
        findLoops();
    }

    private void addHinges(CreasePattern pattern) {
        for (Hinge hinge : pattern.hinges()) {
            Panel far = pattern.panel(hinge.second()).orElseThrow();
            Coordinate inside = far.outline().getInteriorPoint().getCoordinate();
            boolean rises = RigidMotion.about(hinge.at(), 1e-3).apply(inside).z() > 0;
            double sense = rises == (hinge.fold() == Fold.VALLEY) ? 1 : -1;
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

    /** Creases on a loop: those of the tree between the two ends of a closing link, and its own. */
    private void findLoops() {
        Map<Integer, Branch> towardsRoot = new HashMap<>();
        tree.forEach(branch -> towardsRoot.put(branch.to(), branch));
        for (Link link : closing) {
            List<Integer> a = pathToRoot(link.near(), towardsRoot);
            List<Integer> b = pathToRoot(link.far(), towardsRoot);
            List<Integer> loop = new ArrayList<>();
            a.stream().filter(panel -> !b.contains(panel)).forEach(loop::add);
            b.stream().filter(panel -> !a.contains(panel)).forEach(loop::add);
            loop.forEach(panel -> addTurning(towardsRoot.get(panel).link()));
            addTurning(link);
        }
    }

    private void addTurning(Link link) {
        if (link.turns()) {
            looped.add(link.angle());
        }
    }

    private List<Integer> pathToRoot(int panel, Map<Integer, Branch> towardsRoot) {
        List<Integer> path = new ArrayList<>();
        for (int at = panel; towardsRoot.containsKey(at); at = towardsRoot.get(at).from()) {
            path.add(at);
        }
        return path;
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

    /** For each closing link, how far apart its panel's two places are at three points: nine numbers a link, millimetres. */
    double[] gaps(RigidMotion[] position, ToDoubleFunction<CreaseRef> angle) {
        double[] gaps = new double[closing.size() * 9];
        for (int i = 0; i < closing.size(); i++) {
            Link link = closing.get(i);
            RigidMotion here = position[link.near()].after(link.motion(angle.applyAsDouble(link.angle())));
            RigidMotion there = position[link.far()];
            RigidMotion toFar = link.place().inverse();
            Coordinate[] points = {link.axis().p0, link.axis().p1, link.axis().pointAlongOffset(0.5, ASIDE)};
            for (int k = 0; k < points.length; k++) {
                Point3 far = toFar.apply(points[k]);
                Point3 a = here.apply(far.x(), far.y(), far.z());
                Point3 b = there.apply(far.x(), far.y(), far.z());
                if (link.slides()) {
                    gaps[9 * i + 3 * k] = heightAbove(position[link.near()], a, b);
                    continue;
                }
                gaps[9 * i + 3 * k] = a.x() - b.x();
                gaps[9 * i + 3 * k + 1] = a.y() - b.y();
                gaps[9 * i + 3 * k + 2] = a.z() - b.z();
            }
        }
        return gaps;
    }

    /** How much higher above a panel's plane one point lies than another. */
    private static double heightAbove(RigidMotion panel, Point3 a, Point3 b) {
        RigidMotion back = panel.inverse();
        return back.apply(a.x(), a.y(), a.z()).z() - back.apply(b.x(), b.y(), b.z()).z();
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

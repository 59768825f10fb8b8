package cufflink.drawing;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.design.PanelRef;
import cufflink.fold.Point3;
import cufflink.fold.RigidMotion;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/**
 * Where the corners of every panel of a scene are drawn: panels are lifted, but stay joined at their creases, half way
 * between where the two sides would lie.
 */
final class LiftedPaper {
    /** How near a corner must be to the end of a crease to be it, millimetres. */
    private static final double SAME = 1e-3;

    /** A corner of a panel, and the corner that stands for all that are joined with it. */
    private static final class Corner {
        private final Coordinate at;
        private final Point3 lifted;
        private Corner joined = this;

        Corner(Coordinate at, Point3 lifted) {
            this.at = at;
            this.lifted = lifted;
        }

        Corner root() {
            joined = joined == this ? this : joined.root();
            return joined;
        }
    }

    private final FoldScene scene;
    private final Map<PanelRef, List<Corner>> corners = new HashMap<>();
    private final Map<Corner, Point3> places = new HashMap<>();

    LiftedPaper(FoldScene scene) {
        this.scene = scene;
        scene.state().assembly().panels().forEach(panel -> corners.put(panel, corners(panel)));
        scene.state().assembly().pieces().forEach(this::join);
        settle();
    }

    private List<Corner> corners(PanelRef panel) {
        Coordinate[] ring = scene.state().assembly().panel(panel).outline().getExteriorRing().getCoordinates();
        List<Point3> twisted = scene.state().twisted().get(panel);
        List<Corner> list = new ArrayList<>();
        for (int i = 0; i + 1 < ring.length; i++) {
            list.add(new Corner(ring[i], twisted == null ? lifted(panel, ring[i]) : twisted.get(i)));
        }
        return list;
    }

    private Point3 lifted(PanelRef panel, Coordinate at) {
        RigidMotion motion = scene.state().position().get(panel);
        return motion.apply(at.x, at.y, scene.lift().getOrDefault(panel, 0.0));
    }

    private void join(CreasePattern pattern) {
        for (Hinge hinge : pattern.hinges()) {
            // The two sides of a spine do not meet.
            for (Coordinate end : hinge.width() > 0 ? List.<Coordinate>of() : List.of(hinge.at().p0, hinge.at().p1)) {
                Optional<Corner> second = corner(new PanelRef(pattern.piece(), hinge.second()), end);
                corner(new PanelRef(pattern.piece(), hinge.first()), end)
                        .ifPresent(first -> second.ifPresent(other -> other.root().joined = first.root()));
            }
        }
    }

    private Optional<Corner> corner(PanelRef panel, Coordinate at) {
        return corners.get(panel).stream().filter(corner -> corner.at.distance(at) < SAME).findFirst();
    }

    /** All corners that are joined come to lie in their middle. */
    private void settle() {
        Map<Corner, List<Point3>> groups = new HashMap<>();
        corners.values().forEach(list -> list
                .forEach(corner -> groups.computeIfAbsent(corner.root(), key -> new ArrayList<>()).add(corner.lifted)));
        groups.forEach((root, all) -> places.put(root,
                new Point3(all.stream().mapToDouble(Point3::x).average().orElseThrow(),
                        all.stream().mapToDouble(Point3::y).average().orElseThrow(),
                        all.stream().mapToDouble(Point3::z).average().orElseThrow())));
    }

    /** The corners of a panel in space, in the order of its outline. */
    List<Point3> ring(PanelRef panel) {
        return corners.get(panel).stream().map(corner -> places.get(corner.root())).toList();
    }

    /** A point of a panel in space: between its corners where it twists. */
    Point3 on(PanelRef panel, Coordinate point) {
        return scene.state().twisted().containsKey(panel) ? between(panel, point) : lifted(panel, point);
    }

    /** Of a panel with four corners: between its left and its right side, as far down. */
    private Point3 between(PanelRef panel, Coordinate point) {
        Envelope bounds = scene.state().assembly().panel(panel).bounds();
        double across = (point.x - bounds.getMinX()) / bounds.getWidth();
        double down = (point.y - bounds.getMinY()) / bounds.getHeight();
        Point3 sum = new Point3(0, 0, 0);
        for (Corner corner : corners.get(panel)) {
            double x = corner.at.x > bounds.centre().x ? across : 1 - across;
            double y = corner.at.y > bounds.centre().y ? down : 1 - down;
            Point3 there = places.get(corner.root());
            sum = new Point3(sum.x() + x * y * there.x(), sum.y() + x * y * there.y(), sum.z() + x * y * there.z());
        }
        return sum;
    }

    /** A point of a panel in space; at the end of a crease, where its two sides meet. */
    Point3 at(PanelRef panel, Coordinate point) {
        return corner(panel, point).map(corner -> places.get(corner.root())).orElseGet(() -> lifted(panel, point));
    }
}

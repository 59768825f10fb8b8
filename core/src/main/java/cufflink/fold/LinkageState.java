package cufflink.fold;

import cufflink.design.PanelRef;
import cufflink.fold.Linkage.Branch;
import cufflink.fold.Linkage.Link;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.ejml.data.DMatrixRMaj;
import org.locationtech.jts.geom.Coordinate;

/**
 * A {@link Linkage} at certain angles: where every panel lies, by how much its loops gape, and how that changes with
 * the angles.
 */
final class LinkageState {
    /** Distance from an axis at which a gap between two places of a panel is measured, millimetres. */
    static final double ASIDE = 10;
    /** Points at which two places of a panel are compared. */
    private static final int POINTS = 3;
    /** Numbers in which a link's gap is told: three coordinates at each point. */
    private static final int ROWS = 3 * POINTS;

    private final Linkage linkage;
    private final double[] angles;
    private final RigidMotion[] position;
    /**
     * Of the far panel's measuring points of each closing link: where they are as reached over the link, and along the
     * tree.
     */
    private final Point3[] overLink;
    private final Point3[] alongTree;

    /** Places every panel along the tree; {@code angles} in degrees by their numbers. */
    LinkageState(Linkage linkage, double[] angles) {
        this.linkage = linkage;
        this.angles = angles;
        this.position = new RigidMotion[linkage.panels().size()];
        position[linkage.anchor()] = linkage.rest();
        for (Branch branch : linkage.tree()) {
            double angle = angle(branch.link());
            position[branch.to()] = position[branch.from()]
                    .after(branch.forward() ? branch.link().motion(angle) : branch.link().back(angle));
        }
        overLink = new Point3[POINTS * linkage.closing().size()];
        alongTree = new Point3[overLink.length];
        measure();
    }

    private double angle(Link link) {
        return link.turns() ? angles[link.number()] : 0;
    }

    private void measure() {
        int next = 0;
        for (Link link : linkage.closing()) {
            RigidMotion here = position[link.near()].after(link.motion(angle(link)));
            RigidMotion toFar = link.place().inverse();
            for (Coordinate point : List.of(link.axis().p0, link.axis().p1, link.axis().pointAlongOffset(0.5, ASIDE))) {
                Point3 far = toFar.apply(point);
                overLink[next] = here.apply(far.x(), far.y(), far.z());
                alongTree[next++] = position[link.far()].apply(far.x(), far.y(), far.z());
            }
        }
    }

    /** Where every panel lies, by number; null for one that hangs on nothing. */
    RigidMotion[] places() {
        return position.clone();
    }

    /** Where every panel lies, by name; panels that hang on nothing are left out. */
    Map<PanelRef, RigidMotion> positions() {
        List<PanelRef> panels = linkage.panels();
        Map<PanelRef, RigidMotion> named = new HashMap<>(2 * panels.size());
        for (int i = 0; i < position.length; i++) {
            if (position[i] != null) {
                named.put(panels.get(i), position[i]);
            }
        }
        return named;
    }

    /**
     * How far apart the two places of each loop's closing panel are at three points: nine numbers a loop, millimetres.
     */
    double[] gaps(int[] loops) {
        double[] gaps = new double[ROWS * loops.length];
        for (int i = 0; i < POINTS * loops.length; i++) {
            int point = POINTS * loops[i / POINTS] + i % POINTS;
            write(told(linkage.closing().get(loops[i / POINTS]), overLink[point].minus(alongTree[point])), gaps, 3 * i);
        }
        return gaps;
    }

    /** Whether no loop gapes by more than rounding explains. */
    boolean isClosed() {
        for (int i = 0; i < overLink.length; i++) {
            if (size(told(linkage.closing().get(i / POINTS), overLink[i].minus(alongTree[i])))
                    > linkage.slack(i / POINTS)) {
                return false;
            }
        }
        return true;
    }

    /** The widest gap of any loop, millimetres. */
    double widestGap() {
        double widest = 0;
        for (int i = 0; i < overLink.length; i++) {
            widest = Math.max(widest, size(told(linkage.closing().get(i / POINTS), overLink[i].minus(alongTree[i]))));
        }
        return widest;
    }

    /** A panel that slides may be anywhere in its plane: only the distance from that plane counts. */
    private Point3 told(Link link, Point3 gap) {
        return link.slides() ? new Point3(position[link.near()].up().dot(gap), 0, 0) : gap;
    }

    private static double size(Point3 gap) {
        return Math.max(Math.abs(gap.x()), Math.max(Math.abs(gap.y()), Math.abs(gap.z())));
    }

    private static void write(Point3 vector, double[] into, int index) {
        into[index] = vector.x();
        into[index + 1] = vector.y();
        into[index + 2] = vector.z();
    }

    /**
     * How the gaps of some loops grow per degree of some angles, a column an angle. A crease turns everything beyond
     * its branches about their axes: a point p moves by ω × (p − a), with ω along the axis.
     */
    DMatrixRMaj slopes(int[] numbers, int[] loops) {
        DMatrixRMaj slopes = new DMatrixRMaj(ROWS * loops.length, numbers.length);
        for (int column = 0; column < numbers.length; column++) {
            for (int b : linkage.branchesOf(numbers[column])) {
                Branch branch = linkage.tree().get(b);
                Spin spin = spin(branch.link(), branch.forward() ? 1 : -1);
                for (int i = 0; i < POINTS * loops.length; i++) {
                    addBranch(b, spin, POINTS * loops[i / POINTS] + i % POINTS, slopes, 3 * i, column);
                }
            }
            for (int i = 0; i < POINTS * loops.length; i++) {
                Link link = linkage.closing().get(loops[i / POINTS]);
                if (link.number() == numbers[column] && !link.slides()) {
                    add(spin(link, 1).move(overLink[POINTS * loops[i / POINTS] + i % POINTS]), slopes, 3 * i, column);
                }
            }
        }
        return slopes;
    }

    private void addBranch(int branch, Spin spin, int point, DMatrixRMaj slopes, int row, int column) {
        Link link = linkage.closing().get(point / POINTS);
        boolean near = linkage.carries(branch, link.near());
        boolean far = linkage.carries(branch, link.far());
        if (near != far) {
            Point3 moves = spin.move(near && !link.slides() ? overLink[point] : alongTree[point]);
            add(told(link, near ? moves : moves.times(-1)), slopes, row, column);
        } else if (near && !link.slides()) {
            add(spin.move(overLink[point]).minus(spin.move(alongTree[point])), slopes, row, column);
        }
    }

    private static void add(Point3 vector, DMatrixRMaj into, int row, int column) {
        into.add(row, column, vector.x());
        into.add(row + 1, column, vector.y());
        into.add(row + 2, column, vector.z());
    }

    private Spin spin(Link link, double forward) {
        Point3 start = position[link.near()].apply(link.axis().p0);
        Point3 axis = position[link.near()].apply(link.axis().p1).minus(start);
        return new Spin(start, axis.times(Math.toRadians(1) * link.sense() * forward / Math.sqrt(axis.dot(axis))));
    }

    /**
     * How a link turns what lies beyond it.
     *
     * @param through   a point of its axis
     * @param perDegree along the axis
     */
    private record Spin(Point3 through, Point3 perDegree) {
        Point3 move(Point3 point) {
            return perDegree.cross(point.minus(through));
        }
    }

    /** The closing link of the loop with the widest gap. */
    Link widest() {
        int worst = 0;
        double most = 0;
        for (int i = 0; i < overLink.length; i++) {
            double wide = size(told(linkage.closing().get(i / POINTS), overLink[i].minus(alongTree[i])));
            worst = wide > most ? i : worst;
            most = Math.max(wide, most);
        }
        return linkage.closing().get(worst / POINTS);
    }
}

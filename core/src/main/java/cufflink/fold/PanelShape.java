package cufflink.fold;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryComponentFilter;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** A panel's outline and openings, as corners by number, each with the one that follows it on its ring. */
final class PanelShape {
    private static final int FEW = 12;

    private final Geometry outline;
    private final Envelope box;
    private final Coordinate[] corners;
    private final int[] next;
    private final double reach;

    private PanelShape(Geometry outline, Coordinate[] corners, int[] next) {
        this.outline = outline;
        this.box = outline.getEnvelopeInternal();
        this.corners = corners;
        this.next = next;
        this.reach = box.getDiameter();
    }

    /** Arcs are taken as they are to a third of a graze: fewer corners, as good an answer. */
    static PanelShape of(Geometry paper) {
        Geometry outline = paper.getNumPoints() > FEW ? DouglasPeuckerSimplifier.simplify(paper, Sweep.GRAZE / 3)
                : paper;
        List<Coordinate[]> rings = new ArrayList<>();
        GeometryComponentFilter collect = part -> {
            if (part instanceof LinearRing ring) {
                rings.add(ring.getCoordinates());
            }
        };
        outline.apply(collect);
        int count = rings.stream().mapToInt(ring -> ring.length - 1).sum();
        Coordinate[] corners = new Coordinate[count];
        int[] next = new int[count];
        int at = 0;
        for (Coordinate[] ring : rings) {
            at = add(ring, at, corners, next);
        }
        return new PanelShape(outline, corners, next);
    }

    /** The panel without a margin along its edges; the panel itself if nothing would be left. */
    static PanelShape within(Polygon outline, double margin) {
        Geometry inner = BufferOp.bufferOp(outline, -margin,
                new BufferParameters(2, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 4));
        return of(inner.isEmpty() ? outline : inner);
    }

    private static int add(Coordinate[] ring, int first, Coordinate[] corners, int[] next) {
        int count = ring.length - 1;
        for (int i = 0; i < count; i++) {
            corners[first + i] = ring[i];
            next[first + i] = first + (i + 1) % count;
        }
        return first + count;
    }

    /** Its bounds if it is an upright rectangle; absent for any other shape. */
    Optional<Envelope> rectangle() {
        boolean upright = corners.length == 4 && Arrays.stream(corners)
                .allMatch(corner -> (corner.x == box.getMinX() || corner.x == box.getMaxX())
                        && (corner.y == box.getMinY() || corner.y == box.getMaxY()));
        return upright ? Optional.of(box) : Optional.empty();
    }

    int corners() {
        return corners.length;
    }

    Coordinate corner(int number) {
        return corners[number];
    }

    /** The other end of the edge that starts at a corner. */
    Coordinate after(int number) {
        return corners[next[number]];
    }

    /** No two of its points are farther apart, millimetres. */
    double reach() {
        return reach;
    }

    /** In the panel's plane: how far a place is from the box around the panel; 0 inside. */
    double beside(double x, double y) {
        double dx = Math.max(0, Math.max(box.getMinX() - x, x - box.getMaxX()));
        double dy = Math.max(0, Math.max(box.getMinY() - y, y - box.getMaxY()));
        return dx == 0 ? dy : dy == 0 ? dx : Math.sqrt(dx * dx + dy * dy);
    }

    /** In the panel's plane: how far a place is from the panel; 0 on it. */
    double away(double x, double y) {
        Coordinate at = new Coordinate(x, y);
        if (SimplePointInAreaLocator.isContained(at, outline)) {
            return 0;
        }
        double least = Double.MAX_VALUE;
        for (int i = 0; i < corners.length; i++) {
            least = Math.min(least, Distance.pointToSegment(at, corners[i], corners[next[i]]));
        }
        return least;
    }

    /** Whether a place lies on the panel, farther than so much from its edges. */
    boolean isInside(double x, double y, double margin) {
        Coordinate at = new Coordinate(x, y);
        if (!box.contains(at) || !SimplePointInAreaLocator.isContained(at, outline)) {
            return false;
        }
        for (int i = 0; i < corners.length; i++) {
            if (Distance.pointToSegment(at, corners[i], corners[next[i]]) <= margin) {
                return false;
            }
        }
        return true;
    }

    /** Whether it reaches on one side of a line only. */
    boolean isBeside(LineSegment line) {
        double least = 0;
        double most = 0;
        double length = line.getLength();
        for (Coordinate corner : corners) {
            double side = ((line.p1.x - line.p0.x) * (corner.y - line.p0.y)
                    - (line.p1.y - line.p0.y) * (corner.x - line.p0.x)) / length;
            least = Math.min(least, side);
            most = Math.max(most, side);
        }
        return least > -Sweep.GRAZE || most < Sweep.GRAZE;
    }

    /**
     * Whether this panel stays on one side of another's plane or beside the box around it while it moves.
     *
     * @param start to the other's coordinates at the start of a stretch, as {@code half} and {@code end} in its middle
     *              and at its end
     * @param bend  how much farther than at the ends a point may be from where it is in the middle; below 0 to read it
     *              off its corners
     */
    boolean isClearOf(PanelShape other, RigidMotion start, RigidMotion half, RigidMotion end, double bend) {
        double moves = 0;
        double lowest = Double.MAX_VALUE;
        double highest = -Double.MAX_VALUE;
        Envelope over = new Envelope();
        for (Coordinate corner : corners) {
            Point3 at = half.apply(corner);
            moves = Math.max(moves, Sweep.way(start.apply(corner), at, end.apply(corner), bend));
            lowest = Math.min(lowest, at.z());
            highest = Math.max(highest, at.z());
            over.expandToInclude(at.x(), at.y());
        }
        return lowest > moves || highest < -moves || over.distance(other.box) > moves;
    }
}

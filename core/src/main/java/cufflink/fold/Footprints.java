package cufflink.fold;

import cufflink.design.Side;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateFilter;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/** What moved paper covers, seen from above. */
public final class Footprints {
    private Footprints() {
    }

    /** A side of a rectangle. */
    public static LineSegment side(Envelope box, Side side) {
        return switch (side) {
            case LEFT -> new LineSegment(box.getMinX(), box.getMinY(), box.getMinX(), box.getMaxY());
            case RIGHT -> new LineSegment(box.getMaxX(), box.getMinY(), box.getMaxX(), box.getMaxY());
            case TOP -> new LineSegment(box.getMinX(), box.getMinY(), box.getMaxX(), box.getMinY());
            case BOTTOM -> new LineSegment(box.getMinX(), box.getMaxY(), box.getMaxX(), box.getMaxY());
        };
    }

    /** A line moved, seen from above. */
    public static LineSegment of(LineSegment line, RigidMotion motion) {
        Point3 from = motion.apply(line.p0);
        Point3 to = motion.apply(line.p1);
        return new LineSegment(from.x(), from.y(), to.x(), to.y());
    }

    public static Polygon of(Polygon outline, RigidMotion motion) {
        Geometry moved = outline.copy();
        moved.apply((CoordinateFilter) corner -> {
            Point3 point = motion.apply(new Coordinate(corner.x, corner.y));
            corner.x = point.x();
            corner.y = point.y();
        });
        moved.geometryChanged();
        return (Polygon) moved;
    }
}

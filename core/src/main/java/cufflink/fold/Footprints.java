package cufflink.fold;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.CoordinateFilter;

/** What moved paper covers, seen from above. */
final class Footprints {
    private Footprints() {
    }

    static Polygon of(Polygon outline, RigidMotion motion) {
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

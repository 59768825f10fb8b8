package cufflink.drawing;

import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;

/** Corners of polygons as spots. */
final class Outlines {
    private Outlines() {
    }

    /** The outer ring, the first corner not repeated. */
    static List<Shape.Spot> spots(Polygon polygon) {
        Coordinate[] ring = polygon.getExteriorRing().getCoordinates();
        return Arrays.stream(ring, 0, ring.length - 1).map(corner -> new Shape.Spot(corner.x, corner.y)).toList();
    }
}

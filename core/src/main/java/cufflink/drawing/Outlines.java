package cufflink.drawing;

import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** Corners of polygons as spots. */
final class Outlines {
    private Outlines() {
    }

    /** The outer ring, the first corner not repeated. */
    static List<Shape.Spot> spots(Polygon polygon) {
        return corners(polygon.getExteriorRing()).stream().map(corner -> new Shape.Spot(corner.x, corner.y)).toList();
    }

    /** The openings, the first corner of each not repeated. */
    static List<List<Coordinate>> holes(Polygon polygon) {
        return IntStream.range(0, polygon.getNumInteriorRing()).mapToObj(i -> corners(polygon.getInteriorRingN(i)))
                .toList();
    }

    /** The openings as spots. */
    static List<List<Shape.Spot>> openings(Polygon polygon) {
        return holes(polygon).stream()
                .map(hole -> hole.stream().map(corner -> new Shape.Spot(corner.x, corner.y)).toList()).toList();
    }

    /** The corners of a ring, the first not repeated. */
    static List<Coordinate> corners(LinearRing ring) {
        Coordinate[] all = ring.getCoordinates();
        return List.of(all).subList(0, all.length - 1);
    }
}

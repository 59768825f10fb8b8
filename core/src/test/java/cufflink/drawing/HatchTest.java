package cufflink.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** Checked against JTS's intersection of lines and polygons. */
class HatchTest {
    private static final GeometryFactory JTS = new GeometryFactory();

    private static Shape.Area area(List<Shape.Spot> corners, List<List<Shape.Spot>> holes) {
        return new Shape.Area("a", Ink.GLUE, corners, holes, Optional.empty(), Optional.empty());
    }

    private static List<Shape.Spot> square(double x, double y, double side) {
        return List.of(new Shape.Spot(x, y), new Shape.Spot(x + side, y), new Shape.Spot(x + side, y + side),
                new Shape.Spot(x, y + side));
    }

    private static LinearRing ring(List<Shape.Spot> spots) {
        return JTS.createLinearRing(Stream.concat(spots.stream(), Stream.of(spots.get(0)))
                .map(spot -> new Coordinate(spot.x(), spot.y())).toArray(Coordinate[]::new));
    }

    private static LineString line(Shape.Path stroke) {
        return JTS.createLineString(stroke.points().stream().map(spot -> new Coordinate(spot.x(), spot.y()))
                .toArray(Coordinate[]::new));
    }

    /** Every stroke lies in the region, and together they are as long as the whole lines cut to it. */
    @Test
    void strokes_areTheLinesCutToTheRegion() {
        Random random = new Random(5);
        for (int round = 0; round < 200; round++) {
            double side = 20 + random.nextDouble() * 60;
            List<Shape.Spot> hole = square(3 + random.nextDouble() * 2, 6, 2 + random.nextDouble() * 3);
            List<Shape.Spot> corners = List.of(new Shape.Spot(0, 0), new Shape.Spot(side, random.nextDouble() * 5),
                    new Shape.Spot(side * 0.6, 18), new Shape.Spot(side, side), new Shape.Spot(-3, side));
            Polygon polygon = JTS.createPolygon(ring(corners), new LinearRing[] {ring(hole)});
            double apart = 0.7 + random.nextDouble() * 3;
            double drawn = 0;
            for (Shape.Path stroke : Hatch.strokes(area(corners, List.of(hole)), apart / Hatch.APART)) {
                assertTrue(polygon.buffer(1e-6).contains(line(stroke)), stroke.toString());
                drawn += line(stroke).getLength();
            }
            double wanted = 0;
            for (double sum = -200 * apart; sum < 300; sum += apart) {
                Geometry whole = JTS.createLineString(
                        new Coordinate[] {new Coordinate(-400, sum + 400), new Coordinate(400, sum - 400)});
                wanted += polygon.intersection(whole).getLength();
            }
            assertEquals(wanted, drawn, 1e-6 * wanted + 1e-6);
        }
    }

    @Test
    void regionsSideBySide_areOneHatching() {
        List<Shape.Path> both = Stream.of(0.0, 10.0)
                .flatMap(x -> Hatch.strokes(area(square(x, 0, 10), List.of()), 0.2).stream()).toList();
        double whole = Hatch.strokes(area(List.of(new Shape.Spot(0, 0), new Shape.Spot(20, 0), new Shape.Spot(20, 10),
                new Shape.Spot(0, 10)), List.of()), 0.2).stream().mapToDouble(stroke -> line(stroke).getLength()).sum();
        assertEquals(whole, both.stream().mapToDouble(stroke -> line(stroke).getLength()).sum(), 1e-9);
    }
}

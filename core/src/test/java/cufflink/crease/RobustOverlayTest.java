package cufflink.crease;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * The short ways of overlaying against the geometry library's own, on shapes that touch, contain and miss each other.
 */
class RobustOverlayTest {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final double SAME = 1e-9;

    /** Corners on a coarse grid, so that sides and corners often coincide. */
    private static Geometry shape(Random random) {
        double x = random.nextInt(6);
        double y = random.nextInt(6);
        double w = 1 + random.nextInt(5);
        double h = 1 + random.nextInt(5);
        return switch (random.nextInt(4)) {
            case 0 -> FACTORY.createPolygon(new Coordinate[] {new Coordinate(x, y), new Coordinate(x + w, y),
                new Coordinate(x, y + h), new Coordinate(x, y)});
            case 1 -> FACTORY.createPolygon(new Coordinate[] {new Coordinate(x, y), new Coordinate(x + w, y),
                new Coordinate(x + w, y + h), new Coordinate(x + w / 2, y + h / 2), new Coordinate(x, y + h),
                new Coordinate(x, y)});
            default -> FACTORY.toGeometry(new Envelope(x, x + w, y, y + h));
        };
    }

    private static double area(Geometry a, Geometry b, int operation) {
        return OverlayNGRobust.overlay(a, b, operation).getArea();
    }

    @Property(tries = 2000)
    void areas_areThoseOfTheLibrary(@ForAll long seed) {
        Random random = new Random(seed);
        Geometry a = shape(random);
        Geometry b = shape(random);
        Geometry common = RobustOverlay.intersection(a, b);
        Geometry rest = RobustOverlay.difference(a, b);
        assertEquals(area(a, b, OverlayNG.INTERSECTION), common.getArea(), SAME, a + " " + b);
        assertEquals(area(a, b, OverlayNG.DIFFERENCE), rest.getArea(), SAME, a + " " + b);
        assertEquals(a.getArea(), common.getArea() + rest.getArea(), SAME);
        assertTrue(common.getArea() < SAME || a.buffer(SAME).covers(common) && b.buffer(SAME).covers(common));
        assertTrue(common.isEmpty() || common.getDimension() == 2, common.toString());
    }

    @Property(tries = 500)
    void linesInAreas_areAsLongAsThoseOfTheLibrary(@ForAll long seed) {
        Random random = new Random(seed);
        Geometry line = FACTORY.createLineString(new Coordinate[] {new Coordinate(random.nextInt(8), random.nextInt(8)),
            new Coordinate(8 + random.nextInt(4), random.nextInt(8))});
        Geometry area = shape(random);
        assertEquals(OverlayNGRobust.overlay(line, area, OverlayNG.INTERSECTION).getLength(),
                RobustOverlay.intersection(line, area).getLength(), SAME, line + " " + area);
    }

    @Test
    void shapesThatOnlyTouch_shareNothing() {
        Geometry left = FACTORY.toGeometry(new Envelope(0, 1, 0, 1));
        Geometry right = FACTORY.toGeometry(new Envelope(1, 2, 0, 1));
        assertTrue(RobustOverlay.intersection(left, right).isEmpty());
        assertEquals(left, RobustOverlay.difference(left, right));
        assertTrue(RobustOverlay.difference(left, left).isEmpty());
    }
}

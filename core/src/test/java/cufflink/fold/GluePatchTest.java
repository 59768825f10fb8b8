package cufflink.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.crease.Panel;
import cufflink.design.Side;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Strips of glue, 6.35 mm wide, along edges of any direction. */
class GluePatchTest {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private static Panel panel(double... xy) {
        Coordinate[] ring = new Coordinate[xy.length / 2 + 1];
        for (int i = 0; i < ring.length; i++) {
            int at = 2 * i % xy.length;
            ring[i] = new Coordinate(xy[at], xy[at + 1]);
        }
        return new Panel("panel", "panel", FACTORY.createPolygon(ring));
    }

    private static double area(List<Polygon> strips) {
        return strips.stream().mapToDouble(Polygon::getArea).sum();
    }

    @Test
    void alongARectangle_theStripIsOne() {
        assertEquals(100 * 6.35, area(GluePatch.strip(panel(0, 0, 60, 0, 60, 100, 0, 100), Side.LEFT)), 1e-6);
    }

    /** A flap whose sides slant by 10 mm over 100 mm: as much glue as along an upright side of that length. */
    @Test
    void alongASlantingSide_theStripSlants() {
        Panel flap = panel(0, 0, 80, 0, 70, 100, 10, 100);
        assertEquals(Math.hypot(10, 100) * 6.35, area(GluePatch.strip(flap, Side.LEFT)), 5);
        assertEquals(area(GluePatch.strip(flap, Side.LEFT)), area(GluePatch.strip(flap, Side.RIGHT)), 1e-6);
        assertEquals(80 * 6.35, area(GluePatch.strip(flap, Side.TOP)), 5);
    }

    /** Whichever way round the outline is told. */
    @Test
    void theStripLiesInside() {
        Panel flap = panel(0, 0, 80, 0, 70, 100, 10, 100);
        Panel turned = panel(10, 100, 70, 100, 80, 0, 0, 0);
        for (Side side : Side.values()) {
            assertEquals(area(GluePatch.strip(flap, side)), area(GluePatch.strip(turned, side)), 1e-6, side.word());
            assertTrue(GluePatch.strip(flap, side).stream().allMatch(flap.outline().buffer(1e-6)::covers), side.word());
        }
    }
}

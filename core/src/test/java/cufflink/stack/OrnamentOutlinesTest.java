package cufflink.stack;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.design.Face;
import cufflink.design.Ornament;
import cufflink.design.OrnamentShape;
import cufflink.design.PanelRef;
import cufflink.design.Raise;
import cufflink.measure.Length;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Outlines against elementary geometry. */
class OrnamentOutlinesTest {
    private static final Length WIDTH = Length.ofMillimetres(40);
    private static final Length HEIGHT = Length.ofMillimetres(20);

    private static Ornament ornament(OrnamentShape shape, double turn) {
        return new Ornament("one", "One", new PanelRef("base", "front"), Face.OUTSIDE,
                new Ornament.Put(Ornament.Along.CENTRED, Ornament.Along.CENTRED, turn),
                new Ornament.Form(shape, WIDTH, HEIGHT, Optional.empty()), Raise.FLAT.height(), Optional.empty());
    }

    private static Ornament.Traced triangle() {
        Coordinate[] corners = {new Coordinate(3, 3), new Coordinate(7, 3), new Coordinate(3, 11),
            new Coordinate(3, 3)};
        return new Ornament.Traced("M 3 3 L 7 3 L 3 11 Z", new GeometryFactory().createPolygon(corners));
    }

    /** An ellipse of 64 corners is 0.2 % smaller than a round one; a banner loses two forks of 8 mm. */
    @ParameterizedTest
    @CsvSource({"RECTANGLE, 800", "OVAL, 628.3", "BANNER, 640"})
    void area_isThatOfTheShape(OrnamentShape shape, double area) {
        assertEquals(area, OrnamentOutlines.turned(ornament(shape, 0)).getArea(), area * 2e-3);
    }

    @Property(tries = 50)
    void turning_keepsTheArea_andSpansWhatItMust(@ForAll @IntRange(min = -360, max = 360) int degrees) {
        Polygon turned = OrnamentOutlines.turned(ornament(OrnamentShape.RECTANGLE, degrees));
        double cos = Math.abs(Math.cos(Math.toRadians(degrees)));
        double sin = Math.abs(Math.sin(Math.toRadians(degrees)));
        Envelope box = turned.getEnvelopeInternal();
        assertEquals(800, turned.getArea(), 1e-6);
        assertEquals(40 * cos + 20 * sin, box.getWidth(), 1e-6);
        assertEquals(40 * sin + 20 * cos, box.getHeight(), 1e-6);
    }

    @Test
    void turned_isClockwiseAsItIsSeen() {
        Ornament.Form form = ornament(OrnamentShape.RECTANGLE, 0).form().traced(triangle());
        Polygon upright = OrnamentOutlines.turned(ornament(OrnamentShape.RECTANGLE, 0).with(form));
        Polygon quarter = OrnamentOutlines.turned(ornament(OrnamentShape.RECTANGLE, 90).with(form));
        Envelope before = upright.getEnvelopeInternal();
        Envelope after = quarter.getEnvelopeInternal();
        assertEquals(before.getMaxX() - upright.getCentroid().getX(), after.getMaxY() - quarter.getCentroid().getY(),
                1e-6, "what was at the right is below");
    }

    @ParameterizedTest
    @CsvSource({"START, 5, 15", "MIDDLE, 5, 45", "END, 5, 65", "END, -5, 75", "START, -5, 5"})
    void place_isMeasuredInwardsFromItsEdge(Ornament.Anchor from, long by, double low) {
        assertEquals(low,
                OrnamentOutlines.place(new Ornament.Along(from, Length.ofMillimetres(by)), 10, 110, 40), 1e-9);
    }

    @Test
    void proportions_areKeptByWhatHasOne() {
        Ornament.Form traced = ornament(OrnamentShape.RECTANGLE, 0).form().traced(triangle());
        assertEquals(Length.ofMillimetres(80), traced.height());
        assertEquals(Length.ofMillimetres(10), traced.high(HEIGHT).width());
        Ornament.Form circle = traced.shaped(OrnamentShape.CIRCLE);
        assertEquals(WIDTH, circle.height());
        assertEquals(Optional.empty(), circle.traced());
        assertEquals(HEIGHT, circle.high(HEIGHT).width());
        assertEquals(Length.ofMillimetres(10), circle.shaped(OrnamentShape.BANNER).height());
        assertEquals(HEIGHT, ornament(OrnamentShape.OVAL, 0).form().wide(HEIGHT).height());
    }
}

package cufflink.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.drawing.Shape.Spot;
import cufflink.measure.Length;
import cufflink.paper.FacePicture;
import cufflink.paper.Print;
import cufflink.paper.Stock;
import cufflink.paper.Swatch;
import cufflink.paper.Weight;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

class PrintDrawingTest {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final Polygon TRIANGLE = FACTORY.createPolygon(new Coordinate[] {new Coordinate(3, 2),
        new Coordinate(93, 2), new Coordinate(3, 62), new Coordinate(3, 2)});
    private static final FacePicture PICTURE = new FacePicture("AAAA", Length.ofMillimetres(20),
            Length.ofMillimetres(10));

    private static Stock paper(Print print) {
        return new Stock("Night", Length.ofMillimetres(210), Length.ofMillimetres(297), Weight.gsm(120),
                Optional.empty(), "#203040", "#FFFFFF", false, Stock.Grain.UNKNOWN, print);
    }

    private static List<Shape> draw(Print print, boolean face) {
        return PrintDrawing.draw(paper(print), face, TRIANGLE, at -> new Spot(at.x, at.y), 1);
    }

    @ParameterizedTest
    @EnumSource(value = Swatch.class, names = "PLAIN", mode = EnumSource.Mode.EXCLUDE)
    void pattern_isCutToWhatIsThere(Swatch swatch) {
        List<Shape> shapes = draw(Print.of(swatch, false), true);
        assertTrue(shapes.size() > 4, swatch + ": " + shapes.size());
        for (Shape shape : shapes) {
            ((Shape.Area) shape).corners().forEach(spot -> assertTrue(
                    TRIANGLE.distance(FACTORY.createPoint(new Coordinate(spot.x(), spot.y()))) < 1e-6,
                    swatch + " at " + spot));
        }
    }

    /** The pattern belongs to the paper: what is cut from it elsewhere shows another stretch of it. */
    @Test
    void pattern_staysWhereItIsOnThePaper() {
        Polygon right = (Polygon) FACTORY.toGeometry(new Envelope(50, 100, 0, 60));
        Polygon all = (Polygon) FACTORY.toGeometry(new Envelope(0, 100, 0, 60));
        Stock dots = paper(Print.of(Swatch.DOTS, false));
        List<Shape> whole = PrintDrawing.draw(dots, true, all, at -> new Spot(at.x, at.y), 1);
        PrintDrawing.draw(dots, true, right, at -> new Spot(at.x, at.y), 1).stream().map(Shape.Area.class::cast)
                .filter(area -> area.corners().stream().allMatch(spot -> spot.x() > 50.1))
                .forEach(area -> assertTrue(whole.contains(area), area.toString()));
    }

    @Test
    void sideThatIsNotPrinted_showsNothing() {
        Print front = Print.of(Swatch.STARS, false);
        assertEquals(List.of(), draw(front, false));
        assertEquals(List.of(), draw(Print.NOTHING, true));
        assertTrue(draw(Print.of(Swatch.STARS, true), false).size() > 4);
        Stock over = paper(front).turnedOver();
        assertTrue(over.print().isOn(false) && !over.print().isOn(true));
        assertEquals(front, over.turnedOver().print());
    }

    /** Seen at half its size and turned by a quarter, so is the tile. */
    @Test
    void picture_isATileWhereThePaperIs() {
        Shape.Area area = (Shape.Area) PrintDrawing.draw(paper(Print.NOTHING.withPicture(Optional.of(PICTURE))), true,
                TRIANGLE, at -> new Spot(-at.y / 2, at.x / 2), 1).get(0);
        Shape.Texture tile = area.texture().orElseThrow();
        assertEquals(new Spot(0, 10), new Spot(tile.right().x() - tile.corner().x(),
                tile.right().y() - tile.corner().y()));
        assertEquals(new Spot(-5, 0), new Spot(tile.down().x() - tile.corner().x(),
                tile.down().y() - tile.corner().y()));
        assertEquals(3, area.corners().size());
        Shape.Texture moved = area.moved(spot -> spot.plus(1, 2)).texture().orElseThrow();
        assertEquals(tile.down().plus(1, 2), moved.down());
    }

    @Test
    void picture_takesRoomOnThePaper() {
        assertEquals(Length.ofMillimetres(25), PICTURE.wide(Length.ofMillimetres(50)).height());
        assertThrows(IllegalArgumentException.class, () -> PICTURE.wide(Length.ZERO));
        assertThrows(IllegalArgumentException.class,
                () -> new FacePicture("?", Length.ofMillimetres(1), Length.ofMillimetres(1)));
        assertThrows(IllegalArgumentException.class, () -> new FacePicture("A".repeat(FacePicture.MOST + 4),
                Length.ofMillimetres(1), Length.ofMillimetres(1)));
    }
}

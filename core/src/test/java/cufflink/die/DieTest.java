package cufflink.die;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.Ornament;
import cufflink.measure.Length;
import cufflink.paper.SheetSize;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;

/** What fits inside what a die cuts. Millimetres. */
class DieTest {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private static Length mm(double value) {
        return Length.nearestToMillimetres(value);
    }

    private static Die die(DieShape shape, double width, double height) {
        SheetSize size = new SheetSize(mm(width), mm(height));
        return new Die(shape, size, Die.usualScallops(shape, size), Optional.empty());
    }

    private static void isSize(double width, double height, double off, SheetSize found) {
        assertEquals(width, found.width().toMillimetres(), off, found.toString());
        assertEquals(height, found.height().toMillimetres(), off, found.toString());
    }

    /** The square in a circle: its diagonal is the diameter (Euclid IV.6). */
    @ParameterizedTest
    @CsvSource({"50, 0", "50, 3", "101.6, 3.175", "12, 1"})
    void circle_holdsItsSquare_andACircleLessTheBorder(double across, double border) {
        Die circle = die(DieShape.CIRCLE, across, across);
        double side = (across - 2 * border) / Math.sqrt(2);
        isSize(side, side, 0.2, circle.largestRectangle(mm(border)).orElseThrow());
        assertEquals(across - 2 * border, circle.largestCircle(mm(border)).orElseThrow().toMillimetres(), 0.05);
    }

    /** The largest rectangle in an ellipse has its sides through 1/√2 of both axes (by the calculus). */
    @ParameterizedTest
    @CsvSource({"80, 50", "30, 90"})
    void oval_holdsTheRectangleOfItsAxes(double width, double height) {
        isSize(width / Math.sqrt(2), height / Math.sqrt(2), 0.6,
                die(DieShape.OVAL, width, height).largestRectangle(Length.ZERO).orElseThrow());
    }

    @Test
    void rectangle_holdsItselfLessTheBorder() {
        Die rectangle = die(DieShape.RECTANGLE, 100, 60);
        isSize(94, 54, 0.05, rectangle.largestRectangle(mm(3)).orElseThrow());
        assertEquals(54, rectangle.largestCircle(mm(3)).orElseThrow().toMillimetres(), 0.05);
        assertEquals(Optional.empty(), rectangle.largestRectangle(mm(31)));
    }

    /** A disc of bulges: its circle touches the creases between two of them. */
    @Test
    void scallopedCircle_holdsTheCircleBetweenItsCreases() {
        Die scalloped = new Die(DieShape.SCALLOPED_CIRCLE, new SheetSize(mm(60), mm(60)), 20, Optional.empty());
        double sine = Math.sin(Math.PI / 20);
        double creases = 30 / (1 + sine) * Math.cos(Math.PI / 20);
        assertEquals(2 * creases, scalloped.largestCircle(Length.ZERO).orElseThrow().toMillimetres(), 0.05);
        double outer = scalloped.outline().orElseThrow().getEnvelopeInternal().getWidth();
        assertEquals(60, outer, 0.05);
    }

    private static Stream<Arguments> shapes() {
        Polygon arrow = GEOMETRY.createPolygon(new Coordinate[] {new Coordinate(0, 30), new Coordinate(50, 0),
            new Coordinate(100, 30), new Coordinate(70, 30), new Coordinate(70, 80), new Coordinate(30, 80),
            new Coordinate(30, 30), new Coordinate(0, 30)});
        Die traced = new Die(DieShape.TRACED, new SheetSize(mm(100), mm(80)), 0,
                Optional.of(new Ornament.Traced("M0 30", arrow)));
        return Stream.of(Arguments.of(die(DieShape.CIRCLE, 50, 50), 2.0), Arguments.of(die(DieShape.OVAL, 80, 40), 0.0),
                Arguments.of(die(DieShape.SCALLOPED_CIRCLE, 60, 60), 3.0),
                Arguments.of(die(DieShape.SCALLOPED_RECTANGLE, 90, 60), 1.0),
                Arguments.of(die(DieShape.TAG_END, 50, 90), 3.0), Arguments.of(traced, 0.0),
                Arguments.of(traced, 2.0));
    }

    /**
     * Against a second road: the outline as a picture of small squares, and in it the largest rectangle of squares (the
     * histogram method). A square that touches the outline is out, so that what the picture gives is a little less.
     */
    @ParameterizedTest
    @MethodSource("shapes")
    void largestRectangle_isThatOfThePicture(Die die, double border) {
        SheetSize found = die.largestRectangle(mm(border)).orElseThrow();
        double area = found.width().toMillimetres() * found.height().toMillimetres();
        double pictured = pictured(die.outline().orElseThrow(), border);
        assertTrue(area >= pictured, area + " is less than " + pictured);
        assertTrue(area <= 1.08 * pictured, area + " is too much for " + pictured);
        assertTrue(die.holds(found, mm(border)));
        assertFalse(die.holds(new SheetSize(found.width().times(2), found.height().times(2)), mm(border)));
    }

    private static double pictured(Polygon outline, double border) {
        double cell = 0.4;
        int wide = (int) (outline.getEnvelopeInternal().getWidth() / cell);
        int high = (int) (outline.getEnvelopeInternal().getHeight() / cell);
        Geometry edge = outline.getExteriorRing();
        IndexedPointInAreaLocator inside = new IndexedPointInAreaLocator(outline);
        int[] column = new int[wide];
        double best = 0;
        for (int j = 0; j < high; j++) {
            for (int i = 0; i < wide; i++) {
                Coordinate middle = new Coordinate((i + 0.5) * cell, (j + 0.5) * cell);
                boolean in = inside.locate(middle) == Location.INTERIOR
                        && edge.distance(GEOMETRY.createPoint(middle)) >= border + cell * 0.71;
                column[i] = in ? column[i] + 1 : 0;
            }
            for (int i = 0; i < wide; i++) {
                int least = Integer.MAX_VALUE;
                for (int k = i; k < wide && column[k] > 0; k++) {
                    least = Math.min(least, column[k]);
                    best = Math.max(best, (k - i + 1) * least * cell * cell);
                }
            }
        }
        return best;
    }

    @Test
    void whatIsUntold_orCutsNothingToLayOn_holdsNothing() {
        assertEquals(Optional.empty(), Die.untold(new SheetSize(mm(10), mm(10))).largestRectangle(Length.ZERO));
        for (DieShape shape : new DieShape[] {DieShape.CORNER, DieShape.HALF_CIRCLE}) {
            assertEquals(Optional.empty(), die(shape, 10, shape == DieShape.CORNER ? 10 : 5).largestCircle(mm(0)));
        }
    }

    /** A corner rounder of radius 5 takes what a quarter disc leaves of a square of 5. */
    @Test
    void smallShapes_haveTheirArea() {
        assertEquals(25 - Math.PI * 25 / 4, die(DieShape.CORNER, 10, 10).outline().orElseThrow().getArea(), 0.05);
        assertEquals(Math.PI * 100 / 2, die(DieShape.HALF_CIRCLE, 20, 10).outline().orElseThrow().getArea(), 0.2);
        assertEquals(50 * 90 - 12.5 * 12.5, die(DieShape.TAG_END, 50, 90).outline().orElseThrow().getArea(), 1e-6);
    }

    @Test
    void layerThatFitsRound_isLargerByTheBorderOnEachSide() {
        isSize(56, 46, 1e-6, die(DieShape.OVAL, 50, 40).around(mm(3)));
    }

    @Test
    void whatNoDieCuts_isRefused() {
        assertThrows(IllegalArgumentException.class, () -> die(DieShape.CIRCLE, 10, 11));
        assertThrows(IllegalArgumentException.class, () -> Die.of(DieShape.SCALLOPED_CIRCLE, mm(10), mm(10)));
        assertThrows(IllegalArgumentException.class, () -> Die.of(DieShape.TRACED, mm(10), mm(10)));
        assertThrows(IllegalArgumentException.class, () -> Die.of(DieShape.OVAL, mm(0), mm(10)));
        assertEquals(10, Arrays.stream(DieShape.values()).map(DieShape::word).distinct().count());
    }
}

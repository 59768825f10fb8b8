package cufflink.die;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import org.locationtech.jts.util.GeometricShapeFactory;

/** The outlines of dies, millimetres, their bounds from 0, 0. */
final class DieOutlines {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** Millimetres by which the chords of a circle may lie inside it. */
    private static final double CHORD = 0.005;
    private static final int FEWEST_CORNERS = 32;

    private DieOutlines() {
    }

    static Polygon of(Die die) {
        double width = die.size().width().toMillimetres();
        double height = die.size().height().toMillimetres();
        return switch (die.shape()) {
            case CIRCLE, OVAL -> ellipse(width / 2, height / 2, width, height);
            case RECTANGLE, UNTOLD -> polygon(0, 0, width, 0, width, height, 0, height);
            case TAG_END -> polygon(width / 4, 0, width * 3 / 4, 0, width, width / 4, width, height, 0, height, 0,
                    width / 4);
            case HALF_CIRCLE -> half(width, height);
            case CORNER -> corner(width);
            case SCALLOPED_CIRCLE -> scallopedCircle(width / 2, die.scallops());
            case SCALLOPED_RECTANGLE -> scallopedRectangle(width, height, die.scallops());
            case TRACED -> fitted(die.traced().orElseThrow().outline(), width, height);
        };
    }

    private static Polygon polygon(double... numbers) {
        List<Coordinate> corners = new ArrayList<>();
        for (int i = 0; i < numbers.length; i += 2) {
            corners.add(new Coordinate(numbers[i], numbers[i + 1]));
        }
        corners.add(corners.get(0));
        return GEOMETRY.createPolygon(corners.toArray(Coordinate[]::new));
    }

    private static Polygon ellipse(double x, double y, double width, double height) {
        GeometricShapeFactory shapes = new GeometricShapeFactory(GEOMETRY);
        double radius = Math.max(width, height) / 2;
        shapes.setNumPoints(Math.max(FEWEST_CORNERS,
                4 * (int) Math.ceil(Math.PI / Math.acos(1 - Math.min(1, CHORD / radius)) / 4)));
        shapes.setCentre(new Coordinate(x, y));
        shapes.setWidth(width);
        shapes.setHeight(height);
        return shapes.createEllipse();
    }

    private static Polygon half(double width, double height) {
        Geometry whole = ellipse(width / 2, 0, width, 2 * height);
        return (Polygon) whole.intersection(polygon(0, 0, width, 0, width, height, 0, height));
    }

    /** What falls off when a corner is rounded: the square of the radius without the quarter disc. */
    private static Polygon corner(double across) {
        double radius = across / 2;
        return (Polygon) polygon(0, 0, radius, 0, radius, radius, 0, radius)
                .difference(ellipse(radius, radius, across, across));
    }

    /**
     * A disc with half discs in a ring about it, each touching the next: with n of radius r on a circle of radius c, r
     * = c sin(π / n) and c + r is the whole.
     */
    private static Polygon scallopedCircle(double whole, int count) {
        double sine = Math.sin(Math.PI / count);
        double centres = whole / (1 + sine);
        List<Geometry> all = new ArrayList<>();
        Coordinate[] ring = new Coordinate[count + 1];
        for (int i = 0; i < count; i++) {
            double angle = 2 * Math.PI * i / count;
            ring[i] = new Coordinate(whole + centres * Math.cos(angle), whole + centres * Math.sin(angle));
            all.add(ellipse(ring[i].x, ring[i].y, 2 * centres * sine, 2 * centres * sine));
        }
        ring[count] = ring[0];
        all.add(GEOMETRY.createPolygon(ring));
        return (Polygon) UnaryUnionOp.union(all);
    }

    /** A rectangle with half discs along its sides, each touching the next, one on each corner. */
    private static Polygon scallopedRectangle(double width, double height, int along) {
        double radius = width / (2.0 * (along - 1) + 2);
        double inner = height - 2 * radius;
        int down = (int) Math.max(1, Math.round(inner / (2 * radius)));
        List<Geometry> all = new ArrayList<>();
        all.add(polygon(radius, radius, width - radius, radius, width - radius, height - radius, radius,
                height - radius));
        for (int i = 0; i < along; i++) {
            double x = radius + (width - 2 * radius) * i / (along - 1);
            all.add(ellipse(x, radius, 2 * radius, 2 * radius));
            all.add(ellipse(x, height - radius, 2 * radius, 2 * radius));
        }
        for (int i = 1; i < down; i++) {
            double y = radius + inner * i / down;
            double high = inner / down;
            all.add(ellipse(radius, y, 2 * radius, high));
            all.add(ellipse(width - radius, y, 2 * radius, high));
        }
        return (Polygon) UnaryUnionOp.union(all);
    }

    private static Polygon fitted(Polygon traced, double width, double height) {
        Envelope bounds = traced.getEnvelopeInternal();
        return (Polygon) AffineTransformation.translationInstance(-bounds.getMinX(), -bounds.getMinY())
                .scale(width / bounds.getWidth(), height / bounds.getHeight()).transform(traced);
    }
}

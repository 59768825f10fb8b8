package cufflink.drawing;

import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/** The length of every straight edge of a shape, beside its middle. */
final class EdgeLengths {
    /** Points from an edge to its number. */
    private static final double AWAY = 13;
    /** Millimetres; shorter edges belong to a curve. */
    private static final double SHORT = 4;

    private EdgeLengths() {
    }

    /** Labels as they are read off a ruler; {@code bounds} grows to hold them. */
    static List<Shape> of(Polygon shape, RulerStep ruler, double point, Envelope bounds) {
        List<Shape> labels = new ArrayList<>();
        Coordinate middle = shape.getCentroid().getCoordinate();
        Coordinate[] ring = shape.getExteriorRing().getCoordinates();
        for (int i = 1; i < ring.length; i++) {
            LineSegment edge = new LineSegment(ring[i - 1], ring[i]);
            if (edge.getLength() >= SHORT) {
                Coordinate left = edge.pointAlongOffset(0.5, AWAY * point);
                Coordinate right = edge.pointAlongOffset(0.5, -AWAY * point);
                Coordinate at = left.distance(middle) > right.distance(middle) ? left : right;
                String text = ruler.text(Length.nearestToMillimetres(edge.getLength()));
                labels.add(Shape.bold("", Ink.DIMENSION, at.x, at.y, text, 11));
                double half = text.length() * 3.2 * point;
                bounds.expandToInclude(at.x - half, at.y - 7 * point);
                bounds.expandToInclude(at.x + half, at.y + 7 * point);
            }
        }
        return labels;
    }
}

package cufflink.drawing;

import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/** The length of every straight edge of a shape, inside it beside the edge's middle. */
final class EdgeLengths {
    /** Points from an edge to the middle of its number, and half the width of a figure. */
    private static final double AWAY = 11;
    private static final double HALF_FIGURE = 3.1;

    private EdgeLengths() {
    }

    /** Labels as they are read off a ruler; an edge shorter than its label has none. */
    static List<Shape> of(Polygon shape, RulerStep ruler, Ink ink, double point) {
        List<Shape> labels = new ArrayList<>();
        Coordinate middle = shape.getCentroid().getCoordinate();
        Coordinate[] ring = shape.getExteriorRing().getCoordinates();
        for (int i = 1; i < ring.length; i++) {
            LineSegment edge = new LineSegment(ring[i - 1], ring[i]);
            String text = ruler.text(Length.nearestToMillimetres(edge.getLength()));
            double half = text.length() * HALF_FIGURE * point;
            if (edge.getLength() > 2 * half) {
                double away = AWAY * point + half * Math.abs(Math.sin(edge.angle()));
                Coordinate left = edge.pointAlongOffset(0.5, away);
                Coordinate right = edge.pointAlongOffset(0.5, -away);
                Coordinate at = left.distance(middle) < right.distance(middle) ? left : right;
                labels.add(Shape.bold("", ink, at.x, at.y, text, 11));
            }
        }
        return labels;
    }
}

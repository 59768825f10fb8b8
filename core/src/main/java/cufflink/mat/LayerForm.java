package cufflink.mat;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * A flat shape by the measures that it is cut with, and how it lies on its piece. A rectangle has its own width and
 * height, however it is turned; a right triangle is known by the two sides at its right angle; anything else by the
 * rectangle that it is cut from and its outline there.
 *
 * @param width   of the rectangle; of a triangle the first side at the right angle
 * @param height  of the rectangle; of a triangle the second side
 * @param shape   what is cut from the rectangle, in its own coordinates from its top left corner, millimetres; only of
 *                {@link Kind#OUTLINE}
 * @param at      the rectangle's top left corner, or the triangle's right angle, in the piece's coordinates,
 *                millimetres
 * @param turn    from the piece's x axis to the width, radians, in the sense from x to y
 * @param flipped whether the height runs to the other side of the width than x and y do
 */
public record LayerForm(Kind kind, Length width, Length height, Optional<Polygon> shape, Coordinate at, double turn,
        boolean flipped) {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** What a shape is known by. */
    public enum Kind {
        RECTANGLE("rectangle"), TRIANGLE("right triangle"), OUTLINE("outline");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        /** As written in answers. */
        public String word() {
            return word;
        }
    }

    /** The shape as it lies on its piece, rebuilt from its measures; millimetres. */
    public Polygon outline() {
        return (Polygon) placing().transform(flat());
    }

    /** The shape by itself: its width level, its height upright, from (0, 0); millimetres. */
    public Polygon flat() {
        double w = width.toMillimetres();
        double h = height.toMillimetres();
        return switch (kind) {
            case RECTANGLE -> polygon(0, 0, w, 0, w, h, 0, h);
            case TRIANGLE -> polygon(0, 0, w, 0, 0, h);
            case OUTLINE -> shape.orElseThrow();
        };
    }

    /** From the shape's own coordinates to its piece's. */
    public AffineTransformation placing() {
        double cos = turn == 0 ? 1 : Math.cos(turn);
        double sin = turn == 0 ? 0 : Math.sin(turn);
        double side = flipped ? -1 : 1;
        return new AffineTransformation(cos, -side * sin, at.x, sin, side * cos, at.y);
    }

    /** Whether its sides run along those of the piece. */
    public boolean isUpright() {
        return turn == 0;
    }

    /** The lengths of its edges in their order round the shape. */
    public List<Length> edges() {
        Coordinate[] ring = flat().getExteriorRing().getCoordinates();
        List<Length> edges = new ArrayList<>();
        for (int i = 1; i < ring.length; i++) {
            edges.add(Length.nearestToMillimetres(ring[i - 1].distance(ring[i])));
        }
        return edges;
    }

    /** Its measures as they are read, for example {@code 4 × 5 1/4 in}, with a word for what is no rectangle. */
    public String text(LengthFormat format) {
        return switch (kind) {
            case RECTANGLE -> format.size(width, height);
            case TRIANGLE -> format.size(width, height) + " at the right angle";
            case OUTLINE -> "from " + format.size(width, height);
        };
    }

    private static Polygon polygon(double... numbers) {
        Coordinate[] ring = new Coordinate[numbers.length / 2 + 1];
        for (int i = 0; i + 1 < numbers.length; i += 2) {
            ring[i / 2] = new Coordinate(numbers[i], numbers[i + 1]);
        }
        ring[ring.length - 1] = ring[0].copy();
        return FACTORY.createPolygon(ring);
    }
}

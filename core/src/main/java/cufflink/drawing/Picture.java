package cufflink.drawing;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;

/**
 * Shapes from the lowest up.
 *
 * @param bounds what is to be seen, millimetres
 * @param point  millimetres that one point of text or pen takes
 */
public record Picture(Envelope bounds, double point, List<Shape> shapes) {
    public Picture {
        bounds = new Envelope(bounds);
        shapes = List.copyOf(shapes);
    }

    public double width() {
        return bounds.getWidth();
    }

    public double height() {
        return bounds.getHeight();
    }

    /** Only the paper and its lines, for pictures too small to read. */
    public Picture withoutText() {
        return new Picture(bounds, point, shapes.stream()
                .filter(shape -> !(shape instanceof Shape.Label) && !(shape instanceof Shape.Mark)).toList());
    }

    /** This picture with more shapes on top. */
    public Picture with(List<Shape> more) {
        List<Shape> all = new ArrayList<>(shapes);
        all.addAll(more);
        return new Picture(bounds, point, all);
    }
}

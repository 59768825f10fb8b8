package cufflink.drawing;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/**
 * Turns a picture a quarter to the left, so that its top edge becomes the left one; text stays level, and lines of text
 * that belong to one thing stay below each other.
 */
public final class PictureTurn {
    private PictureTurn() {
    }

    public static Picture quarter(Picture picture) {
        Envelope box = picture.bounds();
        Map<String, Envelope> texts = new HashMap<>();
        picture.shapes().forEach(shape -> {
            if (shape instanceof Shape.Label label && !label.id().isEmpty()) {
                texts.computeIfAbsent(label.id(), id -> new Envelope()).expandToInclude(label.at().x(), label.at().y());
            }
        });
        List<Shape> turned = picture.shapes().stream().map(shape -> turn(shape, texts, box)).toList();
        return new Picture(new Envelope(0, box.getHeight(), 0, box.getWidth()), picture.point(), turned);
    }

    private static Shape turn(Shape shape, Map<String, Envelope> texts, Envelope box) {
        return shape instanceof Shape.Label label ? turn(label, texts, box) : shape.moved(spot -> turn(spot, box));
    }

    /** The middle of all the lines with the same id is turned; each keeps its place about it. */
    private static Shape turn(Shape.Label label, Map<String, Envelope> texts, Envelope box) {
        Coordinate middle = texts.containsKey(label.id()) ? texts.get(label.id()).centre()
                : new Coordinate(label.at().x(), label.at().y());
        Shape.Spot turned = turn(new Shape.Spot(middle.x, middle.y), box);
        Shape.Spot at = new Shape.Spot(turned.x() + label.at().x() - middle.x, turned.y() + label.at().y() - middle.y);
        return new Shape.Label(label.id(), label.ink(), at, label.text(), label.size(), label.anchor(), label.bold(),
                label.upright());
    }

    private static Shape.Spot turn(Shape.Spot spot, Envelope box) {
        return new Shape.Spot(spot.y() - box.getMinY(), box.getMaxX() - spot.x());
    }
}

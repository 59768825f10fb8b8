package cufflink.drawing;

import java.util.List;
import org.locationtech.jts.geom.Envelope;

/** Turns a picture a quarter to the left, so that its top edge becomes the left one; text stays level. */
public final class PictureTurn {
    private PictureTurn() {
    }

    public static Picture quarter(Picture picture) {
        Envelope box = picture.bounds();
        List<Shape> turned = picture.shapes().stream().map(shape -> turn(shape, box)).toList();
        return new Picture(new Envelope(0, box.getHeight(), 0, box.getWidth()), picture.point(), turned);
    }

    private static Shape turn(Shape shape, Envelope box) {
        if (shape instanceof Shape.Area area) {
            return area.moved(spot -> turn(spot, box));
        } else if (shape instanceof Shape.Path path) {
            return new Shape.Path(path.id(), path.ink(), path.points().stream().map(spot -> turn(spot, box)).toList());
        }
        if (shape instanceof Shape.Mark mark) {
            return new Shape.Mark(mark.id(), mark.ink(), turn(mark.at(), box), mark.text(), mark.radius(), mark.colour(), mark.edge());
        }
        Shape.Label label = (Shape.Label) shape;
        return new Shape.Label(label.id(), label.ink(), turn(label.at(), box), label.text(), label.size(), label.anchor(), label.bold(), label.upright());
    }

    private static Shape.Spot turn(Shape.Spot spot, Envelope box) {
        return new Shape.Spot(spot.y() - box.getMinY(), box.getMaxX() - spot.x());
    }
}

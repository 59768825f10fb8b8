package cufflink.crease;

import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygonal;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * Shapes laid over each other, for whatever numbers come out of sums of folds. The plain operations of the geometry
 * library fail where corners lie within rounding of other lines; this tries them first, then snaps, then rounds to a
 * grid (S. Hobby, "Practical segment intersection with finite precision output", 1999).
 */
public final class RobustOverlay {
    private RobustOverlay() {
    }

    /** What two areas share, as areas, or what of a line lies in an area. */
    public static Geometry intersection(Geometry a, Geometry b) {
        return overlay(a, b, OverlayNG.INTERSECTION);
    }

    public static Geometry union(Geometry a, Geometry b) {
        return overlay(a, b, OverlayNG.UNION);
    }

    /** What of {@code a} lies outside of {@code b}. */
    public static Geometry difference(Geometry a, Geometry b) {
        return overlay(a, b, OverlayNG.DIFFERENCE);
    }

    private static Geometry overlay(Geometry a, Geometry b, int operation) {
        return plain(a, b, operation).orElseGet(() -> full(a, b, operation));
    }

    /** What needs no looking at lines: shapes apart, and most paper is upright rectangles. */
    private static Optional<Geometry> plain(Geometry a, Geometry b, int operation) {
        if (operation == OverlayNG.UNION || a.isEmpty() || b.isEmpty()) {
            return Optional.empty();
        }
        Envelope boxA = a.getEnvelopeInternal();
        Envelope boxB = b.getEnvelopeInternal();
        boolean intersection = operation == OverlayNG.INTERSECTION;
        if (!boxA.intersects(boxB)) {
            return Optional.of(intersection ? nothing(a, b) : whole(a));
        } else if (b.isRectangle() && boxB.contains(boxA)) {
            return Optional.of(intersection ? whole(a) : nothing(a, a));
        } else if (!a.isRectangle()) {
            return Optional.empty();
        } else if (intersection && boxA.contains(boxB)) {
            return Optional.of(whole(b));
        } else if (!b.isRectangle()) {
            return Optional.empty();
        }
        Envelope common = boxA.intersection(boxB);
        boolean apart = common.getArea() == 0;
        return intersection ? Optional.of(apart ? nothing(a, b) : a.getFactory().toGeometry(common))
                : apart ? Optional.of(a) : Optional.empty();
    }

    private static Geometry nothing(Geometry a, Geometry b) {
        return a.getFactory().createEmpty(Math.min(a.getDimension(), b.getDimension()));
    }

    private static Geometry full(Geometry a, Geometry b, int operation) {
        Geometry result = OverlayNGRobust.overlay(whole(a), whole(b), operation);
        return a.getDimension() == 2 && b.getDimension() == 2 ? areas(result) : result;
    }

    /** Areas that touch in lines or corners share those, too; they are left out. */
    private static Geometry areas(Geometry shape) {
        return shape instanceof Polygonal ? shape
                : shape.getFactory().buildGeometry(PolygonExtracter.getPolygons(shape));
    }

    /** A shape that crosses itself by a rounding is mended before anything is made of it. */
    private static Geometry whole(Geometry shape) {
        Geometry valid = shape.isRectangle() || shape.isValid() ? shape : GeometryFixer.fix(shape);
        return valid.getDimension() == 2 ? areas(valid) : valid;
    }
}

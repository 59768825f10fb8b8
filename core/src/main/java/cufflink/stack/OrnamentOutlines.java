package cufflink.stack;

import cufflink.crease.CreasePattern;
import cufflink.crease.Panel;
import cufflink.design.Ornament;
import cufflink.fold.Footprints;
import cufflink.fold.RigidMotion;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.util.GeometricShapeFactory;

/** Where ornaments lie on their panels. */
public final class OrnamentOutlines {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final int CORNERS = 64;
    /** A banner is forked as deep as half its height, but by no more than this share of its width. */
    private static final double MOST_FORK = 0.2;

    private OrnamentOutlines() {
    }

    /** The outline on its panel, in the coordinates of the panel's piece, millimetres. */
    public static Polygon on(Ornament ornament, CreasePattern pattern, Panel panel) {
        Envelope host = panel.bounds();
        Polygon shape = turned(ornament);
        Envelope own = shape.getEnvelopeInternal();
        double x = place(ornament.put().across(), host.getMinX(), host.getMaxX(), own.getWidth());
        double y = place(ornament.put().down(), host.getMinY(), host.getMaxY(), own.getHeight());
        return Footprints.of((Polygon) AffineTransformation
                .translationInstance(x - own.getMinX(), y - own.getMinY()).transform(shape),
                seen(ornament, pattern, panel));
    }

    /** From the panel seen with the ornament's face up to its piece, and back. */
    static RigidMotion seen(Ornament ornament, CreasePattern pattern, Panel panel) {
        return ornament.face() == pattern.up() ? RigidMotion.STAY : RigidMotion.mirrorAt(panel.bounds().centre().x);
    }

    /** Where the low side of something lies between two ends. */
    public static double place(Ornament.Along along, double low, double high, double size) {
        double by = along.by().toMillimetres();
        return switch (along.from()) {
            case START -> low + by;
            case MIDDLE -> (low + high - size) / 2 + by;
            case END -> high - by - size;
        };
    }

    /** By itself, turned as it will lie; where is not told. */
    public static Polygon turned(Ornament ornament) {
        return (Polygon) AffineTransformation.rotationInstance(Math.toRadians(ornament.put().turn()))
                .transform(shape(ornament.form()));
    }

    private static Polygon shape(Ornament.Form form) {
        double w = form.width().toMillimetres();
        double h = form.height().toMillimetres();
        GeometricShapeFactory shapes = new GeometricShapeFactory(FACTORY);
        shapes.setEnvelope(new Envelope(0, w, 0, h));
        shapes.setNumPoints(CORNERS);
        return switch (form.shape()) {
            case RECTANGLE -> (Polygon) FACTORY.toGeometry(new Envelope(0, w, 0, h));
            case CIRCLE, OVAL -> shapes.createEllipse();
            case BANNER -> banner(w, h);
            case PATH -> path(form.traced().orElseThrow().outline(), w, h);
        };
    }

    private static Polygon banner(double w, double h) {
        double fork = Math.min(h / 2, w * MOST_FORK);
        return FACTORY.createPolygon(List.of(new Coordinate(0, 0), new Coordinate(w, 0),
                new Coordinate(w - fork, h / 2), new Coordinate(w, h), new Coordinate(0, h),
                new Coordinate(fork, h / 2),
                new Coordinate(0, 0)).toArray(new Coordinate[0]));
    }

    private static Polygon path(Polygon outline, double w, double h) {
        Envelope box = outline.getEnvelopeInternal();
        return (Polygon) AffineTransformation.translationInstance(-box.getMinX(), -box.getMinY())
                .scale(w / box.getWidth(), h / box.getHeight()).transform(outline);
    }
}

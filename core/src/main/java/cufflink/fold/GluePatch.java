package cufflink.fold;

import cufflink.crease.Panel;
import cufflink.design.Side;
import cufflink.design.SizedDesign.Glue;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * Where a joint takes glue: strips along the edges that are glued, as far as the two panels lie on each other; what reaches past the other panel must stay dry.
 *
 * @param part   outline of the part as it lies, in the coordinates of the piece that it is put on, millimetres
 * @param glued  strips that take glue
 * @param dry    what of the part lies beside the other panel
 */
public record GluePatch(Polygon part, List<Polygon> glued, List<Polygon> dry) {
    /** Width of a strip of glue, millimetres: 1/4 in (common practice). */
    private static final double STRIP = 6.35;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    public GluePatch {
        glued = List.copyOf(glued);
        dry = List.copyOf(dry);
    }

    /** The glue of one joint of an assembly. */
    public static GluePatch of(Assembly assembly, Join join, Glue glue) {
        Panel part = assembly.panel(join.part());
        RigidMotion place = join.place().orElse(RigidMotion.STAY);
        Polygon lying = Footprints.of(part.outline(), place);
        Polygon host = join.place().isPresent() ? assembly.panel(join.onto()).outline() : lying;
        List<Polygon> glued = new ArrayList<>();
        for (Side side : glue.edges()) {
            Geometry strip = part.outline().intersection(FACTORY.toGeometry(strip(part.bounds(), side)));
            polygons(strip).forEach(piece -> glued.addAll(polygons(Footprints.of(piece, place).intersection(host))));
        }
        return new GluePatch(lying, glued, polygons(lying.difference(host)).stream().filter(rest -> rest.getArea() > 1).toList());
    }

    private static Envelope strip(Envelope box, Side side) {
        double w = Math.min(STRIP, box.getWidth() / 3);
        double h = Math.min(STRIP, box.getHeight() / 3);
        return switch (side) {
            case LEFT -> new Envelope(box.getMinX(), box.getMinX() + w, box.getMinY(), box.getMaxY());
            case RIGHT -> new Envelope(box.getMaxX() - w, box.getMaxX(), box.getMinY(), box.getMaxY());
            case TOP -> new Envelope(box.getMinX(), box.getMaxX(), box.getMinY(), box.getMinY() + h);
            case BOTTOM -> new Envelope(box.getMinX(), box.getMaxX(), box.getMaxY() - h, box.getMaxY());
        };
    }

    private static List<Polygon> polygons(Geometry geometry) {
        List<Polygon> polygons = new ArrayList<>();
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            if (geometry.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
                polygons.add(polygon);
            }
        }
        return polygons;
    }
}

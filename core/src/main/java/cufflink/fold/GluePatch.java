package cufflink.fold;

import cufflink.crease.Panel;
import cufflink.crease.RobustOverlay;
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
 * @param strips the glue along each edge
 * @param dry    what of the part lies beside the other panel
 */
public record GluePatch(Polygon part, List<Strip> strips, List<Polygon> dry) {
    /** Width of a strip of glue, millimetres: 1/4 in (common practice). */
    private static final double STRIP = 6.35;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    /**
     * The glue along one edge.
     *
     * @param edge  of the part as its own piece lies flat
     * @param share of the edge that lies on the other panel, 0 to 1
     * @param areas that take glue
     */
    public record Strip(Side edge, double share, List<Polygon> areas) {
        public Strip {
            areas = List.copyOf(areas);
        }
    }

    public GluePatch {
        strips = List.copyOf(strips);
        dry = List.copyOf(dry);
    }

    /** All that takes glue. */
    public List<Polygon> glued() {
        return strips.stream().flatMap(strip -> strip.areas().stream()).toList();
    }

    /** The glue of one joint of an assembly. */
    public static GluePatch of(Assembly assembly, Join join, Glue glue) {
        Panel part = assembly.panel(join.part());
        RigidMotion place = join.place().orElse(RigidMotion.STAY);
        Polygon lying = Footprints.of(part.outline(), place);
        Polygon host = join.place().isPresent() ? assembly.panel(join.onto()).outline() : lying;
        List<Strip> glued = new ArrayList<>();
        for (Side side : glue.edges()) {
            Geometry strip = RobustOverlay.intersection(part.outline(), FACTORY.toGeometry(strip(part.bounds(), side)));
            List<Polygon> areas = polygons(strip).stream().flatMap(piece -> polygons(RobustOverlay.intersection(Footprints.of(piece, place), host)).stream()).toList();
            glued.add(new Strip(side, share(part, side, place, host), areas));
        }
        return new GluePatch(lying, glued, polygons(RobustOverlay.difference(lying, host)).stream().filter(rest -> rest.getArea() > 1).toList());
    }

    /** How much of an edge lies on the other panel, its ends left out: there the strips of the neighbouring edges lie. */
    private static double share(Panel part, Side side, RigidMotion place, Polygon host) {
        Envelope middle = strip(part.bounds(), side);
        boolean upright = side == Side.LEFT || side == Side.RIGHT;
        middle.expandBy(upright ? 0 : -Math.min(STRIP, middle.getWidth() / 3), upright ? -Math.min(STRIP, middle.getHeight() / 3) : 0);
        Geometry strip = RobustOverlay.intersection(part.outline(), FACTORY.toGeometry(middle));
        double lying = polygons(strip).stream().mapToDouble(piece -> RobustOverlay.intersection(Footprints.of(piece, place), host).getArea()).sum();
        return strip.getArea() > 0 ? lying / strip.getArea() : 0;
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

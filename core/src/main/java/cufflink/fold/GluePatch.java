package cufflink.fold;

import cufflink.crease.Panel;
import cufflink.crease.RobustOverlay;
import cufflink.design.Side;
import cufflink.design.SizedDesign.Glue;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

/**
 * Where a joint takes glue: strips along the edges that are glued, as far as the two panels lie on each other; what
 * reaches past the other panel must stay dry.
 *
 * @param part   outline of the part as it lies, in the coordinates of the piece that it is put on, millimetres
 * @param strips the glue along each edge
 * @param dry    what of the part lies beside the other panel
 */
public record GluePatch(Polygon part, List<Strip> strips, List<Polygon> dry) {
    /** Width of a strip of glue, millimetres: 1/4 in (common practice). */
    private static final double STRIP = 6.35;
    /**
     * Shares of an edge at either end that are left out, and of the way to the middle by which it is looked at inside
     * the paper.
     */
    private static final double ENDS = 1.0 / 6;
    private static final double INSET = 0.02;
    /** An edge faces a side if its normal is turned from it by less than 45°. */
    private static final double FACES = Math.cos(Math.toRadians(44.9));
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
        boolean allRound = glue.edges().glued().size() == Side.values().length && !part.outline().isRectangle();
        for (Side side : glue.edges().glued()) {
            List<Polygon> strips = !allRound ? strip(part, side) : glued.isEmpty() ? ring(part) : List.of();
            List<Polygon> areas = strips.stream()
                    .flatMap(piece -> polygons(RobustOverlay.intersection(Footprints.of(piece, place), host)).stream())
                    .toList();
            glued.add(new Strip(side, share(part, side, place, host), areas));
        }
        return new GluePatch(lying, glued,
                polygons(RobustOverlay.difference(lying, host)).stream().filter(rest -> rest.getArea() > 1).toList());
    }

    /** The strip of glue all round a panel of any outline. */
    private static List<Polygon> ring(Panel part) {
        double width = Math.min(STRIP, Math.min(part.bounds().getWidth(), part.bounds().getHeight()) / 3);
        return polygons(RobustOverlay.difference(part.outline(), part.outline().buffer(-width)));
    }

    /**
     * The strip of glue along an edge of a panel, in its own coordinates: along that side of its bounds, or, where its
     * outline slants there, along what of the outline faces that side.
     */
    static List<Polygon> strip(Panel part, Side side) {
        List<LineSegment> facing = facing(part, side);
        boolean slants = facing.stream().anyMatch(edge -> edge.p0.x != edge.p1.x && edge.p0.y != edge.p1.y);
        Geometry along = slants
                ? facing.stream().<Geometry>map(edge -> inside(edge, part)).reduce(RobustOverlay::union).orElseThrow()
                : FACTORY.toGeometry(strip(part.bounds(), side));
        return polygons(RobustOverlay.intersection(part.outline(), along));
    }

    /** The straight edges that face a side; those of a notch are too short to be glued. */
    private static List<LineSegment> facing(Panel part, Side side) {
        Coordinate[] ring = part.outline().getExteriorRing().getCoordinates();
        boolean turnsLeft = Orientation.isCCW(ring);
        List<LineSegment> facing = new ArrayList<>();
        for (int i = 0; i + 1 < ring.length; i++) {
            LineSegment edge = new LineSegment(ring[i], ring[i + 1]);
            double across = (turnsLeft ? 1 : -1) * (edge.p1.y - edge.p0.y) / edge.getLength();
            double up = (turnsLeft ? -1 : 1) * (edge.p1.x - edge.p0.x) / edge.getLength();
            if (edge.getLength() > STRIP && across * side.x() + up * side.y() > FACES) {
                facing.add(edge);
            }
        }
        return facing;
    }

    /** A strip as wide as glue along an edge, towards the middle of its panel. */
    private static Polygon inside(LineSegment edge, Panel part) {
        double width = Math.min(STRIP, Math.min(part.bounds().getWidth(), part.bounds().getHeight()) / 3);
        double way = Math.signum(edge.orientationIndex(part.outline().getInteriorPoint().getCoordinate())) * width;
        Coordinate from = edge.pointAlongOffset(0, way);
        Coordinate to = edge.pointAlongOffset(1, way);
        return FACTORY.createPolygon(new Coordinate[] {edge.p0, edge.p1, to, from, edge.p0});
    }

    /**
     * How much of an edge lies on the other panel, its ends left out: there the strips of the neighbouring edges lie.
     */
    private static double share(Panel part, Side side, RigidMotion place, Polygon host) {
        LineSegment edge = Footprints.side(part.bounds(), side);
        Coordinate centre = part.bounds().centre();
        LineSegment inside = new LineSegment(towards(edge.pointAlong(ENDS), centre),
                towards(edge.pointAlong(1 - ENDS), centre));
        Geometry paper = RobustOverlay.intersection(line(inside), part.outline());
        LineSegment lying = Footprints.of(inside, place);
        Geometry on = RobustOverlay.intersection(line(lying),
                RobustOverlay.intersection(Footprints.of(part.outline(), place), host));
        return paper.getLength() > 0 ? on.getLength() / paper.getLength() : 0;
    }

    private static Coordinate towards(Coordinate at, Coordinate centre) {
        return new LineSegment(at, centre).pointAlong(INSET);
    }

    private static LineString line(LineSegment segment) {
        return FACTORY.createLineString(new Coordinate[] {segment.p0, segment.p1});
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

package cufflink.drawing;

import cufflink.drawing.Shape.Spot;
import cufflink.paper.FacePicture;
import cufflink.paper.Stock;
import cufflink.paper.Swatch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * Draws what is printed on a paper over its colour: the picture of it, or its pattern as a sign of it. It is laid out
 * on the paper, in millimetres from a corner, and seen wherever the paper is.
 */
final class PrintDrawing {
    /** Millimetres from one stripe or dot to the next. */
    private static final double STEP = 14;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final PreparedGeometry region;
    private final Envelope bounds;
    private final Function<Coordinate, Spot> seen;
    private final Optional<String> colour;
    private final List<Shape> shapes = new ArrayList<>();

    private PrintDrawing(Polygon region, Function<Coordinate, Spot> seen, String colour) {
        this.region = PreparedGeometryFactory.prepare(region);
        this.bounds = region.getEnvelopeInternal();
        this.seen = seen;
        this.colour = Optional.of(colour);
    }

    /**
     * What shows of the print.
     *
     * @param face   whether that side is seen which is used as the outside
     * @param region the part of the paper that is drawn, millimetres, with the top of the pattern towards smaller y
     * @param seen   where a point of the paper comes to in the picture; takes a pattern's square to a parallelogram
     * @param light  how light it is drawn, 1 for as it is
     */
    static List<Shape> draw(Stock paper, boolean face, Polygon region, Function<Coordinate, Spot> seen, double light) {
        if (!paper.print().isOn(face)) {
            return List.of();
        }
        String ground = face ? paper.face() : paper.back();
        if (paper.print().picture().isPresent()) {
            return List.of(textured(paper.print().picture().get(), ground, region, seen));
        }
        String sign = Colours.isLight(ground) ? Colours.shade(ground, 0.84) : Colours.tint(ground, 0.3);
        PrintDrawing drawing = new PrintDrawing(region, seen, Colours.shade(sign, light));
        drawing.draw(paper.print().swatch());
        return drawing.shapes;
    }

    private static Shape textured(FacePicture picture, String ground, Polygon region, Function<Coordinate, Spot> seen) {
        double width = picture.width().toMillimetres();
        double height = picture.height().toMillimetres();
        // The tile at the region's corner: a panel that twists is nearly plane there.
        double x = Math.floor(region.getEnvelopeInternal().getMinX() / width) * width;
        double y = Math.floor(region.getEnvelopeInternal().getMinY() / height) * height;
        Shape.Texture texture = new Shape.Texture(picture, seen.apply(new Coordinate(x, y)),
                seen.apply(new Coordinate(x + width, y)), seen.apply(new Coordinate(x, y + height)));
        return new Shape.Area("", Ink.PAPER, Outlines.corners(region.getExteriorRing()).stream().map(seen).toList(),
                Outlines.holes(region).stream().map(hole -> hole.stream().map(seen).toList()).toList(),
                Optional.of(ground), Optional.empty(), Optional.of(texture));
    }

    private void draw(Swatch swatch) {
        switch (swatch) {
            case PLAIN -> {}
            case STRIPES -> stripes(true);
            case CHECKS -> {
                stripes(true);
                stripes(false);
            }
            case DOTS -> spots(8, 1, STEP / 5);
            case STARS -> spots(10, 0.42, STEP / 2.6);
        }
    }

    private void stripes(boolean upright) {
        double from = upright ? bounds.getMinX() : bounds.getMinY();
        double to = upright ? bounds.getMaxX() : bounds.getMaxY();
        for (double at = (Math.floor(from / STEP) + 0.5) * STEP; at < to; at += STEP) {
            double end = at + STEP / 3.5;
            add((Polygon) FACTORY.toGeometry(upright ? new Envelope(at, end, bounds.getMinY(), bounds.getMaxY())
                    : new Envelope(bounds.getMinX(), bounds.getMaxX(), at, end)));
        }
    }

    /** Regular figures in rows set off against each other; every second corner lies nearer to the middle for a star. */
    private void spots(int corners, double inner, double radius) {
        int row = (int) Math.floor(bounds.getMinY() / STEP) - 1;
        for (; row * STEP - radius < bounds.getMaxY(); row++) {
            int column = (int) Math.floor(bounds.getMinX() / STEP) - 1;
            for (; column * STEP - radius < bounds.getMaxX(); column++) {
                double x = STEP * (column + (row % 2 == 0 ? 0.7 : 0.2));
                double y = STEP * (row + 0.7);
                Coordinate[] ring = IntStream.rangeClosed(0, corners).mapToObj(i -> {
                    double angle = Math.PI * 2 * (i % corners) / corners - Math.PI / 2;
                    double reach = i % 2 == 0 ? radius : radius * inner;
                    return new Coordinate(x + Math.cos(angle) * reach, y + Math.sin(angle) * reach);
                }).toArray(Coordinate[]::new);
                add(FACTORY.createPolygon(ring));
            }
        }
    }

    /** What of a figure lies on the region. */
    private void add(Polygon figure) {
        if (region.covers(figure)) {
            show(figure);
        } else if (region.intersects(figure)) {
            Geometry part = OverlayNGRobust.overlay(region.getGeometry(), figure, OverlayNG.INTERSECTION);
            for (int i = 0; i < part.getNumGeometries(); i++) {
                if (part.getGeometryN(i) instanceof Polygon polygon) {
                    show(polygon);
                }
            }
        }
    }

    private void show(Polygon figure) {
        shapes.add(new Shape.Area("", Ink.PAPER, Outlines.corners(figure.getExteriorRing()).stream().map(seen).toList(),
                Outlines.holes(figure).stream().map(hole -> hole.stream().map(seen).toList()).toList(), colour,
                Optional.empty()));
    }
}

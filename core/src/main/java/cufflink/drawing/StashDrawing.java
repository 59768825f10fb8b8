package cufflink.drawing;

import cufflink.measure.LengthFormat;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import cufflink.paper.Weight;
import cufflink.stash.StashPaper;
import cufflink.stash.StashPunch;
import cufflink.stash.StashRibbon;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * Draws papers of the stash, all to one scale: colour and pattern, the way the pattern stands, the grain, and a second
 * edge where there is more than one sheet.
 */
public final class StashDrawing {
    /** Points around the largest sheet, for the figures of its sides. */
    private static final double MARGIN = 16;

    private StashDrawing() {
    }

    /** A plain rectangle of a size, to be drawn among the papers: an envelope, what a punch cuts. */
    public static StashPaper plain(String name, SheetSize size, String colour) {
        return StashPaper.sheets(new Stock(name, size.width(), size.height(), Weight.gsm(120), Optional.empty(), colour,
                colour, false, Stock.Grain.UNKNOWN), 1);
    }

    /** A ribbon, to the scale of the papers, from edge to edge: how much is left of it is not drawn. */
    public static Picture ribbon(StashRibbon ribbon, SheetSize room, LengthFormat format, double point) {
        double across = Math.max(room.width().toMillimetres(), room.height().toMillimetres());
        double margin = MARGIN * point;
        double width = ribbon.width().toMillimetres();
        double y = (across - width) / 2;
        List<Shape> shapes = List.of(
                Shape.rectangle("ribbon", Ink.PAPER, 0, y, across, width, Optional.of(ribbon.colour()),
                        Optional.of(Ink.PAPER_EDGE)),
                Shape.text("width", Ink.TEXT, across / 2, y + width + 10 * point,
                        format.number(ribbon.width()) + " wide", 11));
        return new Picture(new Envelope(-margin, across + margin, -margin / 2, across + margin), point, shapes);
    }

    /** What a punch or a die cuts, to one scale with the others; its bounds where the shape is not told. */
    public static Picture die(StashPunch punch, SheetSize room, LengthFormat format, double point) {
        double across = Math.max(room.width().toMillimetres(), room.height().toMillimetres());
        double margin = MARGIN * point;
        double width = punch.cuts().width().toMillimetres();
        double height = punch.cuts().height().toMillimetres();
        double x = (across - width) / 2;
        double y = across - height;
        Geometry outline = punch.die().outline().map(polygon -> (Geometry) polygon)
                .orElseGet(() -> new GeometryFactory().toGeometry(new Envelope(0, width, 0, height)));
        List<Shape.Spot> spots = Arrays.stream(outline.getCoordinates())
                .map(corner -> new Shape.Spot(x + corner.x, y + corner.y)).toList();
        boolean told = punch.die().outline().isPresent();
        List<Shape> shapes = List.of(
                new Shape.Area("die", told ? Ink.PAPER : Ink.WASTE, spots,
                        told ? Optional.of("#FFFFFF") : Optional.empty(), Optional.of(Ink.PAPER_EDGE)),
                Shape.text("width", Ink.TEXT, across / 2, across + 8 * point, format.number(punch.cuts().width()), 11),
                new Shape.Label("height", Ink.TEXT, new Shape.Spot(x - 9 * point, y + height / 2),
                        format.number(punch.cuts().height()), 11, Shape.Anchor.MIDDLE, false, true));
        return new Picture(new Envelope(-margin, across + margin, -margin / 2, across + margin), point, shapes);
    }

    /**
     * One paper.
     *
     * @param room  the largest sheet that is to be drawn at this scale
     * @param point millimetres a point
     */
    public static Picture draw(StashPaper paper, SheetSize room, LengthFormat format, double point) {
        double width = paper.size().width().toMillimetres();
        double height = paper.size().height().toMillimetres();
        double across = Math.max(room.width().toMillimetres(), room.height().toMillimetres());
        double margin = MARGIN * point;
        double x = (across - width) / 2;
        double y = across - height;
        List<Shape> shapes = new ArrayList<>();
        Ink edge = Colours.isLight(paper.stock().face()) ? Ink.PAPER_EDGE : Ink.DARK_PAPER_EDGE;
        for (int below = Math.min(2, paper.count() - 1); below > 0; below--) {
            shapes.add(Shape.rectangle("", Ink.PAPER, x + 3 * below * point, y - 3 * below * point, width, height,
                    Optional.of(paper.stock().face()), Optional.of(edge)));
        }
        String face = paper.count() == 0 ? Ink.CAPTION.colour() : paper.stock().face();
        shapes.add(Shape.rectangle("paper", Ink.PAPER, x, y, width, height, Optional.of(face), Optional.of(edge)));
        if (paper.count() > 0) {
            shapes.addAll(PrintDrawing.draw(paper.stock(), true,
                    (Polygon) new GeometryFactory().toGeometry(new Envelope(0, width, 0, height)),
                    spot -> new Shape.Spot(x + spot.x, y + spot.y), 1));
            signs(paper.stock(), x, y, width, height, point, shapes);
        } else {
            shapes.add(Shape.rectangle("none", Ink.WASTE, x, y, width, height, Optional.empty(), Optional.empty()));
        }
        shapes.add(Shape.text("width", Ink.TEXT, x + width / 2, across + 8 * point, format.number(paper.size().width()),
                11));
        shapes.add(new Shape.Label("height", Ink.TEXT, new Shape.Spot(x - 9 * point, y + height / 2),
                format.number(paper.size().height()), 11, Shape.Anchor.MIDDLE, false, true));
        return new Picture(new Envelope(-margin, across + margin, -margin / 2, across + margin), point, shapes);
    }

    /** The grain as a line with two arrowheads, the pattern's top as an arrow. */
    private static void signs(Stock stock, double x, double y, double width, double height, double point,
            List<Shape> shapes) {
        Ink ink = Colours.isLight(stock.face()) ? Ink.TICK : Ink.RULER;
        double reach = Math.min(width, height) * 0.3;
        double mx = x + width / 2;
        double my = y + height / 2;
        if (stock.grain() == Stock.Grain.ALONG_HEIGHT) {
            doubleArrow(ink, mx, my - reach, mx, my + reach, point, shapes);
        } else if (stock.grain() == Stock.Grain.ALONG_WIDTH) {
            doubleArrow(ink, mx - reach, my, mx + reach, my, point, shapes);
        }
        if (stock.directional()) {
            double head = 5 * point;
            double top = y + 5 * point;
            double left = x + 9 * point;
            Optional<Ink> edge = Optional.of(ink);
            shapes.add(new Shape.Area("top", Ink.NOW,
                    List.of(new Shape.Spot(left, top), new Shape.Spot(left - head, top + 2 * head),
                            new Shape.Spot(left + head, top + 2 * head)),
                    Optional.of(ink.colour()), edge));
        }
    }

    private static void doubleArrow(Ink ink, double x1, double y1, double x2, double y2, double point,
            List<Shape> shapes) {
        shapes.add(Shape.line("grain", ink, x1, y1, x2, y2));
        double length = Math.hypot(x2 - x1, y2 - y1);
        double ux = (x2 - x1) / length * 5 * point;
        double uy = (y2 - y1) / length * 5 * point;
        for (int end = 0; end < 2; end++) {
            double sign = end == 0 ? 1 : -1;
            double x = end == 0 ? x1 : x2;
            double y = end == 0 ? y1 : y2;
            shapes.add(new Shape.Path("grain", ink,
                    List.of(new Shape.Spot(x + sign * ux + uy * 0.5, y + sign * uy - ux * 0.5), new Shape.Spot(x, y),
                            new Shape.Spot(x + sign * ux - uy * 0.5, y + sign * uy + ux * 0.5))));
        }
    }
}

package cufflink.drawing;

import cufflink.cut.Cut;
import cufflink.cut.Half;
import cufflink.cut.Placement;
import cufflink.cut.SheetLayout;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;

/** Draws a sheet with the pieces on it, its cuts numbered in the order of work, and the waste hatched. */
public final class SheetDrawing {
    /** The radius of a cut's number, points. */
    private static final double MARK = 8;
    /** Points beyond the end of a cut at which its number still lies in the picture. */
    private static final double BEYOND = 20;
    /** Points that a line of text takes. */
    private static final double LINE = 14;

    private SheetDrawing() {
    }

    /**
     * The sheet.
     *
     * @param now    number of the cut that is to be made; 0 for none
     * @param colour of the paper
     * @param point  millimetres a point
     */
    public static Picture draw(SheetLayout layout, int now, String colour, LengthFormat format, double point) {
        List<Shape> shapes = new ArrayList<>();
        double width = layout.stock().width().toMillimetres();
        double height = layout.stock().height().toMillimetres();
        shapes.add(Shape.rectangle("sheet", Ink.PAPER, 0, 0, width, height, Optional.of("#F4F6F5"), Optional.empty()));
        shapes.add(Shape.rectangle("waste", Ink.WASTE, 0, 0, width, height, Optional.empty(), Optional.of(Ink.CUT)));
        List<Shape.Label> names = new ArrayList<>();
        for (Placement placement : layout.placements()) {
            piece(shapes, names, placement, colour, format, point);
        }
        layout.cuts().stream().filter(cut -> cut.number() == now).forEach(cut -> shapes.add(part(cut)));
        LabelRoom room = new LabelRoom(names, point);
        LabelRoom marks = new LabelRoom(List.of(), point);
        layout.cuts().stream().sorted(Comparator.comparing(cut -> cut.number() != now))
                .forEach(cut -> cut(shapes, cut, now, room, marks));
        shapes.addAll(LabelRoom.apart(names, marks::isFree, point));
        Envelope bounds = new Envelope(0, width, 0, height);
        return new Picture(bounds, point, shapes);
    }

    private static void piece(List<Shape> shapes, List<Shape.Label> names, Placement placement, String colour,
            LengthFormat format,
            double point) {
        double x = placement.x().toMillimetres();
        double y = placement.y().toMillimetres();
        double w = placement.width().toMillimetres();
        double h = placement.height().toMillimetres();
        Ink ink = Colours.isLight(colour) ? Ink.TEXT : Ink.CAPTION;
        shapes.add(Shape.rectangle(placement.piece(), Ink.PAPER, x, y, w, h, Optional.of(colour),
                Optional.of(edge(colour))));
        if (placement.half() != Half.WHOLE) {
            boolean falling = placement.half() == Half.FALLING;
            shapes.add(Shape.line("diagonal", Ink.BLADE, x, falling ? y : y + h, x + w, falling ? y + h : y));
        }
        boolean upright = w < placement.label().length() * 5.6 * point && h > w;
        double lines = (upright ? w : h) / point / LINE;
        double apart = lines < 2 ? 0 : 7.5 * point;
        double dx = upright ? apart : 0;
        double dy = upright ? 0 : apart;
        String size = format.size(placement.turned() ? placement.height() : placement.width(),
                placement.turned() ? placement.width() : placement.height());
        double room = (upright ? h : w) / (6.0 * point);
        boolean named = lines >= 1 && room >= placement.label().length();
        if (named) {
            names.add(new Shape.Label(placement.piece(), ink, new Shape.Spot(x + w / 2 - dx, y + h / 2 - dy),
                    placement.label(), 11, Shape.Anchor.MIDDLE, true, upright));
        }
        if (room >= size.length() * 0.95 && lines >= (named ? 2 : 1)) {
            names.add(new Shape.Label(placement.piece(), ink, new Shape.Spot(x + w / 2 + dx, y + h / 2 + dy), size, 11,
                    Shape.Anchor.MIDDLE, false, upright));
        }
    }

    /** Round the part that a cut divides. */
    private static Shape part(Cut cut) {
        double x = cut.x().toMillimetres();
        double y = cut.y().toMillimetres();
        double right = x + cut.width().toMillimetres();
        double bottom = y + cut.height().toMillimetres();
        return new Shape.Path("part", Ink.NOW, List.of(new Shape.Spot(x, y), new Shape.Spot(right, y),
                new Shape.Spot(right, bottom), new Shape.Spot(x, bottom), new Shape.Spot(x, y)));
    }

    /** An edge that is seen on the paper and on a dark ground. */
    private static Ink edge(String colour) {
        return Colours.isLight(colour) ? Ink.CUT : Ink.DARK_PAPER_EDGE;
    }

    private static void cut(List<Shape> shapes, Cut cut, int now, LabelRoom room,
            LabelRoom marks) {
        double x = cut.x().plus(cut.upright() ? cut.at() : Length.ZERO).toMillimetres();
        double y = cut.y().plus(cut.upright() ? Length.ZERO : cut.at()).toMillimetres();
        double x2 = cut.upright() ? x : x + cut.width().toMillimetres();
        double y2 = cut.upright() ? y + cut.height().toMillimetres() : y;
        String id = "cut " + cut.number();
        boolean isNow = cut.number() == now;
        if (isNow) {
            shapes.add(Shape.line(id, Ink.HIGHLIGHT, x, y, x2, y2));
        }
        shapes.add(Shape.line(id, Ink.BLADE, x, y, x2, y2));
        Shape.Spot from = new Shape.Spot(x, y);
        Shape.Spot to = new Shape.Spot(x2, y2);
        // Cuts side by side are numbered at three heights in turn, which are easier to tell apart.
        List<Shape.Spot> places = new ArrayList<>(room.along(from, to, 14, 22));
        Collections.rotate(places, -Math.min(cut.number() % 3, places.size() - 1));
        Optional<Shape.Spot> free = room.free(places, MARK).or(() -> marks.free(places, MARK))
                .or(() -> marks.free(room.along(from, to, MARK, 4), MARK))
                .or(() -> marks.free(room.beyond(from, to, MARK + 2), MARK))
                .or(() -> marks.free(room.beyond(from, to, BEYOND), MARK));
        if (free.isEmpty() && now > 0 && !isNow) {
            return; // where one cut is to be made, the numbers of others may be left out
        }
        Shape.Spot mark = free.orElse(places.get(0));
        room.take(mark, MARK);
        marks.take(mark, MARK);
        shapes.add(new Shape.Mark(id, isNow ? Ink.TEXT : Ink.BLADE, mark, String.valueOf(cut.number()), MARK,
                isNow ? Ink.NOW.colour() : Ink.PAPER.colour(), Ink.BLADE));
    }
}

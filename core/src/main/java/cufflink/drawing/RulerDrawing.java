package cufflink.drawing;

import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Draws a ruler along the top or left edge: long ticks at whole units, shorter ones at halves and so on, as on the
 * maker's own.
 */
public final class RulerDrawing {
    private static final double DEPTH = 30;

    private RulerDrawing() {
    }

    /** Depth of the ruler in points. */
    public static double depth() {
        return DEPTH;
    }

    /**
     * A ruler lying outside the edge at 0.
     *
     * @param upright whether it runs down the left edge
     * @param length  to draw, millimetres
     * @param pins    positions that need room: figures nearer than a figure's width to one are left out
     * @param point   millimetres a point
     */
    public static List<Shape> draw(RulerStep step, boolean upright, double length, List<Length> pins, double point) {
        List<Shape> shapes = new ArrayList<>();
        double depth = DEPTH * point;
        shapes.add(upright
                ? Shape.rectangle("ruler", Ink.RULER, -depth, 0, depth, length, Optional.empty(), Optional.empty())
                : Shape.rectangle("ruler", Ink.RULER, 0, -depth, length, depth, Optional.empty(), Optional.empty()));
        double unit = step.unit() == LengthUnit.INCH ? 25.4 : 10;
        int parts = step.unit() == LengthUnit.INCH
                ? (int) Math.round(unit / Math.max(step.length().toMillimetres(), 25.4 / 16)) : 10;
        while (unit / parts < 2.4 * point && parts > 1) {
            parts = step.unit() == LengthUnit.INCH ? parts / 2 : parts == 10 ? 2 : 1;
        }
        int ticks = (int) Math.floor(length / unit * parts + 1e-6);
        for (int i = 0; i <= ticks; i++) {
            double at = i * unit / parts;
            double tick = tick(i, parts) * point;
            shapes.add(upright ? Shape.line("ruler", Ink.TICK, -tick, at, 0, at)
                    : Shape.line("ruler", Ink.TICK, at, -tick, at, 0));
            if (i % parts == 0) {
                figure(shapes, step, upright, i / parts, at, pins, point, unit);
            }
        }
        return shapes;
    }

    private static double tick(int index, int parts) {
        if (index % parts == 0) {
            return 14;
        }
        int size = parts;
        double tick = 14;
        while (size > 1 && size % 2 == 0) {
            size /= 2;
            tick = Math.max(4, tick - 2.8);
            if (index % size == 0) {
                return tick;
            }
        }
        return 4;
    }

    private static void figure(List<Shape> shapes, RulerStep step, boolean upright, int unitCount, double at,
            List<Length> pins, double point, double unit) {
        int every = Math.max(1, (int) Math.ceil(20 * point / unit));
        boolean hidden = pins.stream().anyMatch(pin -> Math.abs(pin.toMillimetres() - at) < 33 * point);
        if (unitCount == 0 || unitCount % every != 0 || hidden && !upright) {
            return;
        }
        String text = String.valueOf(step.unit() == LengthUnit.INCH ? unitCount : unitCount * 10);
        shapes.add(upright ? Shape.text("ruler", Ink.TEXT, -21 * point, at, text, 9.5)
                : Shape.text("ruler", Ink.TEXT, at, -21 * point, text, 9.5));
    }

    /** A pin on the top ruler with its number, pointing at its line. */
    public static List<Shape> pin(String id, Length at, String number, Ink ink, boolean now, double point) {
        double x = at.toMillimetres();
        double half = (8 + 2.9 * Math.max(2, number.length())) * point;
        double top = -(DEPTH + 4) * point;
        Ink fill = now ? Ink.NOW : ink;
        Shape.Area body = new Shape.Area(id, Ink.NOW,
                List.of(new Shape.Spot(x - half, top), new Shape.Spot(x + half, top),
                        new Shape.Spot(x + half, -11 * point),
                        new Shape.Spot(x + 6 * point, -11 * point), new Shape.Spot(x, 0),
                        new Shape.Spot(x - 6 * point, -11 * point), new Shape.Spot(x - half, -11 * point)),
                Optional.of(fill.colour()), Optional.empty());
        return List.of(body, Shape.bold(id, now ? Ink.TEXT : Ink.PAPER, x, -22 * point, number, 13));
    }
}

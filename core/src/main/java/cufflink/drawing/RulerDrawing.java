package cufflink.drawing;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.score.ScoreSetup;
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

    /**
     * Pins on the top ruler, pointing at their lines, each with its number where there is room for it.
     *
     * @param now the index of the one that is next, which has its number and lies on top; −1 for none
     */
    public static List<Shape> pins(List<ScoreSetup.Position> positions, int now, LengthFormat format, double point) {
        List<Shape> shapes = new ArrayList<>();
        double taken = -Double.MAX_VALUE;
        boolean marked = now >= 0 && now < positions.size();
        double next = marked ? positions.get(now).at().toMillimetres() : 0;
        double room = marked ? half(format.number(positions.get(now).at()), point) : -1;
        for (int i = 0; i < positions.size(); i++) {
            ScoreSetup.Position position = positions.get(i);
            double at = position.at().toMillimetres();
            double half = half(format.number(position.at()), point);
            boolean free = at - half >= taken && (!marked || Math.abs(at - next) >= half + room);
            taken = free ? at + half : taken;
            if (i != now) {
                shapes.addAll(pin(position, free ? format.number(position.at()) : "", false, point));
            }
        }
        if (marked) {
            shapes.addAll(pin(positions.get(now), format.number(positions.get(now).at()), true, point));
        }
        return shapes;
    }

    private static double half(String number, double point) {
        return (8 + 2.9 * Math.max(2, number.length())) * point;
    }

    /** Without a number it is its point alone. */
    private static List<Shape> pin(ScoreSetup.Position position, String number, boolean now, double point) {
        double x = position.at().toMillimetres();
        double half = half(number, point);
        double top = -(DEPTH + 4) * point;
        double foot = -11 * point;
        Shape.Spot right = new Shape.Spot(x + 6 * point, foot);
        Shape.Spot tip = new Shape.Spot(x, 0);
        Shape.Spot left = new Shape.Spot(x - 6 * point, foot);
        List<Shape.Spot> corners = number.isEmpty() ? List.of(right, tip, left)
                : List.of(new Shape.Spot(x - half, top), new Shape.Spot(x + half, top), new Shape.Spot(x + half, foot),
                        right, tip, left, new Shape.Spot(x - half, foot));
        Ink fill = now ? Ink.NOW : PieceDrawing.ink(position.fold());
        Shape.Area body = new Shape.Area(position.score(), Ink.NOW, corners, Optional.of(fill.colour()),
                Optional.empty());
        return number.isEmpty() ? List.of(body)
                : List.of(body, Shape.bold(position.score(), now ? Ink.TEXT : Ink.PAPER, x, -22 * point, number, 13));
    }
}

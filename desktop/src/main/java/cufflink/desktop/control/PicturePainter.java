package cufflink.desktop.control;

import cufflink.drawing.Hatch;
import cufflink.drawing.Ink;
import cufflink.drawing.Picture;
import cufflink.drawing.Shape;
import cufflink.measure.FractionText;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.paint.ImagePattern;
import javafx.scene.shape.FillRule;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;
import javafx.scene.transform.Affine;

/** Paints pictures on a canvas. */
final class PicturePainter implements Shape.Cases<Void, RuntimeException> {
    private static final double SMALL = 0.64;
    /** Square pixels of a tile below which nothing of it is seen. */
    private static final double EDGE_ON = 1;
    private final GraphicsContext g;
    private final double scale;
    private final double dx;
    private final double dy;
    private final double pen;

    /** {@code scale} is pixels a millimetre; the picture's origin comes to (dx, dy). */
    PicturePainter(GraphicsContext g, Picture picture, double scale, double dx, double dy) {
        this.g = g;
        this.scale = scale;
        this.dx = dx;
        this.dy = dy;
        this.pen = picture.point() * scale;
    }

    void paint(Picture picture) {
        picture.shapes().forEach(shape -> shape.accept(this));
    }

    @Override
    public Void path(Shape.Path path) {
        pen(path.ink());
        g.strokePolyline(xs(path.points()), ys(path.points()), path.points().size());
        return null;
    }

    private double[] xs(List<Shape.Spot> spots) {
        return spots.stream().mapToDouble(spot -> dx + spot.x() * scale).toArray();
    }

    private double[] ys(List<Shape.Spot> spots) {
        return spots.stream().mapToDouble(spot -> dy + spot.y() * scale).toArray();
    }

    private void pen(Ink ink) {
        g.setStroke(Color.web(ink.colour()));
        g.setLineWidth(ink.width() * pen);
        g.setLineCap(StrokeLineCap.BUTT);
        g.setLineDashes(Arrays.stream(ink.dashes()).map(dash -> dash * pen).toArray());
    }

    @Override
    public Void area(Shape.Area area) {
        if (area.ink().fill() == Ink.Fill.HATCH) {
            // Not by clipping: without a graphics card, every stroke through a clip takes as long as the whole canvas.
            pen(area.ink());
            Hatch.strokes(area, pen / scale)
                    .forEach(stroke -> g.strokePolyline(xs(stroke.points()), ys(stroke.points()), 2));
        } else {
            g.setFill(Color.web(area.colour().orElse(area.ink().colour())));
            g.setFillRule(FillRule.EVEN_ODD);
            outline(area);
            g.fill();
            area.texture().ifPresent(texture -> texture(area, texture));
        }
        area.edge().ifPresent(edge -> {
            pen(edge);
            outline(area);
            g.stroke();
        });
        return null;
    }

    /** Filled in the coordinates of the tile, a square from 0 to 1, in which the canvas repeats it. */
    private void texture(Shape.Area area, Shape.Texture texture) {
        Optional<ImagePattern> pattern = FaceImages.pattern(texture.picture());
        Affine tile = new Affine((texture.right().x() - texture.corner().x()) * scale,
                (texture.down().x() - texture.corner().x()) * scale, dx + texture.corner().x() * scale,
                (texture.right().y() - texture.corner().y()) * scale,
                (texture.down().y() - texture.corner().y()) * scale, dy + texture.corner().y() * scale);
        if (pattern.isEmpty() || Math.abs(tile.determinant()) < EDGE_ON) {
            return;
        }
        g.save();
        outline(area);
        g.transform(tile);
        g.setFill(pattern.get());
        g.fill();
        g.restore();
    }

    private void outline(Shape.Area area) {
        g.beginPath();
        for (List<Shape.Spot> ring : area.rings()) {
            g.moveTo(dx + ring.get(0).x() * scale, dy + ring.get(0).y() * scale);
            ring.subList(1, ring.size()).forEach(spot -> g.lineTo(dx + spot.x() * scale, dy + spot.y() * scale));
            g.closePath();
        }
    }

    @Override
    public Void mark(Shape.Mark mark) {
        double r = mark.radius() * pen;
        double x = dx + mark.at().x() * scale;
        double y = dy + mark.at().y() * scale;
        pen(mark.edge());
        g.setFill(Color.web(mark.colour()));
        g.fillOval(x - r, y - r, 2 * r, 2 * r);
        g.strokeOval(x - r, y - r, 2 * r, 2 * r);
        label(Shape.bold(mark.id(), mark.ink(), mark.at().x(), mark.at().y(), mark.text(), mark.radius() * 1.15));
        return null;
    }

    private static Font font(double size, boolean bold) {
        return Font.font("Figtree", bold ? FontWeight.BOLD : FontWeight.NORMAL, size);
    }

    private static double width(String text, Font font) {
        Text probe = new Text(text);
        probe.setFont(font);
        return probe.getLayoutBounds().getWidth();
    }

    @Override
    public Void label(Shape.Label label) {
        double size = label.size() * pen;
        Font body = font(size, label.bold());
        Font small = font(size * SMALL, label.bold());
        g.save();
        g.translate(dx + label.at().x() * scale, dy + label.at().y() * scale);
        if (label.upright()) {
            g.rotate(-90);
        }
        g.setFill(Color.web(label.ink().colour()));
        g.setTextBaseline(VPos.BASELINE);
        g.setTextAlign(TextAlignment.LEFT);
        List<FractionText.Run> runs = FractionText.runs(label.text());
        double total = runs.stream().mapToDouble(run -> width(run, body, small)).sum();
        double x = switch (label.anchor()) {
            case START -> 0;
            case MIDDLE -> -total / 2;
            case END -> -total;
        };
        double base = size * 0.35;
        for (FractionText.Run run : runs) {
            double width = width(run, body, small);
            if (run instanceof FractionText.Fraction fraction) {
                fraction(fraction, x, base, width, size, small);
            } else {
                g.setFont(body);
                g.fillText(((FractionText.Plain) run).text(), x, base);
            }
            x += width;
        }
        g.restore();
        return null;
    }

    private static double width(FractionText.Run run, Font body, Font small) {
        return run instanceof FractionText.Fraction fraction
                ? Math.max(width(fraction.numerator(), small), width(fraction.denominator(), small))
                        + small.getSize() * 0.25
                : width(((FractionText.Plain) run).text(), body);
    }

    private void fraction(FractionText.Fraction fraction, double x, double base, double width, double size,
            Font small) {
        g.setFont(small);
        g.fillText(fraction.numerator(), x + (width - width(fraction.numerator(), small)) / 2, base - size * 0.46);
        g.fillText(fraction.denominator(), x + (width - width(fraction.denominator(), small)) / 2, base + size * 0.2);
        g.fillRect(x + small.getSize() * 0.06, base - size * 0.37, width - small.getSize() * 0.12,
                Math.max(1, size * 0.06));
    }
}

package cufflink.files.handout;

import cufflink.drawing.Hatch;
import cufflink.drawing.Ink;
import cufflink.drawing.Picture;
import cufflink.drawing.Shape;
import cufflink.files.CufflinkFonts;
import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.util.Matrix;

/** Paints pictures on a PDF page, at any scale; 72/25.4 points a millimetre is true to size. */
final class PicturePainter {
    static final double TRUE_TO_SIZE = 72 / 25.4;
    /** Square points of a tile below which nothing of it is seen. */
    private static final double EDGE_ON = 0.5;

    private final PDPageContentStream stream;
    private final Typesetter type;
    private final FaceImages images;

    PicturePainter(PDPageContentStream stream, Typesetter type, FaceImages images) {
        this.stream = stream;
        this.type = type;
        this.images = images;
    }

    /**
     * With the picture's top left corner at (x, y), y counted up from the page's bottom; {@code scale} is points a
     * millimetre.
     */
    void paint(Picture picture, double x, double y, double scale) throws IOException {
        Canvas canvas = new Canvas(x - picture.bounds().getMinX() * scale, y + picture.bounds().getMinY() * scale,
                scale);
        double pen = picture.point() * scale;
        Shape.Cases<Void, IOException> painter = new Shape.Cases<>() {
            @Override
            public Void area(Shape.Area area) throws IOException {
                PicturePainter.this.area(area, canvas, pen);
                return null;
            }

            @Override
            public Void path(Shape.Path path) throws IOException {
                pen(path.ink(), pen);
                outline(path.points(), canvas);
                stream.stroke();
                return null;
            }

            @Override
            public Void label(Shape.Label label) throws IOException {
                PicturePainter.this.label(label, canvas, pen);
                return null;
            }

            @Override
            public Void mark(Shape.Mark mark) throws IOException {
                PicturePainter.this.mark(mark, canvas, pen);
                return null;
            }
        };
        for (Shape shape : picture.shapes()) {
            shape.accept(painter);
        }
        stream.setLineDashPattern(new float[0], 0);
    }

    private record Canvas(double x, double y, double scale) {
        float x(Shape.Spot spot) {
            return (float) (x + spot.x() * scale);
        }

        float y(Shape.Spot spot) {
            return (float) (y - spot.y() * scale);
        }
    }

    private void pen(Ink ink, double pen) throws IOException {
        stream.setStrokingColor(Color.decode(ink.colour()));
        stream.setLineWidth((float) (ink.width() * pen));
        float[] dashes = new float[ink.dashes().length];
        for (int i = 0; i < dashes.length; i++) {
            dashes[i] = (float) (ink.dashes()[i] * pen);
        }
        stream.setLineDashPattern(dashes, 0);
    }

    private void outline(List<Shape.Spot> points, Canvas canvas) throws IOException {
        stream.moveTo(canvas.x(points.get(0)), canvas.y(points.get(0)));
        for (Shape.Spot point : points.subList(1, points.size())) {
            stream.lineTo(canvas.x(point), canvas.y(point));
        }
    }

    private void outline(Shape.Area area, Canvas canvas) throws IOException {
        for (List<Shape.Spot> ring : area.rings()) {
            outline(ring, canvas);
            stream.closePath();
        }
    }

    private void area(Shape.Area area, Canvas canvas, double pen) throws IOException {
        if (area.ink().fill() == Ink.Fill.HATCH) {
            hatch(area, canvas, pen);
        } else {
            String colour = area.ink() == Ink.BENCH ? "#FFFFFF" : area.colour().orElse(area.ink().colour());
            stream.setNonStrokingColor(Color.decode(colour));
            outline(area, canvas);
            stream.fillEvenOdd();
            if (area.texture().isPresent()) {
                texture(area, area.texture().get(), canvas);
            }
        }
        if (area.edge().isPresent()) {
            pen(area.edge().get(), pen);
            outline(area, canvas);
            stream.stroke();
        }
    }

    /** The tiles that touch the area, cut to it. */
    private void texture(Shape.Area area, Shape.Texture texture, Canvas canvas) throws IOException {
        Optional<PDImageXObject> image = images.of(texture.picture());
        AffineTransform tile = new AffineTransform(canvas.x(texture.right()) - canvas.x(texture.corner()),
                canvas.y(texture.right()) - canvas.y(texture.corner()),
                canvas.x(texture.down()) - canvas.x(texture.corner()),
                canvas.y(texture.down()) - canvas.y(texture.corner()), canvas.x(texture.corner()),
                canvas.y(texture.corner()));
        if (image.isEmpty() || Math.abs(tile.getDeterminant()) < EDGE_ON) {
            return;
        }
        stream.saveGraphicsState();
        outline(area, canvas);
        stream.clipEvenOdd();
        for (Point2D at : Tiling.touched(area.corners().stream()
                .map(spot -> (Point2D) new Point2D.Float(canvas.x(spot), canvas.y(spot))).toList(), tile)) {
            AffineTransform place = new AffineTransform(tile);
            place.translate(at.getX(), at.getY());
            // An image of a page counts up from its lower edge.
            place.concatenate(new AffineTransform(1, 0, 0, -1, 0, 1));
            stream.drawImage(image.get(), new Matrix(place));
        }
        stream.restoreGraphicsState();
    }

    private void hatch(Shape.Area area, Canvas canvas, double pen) throws IOException {
        pen(area.ink(), pen);
        for (Shape.Path stroke : Hatch.strokes(area, pen / canvas.scale())) {
            outline(stroke.points(), canvas);
            stream.stroke();
        }
    }

    /** A ring of four Bézier arcs (0.5523 is the usual control length for a quarter circle). */
    private void mark(Shape.Mark mark, Canvas canvas, double pen) throws IOException {
        float x = canvas.x(mark.at());
        float y = canvas.y(mark.at());
        float r = (float) (mark.radius() * pen);
        float c = r * 0.5523f;
        pen(mark.edge(), pen);
        stream.setLineDashPattern(new float[0], 0);
        stream.setNonStrokingColor(Color.decode(mark.colour()));
        stream.moveTo(x + r, y);
        stream.curveTo(x + r, y + c, x + c, y + r, x, y + r);
        stream.curveTo(x - c, y + r, x - r, y + c, x - r, y);
        stream.curveTo(x - r, y - c, x - c, y - r, x, y - r);
        stream.curveTo(x + c, y - r, x + r, y - c, x + r, y);
        stream.fillAndStroke();
        label(Shape.bold(mark.id(), mark.ink(), mark.at().x(), mark.at().y(), mark.text(), mark.radius() * 1.15),
                canvas, pen);
    }

    private void label(Shape.Label label, Canvas canvas, double pen) throws IOException {
        CufflinkFonts face = label.bold() ? CufflinkFonts.BOLD : CufflinkFonts.TEXT;
        double size = label.size() * pen;
        Color colour = Color.decode(label.ink() == Ink.CAPTION ? Ink.PAPER.colour() : label.ink().colour());
        stream.setNonStrokingColor(colour);
        stream.setStrokingColor(colour);
        stream.setLineDashPattern(new float[0], 0);
        double width = type.width(face, size, label.text());
        double start = switch (label.anchor()) {
            case START -> 0;
            case MIDDLE -> -width / 2;
            case END -> -width;
        };
        if (label.upright()) {
            stream.saveGraphicsState();
            stream.transform(Matrix.getRotateInstance(Math.PI / 2, canvas.x(label.at()), canvas.y(label.at())));
            type.set(stream, face, size, start, -size * 0.35, label.text());
            stream.restoreGraphicsState();
        } else {
            type.set(stream, face, size, canvas.x(label.at()) + start, canvas.y(label.at()) - size * 0.35,
                    label.text());
        }
    }
}

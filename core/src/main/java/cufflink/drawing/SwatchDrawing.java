package cufflink.drawing;

import cufflink.paper.Swatch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;

/** Draws a paper's pattern over its colour: a drawn sign of it, not a picture of the paper. */
final class SwatchDrawing {
    /** Millimetres from one stripe or dot to the next. */
    private static final double STEP = 14;

    private SwatchDrawing() {
    }

    static void draw(Swatch swatch, String face, Envelope sheet, List<Shape> shapes) {
        Optional<String> colour = Optional
                .of(Colours.isLight(face) ? Colours.shade(face, 0.84) : Colours.tint(face, 0.3));
        switch (swatch) {
            case PLAIN -> {}
            case STRIPES -> stripes(sheet, true, colour, shapes);
            case CHECKS -> {
                stripes(sheet, true, colour, shapes);
                stripes(sheet, false, colour, shapes);
            }
            case DOTS -> spots(sheet, 8, 1, STEP / 5, colour, shapes);
            case STARS -> spots(sheet, 10, 0.42, STEP / 2.6, colour, shapes);
        }
    }

    private static void stripes(Envelope sheet, boolean upright, Optional<String> colour, List<Shape> shapes) {
        double from = upright ? sheet.getMinX() : sheet.getMinY();
        double to = upright ? sheet.getMaxX() : sheet.getMaxY();
        for (double at = from + STEP / 2; at < to; at += STEP) {
            double thick = Math.min(STEP / 3.5, to - at);
            shapes.add(upright
                    ? Shape.rectangle("", Ink.PAPER, at, sheet.getMinY(), thick, sheet.getHeight(), colour,
                            Optional.empty())
                    : Shape.rectangle("", Ink.PAPER, sheet.getMinX(), at, sheet.getWidth(), thick, colour,
                            Optional.empty()));
        }
    }

    /** Regular figures in rows set off against each other; every second corner lies nearer to the middle for a star. */
    private static void spots(Envelope sheet, int corners, double inner, double radius, Optional<String> colour,
            List<Shape> shapes) {
        int row = 0;
        for (double y = sheet.getMinY() + STEP * 0.7; y + radius < sheet.getMaxY(); y += STEP) {
            for (double x = sheet.getMinX() + STEP * (row % 2 == 0 ? 0.7 : 1.2); x + radius < sheet.getMaxX();
                    x += STEP) {
                List<Shape.Spot> outline = new ArrayList<>();
                for (int corner = 0; corner < corners; corner++) {
                    double angle = Math.PI * 2 * corner / corners - Math.PI / 2;
                    double reach = corner % 2 == 0 ? radius : radius * inner;
                    outline.add(new Shape.Spot(x + Math.cos(angle) * reach, y + Math.sin(angle) * reach));
                }
                shapes.add(new Shape.Area("", Ink.PAPER, outline, colour, Optional.empty()));
            }
            row++;
        }
    }
}

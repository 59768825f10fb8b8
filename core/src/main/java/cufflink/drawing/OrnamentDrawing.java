package cufflink.drawing;

import cufflink.design.Ornament;
import cufflink.design.OrnamentShape;
import cufflink.plan.Plan;
import cufflink.stack.OrnamentOutlines;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Draws ornaments as they are cut: not turned, by themselves. */
public final class OrnamentDrawing {
    /** Points between two ornaments, with room for what is written under each. */
    private static final double APART = 26;
    /** Points that a letter of a name takes. */
    private static final double LETTER = 5.2;

    private OrnamentDrawing() {
    }

    /** Those that no two measures describe, each shape and size once. */
    public static List<Ornament> traced(Plan plan) {
        List<Ornament> traced = new ArrayList<>();
        for (Ornament ornament : plan.design().ornaments()) {
            if (ornament.form().shape() != OrnamentShape.RECTANGLE
                    && traced.stream().noneMatch(other -> other.form().equals(ornament.form()))) {
                traced.add(ornament);
            }
        }
        return traced;
    }

    /**
     * Some of them side by side, each with its name and size, in rows.
     *
     * @param most how wide a row may be, millimetres
     */
    public static Picture draw(Plan plan, List<Ornament> ornaments, double most, double point) {
        List<Shape> shapes = new ArrayList<>();
        Envelope bounds = new Envelope(0, 1, 0, 1);
        double x = 0;
        double y = 0;
        double lowest = 0;
        for (Ornament ornament : ornaments) {
            Polygon outline = outline(ornament);
            Envelope own = outline.getEnvelopeInternal();
            String name = ornament.label() + ", " + ornament.form().text(plan.format());
            double wide = Math.max(own.getWidth(), name.length() * LETTER * point);
            if (x > 0 && x + wide > most) {
                x = 0;
                y = lowest + APART * point;
            }
            Polygon placed = (Polygon) AffineTransformation.translationInstance(x + (wide - own.getWidth()) / 2, y)
                    .transform(outline);
            shapes.add(new Shape.Area(ornament.id(), Ink.PAPER, Outlines.spots(placed), Optional.empty(),
                    Optional.of(Ink.CUT)));
            shapes.add(Shape.text(ornament.id(), Ink.SOFT_TEXT, x + wide / 2,
                    y + own.getHeight() + 9 * point, name, 9.5));
            bounds.expandToInclude(x + wide, y + own.getHeight() + 14 * point);
            x += wide + APART / 2 * point;
            lowest = Math.max(lowest, y + own.getHeight());
        }
        return new Picture(bounds, point, shapes);
    }

    /** Its outline for plotting, from the top left corner of its bounds. */
    public static List<Shape> lines(Ornament ornament) {
        Polygon outline = outline(ornament);
        List<Shape.Spot> ring = new ArrayList<>(Outlines.spots(outline));
        ring.add(ring.get(0));
        return List.of(new Shape.Path("outline", Ink.CUT, ring));
    }

    private static Polygon outline(Ornament ornament) {
        return OrnamentOutlines
                .turned(ornament.with(new Ornament.Put(ornament.put().across(), ornament.put().down(), 0)));
    }
}

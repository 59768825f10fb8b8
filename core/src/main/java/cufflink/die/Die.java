package cufflink.die;

import cufflink.design.Ornament;
import cufflink.measure.Length;
import cufflink.paper.SheetSize;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import java.util.StringJoiner;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;

/**
 * What a die or a punch cuts.
 *
 * @param size     of what it cuts, from bulge to bulge; of a corner rounder the radius twice
 * @param scallops of a scalloped edge: around a circle, or along the width of a rectangle, from 4 to 200; 0 for others
 * @param traced   of a shape that is traced from a path
 */
public record Die(DieShape shape, SheetSize size, int scallops, Optional<Ornament.Traced> traced) {
    public static final int FEWEST_SCALLOPS = 4;
    public static final int MOST_SCALLOPS = 200;

    public Die {
        if (!size.width().isPositive() || !size.height().isPositive()) {
            throw new IllegalArgumentException("a die cuts more than nothing: " + size);
        }
        if (shape.isRound() && !size.width().equals(size.height())) {
            throw new IllegalArgumentException("a " + shape.word() + " is as high as it is wide: " + size);
        }
        if (shape.isScalloped() ? scallops < FEWEST_SCALLOPS || scallops > MOST_SCALLOPS : scallops != 0) {
            throw new IllegalArgumentException("a " + shape.word() + " has no " + scallops + " scallops");
        }
        if (traced.isPresent() != (shape == DieShape.TRACED)) {
            throw new IllegalArgumentException("what is traced has a path, and nothing else has one");
        }
    }

    /** A plain shape. */
    public static Die of(DieShape shape, Length width, Length height) {
        return new Die(shape, new SheetSize(width, height), 0, Optional.empty());
    }

    /** What a maker has of whom only the size is known. */
    public static Die untold(SheetSize size) {
        return new Die(DieShape.UNTOLD, size, 0, Optional.empty());
    }

    /** How wide a scallop is, tip to tip of its neighbours, as most dies have them (about 6 mm; common practice). */
    public static int usualScallops(DieShape shape, SheetSize size) {
        double run = size.width().toMillimetres() * (shape == DieShape.SCALLOPED_CIRCLE ? Math.PI : 1);
        return !shape.isScalloped() ? 0
                : (int) Math.max(FEWEST_SCALLOPS, Math.min(MOST_SCALLOPS, Math.round(run / 6)));
    }

    /** What it cuts, millimetres, its bounds from 0, 0; empty where that is not told. */
    public Optional<Polygon> outline() {
        return shape == DieShape.UNTOLD ? Optional.empty() : Optional.of(DieOutlines.of(this));
    }

    /** What it cuts as a path, at its size in millimetres; empty where that is not told. */
    public Optional<Ornament.Traced> drawn() {
        return traced.or(() -> outline().map(polygon -> new Ornament.Traced(path(polygon), polygon)));
    }

    private static String path(Polygon polygon) {
        StringJoiner path = new StringJoiner(" L ", "M ", " Z");
        Coordinate[] ring = polygon.getExteriorRing().getCoordinates();
        for (int i = 0; i + 1 < ring.length; i++) {
            path.add(rounded(ring[i].x) + " " + rounded(ring[i].y));
        }
        return path.toString();
    }

    private static String rounded(double millimetres) {
        return BigDecimal.valueOf(millimetres).setScale(3, RoundingMode.HALF_UP).stripTrailingZeros().toPlainString();
    }

    /**
     * The largest plain rectangle that fits inside with a border all round, its sides level and upright, of any
     * proportion; seen to fit. Largest by area, to a tenth of a millimetre, where the shape is even about both its
     * middles; of others the largest that was found. Empty if nothing fits.
     */
    public Optional<SheetSize> largestRectangle(Length border) {
        return inside(border).flatMap(room -> Inscribed.rectangle(room, even()));
    }

    /** How large the largest circle across is that fits inside with a border all round; empty if nothing fits. */
    public Optional<Length> largestCircle(Length border) {
        return inside(border).flatMap(Inscribed::circle);
    }

    /** Whether a rectangle of this size, lying as it is given, fits inside with a border all round. */
    public boolean holds(SheetSize rectangle, Length border) {
        return inside(border).filter(room -> Inscribed.holds(room, even(), rectangle)).isPresent();
    }

    private Inscribed.Even even() {
        return switch (shape) {
            case TRACED -> Inscribed.Even.NONE;
            case TAG_END, HALF_CIRCLE -> Inscribed.Even.UPRIGHT;
            // The row of bulges across the middle of an odd number is not the same on both sides.
            case SCALLOPED_CIRCLE -> scallops % 2 == 0 ? Inscribed.Even.BOTH : Inscribed.Even.NONE;
            default -> Inscribed.Even.BOTH;
        };
    }

    private Optional<Polygon> inside(Length border) {
        return !shape.holdsSomething() ? Optional.empty()
                : outline().flatMap(polygon -> Inscribed.within(polygon, border.toMillimetres()));
    }

    /** The plain layer that shows with a border all round behind what it cuts. */
    public SheetSize around(Length border) {
        return new SheetSize(size.width().plus(border.times(2)), size.height().plus(border.times(2)));
    }
}

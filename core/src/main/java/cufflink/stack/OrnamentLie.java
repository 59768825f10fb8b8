package cufflink.stack;

import cufflink.design.Ornament;
import cufflink.design.Side;
import cufflink.measure.Length;
import cufflink.problem.Ordered;
import cufflink.problem.Problem;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Geometry;

/**
 * How an ornament lies on its panel, in the closed card and in its poses.
 *
 * @param glued    of it what lies on its panel's paper and takes glue, in the coordinates of the piece, millimetres
 * @param dry      of it what reaches past that and stays dry
 * @param over     labels of the panels that the dry part lies over, closed; they move away from it
 * @param pokes    how far it stands out of the closed card, by side as the card is held
 * @param inTheWay by state, the closed card or a pose: what would have to pass through it
 * @param mouths   labels of pockets into which nothing goes past it
 */
public record OrnamentLie(Ornament ornament, Geometry glued, Geometry dry, List<String> over, Map<Side, Length> pokes,
        Map<String, Problem> inTheWay, List<String> mouths) {
    /** Square millimetres that are rounding. */
    private static final double SPECK = 0.5;

    public OrnamentLie {
        over = List.copyOf(over);
        pokes = Ordered.map(pokes);
        inTheWay = Ordered.map(inTheWay);
        mouths = List.copyOf(mouths);
    }

    /** Whether some of it stays dry. */
    public boolean isPartlyDry() {
        return dry.getArea() > SPECK;
    }

    /** The share of it that takes glue, 0 to 1. */
    public double share() {
        return glued.getArea() / (glued.getArea() + dry.getArea());
    }
}

package cufflink.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;

/** The strokes that a region is hatched with: up to the right at 45 degrees, cut to the region. */
public final class Hatch {
    /** Points between strokes along the horizontal. */
    static final double APART = 7;

    private Hatch() {
    }

    /**
     * The strokes, those that start furthest up and left first.
     *
     * @param point millimetres a point
     */
    public static List<Shape.Path> strokes(Shape.Area area, double point) {
        double apart = APART * point;
        double first = sums(area).min().orElse(0);
        double last = sums(area).max().orElse(0);
        List<Shape.Path> strokes = new ArrayList<>();
        // On multiples, so that the strokes of regions side by side go on in each other.
        for (double sum = (Math.floor(first / apart) + 1) * apart; sum < last; sum += apart) {
            double[] crossings = crossings(area, sum);
            for (int i = 0; i + 1 < crossings.length; i += 2) {
                strokes.add(Shape.line(area.id(), area.ink(), crossings[i], sum - crossings[i], crossings[i + 1],
                        sum - crossings[i + 1]));
            }
        }
        return strokes;
    }

    private static DoubleStream sums(Shape.Area area) {
        return area.corners().stream().mapToDouble(Hatch::sum);
    }

    /** The same for all spots of a stroke. */
    private static double sum(Shape.Spot spot) {
        return spot.x() + spot.y();
    }

    /** Where a stroke goes into and out of the region, from left to right; a corner counts for one of its sides. */
    private static double[] crossings(Shape.Area area, double sum) {
        DoubleStream.Builder crossings = DoubleStream.builder();
        for (List<Shape.Spot> ring : area.rings()) {
            for (int i = 0; i < ring.size(); i++) {
                Shape.Spot from = ring.get(i);
                Shape.Spot to = ring.get((i + 1) % ring.size());
                if (sum(from) <= sum != sum(to) <= sum) {
                    crossings.add(from.x() + (to.x() - from.x()) * (sum - sum(from)) / (sum(to) - sum(from)));
                }
            }
        }
        return crossings.build().sorted().toArray();
    }
}

package cufflink.stack;

import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * What a sheet needs to go round a stack of thickness T, and what it loses by it. The layers of a closed card are found
 * at no thickness at all; these lengths are what thickness adds.
 */
public final class Winding {
    /** Millimetres; a layer's side is looked at this far inside of it. */
    private static final double NEAR = 1e-3;

    private Winding() {
    }

    /**
     * The square way, between two scores: the sheet's middle goes up one side of the stack with half its caliper to
     * spare at either end, T + t.
     */
    public static Length spine(Length thickness, Length caliper) {
        return thickness.plus(caliper);
    }

    /**
     * Round a single score: the sheet's middle runs in a half circle of radius (T + t)/2, which takes π·(T + t)/2 of
     * it, half from each leaf; without a stack in it the fold takes π·t/2 all the same. So each leaf ends π·T/4 short
     * of what lies in it. Of sheets folded into one another each further one has two calipers more in it: its edge lies
     * π/2 of a caliper further back (push-out, creep).
     */
    public static Length creep(Length thickness) {
        return Length.nearestToMillimetres(Math.PI * thickness.toMillimetres() / 4);
    }

    /** A layer across a stack, from one side to the other, millimetres. */
    record Layer(double from, double to, Length thickness) {
    }

    /**
     * What a tight tube must be wider than a stack that is thick in its middle: half the girth of the stack's convex
     * hull, less its width. A stack as thick all over has the girth 2·(width + T), so that this is T; layers are taken
     * to lie evenly about the middle of the stack, and over one another wherever they lie one above the other.
     *
     * @param most how thick the stack is anywhere
     */
    static Length rim(List<Layer> layers, Length most) {
        double left = layers.stream().mapToDouble(Layer::from).min().orElse(0);
        double right = layers.stream().mapToDouble(Layer::to).max().orElse(0);
        List<Coordinate> profile = new ArrayList<>(List.of(new Coordinate(left, 0), new Coordinate(right, 0)));
        for (Layer at : layers) {
            profile.add(new Coordinate(at.from(), half(layers, at.from(), Math.min(at.to(), at.from() + NEAR), most)));
            profile.add(new Coordinate(at.to(), half(layers, Math.max(at.from(), at.to() - NEAR), at.to(), most)));
        }
        double hull = new ConvexHull(profile.toArray(new Coordinate[0]), new GeometryFactory()).getConvexHull()
                .getLength();
        // The hull of the upper half alone: its length is half of the girth and the width along which it is cut.
        return Length.shorter(most, Length.nearestToMillimetres(hull - 2 * (right - left)));
    }

    /** Half of the thickness over a place just inside a layer's side. */
    private static double half(List<Layer> layers, double from, double to, Length most) {
        double middle = (from + to) / 2;
        Length sum = layers.stream().filter(layer -> layer.from() < middle && layer.to() > middle)
                .map(Layer::thickness).reduce(Length.ZERO, Length::plus);
        return Length.shorter(sum, most).toMillimetres() / 2;
    }
}

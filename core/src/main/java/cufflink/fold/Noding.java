package cufflink.fold;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.locationtech.jts.algorithm.RobustLineIntersector;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;

/**
 * The sides of many outlines, each kept once, and split so that they meet only at their ends: first at corners that lie
 * on them but for rounding, then where two of them cross. Corners are put on a grid; every side runs from its left end
 * to its right one.
 */
final class Noding {
    /**
     * How near two corners must be, across and down, to be the same, in steps of the grid: rounded, they may be one
     * apart.
     */
    private static final double SAME = 1.5;

    /** How near a corner must be to a side to lie on it, in steps of the grid. */
    private static final double ON_SIDE = 4;

    /** Sine of the angle below which two sides count as parallel. */
    private static final double PARALLEL = 1e-6;

    private final RobustLineIntersector robust = new RobustLineIntersector();
    private final PrecisionModel grid;
    private final double near;
    private Coordinate[] corners;
    /** The numbers of a side's left end, in the upper half, and of its right end. */
    private long[] sides;

    Noding(List<Polygon> outlines, PrecisionModel grid) {
        this.grid = grid;
        this.near = ON_SIDE / grid.getScale();
        List<Coordinate> ends = new ArrayList<>();
        for (Polygon outline : outlines) {
            addSides(outline.getExteriorRing(), ends);
            for (int i = 0; i < outline.getNumInteriorRing(); i++) {
                addSides(outline.getInteriorRingN(i), ends);
            }
        }
        number(ends);
        splitAtCorners();
        splitAtCrossings();
    }

    int sides() {
        return sides.length;
    }

    /** The number of a side's left end. */
    int from(int side) {
        return (int) (sides[side] >> 32);
    }

    /** The number of a side's right end. */
    int to(int side) {
        return (int) sides[side];
    }

    int corners() {
        return corners.length;
    }

    Coordinate corner(int number) {
        return corners[number];
    }

    private Coordinate from(long side) {
        return corners[(int) (side >> 32)];
    }

    private Coordinate to(long side) {
        return corners[(int) side];
    }

    private void addSides(LinearRing ring, List<Coordinate> ends) {
        Coordinate last = null;
        for (Coordinate corner : ring.getCoordinates()) {
            Coordinate next = onGrid(corner);
            if (last != null) {
                ends.add(last);
                ends.add(next);
            }
            last = next;
        }
    }

    private Coordinate onGrid(Coordinate corner) {
        Coordinate onGrid = new Coordinate(corner.x, corner.y);
        grid.makePrecise(onGrid);
        return onGrid;
    }

    /** Numbers the ends of sides, given two by two, from left to right; the first of those that are the same stands. */
    private void number(List<Coordinate> ends) {
        Integer[] order = IntStream.range(0, ends.size()).boxed().toArray(Integer[]::new);
        Arrays.sort(order, Comparator.comparing(ends::get));
        int[] numbers = new int[ends.size()];
        corners = new Coordinate[ends.size()];
        int count = 0;
        for (int end : order) {
            numbers[end] = same(ends.get(end), count);
            if (numbers[end] == count) {
                corners[count++] = ends.get(end);
            }
        }
        corners = Arrays.copyOf(corners, count);
        long[] all = new long[ends.size() / 2];
        for (int i = 0; i < all.length; i++) {
            all[i] = side(numbers[2 * i], numbers[2 * i + 1]);
        }
        sides = once(all);
    }

    /** The number of the corner among the first ones that is the same as another; their count if none is. */
    private int same(Coordinate corner, int count) {
        double most = SAME / grid.getScale();
        for (int i = count - 1; i >= 0 && corner.x - corners[i].x < most; i--) {
            if (Math.abs(corner.y - corners[i].y) < most) {
                return i;
            }
        }
        return count;
    }

    private long side(int a, int b) {
        boolean leftFirst = corners[a].compareTo(corners[b]) <= 0;
        return (long) (leftFirst ? a : b) << 32 | (leftFirst ? b : a);
    }

    /** Each side once, in order; none from a corner to itself. */
    private static long[] once(long[] all) {
        return Arrays.stream(all).filter(side -> (int) side != (int) (side >> 32)).sorted().distinct().toArray();
    }

    private void splitAtCorners() {
        long[] split = new long[sides.length];
        int count = 0;
        for (long side : sides) {
            List<Integer> on = cornersOn(side);
            if (count + on.size() > split.length) {
                split = Arrays.copyOf(split, 2 * split.length + on.size());
            }
            for (int i = 0; i + 1 < on.size(); i++) {
                split[count++] = side(on.get(i), on.get(i + 1));
            }
        }
        sides = once(Arrays.copyOf(split, count));
    }

    /** The corners on a side, its ends among them, in order along it. */
    private List<Integer> cornersOn(long side) {
        Coordinate from = from(side);
        Coordinate to = to(side);
        LineSegment segment = new LineSegment(from, to);
        double low = Math.min(from.y, to.y) - near;
        double high = Math.max(from.y, to.y) + near;
        List<Integer> on = new ArrayList<>();
        for (int i = firstFrom(from.x - near); i < corners.length && corners[i].x <= to.x + near; i++) {
            if (corners[i].y >= low && corners[i].y <= high && segment.distance(corners[i]) < near) {
                on.add(i);
            }
        }
        if (on.size() > 2) {
            on.sort((a, b) -> Double.compare(corners[a].distance(from), corners[b].distance(from)));
        }
        return on;
    }

    /** The first corner that is not left of x. */
    private int firstFrom(double x) {
        int place = Arrays.binarySearch(corners, new Coordinate(x, Double.NEGATIVE_INFINITY));
        return place < 0 ? -place - 1 : place;
    }

    private void splitAtCrossings() {
        Map<Integer, List<Integer>> cuts = new HashMap<>();
        Map<Coordinate, Integer> fresh = new LinkedHashMap<>();
        for (int i = 0; i < sides.length; i++) {
            Coordinate from = from(sides[i]);
            Coordinate to = to(sides[i]);
            double low = Math.min(from.y, to.y);
            double high = Math.max(from.y, to.y);
            for (int j = i + 1; j < sides.length && from(sides[j]).x <= to.x; j++) {
                Coordinate otherFrom = from(sides[j]);
                Coordinate otherTo = to(sides[j]);
                if (Math.max(otherFrom.y, otherTo.y) < low || Math.min(otherFrom.y, otherTo.y) > high
                        || shareAnEnd(sides[i], sides[j])) {
                    continue;
                }
                Optional<Coordinate> corner = crossing(from, to, otherFrom, otherTo);
                if (corner.isPresent()) {
                    int known = Arrays.binarySearch(corners, corner.get());
                    int number = known >= 0 ? known
                            : fresh.computeIfAbsent(corner.get(), key -> corners.length + fresh.size());
                    cuts.computeIfAbsent(i, key -> new ArrayList<>()).add(number);
                    cuts.computeIfAbsent(j, key -> new ArrayList<>()).add(number);
                }
            }
        }
        if (!cuts.isEmpty()) {
            Coordinate[] all = Arrays.copyOf(corners, corners.length + fresh.size());
            fresh.forEach((corner, number) -> all[number] = corner);
            corners = all;
            sides = cut(cuts);
        }
    }

    private long[] cut(Map<Integer, List<Integer>> cuts) {
        List<Long> cut = new ArrayList<>();
        for (int i = 0; i < sides.length; i++) {
            int last = from(i);
            List<Integer> along = cuts.getOrDefault(i, new ArrayList<>());
            along.sort((a, b) -> corners[a].compareTo(corners[b]));
            for (int corner : along) {
                cut.add(side(last, corner));
                last = corner;
            }
            cut.add(side(last, to(i)));
        }
        return once(cut.stream().mapToLong(Long::longValue).toArray());
    }

    /**
     * Where two sides cross between their ends, on the grid. Sides that are all but parallel are left to JTS, whose
     * exact arithmetic is much slower.
     */
    private Optional<Coordinate> crossing(Coordinate a, Coordinate b, Coordinate c, Coordinate d) {
        double turn = cross(a, b, c, d);
        if (Math.abs(turn) < PARALLEL * a.distance(b) * c.distance(d)) {
            robust.computeIntersection(a, b, c, d);
            return robust.isProper() ? Optional.of(onGrid(robust.getIntersection(0))) : Optional.empty();
        }
        double share = cross(a, c, c, d) / turn;
        double other = cross(a, c, a, b) / turn;
        boolean inside = share > 0 && share < 1 && other > 0 && other < 1;
        return inside ? Optional.of(onGrid(new Coordinate(a.x + (b.x - a.x) * share, a.y + (b.y - a.y) * share)))
                : Optional.empty();
    }

    /** The cross product of the ways from a to b and from c to d. */
    private static double cross(Coordinate a, Coordinate b, Coordinate c, Coordinate d) {
        return (b.x - a.x) * (d.y - c.y) - (b.y - a.y) * (d.x - c.x);
    }

    private static boolean shareAnEnd(long a, long b) {
        return a >> 32 == b >> 32 || (int) a == (int) b || (int) a == (int) (b >> 32) || (int) (a >> 32) == (int) b;
    }
}

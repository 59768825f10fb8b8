package cufflink.fold;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.locationtech.jts.algorithm.Area;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;

/**
 * The bounded regions into which sides that meet only at their ends divide the plane. Walks every region with its
 * inside on the left (de Berg et al., <i>Computational Geometry</i>, section 2.2; from memory). JTS has a polygonizer
 * for any lines; this one needs no dangling ends looked for, knows what lies beside each side, and takes a fraction of
 * the time, most of a replan.
 */
final class Subdivision {
    private final Noding noding;
    private final GeometryFactory factory;
    private final int[] next;
    /** By direction of a side: the region on its left; −1 outside all. */
    private final int[] left;
    private final List<Polygon> regions = new ArrayList<>();

    /** A ring with no region of its own on its left, and one of the directions along it. */
    private record Rim(LinearRing ring, int direction) {
    }

    Subdivision(Noding noding, GeometryFactory factory) {
        this.noding = noding;
        this.factory = factory;
        next = new int[2 * noding.sides()];
        left = new int[next.length];
        link();
        walk().forEach(this::setIn);
    }

    /** The regions, each with its holes. The same sides give the same regions in the same order. */
    List<Polygon> regions() {
        return regions;
    }

    /** The region on the left of a side as it runs from its left end to its right one; −1 outside all. */
    int left(int side) {
        return left[2 * side];
    }

    /** The region on the other side. */
    int right(int side) {
        return left[2 * side + 1];
    }

    /** Both directions of side n are 2n, from its left end, and 2n + 1. */
    private int origin(int direction) {
        return direction % 2 == 0 ? noding.from(direction / 2) : noding.to(direction / 2);
    }

    /** Each direction is followed by the one that turns left the most at its end. */
    private void link() {
        double[] angle = new double[next.length];
        int[] end = new int[noding.corners()];
        for (int direction = 0; direction < next.length; direction++) {
            Coordinate from = noding.corner(origin(direction));
            Coordinate to = noding.corner(origin(direction ^ 1));
            angle[direction] = Math.atan2(to.y - from.y, to.x - from.x);
            end[origin(direction)]++;
        }
        for (int corner = 1; corner < end.length; corner++) {
            end[corner] += end[corner - 1];
        }
        int[] leaving = leaving(angle, end);
        for (int corner = 0; corner < end.length; corner++) {
            int start = corner == 0 ? 0 : end[corner - 1];
            for (int i = start; i < end[corner]; i++) {
                next[leaving[i + 1 < end[corner] ? i + 1 : start] ^ 1] = leaving[i];
            }
        }
    }

    /** The directions that leave each corner, by angle; those of a corner stand before its {@code end}. */
    private int[] leaving(double[] angle, int[] end) {
        int[] leaving = new int[next.length];
        int[] filled = new int[end.length];
        for (int direction = 0; direction < next.length; direction++) {
            int corner = origin(direction);
            int start = corner == 0 ? 0 : end[corner - 1];
            int place = start + filled[corner]++;
            while (place > start && angle[leaving[place - 1]] > angle[direction]) {
                leaving[place] = leaving[place - 1];
                place--;
            }
            leaving[place] = direction;
        }
        return leaving;
    }

    private List<Rim> walk() {
        List<Rim> rims = new ArrayList<>();
        boolean[] seen = new boolean[next.length];
        for (int start = 0; start < next.length; start++) {
            if (!seen[start]) {
                Coordinate[] ring = ring(start, seen);
                double area = Area.ofRingSigned(ring);
                mark(start, area < 0 ? regions.size() : -1);
                if (area < 0) {
                    regions.add(factory.createPolygon(ring));
                } else if (area > 0) {
                    rims.add(new Rim(factory.createLinearRing(ring), start));
                }
            }
        }
        return rims;
    }

    private Coordinate[] ring(int start, boolean[] seen) {
        List<Coordinate> ring = new ArrayList<>();
        for (int direction = start; !seen[direction]; direction = next[direction]) {
            seen[direction] = true;
            ring.add(noding.corner(origin(direction)));
        }
        ring.add(ring.get(0));
        return ring.toArray(new Coordinate[0]);
    }

    private void mark(int start, int region) {
        int direction = start;
        do {
            left[direction] = region;
            direction = next[direction];
        } while (direction != start);
    }

    /** The rim of a part that hangs together is a hole in the smallest region around it, if there is one. */
    private void setIn(Rim rim) {
        Optional<Integer> around = IntStream.range(0, regions.size()).boxed()
                .filter(region -> isAround(regions.get(region), rim.ring()))
                .min(Comparator.comparingDouble(region -> regions.get(region).getArea()));
        around.ifPresent(region -> {
            Polygon whole = regions.get(region);
            LinearRing[] holes = IntStream.rangeClosed(0, whole.getNumInteriorRing())
                    .mapToObj(i -> i < whole.getNumInteriorRing() ? whole.getInteriorRingN(i) : rim.ring())
                    .toArray(LinearRing[]::new);
            regions.set(region, factory.createPolygon(whole.getExteriorRing(), holes));
            mark(rim.direction(), region);
        });
    }

    private static boolean isAround(Polygon region, LinearRing rim) {
        return region.getEnvelopeInternal().contains(rim.getEnvelopeInternal())
                && Arrays.stream(rim.getCoordinates())
                        .anyMatch(corner -> SimplePointInAreaLocator.locate(corner, region) == Location.INTERIOR);
    }
}

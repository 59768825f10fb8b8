package cufflink.fold;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.algorithm.Area;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;

/**
 * The bounded regions into which stretches that meet only at their ends divide the plane. Walks every region with its inside on the left (de Berg et al., <i>Computational
 * Geometry</i>, section 2.2; from memory). JTS has a polygonizer for any lines; this one needs no dangling ends looked for, and takes a fifth of the time, most of a replan.
 */
final class Subdivision {
    private final GeometryFactory factory;
    private final List<Coordinate> corners = new ArrayList<>();
    private final int[] origin;
    private final int[] next;

    private Subdivision(Collection<LineSegment> stretches, GeometryFactory factory) {
        this.factory = factory;
        origin = new int[2 * stretches.size()];
        next = new int[origin.length];
        Map<Coordinate, Integer> numbers = new HashMap<>();
        int half = 0;
        for (LineSegment stretch : stretches) {
            origin[half++] = number(stretch.p0, numbers);
            origin[half++] = number(stretch.p1, numbers);
        }
        link();
    }

    /** The regions, each with its holes; none of no area. The same stretches in the same order give the same regions in the same order. */
    static List<Polygon> regions(Collection<LineSegment> stretches, GeometryFactory factory) {
        return new Subdivision(stretches, factory).walk();
    }

    private int number(Coordinate corner, Map<Coordinate, Integer> numbers) {
        return numbers.computeIfAbsent(corner, key -> {
            corners.add(key);
            return corners.size() - 1;
        });
    }

    /** Both directions of stretch n are 2n and 2n + 1; each is followed by the one that turns left the most at its end. */
    private void link() {
        List<List<Integer>> leaving = new ArrayList<>();
        corners.forEach(corner -> leaving.add(new ArrayList<>(4)));
        double[] angle = new double[origin.length];
        for (int half = 0; half < origin.length; half++) {
            Coordinate from = corners.get(origin[half]);
            Coordinate to = corners.get(origin[half ^ 1]);
            angle[half] = Math.atan2(to.y - from.y, to.x - from.x);
            leaving.get(origin[half]).add(half);
        }
        for (List<Integer> around : leaving) {
            around.sort((a, b) -> Double.compare(angle[a], angle[b]));
            for (int i = 0; i < around.size(); i++) {
                next[around.get((i + 1) % around.size()) ^ 1] = around.get(i);
            }
        }
    }

    private List<Polygon> walk() {
        List<Polygon> regions = new ArrayList<>();
        List<LinearRing> rims = new ArrayList<>();
        boolean[] seen = new boolean[origin.length];
        for (int start = 0; start < origin.length; start++) {
            if (!seen[start]) {
                Coordinate[] ring = ring(start, seen);
                double area = Area.ofRingSigned(ring);
                if (area < 0) {
                    regions.add(factory.createPolygon(ring));
                } else if (area > 0) {
                    rims.add(factory.createLinearRing(ring));
                }
            }
        }
        return withHoles(regions, rims);
    }

    private Coordinate[] ring(int start, boolean[] seen) {
        List<Coordinate> ring = new ArrayList<>();
        for (int half = start; !seen[half]; half = next[half]) {
            seen[half] = true;
            ring.add(corners.get(origin[half]));
        }
        ring.add(ring.get(0));
        return ring.toArray(new Coordinate[0]);
    }

    /** The rim of a part that hangs together is a hole in the smallest region around it, if there is one. */
    private List<Polygon> withHoles(List<Polygon> regions, List<LinearRing> rims) {
        Map<Polygon, List<LinearRing>> holes = new IdentityHashMap<>();
        for (LinearRing rim : rims) {
            regions.stream().filter(region -> isAround(region, rim)).min(Comparator.comparingDouble(Polygon::getArea))
                    .ifPresent(region -> holes.computeIfAbsent(region, key -> new ArrayList<>()).add(rim));
        }
        return regions.stream().map(region -> holes.containsKey(region)
                ? factory.createPolygon(region.getExteriorRing(), holes.get(region).toArray(new LinearRing[0])) : region).toList();
    }

    private static boolean isAround(Polygon region, LinearRing rim) {
        return region.getEnvelopeInternal().contains(rim.getEnvelopeInternal())
                && Arrays.stream(rim.getCoordinates()).anyMatch(corner -> SimplePointInAreaLocator.locate(corner, region) == Location.INTERIOR);
    }
}

package cufflink.fold;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.algorithm.RobustLineIntersector;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;

/**
 * The places of a flat stack: the outlines of all its faces, laid over each other, divide the plane into cells; every place in a cell lies under the
 * same faces. Corners are put on a grid of 1/100 000 mm, so that outlines which folding brought together coincide. Cells below {@link #SPECK} are left out.
 */
final class Overlay {
    /** Square millimetres; what overlaps by less only touches. */
    static final double SPECK = 1e-2;
    /** How near a corner must be to a side to lie on it, millimetres: a few times the grid. */
    private static final double ON_SIDE = 4e-5;
    private static final PrecisionModel GRID = new PrecisionModel(1e5);
    private static final GeometryFactory FACTORY = new GeometryFactory(GRID);

    /** A place of the stack, with the indices of the faces over it. */
    record Cell(Polygon outline, Coordinate inside, BitSet faces) {
        double area() {
            return outline.getArea();
        }
    }

    /** A stretch between two cells; −1 is outside every face. */
    record Edge(Coordinate from, Coordinate to, int left, int right) {
        Coordinate middle() {
            return new Coordinate((from.x + to.x) / 2, (from.y + to.y) / 2);
        }

        double length() {
            return from.distance(to);
        }

        int across(int cell) {
            return cell == left ? right : left;
        }
    }

    private record Ends(Coordinate from, Coordinate to) {
        boolean sharesAnEnd(Ends other) {
            return from.equals2D(other.from) || to.equals2D(other.to) || from.equals2D(other.to) || to.equals2D(other.from);
        }
    }

    private final List<Cell> cells = new ArrayList<>();
    private final List<Edge> edges = new ArrayList<>();

    private Overlay() {
    }

    static Overlay of(List<Polygon> faces) {
        Overlay overlay = new Overlay();
        List<Polygon> regions = regions(faces);
        regions.forEach(region -> overlay.addCell(region, faces));
        overlay.addEdges();
        return overlay;
    }

    List<Cell> cells() {
        return cells;
    }

    List<Edge> edges() {
        return edges;
    }

    /** The faces over a cell; none outside. */
    BitSet faces(int cell) {
        return cell < 0 ? new BitSet() : cells.get(cell).faces();
    }

    private static List<Polygon> regions(List<Polygon> faces) {
        Set<Ends> sides = new LinkedHashSet<>();
        for (Polygon face : faces) {
            addSides(face.getExteriorRing().getCoordinates(), sides);
            for (int i = 0; i < face.getNumInteriorRing(); i++) {
                addSides(face.getInteriorRingN(i).getCoordinates(), sides);
            }
        }
        return Subdivision.regions(noded(sides).stream().map(side -> new LineSegment(side.from(), side.to())).toList(), FACTORY);
    }

    private static void addSides(Coordinate[] ring, Set<Ends> sides) {
        for (int i = 0; i + 1 < ring.length; i++) {
            add(onGrid(ring[i]), onGrid(ring[i + 1]), sides);
        }
    }

    private static void add(Coordinate a, Coordinate b, Set<Ends> sides) {
        int order = a.compareTo(b);
        if (order != 0) {
            sides.add(order < 0 ? new Ends(a, b) : new Ends(b, a));
        }
    }

    /** Splits all sides where they meet: first at corners that lie on them but for rounding, then where two of them cross. */
    private static Set<Ends> noded(Set<Ends> sides) {
        Set<Coordinate> distinct = new HashSet<>();
        sides.forEach(side -> {
            distinct.add(side.from());
            distinct.add(side.to());
        });
        Coordinate[] corners = distinct.toArray(new Coordinate[0]);
        Arrays.sort(corners);
        Set<Ends> split = new LinkedHashSet<>();
        sides.forEach(side -> split(side, corners, split));
        return crossed(new ArrayList<>(split));
    }

    /** Splits sides, in the order of their left ends, where two of them cross. */
    private static Set<Ends> crossed(List<Ends> sides) {
        sides.sort(Comparator.comparing(Ends::from));
        Map<Ends, Set<Coordinate>> cuts = new HashMap<>();
        RobustLineIntersector meeting = new RobustLineIntersector();
        for (int i = 0; i < sides.size(); i++) {
            Ends a = sides.get(i);
            double least = Math.min(a.from().y, a.to().y);
            double most = Math.max(a.from().y, a.to().y);
            for (int j = i + 1; j < sides.size() && sides.get(j).from().x <= a.to().x; j++) {
                Ends b = sides.get(j);
                if (Math.max(b.from().y, b.to().y) < least || Math.min(b.from().y, b.to().y) > most || a.sharesAnEnd(b)) {
                    continue;
                }
                meeting.computeIntersection(a.from(), a.to(), b.from(), b.to());
                if (meeting.isProper()) {
                    Coordinate corner = onGrid(meeting.getIntersection(0));
                    cuts.computeIfAbsent(a, key -> new TreeSet<>()).add(corner);
                    cuts.computeIfAbsent(b, key -> new TreeSet<>()).add(corner);
                }
            }
        }
        Set<Ends> crossed = new LinkedHashSet<>();
        for (Ends side : sides) {
            Coordinate last = side.from();
            for (Coordinate corner : cuts.getOrDefault(side, Set.of())) {
                add(last, corner, crossed);
                last = corner;
            }
            add(last, side.to(), crossed);
        }
        return crossed;
    }

    /** Splits a side, its left end first, at the corners on it; {@code corners} from left to right. */
    private static void split(Ends side, Coordinate[] corners, Set<Ends> into) {
        LineSegment segment = new LineSegment(side.from(), side.to());
        double low = Math.min(side.from().y, side.to().y) - ON_SIDE;
        double high = Math.max(side.from().y, side.to().y) + ON_SIDE;
        List<Coordinate> on = new ArrayList<>();
        for (int i = firstFrom(side.from().x - ON_SIDE, corners); i < corners.length && corners[i].x <= side.to().x + ON_SIDE; i++) {
            if (corners[i].y >= low && corners[i].y <= high && segment.distance(corners[i]) < ON_SIDE) {
                on.add(corners[i]);
            }
        }
        on.sort(Comparator.comparingDouble(corner -> corner.distance(side.from())));
        for (int i = 0; i + 1 < on.size(); i++) {
            add(on.get(i), on.get(i + 1), into);
        }
    }

    /** The first of the corners, from left to right, that is not left of x. */
    private static int firstFrom(double x, Coordinate[] corners) {
        int place = Arrays.binarySearch(corners, new Coordinate(x, Double.NEGATIVE_INFINITY));
        return place < 0 ? -place - 1 : place;
    }

    private static Coordinate onGrid(Coordinate corner) {
        Coordinate onGrid = new Coordinate(corner.x, corner.y);
        GRID.makePrecise(onGrid);
        return onGrid;
    }

    private void addCell(Polygon region, List<Polygon> faces) {
        if (region.getArea() < SPECK) {
            return;
        }
        Coordinate inside = region.getInteriorPoint().getCoordinate();
        BitSet over = new BitSet();
        for (int i = 0; i < faces.size(); i++) {
            Envelope box = faces.get(i).getEnvelopeInternal();
            if (box.contains(inside) && SimplePointInAreaLocator.isContained(inside, faces.get(i))) {
                over.set(i);
            }
        }
        if (!over.isEmpty()) {
            cells.add(new Cell(region, inside, over));
        }
    }

    private void addEdges() {
        Map<Ends, int[]> sides = new HashMap<>();
        List<Ends> order = new ArrayList<>();
        for (int cell = 0; cell < cells.size(); cell++) {
            Polygon outline = cells.get(cell).outline();
            addRing(outline.getExteriorRing().getCoordinates(), true, cell, sides, order);
            for (int i = 0; i < outline.getNumInteriorRing(); i++) {
                addRing(outline.getInteriorRingN(i).getCoordinates(), false, cell, sides, order);
            }
        }
        for (Ends ends : order) {
            int[] pair = sides.get(ends);
            edges.add(new Edge(ends.from(), ends.to(), pair[0], pair[1]));
        }
    }

    private static void addRing(Coordinate[] ring, boolean shell, int cell, Map<Ends, int[]> sides, List<Ends> order) {
        boolean cellOnLeft = Orientation.isCCW(ring) == shell;
        for (int i = 0; i + 1 < ring.length; i++) {
            boolean forward = ring[i].compareTo(ring[i + 1]) < 0;
            Ends ends = forward ? new Ends(ring[i], ring[i + 1]) : new Ends(ring[i + 1], ring[i]);
            int[] pair = sides.computeIfAbsent(ends, key -> {
                order.add(key);
                return new int[] {-1, -1};
            });
            pair[cellOnLeft == forward ? 0 : 1] = cell;
        }
    }

    /** Whether an edge runs along a segment. */
    static boolean runsAlong(Edge edge, LineSegment segment) {
        return segment.distance(edge.from()) < 1e-3 && segment.distance(edge.to()) < 1e-3 && edge.length() > 1e-3;
    }
}

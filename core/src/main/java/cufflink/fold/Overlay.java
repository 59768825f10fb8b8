package cufflink.fold;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;

/**
 * The places of a flat stack: the outlines of all its faces, laid over each other, divide the plane into cells; every
 * place in a cell lies under the same faces. Corners are put on a grid of 1/10 240 mm, so that outlines which folding
 * brought together coincide: sides of paper of this size that turned about eight creases in turn are off by less than
 * half of that ({@code Slack}). Every mark of every ruler is a point of the grid, and no length in whole nanometres
 * lies half-way between two, where what is off by nothing at all would go to one side or the other. Cells below
 * {@link #SPECK} are left out.
 */
public final class Overlay {
    /** Square millimetres; what overlaps by less only touches. */
    static final double SPECK = 1e-2;
    /** How near an edge must be to a segment to run along it, millimetres. */
    private static final double ALONG = 1e-3;
    /** Points a millimetre: 8128 for 1/32 in, 5120 for 0.5 mm; 10 240 of 10⁶ nm is 32 of 3125, never an odd half. */
    private static final PrecisionModel GRID = new PrecisionModel(10_240);
    private static final GeometryFactory FACTORY = new GeometryFactory(GRID);

    /** A place of the stack, with the indices of the faces over it. */
    public record Cell(Polygon outline, Coordinate inside, BitSet faces) {
        double area() {
            return outline.getArea();
        }
    }

    /** A stretch between two cells; −1 is outside every face. */
    public record Edge(Coordinate from, Coordinate to, int left, int right) {
        public Coordinate middle() {
            return new Coordinate((from.x + to.x) / 2, (from.y + to.y) / 2);
        }

        public double length() {
            return from.distance(to);
        }

        public int across(int cell) {
            return cell == left ? right : left;
        }
    }

    private final List<Cell> cells = new ArrayList<>();
    private final List<Edge> edges = new ArrayList<>();

    private Overlay() {
    }

    public static Overlay of(List<Polygon> faces) {
        Overlay overlay = new Overlay();
        Noding noding = new Noding(faces, GRID);
        Subdivision places = new Subdivision(noding, FACTORY);
        int[] cellOf = places.regions().stream().mapToInt(region -> overlay.addCell(region, faces)).toArray();
        for (int side = 0; side < noding.sides(); side++) {
            overlay.addEdge(noding.corner(noding.from(side)), noding.corner(noding.to(side)),
                    cell(places.left(side), cellOf), cell(places.right(side), cellOf));
        }
        return overlay;
    }

    private static int cell(int region, int[] cellOf) {
        return region < 0 ? -1 : cellOf[region];
    }

    public List<Cell> cells() {
        return cells;
    }

    public List<Edge> edges() {
        return edges;
    }

    /** The faces over a cell; none outside. */
    public BitSet faces(int cell) {
        return cell < 0 ? new BitSet() : cells.get(cell).faces();
    }

    /** Adds the cell of a region; −1 if it is a speck or lies under no face. */
    private int addCell(Polygon region, List<Polygon> faces) {
        if (region.getArea() < SPECK) {
            return -1;
        }
        Coordinate inside = region.getInteriorPoint().getCoordinate();
        BitSet over = new BitSet();
        for (int i = 0; i < faces.size(); i++) {
            Envelope box = faces.get(i).getEnvelopeInternal();
            if (box.contains(inside) && SimplePointInAreaLocator.isContained(inside, faces.get(i))) {
                over.set(i);
            }
        }
        if (over.isEmpty()) {
            return -1;
        }
        cells.add(new Cell(region, inside, over));
        return cells.size() - 1;
    }

    private void addEdge(Coordinate from, Coordinate to, int left, int right) {
        if (left != right) {
            edges.add(new Edge(from, to, left, right));
        }
    }

    /** Whether an edge runs along a segment. */
    public static boolean runsAlong(Edge edge, LineSegment segment) {
        return edge.from().x > Math.min(segment.p0.x, segment.p1.x) - ALONG
                && edge.to().x < Math.max(segment.p0.x, segment.p1.x) + ALONG
                && segment.distance(edge.from()) < ALONG && segment.distance(edge.to()) < ALONG
                && edge.length() > ALONG;
    }
}

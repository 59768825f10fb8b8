package cufflink.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.measure.RulerStep;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/** The cells of a stack against JTS's own areas, unions and intersections. */
class OverlayTest {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private static Polygon rectangle(double x, double y, double w, double h, double degrees) {
        Polygon polygon = FACTORY.createPolygon(new Coordinate[] {new Coordinate(x, y), new Coordinate(x + w, y),
            new Coordinate(x + w, y + h), new Coordinate(x, y + h), new Coordinate(x, y)});
        return Footprints.of(polygon, RigidMotion.spin(new Coordinate(x, y), degrees));
    }

    @Property(tries = 60, seed = "9")
    void cells_haveTheAreasOfJts(@ForAll @LongRange(min = 0, max = 100_000) long seed) {
        Random random = new Random(seed);
        List<Polygon> faces = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            faces.add(rectangle(random.nextInt(60), random.nextInt(60), 20 + random.nextInt(60),
                    20 + random.nextInt(60), random.nextInt(4) * 45));
        }
        Overlay overlay = Overlay.of(faces);
        assertEquals(UnaryUnionOp.union(faces).getArea(),
                overlay.cells().stream().mapToDouble(Overlay.Cell::area).sum(), 0.1);
        for (int i = 0; i < faces.size(); i++) {
            for (int j = i + 1; j < faces.size(); j++) {
                int a = i;
                int b = j;
                double common = overlay.cells().stream().filter(cell -> cell.faces().get(a) && cell.faces().get(b))
                        .mapToDouble(Overlay.Cell::area).sum();
                assertEquals(faces.get(i).intersection(faces.get(j)).getArea(), common, 0.1);
            }
        }
    }

    /** Sheets cut at marks of a ruler coincide although folding brought one of them back off by a hair. */
    @Property(tries = 200, seed = "11")
    void outlinesOffByAHair_coincideAtEveryMark(@ForAll @IntRange(max = 4) int ruler,
            @ForAll @IntRange(min = 1, max = 300) int x, @ForAll @IntRange(min = 1, max = 300) int y,
            @ForAll @IntRange(min = -40, max = 40) int nanometres) {
        double mark = RulerStep.values()[ruler].length().toMillimetres();
        double off = nanometres * 1e-6;
        List<Polygon> faces = List.of(rectangle(x * mark, y * mark, 64 * mark, 33 * mark, 0),
                rectangle(x * mark + off, y * mark - off, 64 * mark, 33 * mark, 0));
        Overlay overlay = Overlay.of(faces);
        assertEquals(4, overlay.edges().size());
        assertEquals(List.of(2), overlay.cells().stream().map(cell -> cell.faces().cardinality()).toList());
    }

    /** Two squares side by side share one edge, with one cell on each side of it. */
    @Test
    void edges_knowTheirCells() {
        Overlay overlay = Overlay.of(List.of(rectangle(0, 0, 10, 10, 0), rectangle(10, 0, 10, 10, 0)));
        assertEquals(2, overlay.cells().size());
        List<Overlay.Edge> shared = overlay.edges().stream().filter(edge -> edge.left() >= 0 && edge.right() >= 0)
                .toList();
        assertEquals(1, shared.size());
        assertTrue(Overlay.runsAlong(shared.get(0), new LineSegment(10, -5, 10, 15)));
        assertEquals(7, overlay.edges().size());
    }
}

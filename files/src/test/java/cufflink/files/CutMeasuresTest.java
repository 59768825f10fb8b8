package cufflink.files;

import static cufflink.files.Plans.project;
import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import cufflink.crease.CreasePattern;
import cufflink.crease.Openings;
import cufflink.design.SizedDesign;
import cufflink.files.design.DesignFileReader;
import cufflink.files.plan.PlanJson;
import cufflink.mat.LayerForm.Kind;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.plan.CutPart;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** The measures that pieces and layers are listed with are those that they are cut with. */
class CutMeasuresTest {
    /** Millimetres within which two roads to one length agree. */
    private static final double CLOSE = 1e-3;

    static Stream<Project> projects() {
        return HandWorkTest.projects()
                .flatMap(project -> Stream.of(project, project.withMats(project.mats().withLayers(3))));
    }

    /** Paper without openings: convex for rectangles and triangles. */
    private static Polygon whole(Plan plan, MatLayer layer) {
        Geometry closed = Openings.closed(layer.outline(), plan.design().piece(layer.on().on().piece()));
        return (Polygon) (layer.form().kind() == Kind.OUTLINE ? closed : closed.convexHull());
    }

    private static double[] edges(Polygon polygon) {
        Coordinate[] ring = polygon.getExteriorRing().getCoordinates();
        double[] edges = new double[ring.length - 1];
        for (int i = 1; i < ring.length; i++) {
            edges[i - 1] = ring[i - 1].distance(ring[i]);
        }
        Arrays.sort(edges);
        return edges;
    }

    /**
     * Rectangle: two pairs of sides, and their product is the area; right triangle: half of it; other: every edge, and
     * the rectangle holds it.
     */
    @ParameterizedTest
    @MethodSource("projects")
    void listedMeasures_rebuildTheOutline(Project project) {
        Plan plan = Plans.plan(project);
        JsonNode listed = PlanJson.of(plan).get("mats");
        for (int i = 0; i < plan.mats().size(); i++) {
            MatLayer layer = plan.mats().get(i);
            Polygon outline = whole(plan, layer);
            double w = listed.get(i).get("width").get("mm").asDouble();
            double h = listed.get(i).get("height").get("mm").asDouble();
            double[] expected = switch (listed.get(i).get("shape").asText()) {
                case "rectangle" -> new double[] {w, w, h, h};
                case "right triangle" -> new double[] {w, h, Math.hypot(w, h)};
                default -> StreamSupport.stream(listed.get(i).get("edges").spliterator(), false)
                        .mapToDouble(edge -> edge.get("mm").asDouble()).toArray();
            };
            double area = switch (listed.get(i).get("shape").asText()) {
                case "rectangle" -> w * h;
                case "right triangle" -> w * h / 2;
                default -> outline.getArea();
            };
            Arrays.sort(expected);
            assertTrue(expected.length == edges(outline).length || layer.outline().getNumPoints() > 5, layer.label());
            assertEquals(area, outline.getArea(), CLOSE * area, layer.label());
            if (expected.length == edges(outline).length) {
                assertArrayEquals(expected, edges(outline), CLOSE, layer.label());
            }
        }
    }

    /** Measured from outline to outline, along every edge of the panel: notches and slants, too. */
    @ParameterizedTest
    @MethodSource("projects")
    void border_isKeptAlongEveryEdge(Project project) {
        Plan plan = Plans.plan(project);
        for (MatLayer layer : plan.mats()) {
            SizedDesign.Piece piece = plan.design().piece(layer.on().on().piece());
            CreasePattern pattern = plan.pieces().get(piece.id()).pattern();
            Polygon place = layer.on().isWhole() ? pattern.outline()
                    : pattern.panel(layer.on().on().panel()).orElseThrow().outline();
            double border = layer.reveal().times(layer.layer()).toMillimetres();
            Polygon under = Openings.closed(place, piece);
            Polygon own = Openings.closed(layer.outline(), piece);
            assertTrue(under.covers(own), layer.label());
            assertTrue(own.getBoundary().distance(under.getBoundary()) >= border - CLOSE,
                    layer.label() + " " + own.getBoundary().distance(under.getBoundary()));
        }
    }

    @ParameterizedTest
    @MethodSource("projects")
    void layers_areCutOnTheRuler(Project project) {
        Plan plan = Plans.plan(project);
        plan.mats().forEach(layer -> assertTrue(project.step().has(layer.width()) && project.step().has(layer.height()),
                layer.label() + " " + layer.width() + " " + layer.height()));
    }

    /**
     * What is cut is what is listed: every layer, or part of one, is a rectangle of the cutting plan, or half of one.
     */
    @ParameterizedTest
    @MethodSource("projects")
    void cuttingPlan_usesTheListedMeasures(Project project) {
        Plan plan = Plans.plan(project);
        for (CutPart layer : plan.mats().stream()
                .flatMap(mat -> CutPart.of(project, plan.design(), mat).stream()).toList()) {
            List<List<Length>> placed = plan.layout().sheets().stream().flatMap(sheet -> sheet.placements().stream())
                    .filter(placement -> placement.pieces().contains(layer.id()))
                    .map(placement -> Stream.of(placement.width(), placement.height()).sorted().toList()).toList();
            boolean tooLong = plan.layout().unplaced().contains(layer.id());
            assertEquals(tooLong ? List.of() : List.of(Stream.of(layer.width(), layer.height()).sorted().toList()),
                    placed, layer.label());
        }
    }

    /**
     * By hand: a cell of 2 1/2 ÷ √2 = 1.768 less 2 × 1/8 is 1.518, on the ruler 1 1/2; a right triangle of 4 1/4 × 5
     * 1/2 with 1/8 all round is 3.870 × 5.009.
     */
    @ParameterizedTest
    @CsvSource({"squash-fold,Cell 1,RECTANGLE,3/2,3/2", "crossover,Diagonal front,TRIANGLE,61/16,5",
        "criss-cross-pocket,Left triangle,TRIANGLE,61/16,5"})
    void slantedPanels_byTheirOwnMeasures(String design, String label, Kind kind, String width, String height) {
        MatLayer layer = Plans.plan(project(design)).mats().stream().filter(mat -> mat.on().label().equals(label))
                .findFirst().orElseThrow();
        assertEquals(kind, layer.form().kind());
        assertEquals(List.of(width, height), List.of(sixteenths(layer.width()), sixteenths(layer.height())));
    }

    private static String sixteenths(Length length) {
        long count = length.nanometres() / Length.ofInches(1, 16).nanometres();
        return count % 16 == 0 ? count / 16 + "" : count % 8 == 0 ? count / 8 + "/2" : count + "/16";
    }

    /**
     * Half of an odd size falls between the marks: the folded-back half is then the shorter one, and everything that is
     * read lies on the ruler.
     */
    @ParameterizedTest
    @CsvSource({"SIXTEENTH_INCH,5 9/16 in", "MILLIMETRE,121 mm"})
    void backFold_oddHeight_isScoredOnTheRuler(RulerStep ruler, String height) {
        Plan plan = Plans.plan(Project.of(project("back-fold-holder").design(), ruler).withSet("height", height));
        assertTrue(plan.run().stream().filter(step -> step.phase() == Phase.SCORE)
                .flatMap(step -> step.readings().stream())
                .noneMatch(reading -> reading.rounded() || !ruler.has(reading.length())));
        assertTrue(plan.mats().stream().allMatch(layer -> ruler.has(layer.height()) && ruler.has(layer.width())));
    }

    @Test
    void numberBetweenTheMarks_isMarkedAsRounded() {
        Plan plan = Plans.plan(project("half-fold").withSet("width", "107.3 mm"));
        assertTrue(plan.run().stream().filter(step -> step.phase() == Phase.SCORE)
                .flatMap(step -> step.readings().stream()).allMatch(reading -> reading.rounded()));
        assertTrue(Plans.plan(project("half-fold").withSet("width", "4 1/64 in")).run().stream()
                .filter(step -> step.phase() == Phase.SCORE).flatMap(step -> step.readings().stream())
                .allMatch(reading -> reading.text(plan.format()).equals("4 1/64 in")));
    }

    @Test
    void designWithAnOddPanel_listsItsRectangleAndItsCorners() {
        String text = """
                id: trapeze
                title: Trapeze
                group: card base
                about: A slanting panel
                measures:
                  width: {is: finished width, default: 4 in, label: Width}
                pieces:
                  base:
                    label: Base
                    material: card
                    size: [width, 3 in]
                    cutOuts: [{id: corner, polygon: [[0 mm, 0 mm], [1 in, 0 mm], [0 mm, 2 in]]}]
                    panels: [{id: all, label: all}]
                mats: [{on: base.all, face: inside, label: All}]
                """;
        Plan plan = Planner.plan(
                Project.of(DesignFileReader.read("own.yaml", text).value().orElseThrow(), RulerStep.SIXTEENTH_INCH))
                .value().orElseThrow();
        MatLayer layer = plan.mats().get(0);
        assertEquals(Kind.OUTLINE, layer.form().kind());
        assertEquals(5,
                plan.run().stream().filter(step -> step.phase() == Phase.MAT).flatMap(step -> step.readings().stream())
                        .filter(reading -> reading.label().contains("corner")).count());
        assertEquals(List.of("3 3/4", "2 3/4"),
                List.of(plan.format().number(layer.width()), plan.format().number(layer.height())));
    }
}

package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.design.Fold;
import cufflink.design.Score;
import cufflink.design.SizedDesign;
import cufflink.measure.Length;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.plan.RunStep;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;

/** Lines that are pressed for show. */
class ScoredPanelTest {
    private static Project panel(String... entries) {
        return Plans.set(Plans.project("scored-panel"), entries);
    }

    private static Project scored(String design, String place, String... entries) {
        Project bare = Plans.project(design);
        return Plans.set(Plans.adding(bare.withMats(bare.mats().withLayers(0)), "lines=scored-panel@" + place)
                .orThrow(), entries);
    }

    private static List<LineSegment> lines(Plan plan, String piece) {
        return plan.design().piece(piece).scores().stream().filter(score -> score.fold() == Fold.DECORATIVE)
                .map(Score::line).map(ScoredPanelTest::segment).toList();
    }

    private static LineSegment segment(SizedDesign.Line line) {
        return new LineSegment(line.x1().toMillimetres(), line.y1().toMillimetres(), line.x2().toMillimetres(),
                line.y2().toMillimetres());
    }

    /** By hand: 5 1/2 less two margins of 1/4 is 5; at 3/8 fourteen ribs go over 4 7/8, and 1/8 is left: 1/16 each. */
    @Test
    void ribs_comeOutEven() {
        Plan plan = Plans.plan(panel("pitch=3/8 in"));
        List<Length> at = plan.design().main().scores().stream().map(score -> score.line().y1()).toList();
        assertEquals(14, at.size());
        assertEquals(Plans.length("5/16 in"), at.get(0));
        assertEquals(Plans.length("5 3/16 in"), at.get(13));
        Plans.expect(plan.project()).judges("ends-alike", Verdict.GOOD);
        assertEquals(Plans.length("1/4 in"), Plans.plan(panel("pitch=3/8 in", "ends=from one edge")).design().main()
                .scores().get(0).line().y1());
    }

    /** Every line of every pattern stays clear of the edges by the margin, whatever the panel's shape. */
    @ParameterizedTest
    @CsvSource({"ribs, 4 in, 2 in", "border, 3 in, 6 in", "lattice, 4 in, 2 in", "lattice, 2 in, 5 in",
        "rays, 5 in, 2 in",
        "rays, 2 in, 5 in", "lattice, 3 in, 3 in"})
    void lines_stayClearOfTheEdges(String pattern, String width, String height) {
        for (String pitch : List.of("3/16 in", "3/8 in", "7/16 in")) {
            Plan plan = Plans.plan(panel("pattern=" + pattern, "panelWidth=" + width, "panelHeight=" + height,
                    "pitch=" + pitch, "core=1/2 in"));
            double margin = 25.4 / 4 - 1e-3;
            double w = Plans.length(width).toMillimetres() - margin;
            double h = Plans.length(height).toMillimetres() - margin;
            List<LineSegment> lines = lines(plan, "panel");
            assertTrue(lines.size() >= 4, pattern + " " + lines.size());
            for (LineSegment line : lines) {
                for (Coordinate end : List.of(line.p0, line.p1)) {
                    assertTrue(end.x >= margin && end.x <= w && end.y >= margin && end.y <= h, pattern + " " + line);
                }
                assertTrue(line.getLength() > 0.1, pattern + " " + line);
            }
        }
    }

    /** Both ways at half a right angle, ending on the lattice's edge, as far apart along it as the pitch. */
    @Test
    void lattice_isAsTheEdgesHaveIt() {
        List<LineSegment> lines = lines(Plans.plan(panel("pattern=lattice", "pitch=1 in")), "panel");
        assertEquals(16, lines.size());
        for (LineSegment line : lines) {
            assertEquals(1, Math.abs(line.p1.x - line.p0.x) / Math.abs(line.p1.y - line.p0.y), 1e-6);
        }
        List<Double> falls = lines.subList(0, 8).stream().map(line -> line.p0.x - line.p0.y).sorted().toList();
        IntStream.range(1, 8).forEach(i -> assertEquals(25.4, falls.get(i) - falls.get(i - 1), 1e-3));
    }

    /** From one corner, as many degrees apart. */
    @ParameterizedTest
    @ValueSource(strings = {"lower left", "lower right", "upper left", "upper right"})
    void rays_fanOutOfTheCorner(String corner) {
        List<LineSegment> lines = lines(Plans.plan(panel("pattern=rays", "corner=" + corner, "count=5")), "panel");
        double x = 25.4 * (corner.endsWith("left") ? 0.25 : 4);
        double y = 25.4 * (corner.startsWith("upper") ? 0.25 : 5.25);
        for (int i = 0; i < 5; i++) {
            LineSegment line = lines.get(i);
            double angle = Math.toDegrees(Math.atan2(Math.abs(line.p1.y - y), Math.abs(line.p1.x - x)));
            assertEquals(15 * (i + 1), angle, 1e-3);
            assertEquals(25.4 * 0.75, line.p0.distance(new Coordinate(x, y)), 1e-3);
        }
    }

    /** On a panel of another design it is measured from that panel, as its face is seen. */
    @Test
    void onAPanel_itIsCountedFromItsEdge() {
        Plan inside = Plans.plan(scored("half-fold", "base.back:inside", "lines.run=upright", "lines.pitch=1 in",
                "lines.ends=from one edge"));
        assertEquals(List.of("4 1/2", "5 1/2", "6 1/2", "7 1/2"), lefts(inside));
        Plan outside = Plans.plan(scored("half-fold", "base.back:outside", "lines.run=upright", "lines.pitch=1 in",
                "lines.ends=from one edge"));
        assertEquals(List.of("8 1/4", "7 1/4", "6 1/4", "5 1/4"), lefts(outside));
        assertEquals(1, inside.design().parts().size());
        assertTrue(inside.run().stream().filter(step -> step.phase() == Phase.SCORE).map(RunStep::text)
                .anyMatch(text -> text.contains(
                        "Scores lines.rib1, lines.rib2, lines.rib3 and lines.rib4 run from 1/4 to 5 1/4 in only.")));
    }

    private static List<String> lefts(Plan plan) {
        return plan.design().piece("base").scores().stream().filter(score -> score.fold() == Fold.DECORATIVE)
                .map(score -> plan.format().number(score.line().x1())).toList();
    }

    @Test
    void theyFoldNothing_andGoWithTheirPart() {
        Project bare = Plans.project("half-fold");
        Plan plan = Plans.plan(scored("half-fold", "base.front:outside", "lines.pattern=lattice"));
        assertEquals(Plans.plan(bare).pieces().get("base").pattern().panels().size(),
                plan.pieces().get("base").pattern().panels().size());
        assertEquals(List.of(), plan.faults());
        Plans.expect(plan.project()).hasNothingBad();
    }

    /** Under a layer they are not seen; past a slanting edge they run over a crease. */
    @Test
    void whatCannotBeSeen_orRunsPast_isTold() {
        Project matted = Plans.adding(Plans.project("half-fold"), "lines=scored-panel@base.front:outside").orThrow();
        Plans.expect(matted).judges("hidden-base", Verdict.WATCH);
        Plans.expect(scored("criss-cross-pocket", "outer.triangle:outside")).judges("past-outer.triangle", Verdict.BAD);
    }

    @ParameterizedTest
    @CsvSource({"pattern=border, pitch=2 in, border-inside", "pattern=rays, core=1/8 in, rays-apart"})
    void settingThatDoesNotFit_isJudgedBad(String pattern, String set, String check) {
        Plans.expect(panel(pattern, set)).judges(check, Verdict.BAD);
    }

    @ParameterizedTest
    @CsvSource({"margin=2 in", "margin=0 in", "pitch=1/16 in", "count=50", "core=3 in"})
    void settingBeyondALimit_isChanged(String set) {
        String pattern = set.startsWith("c") ? "pattern=rays" : "pattern=ribs";
        assertEquals(List.of(set.split("=")[0]),
                Plans.plan(panel(pattern, set)).changed().stream().map(changed -> changed.measure()).toList());
    }
}

package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.design.Face;
import cufflink.design.Ornament;
import cufflink.design.OrnamentShape;
import cufflink.design.PanelRef;
import cufflink.design.Raise;
import cufflink.design.Side;
import cufflink.drawing.Ink;
import cufflink.drawing.OrnamentDrawing;
import cufflink.drawing.Shape;
import cufflink.drawing.StepDrawing;
import cufflink.files.design.DesignFileReader;
import cufflink.files.design.SvgPaths;
import cufflink.files.drawing.PlotLines;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.plan.RunStep;
import cufflink.stack.Adornment;
import cufflink.stack.OrnamentLie;
import cufflink.words.CheckWords;
import cufflink.words.Code;
import cufflink.words.StepWords;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Envelope;

/** Ornaments: where they stick out, where they stay dry, what they are in the way of. */
class OrnamentsTest {
    /** A half fold 100 × 150 mm, its fold at the left. */
    private static final String CARD = """
            id: leaves
            title: Leaves
            group: card base
            about: Two leaves
            difficulty: easy
            measures:
              width:  {is: finished width,  default: {in: 4 in, mm: 100 mm}, label: Width}
              height: {is: finished height, default: {in: 6 in, mm: 150 mm}, label: Height}
            pieces:
              base:
                label: Base
                material: card
                size: [2 * width, height]
                scores: [{id: spine, x: width, fold: valley}]
                panels: [{id: front, label: front}, {id: back, label: back}]
            folding: [{fold: [spine], say: Fold the front over.}]
            poses:
              half open: {spine: 90 deg}
            """;
    private static final PanelRef FRONT = new PanelRef("base", "front");
    private static final PanelRef BACK = new PanelRef("base", "back");

    private static String gate() throws IOException {
        return Files.readString(Path.of("../docs/examples/ornaments.yaml"));
    }

    private static Project project(String text) {
        Project project = Project.of(DesignFileReader.read("card.yaml", text).orThrow(), RulerStep.MILLIMETRE);
        return project.withMats(project.mats().withLayers(0));
    }

    private static Length mm(double length) {
        return Length.nearestToMillimetres(length);
    }

    private static Plan plan(Ornament... ornaments) {
        Project project = project(CARD);
        for (Ornament ornament : ornaments) {
            project = project.withOrnament(ornament);
        }
        return Plans.plan(project);
    }

    private static OrnamentLie lie(Plan plan, String id) {
        return plan.workings().posed().adornment().lie(id).orElseThrow();
    }

    private static List<Code> codes(Plan plan, Verdict verdict) {
        return plan.checks().stream().filter(check -> check.verdict() == verdict)
                .map(check -> check.message().code()).toList();
    }

    /** Where a strip lies against a closed card of 100 × 150 mm is plain arithmetic. */
    @Property(tries = 60)
    void strip_pokesOutAndStaysDry_asItsEdgesSay(@ForAll @IntRange(min = -40, max = 90) int x,
            @ForAll @IntRange(min = -30, max = 140) int y, @ForAll @IntRange(min = 5, max = 70) int w,
            @ForAll @IntRange(min = 5, max = 70) int h) {
        Plan plan = plan(Plans.strip("strip", FRONT, Face.OUTSIDE, x, y, w, h));
        OrnamentLie lie = lie(plan, "strip");
        // Seen from the front the fold is at the left; so is the left edge of the front as its outside lies up.
        int across = Math.max(0, Math.min(100, x + w) - Math.max(0, x));
        int down = Math.max(0, Math.min(150, y + h) - Math.max(0, y));
        assertEquals((double) across * down / (w * h), lie.share(), 1e-9);
        assertEquals(across * down < w * h, lie.isPartlyDry());
        Map<Side, Integer> past = Map.of(Side.LEFT, -x, Side.RIGHT, x + w - 100, Side.TOP, -y, Side.BOTTOM,
                y + h - 150);
        for (Side side : Side.values()) {
            assertEquals(Length.ofMillimetres(Math.max(0, past.get(side))),
                    lie.pokes().getOrDefault(side, Length.ZERO), side.word());
        }
        assertEquals(Map.of(), lie.inTheWay());
        Length width = Length.ofMillimetres(Math.max(100, x + w) - Math.min(0, x));
        assertEquals(width, plan.workings().stacked().wholeSize("base").orElseThrow().width());
    }

    @Test
    void ornamentAcrossAFold_inside_isInItsWay_outside_standsOut() {
        // The inside seen from above: the fold is at the right of the front.
        Plan inside = plan(Plans.strip("strip", FRONT, Face.INSIDE, 80, 50, 40, 20));
        assertEquals(Set.of("closed"), lie(inside, "strip").inTheWay().keySet());
        assertTrue(codes(inside, Verdict.BAD).contains(CheckWords.ORNAMENT_IN_THE_WAY));
        Plan outside = plan(Plans.strip("strip", FRONT, Face.OUTSIDE, -20, 50, 40, 20));
        assertEquals(Map.of(Side.LEFT, Length.ofMillimetres(20)), lie(outside, "strip").pokes());
        assertEquals(List.of(CheckWords.ORNAMENT_POKES_OUT), codes(outside, Verdict.WATCH));
        assertTrue(codes(outside, Verdict.BAD).isEmpty());
    }

    @Test
    void ornamentThatStandsOut_makesTheEnvelopeTooSmall() {
        NamedSize envelope = PublishedSizes.named(NamedSize.Kind.ENVELOPE, "C6").orElseThrow();
        Project card = project(CARD).withEnvelope(Optional.of(envelope));
        assertTrue(codes(Plans.plan(card), Verdict.BAD).isEmpty());
        Plan adorned = Plans.plan(card.withOrnament(Plans.strip("strip", FRONT, Face.OUTSIDE, 80, 50, 40, 20)));
        assertTrue(codes(adorned, Verdict.BAD).contains(CheckWords.TOO_LARGE_FOR), adorned.checks().toString());
    }

    @Test
    void heartOverAGate_staysDryOverTheOtherLeaf_andLetsItOpen() throws IOException {
        Plan plan = Plans.plan(project(gate()));
        OrnamentLie heart = lie(plan, "heart");
        assertEquals(List.of("right leaf"), heart.over());
        assertEquals(Map.of(), heart.inTheWay());
        assertFalse(lie(plan, "picture").isPartlyDry());
    }

    /** The leaf under the heart cannot open first. */
    @Test
    void heartOverAGate_isInTheWay_ofAPoseInWhichTheOtherLeafOpensAlone() throws IOException {
        String text = gate().replace("half open: {left: 100 deg, right: 100 deg}",
                "half open: {left: 100 deg, right: 100 deg}\n  right leaf open: {right: 60 deg}");
        assertEquals(Set.of("right leaf open"), lie(Plans.plan(project(text)), "heart").inTheWay().keySet());
        String inside = text.replace("on: base.leaf-left\n    face: outside", "on: base.leaf-left\n    face: inside")
                .replace("right -over", "left -over");
        OrnamentLie under = lie(Plans.plan(project(inside)), "heart");
        assertEquals(List.of("right leaf"), under.over(), "behind the other leaf");
        assertFalse(under.inTheWay().containsKey("right leaf open"));
    }

    /** A pocket glued across the lower part of the back: what lies under its edge is in its glue. */
    @Test
    void ornamentUnderAGluedPocket_liesInItsGlue_onThePocketItDoesNot() {
        Project card = Plans.adding(project(CARD), "pocket=panel-pockets@base.back:inside").orThrow();
        Plan under = Plans.plan(card.withOrnament(Plans.strip("strip", BACK, Face.INSIDE, 30, 127, 40, 20)));
        assertEquals(Set.of("closed"), lie(under, "strip").inTheWay().keySet());
        Plan inside = Plans.plan(card.withOrnament(Plans.strip("strip", BACK, Face.INSIDE, 30, 115, 40, 20)));
        assertEquals(Set.of(), lie(inside, "strip").inTheWay().keySet());
        PanelRef pocket = new PanelRef("pocket.pocket", "front");
        Plan over = Plans.plan(card.withOrnament(Plans.strip("strip", pocket, Face.OUTSIDE, 30, 60, 40, 20)));
        assertEquals(Map.of(), lie(over, "strip").inTheWay());
        assertEquals(List.of(), lie(over, "strip").mouths());
    }

    /** Above the pocket, on the panel behind it, what goes in would have to pass through it. */
    @Test
    void ornamentAbovePocketsMouth_isInTheWayOfWhatGoesIn() {
        Project card = Plans.adding(project(CARD), "pocket=panel-pockets@base.back:inside").orThrow()
                .withSet("pocket.size", "80 mm");
        Plan plan = Plans.plan(card.withOrnament(Plans.strip("strip", BACK, Face.INSIDE, 30, 20, 40, 20)));
        assertEquals(1, lie(plan, "strip").mouths().size());
        assertTrue(codes(plan, Verdict.BAD).contains(CheckWords.ORNAMENT_CLOSES_MOUTH));
    }

    @Test
    void padsThatMeet_areNamedForThePost() {
        Ornament front = Plans.strip("one", FRONT, Face.INSIDE, 20, 50, 30, 30).withHeight(Raise.ONE_PAD.height());
        Ornament back = Plans.strip("two", BACK, Face.INSIDE, 60, 60, 30, 30).withHeight(Raise.TWO_PADS.height());
        Plan plan = plan(front, back);
        Adornment.Meeting meeting = plan.workings().posed().adornment().meetings().get(0);
        Length card = plan.stack().orElseThrow().caliper("base");
        assertEquals(card.times(2).plus(Length.ofMillimetres(3)), meeting.thickness());
        assertEquals(meeting.thickness(), plan.stack().orElseThrow().thickness());
        assertTrue(codes(plan, Verdict.GOOD).contains(CheckWords.ORNAMENTS_MEET));
        NamedSize envelope = PublishedSizes.named(NamedSize.Kind.ENVELOPE, "C5").orElseThrow();
        Plan posted = Plans.plan(plan.project().withEnvelope(Optional.of(envelope)));
        assertTrue(codes(posted, Verdict.WATCH).contains(CheckWords.PADS_MEET));
        // Seen from the inside the two lie at opposite sides of the fold: 20 to 50 and 200 − 90 to 200 − 60 of it.
        assertEquals(List.of(), plan(front, Plans.strip("two", BACK, Face.INSIDE, 10, 60, 30, 30)).workings().posed()
                .adornment().meetings());
    }

    @Test
    void freePlace_isWhatAnOrnamentLeaves_andNeverUnderIt() {
        Plan plan = plan(Plans.strip("strip", FRONT, Face.OUTSIDE, 0, 0, 100, 90));
        Adornment.FreePlace free = plan.workings().posed().adornment().free().orElseThrow();
        assertEquals(FRONT, free.panel());
        assertTrue(free.width().toMillimetres() > 99.5 && free.width().toMillimetres() <= 100, free.toString());
        assertTrue(free.height().toMillimetres() > 59 && free.height().toMillimetres() <= 60, free.toString());
        assertTrue(codes(plan(Plans.strip("strip", FRONT, Face.OUTSIDE, 0, 0, 100, 145)), Verdict.WATCH)
                .contains(CheckWords.NO_PLACE_FOR_WORDS));
    }

    @Test
    void lostOrnament_leavesTheCard_andIsNamed() {
        Plan plan = plan(Plans.strip("strip", new PanelRef("base", "nowhere"), Face.OUTSIDE, 0, 0, 10, 10));
        assertEquals(List.of(CheckWords.ORNAMENT_ON_NO_PANEL), codes(plan, Verdict.BAD));
        assertEquals(1, plan.workings().posed().adornment().lost().size());
    }

    @ParameterizedTest
    @CsvSource({"START, 10, 10, 30", "END, 10, 70, 90", "MIDDLE, 0, 40, 60", "MIDDLE, -5, 35, 55", "END, -5, 85, 105"})
    void place_isMeasuredFromTheEdgeThatItNames(Ornament.Anchor anchor, double by, double left, double right) {
        Ornament ornament = Plans.strip("strip", FRONT, Face.OUTSIDE, 0, 0, 20, 10);
        Plan plan = plan(ornament.with(new Ornament.Put(new Ornament.Along(anchor, mm(by)), ornament.put().down(), 0)));
        var box = plan.stack().orElseThrow().layers().stream().filter(layer -> layer.label().equals("strip"))
                .findFirst().orElseThrow().footprint().getEnvelopeInternal();
        double card = plan.stack().orElseThrow().bounds().getMinX();
        assertEquals(left, box.getMinX() - card, 1e-6);
        assertEquals(right, box.getMaxX() - card, 1e-6);
    }

    @Test
    void step_saysWhereAndOnWhat_andItsPictureShowsTheGlue() throws IOException {
        Plan plan = Plans.plan(project(gate()));
        RunStep heart = plan.run().stream().filter(step -> step.called().code() == StepWords.ORNAMENT_ON).findFirst()
                .orElseThrow();
        List<Code> told = heart.told().stream().map(message -> message.code()).toList();
        assertEquals(List.of(StepWords.GLUE_ORNAMENT, StepWords.ORNAMENT_LIES, StepWords.ORNAMENT_DRY), told);
        assertEquals(List.of(Length.ofMillimetres(20)),
                heart.readings().stream().map(reading -> reading.length()).toList());
        List<Shape> shapes = StepDrawing.draw(plan, heart, StepDrawing.Moment.done(), 0.35).shapes();
        Shape.Area glue = shapes.stream().filter(shape -> shape instanceof Shape.Area area && area.ink() == Ink.GLUE)
                .map(Shape.Area.class::cast).findFirst().orElseThrow();
        // The outside lies up: the left leaf is the last 51.5 of 208 mm.
        assertTrue(glue.corners().stream().allMatch(spot -> spot.x() > 156.4 && spot.x() < 208.001));
        assertTrue(shapes.stream().anyMatch(shape -> shape instanceof Shape.Area area && area.ink() == Ink.ORNAMENT
                && area.corners().stream().anyMatch(spot -> spot.x() > 227.9)));
    }

    /**
     * Areas from elementary geometry: a square, a disc by four arcs, the region under a parabola (a third of its box).
     */
    @ParameterizedTest
    @CsvSource({"M0 0h10v10h-10z, 100",
        "'M 0 10 A 10 10 0 0 1 10 0 10 10 0 0 1 20 10 10 10 0 0 1 10 20 10 10 0 0 1 0 10 Z', 314.159",
        "'M0 0 Q 10 0 20 20 L 0 20 Z M 5 15 h1 v1 h-1 z', 266.667", "'m5,5 l10,0 l0,10', 50"})
    void path_enclosesWhatItSays(String path, double area) {
        assertEquals(area, SvgPaths.read("path", path).orThrow().outline().getArea(), area * 2e-3);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "rubbish", "M0 0", "M0 0 L10 10", "M0 0 L", "M10 10h80v-5q", "M0 0 C 1 1",
        "M 0 0 L 1e30 0 L 1e30 1", "<svg/>"})
    void path_thatEnclosesNothing_isRefused(String path) {
        assertTrue(SvgPaths.read("path", path).value().isEmpty(), path);
    }

    /** What no two measures describe is drawn to be traced, and can be plotted. */
    @Test
    void shapes_areDrawnTrueToSize_sideBySide() throws IOException {
        Ornament oval = Plans.strip("oval", FRONT, Face.OUTSIDE, 0, 0, 30, 20);
        Plan plan = plan(oval.with(new Ornament.Form(OrnamentShape.OVAL, mm(30), mm(20), Optional.empty())),
                Plans.strip("banner", FRONT, Face.OUTSIDE, 0, 0, 80, 15)
                        .with(new Ornament.Form(OrnamentShape.BANNER, mm(80), mm(15), Optional.empty())),
                Plans.strip("strip", FRONT, Face.OUTSIDE, 0, 0, 60, 10));
        List<Ornament> traced = OrnamentDrawing.traced(plan);
        assertEquals(List.of("oval", "banner"), traced.stream().map(Ornament::id).toList());
        for (double most : new double[] {300, 90}) {
            List<Envelope> boxes = OrnamentDrawing.draw(plan, traced, most, 0.35).shapes().stream()
                    .filter(Shape.Area.class::isInstance).map(shape -> box((Shape.Area) shape)).toList();
            assertEquals(30, boxes.get(0).getWidth(), 1e-6);
            assertEquals(80, boxes.get(1).getWidth(), 1e-6);
            assertFalse(boxes.get(0).intersects(boxes.get(1)));
            assertEquals(most < 120, boxes.get(1).getMinY() > boxes.get(0).getMaxY());
        }
        assertTrue(PlotLines.of(plan).stream().anyMatch(lines -> lines.name().equals("ornament-banner")
                && lines.layers().get("cut").get(0).points().size() == 7));
    }

    private static Envelope box(Shape.Area area) {
        Envelope box = new Envelope();
        area.corners().forEach(corner -> box.expandToInclude(corner.x(), corner.y()));
        return box;
    }

    @Test
    void goodOrnaments_areToldOnce() throws IOException {
        Plan plan = Plans.plan(project(gate()));
        assertEquals(1, plan.checks().stream().filter(check -> check.id().equals("ornaments")).count());
        assertEquals(List.of(), plan.checks().stream().filter(check -> check.verdict() == Verdict.BAD)
                .map(Check::text).toList());
    }
}

package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.design.CreaseRef;
import cufflink.design.Measure.Role;
import cufflink.design.PanelRef;
import cufflink.design.Side;
import cufflink.design.SizedDesign.Pose;
import cufflink.drawing.ClosedDrawing;
import cufflink.drawing.FoldDrawing;
import cufflink.drawing.PoseDrawing;
import cufflink.drawing.View;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.design.DesignFileReader;
import cufflink.fit.Wish;
import cufflink.fold.FlatFoldedState;
import cufflink.fold.FoldMotion;
import cufflink.fold.FoldedState;
import cufflink.fold.Folder;
import cufflink.fold.Point3;
import cufflink.fold.PosedCard;
import cufflink.fold.Trial;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.NamedSize;
import cufflink.paper.PaperRole;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Problem;
import cufflink.stack.ClosedStack;
import cufflink.stack.PocketSpace;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;

/** Folding proved on the built-in designs: every size and paper, motions, pockets, and what is refused. */
class FoldedDesignsTest {
    /** Three sizes that the designs are tried at; smaller ones do not hold what some of them hold. */
    private static final double[] SIZES = {1, 1.15, 1.4};

    static Stream<String> ids() {
        return BuiltInDesigns.all().stream().map(design -> design.id());
    }

    private static Plan plan(String id) {
        return Plans.plan(Plans.project(id));
    }

    private static Project sized(String id, RulerStep step, double factor, String sheet) {
        Project project = Project.of(
                BuiltInDesigns.all().stream().filter(design -> design.id().equals(id)).findFirst().orElseThrow(), step);
        NamedSize paper = PublishedSizes.named(NamedSize.Kind.SHEET, sheet).orElseThrow();
        for (PaperRole role : project.papers().chosen().keySet()) {
            Stock stock = project.paper(role).inSheets(paper.width(), paper.height());
            project = project.withPaper(role, stock);
        }
        if (factor == 1 || project.design().measure(Role.FINISHED_WIDTH).isEmpty()) {
            return project;
        }
        Plan usual = Planner.plan(project).orThrow();
        return project.withWish(
                new Wish.FinishedSize(scaled(usual, project, true, factor), scaled(usual, project, false, factor)));
    }

    private static Length scaled(Plan usual, Project project, boolean width, double factor) {
        Role role = width ? Role.FINISHED_WIDTH : Role.FINISHED_HEIGHT;
        Length side = usual.measures().get(role).or(() -> usual.measures().get(Role.FINISHED_WIDTH)).orElseThrow()
                .length();
        return project.step().nearest(Length.nearestToMillimetres(side.toMillimetres() * factor));
    }

    /** Only the paper may be too small: a larger card does not come out of a small sheet. */
    private static List<String> bad(Plan plan) {
        return plan.checks().stream().filter(check -> check.verdict() == Verdict.BAD && !check.id().startsWith("sheet")
                && !check.text().startsWith("The paper does not give")).map(Check::text).toList();
    }

    @ParameterizedTest
    @MethodSource("ids")
    void design_passesItsChecks_atThreeSizes_inBothUnits_onThreePapers(String id) {
        for (RulerStep step : List.of(RulerStep.SIXTEENTH_INCH, RulerStep.MILLIMETRE)) {
            for (double size : SIZES) {
                for (String sheet : List.of("Letter", "A4", "12 in square")) {
                    Plan plan = Planner.plan(sized(id, step, size, sheet)).orThrow();
                    assertEquals(List.of(), bad(plan), () -> id + " " + step + " × " + size + " on " + sheet);
                    assertEquals(List.of(), plan.faults());
                }
            }
        }
    }

    /** The strip lies flat round the bar's fold and is raised over it, at every size and in both units. */
    @ParameterizedTest
    @ValueSource(doubles = {1, 1.15, 1.4})
    void sentimentStrip_closesAndIsRaised(double size) {
        for (RulerStep step : List.of(RulerStep.SIXTEENTH_INCH, RulerStep.MILLIMETRE)) {
            Plan plan = Planner.plan(sized("slot-concertina", step, size, "12 in square").withSet("strip", "yes"))
                    .orThrow();
            assertEquals(List.of(), bad(plan));
            assertEquals(List.of("half open", "strip raised"),
                    plan.poses().stream().map(PosedCard::name).toList());
            assertEquals(List.of(), plan.faults());
        }
    }

    /** Paper does not stretch: on the way to every pose each panel keeps its edges. */
    @ParameterizedTest
    @MethodSource("ids")
    void everyPose_isReached_andKeepsThePaperRigid(String id) {
        for (PosedCard posed : plan(id).poses()) {
            for (double share : new double[] {0.05, 0.33, 0.71, 1}) {
                FoldedState state = posed.motion().at(share).orThrow();
                for (PanelRef panel : state.assembly().panels()) {
                    Coordinate[] ring = state.assembly().panel(panel).outline().getExteriorRing().getCoordinates();
                    List<Point3> corners = state.corners(panel);
                    for (int i = 0; i < corners.size(); i++) {
                        assertEquals(ring[i].distance(ring[i + 1]),
                                corners.get(i).distance(corners.get((i + 1) % corners.size())), 1e-6, id + " " + panel);
                    }
                }
            }
        }
    }

    /** Nothing of these can be opened: they are shown closed. */
    private static final Set<String> STIFF = Set.of("panel-pockets", "notch-sleeve", "insert", "ribbon-pull",
            "ribbon-tie", "criss-cross-pocket", "scored-panel", "note-pocket");

    @ParameterizedTest
    @MethodSource("ids")
    void everyDesign_isDrawnHalfOpen_frontAndBack(String id) {
        Plan plan = plan(id);
        if (STIFF.contains(id)) {
            assertTrue(plan.poses().isEmpty() && ClosedDrawing.draw(plan, false, 0.3).isPresent());
            return;
        }
        // What is opened out and stays so is never half open.
        String shown = plan.design().poses().containsKey(PoseDrawing.HALF_OPEN) ? PoseDrawing.HALF_OPEN
                : plan.design().definition().stands().orElseThrow();
        assertTrue(PoseDrawing.draw(plan, shown, View.TILTED, 0.3).orElseThrow().shapes().size()
                >= plan.assembly().panels().size());
        assertTrue(PoseDrawing.draw(plan, shown, new View(130, 10, 0), 0.3).isPresent());
        PosedCard first = plan.poses().get(0);
        assertFalse(FoldDrawing.draw(PoseDrawing.between(plan, first, 0.5).orElseThrow(), View.ABOVE, 0.3).shapes()
                .isEmpty());
    }

    private static PocketSpace pocket(String id, String behind) {
        ClosedStack stack = plan(id).stack().orElseThrow();
        return stack.spaces().stream()
                .filter(space -> space.behind().contains(new PanelRef(behind.split("\\.")[0], behind.split("\\.")[1])))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no pocket before " + behind + " in " + stack.spaces()));
    }

    /** Pockets follow from folds and glue alone; sizes as the measures say. */
    @Test
    void pockets_areFoundFromTheLayers() {
        PocketSpace holder = pocket("m-fold-holder", "base.pocketBack");
        assertEquals(Set.of(Side.LEFT), holder.open());
        assertEquals(Set.of(Side.RIGHT, Side.TOP, Side.BOTTOM), holder.closed());
        assertEquals(Length.ofInches(5, 2), holder.depth());
        assertEquals(Length.ofInches(17, 4), holder.width());
        PocketSpace liner = pocket("back-fold-holder", "liner.sheet");
        assertEquals(Set.of(Side.LEFT), liner.open());
        PocketSpace small = pocket("nested-diagonal-pockets", "base.upperRight");
        assertEquals(Set.of(Side.TOP), small.open());
        assertEquals(Set.of(Side.LEFT, Side.RIGHT, Side.BOTTOM), small.closed());
        ClosedStack steps = Plans.plan(Plans.project("centre-step").withSet("pocket", "yes")).stack().orElseThrow();
        assertEquals(Set.of(Side.BOTTOM), steps.spaces().get(0).open());
        assertEquals(Set.of(Side.LEFT, Side.RIGHT, Side.TOP), steps.spaces().get(0).closed());
        assertTrue(plan("overlapping-gate").stack().orElseThrow().spaces().isEmpty());
    }

    /** The order of layers that the design's text states: large pocket, small pocket, inside, back. */
    @Test
    void nestedPockets_lieInTheStatedOrder_andTheBackCoversAll() {
        Plan plan = plan("nested-diagonal-pockets");
        FlatFoldedState flat = plan.closed().orElseThrow();
        List<String> whole = flat.order().stream().map(PanelRef::panel).filter(panel -> !panel.contains("Corner"))
                .toList();
        assertEquals(List.of("lowerRight", "upperLeft", "upperRight", "lowerLeft"), whole);
        assertEquals("back", plan.stack().orElseThrow().shown(false).get(0).layer().label());
    }

    /**
     * A corner fold longer than the panel runs on into the next one: the last fold creases the flap as well, in both
     * layers, the other way round on the flap.
     */
    @Test
    void cornerLongerThanThePanel_isCreasedThroughBothLayers() {
        Plan plan = Plans.plan(Plans.project("nested-diagonal-pockets").withSet("cornerLarge", "4 1/2 in"));
        assertEquals(List.of(), plan.faults());
        var added = plan.design().piece("base").scores().stream().filter(score -> score.id().contains(" on the "))
                .toList();
        assertEquals(1, added.size());
        assertEquals("lower spine on the large corner", added.get(0).id());
        assertEquals("mountain", added.get(0).fold().word());
        assertEquals(Length.ofInches(19, 2), added.get(0).line().y1());
        assertTrue(plan.scores().stream().anyMatch(setup -> setup.positions().stream()
                .anyMatch(position -> position.score().equals("lower spine on the large corner"))));
    }

    /** The flap can open only after the flip. */
    @Test
    void flap_opensOnlyAfterTheFlip() {
        Plan plan = plan("flip-flap");
        FlatFoldedState closed = plan.closed().orElseThrow();
        Map<String, Pose> direct = Map.of("flap first",
                new Pose(Optional.empty(), Optional.empty(), Map.of(new CreaseRef("flap", "top"), 70.0)));
        assertTrue(PosedCard.pose(closed, direct, piece -> false).get(0).obstacle().orElseThrow().what()
                .contains("lies on the flap"));
        assertTrue(plan.poses().stream().allMatch(posed -> posed.obstacle().isEmpty()));
    }

    /** Pulling the tail by two steps turns one square over: the fold moves one step, the tail two. */
    @Test
    void waterfall_tailMovesTwoStepsForOneOfTheFold() {
        Plan plan = plan("waterfall");
        PosedCard turned = plan.poses().stream().filter(posed -> posed.name().equals("one turned")).findFirst()
                .orElseThrow();
        FoldedState before = plan.closed().orElseThrow().state();
        FoldedState after = turned.state().orThrow();
        double step = plan.measures().length("step").toMillimetres();
        PanelRef tail = new PanelRef("strip", "tail");
        assertEquals(2 * step, after.corners(tail).get(0).distance(before.corners(tail).get(0)), 1e-3);
        PanelRef square = new PanelRef("square4", "square");
        assertEquals(plan.measures().length("reach").toMillimetres(), plan.measures().length("height").toMillimetres()
                - after.corners(square).stream().mapToDouble(Point3::y).min().orElseThrow(), 1e-3);
    }

    /** Opened to a right angle the steps have the treads and risers that the measures say, level and upright. */
    @Test
    void centreStep_standsInRightAngles() {
        Plan plan = plan("centre-step");
        FoldedState open = plan.poses().get(0).state().orThrow();
        double back = Math.abs(open.position().get(new PanelRef("base", "back")).apply(0, 0, 1).z()
                - open.position().get(new PanelRef("base", "back")).apply(0, 0, 0).z());
        for (String panel : List.of("tread1", "riser1", "tread2", "riser2")) {
            double rise = Math.abs(open.position().get(new PanelRef("base", panel)).apply(0, 0, 1).z()
                    - open.position().get(new PanelRef("base", panel)).apply(0, 0, 0).z());
            assertEquals(panel.startsWith("tread") ? back : 1 - back, rise, 1e-9, panel);
        }
    }

    /** Open at a right angle the tube is square, and the bar stands in it. */
    @Test
    void slotConcertina_opensToASquareTube() {
        FoldedState open = plan("slot-concertina").poses().get(0).state().orThrow();
        for (String joint : List.of("left joint", "right joint")) {
            assertEquals(90, open.angle(new CreaseRef("b", joint)), 1e-6);
        }
        assertEquals(90, open.angle(new CreaseRef("b", "fold")), 1e-6);
        assertEquals(90, open.angle(new CreaseRef("bar", "centre")), 1e-6);
        assertEquals(4, new Folder(plan("slot-concertina").assembly()).loops() + 1);
    }

    /**
     * A practitioner's sizes, worked out apart from this program by simulation: strip, scores, travel. What is given is
     * taken as it is.
     */
    @ParameterizedTest
    @CsvSource({"105 mm, 148 mm, 57 mm, 12 mm, 13 mm, 20 mm, 4, 199 mm, 57 69 81 93, 72 mm",
        "4.25 in, 5.5 in, 2.25 in, 0.5 in, 0.5 in, 0.75 in, 4, 8 in, 57.15 69.85 82.55 95.25, 3 in"})
    void waterfall_worksOutTheStrip(String width, String height, String square, String step, String low, String band,
            int flaps, String strip, String scores, String travel) {
        Plan plan = Plans.plan(
                Plans.metric("waterfall").withWish(new Wish.FinishedSize(Plans.length(width), Plans.length(height)))
                        .withSet("square", square).withSet("step", step).withSet("low", low)
                        .withSet("bandHeight", band).withSet("flaps", String.valueOf(flaps)));
        assertEquals(List.of(), plan.changed());
        assertEquals(Plans.length(strip), plan.design().piece("strip").height().length());
        assertEquals(Plans.length(travel), plan.measures().length("travel"));
        assertEquals(scores,
                plan.design().piece("strip").scores().stream()
                        .map(score -> String.valueOf(score.line().y1().toMillimetres()).replaceAll("\\.0$", ""))
                        .collect(Collectors.joining(" ")));
        assertEquals(List.of(), plan.checks().stream().filter(check -> check.verdict() == Verdict.BAD).toList());
        assertEquals(List.of(), plan.faults());
    }

    @ParameterizedTest
    @ValueSource(strings = {"3", "5", "6", "7", "8"})
    void waterfall_foldsAndMoves_withAnyNumberOfSquares(String flaps) {
        Plan plan = Plans.plan(Plans.project("waterfall").withSet("flaps", flaps));
        assertEquals(List.of(), plan.faults());
        assertEquals(List.of(), plan.checks().stream().filter(check -> check.verdict() == Verdict.BAD).toList());
    }

    /** Whole and halved cells add up to the row of squares; closed it is one cell. */
    @Test
    void squashFold_isOneCellClosed_atAnyLength() {
        for (String squares : List.of("1", "3", "5")) {
            Plan plan = Plans.plan(Plans.project("squash-fold").withSet("squares", squares).withSet("grid", "2 in"));
            int n = Integer.parseInt(squares);
            assertEquals(n + 1 + 4 * n, plan.assembly().panels().size());
            assertEquals(List.of(), plan.faults());
            double cell = 50.8 / Math.sqrt(2);
            assertEquals(cell, plan.closedWidth().orElseThrow().toMillimetres(), 1e-5);
            double area = plan.pieces().get("base").pattern().outline().getArea();
            assertEquals((3 * n + 1) * cell * cell, area, 1e-2);
        }
    }

    private static double degrees(Plan plan, String measure) {
        return Double.parseDouble(
                plan.measures().get(measure).orElseThrow().text(plan.format()).replaceAll("[^0-9.]", ""));
    }

    /** The pleated sectors add up to the half or the quarter of a circle, and the tree is as wide as was asked. */
    @ParameterizedTest
    @CsvSource({"half disc, 180", "quarter disc, 90"})
    void pleatedTree_sectorsAddUp_andItIsAsWideAsAsked(String from, double whole) {
        Plan plan = Plans.plan(Plans.set(Plans.project("pleated-tree"), "from=" + from, "wanted=3 in"));
        assertEquals(List.of(), plan.faults());
        assertEquals(whole, 5 * degrees(plan, "wide") + 4 * degrees(plan, "narrow"), 0.5);
        assertEquals(3 * 25.4, plan.measures().length("treeWidth").toMillimetres(), 1e-6);
        double area = Math.PI * Math.pow(plan.measures().length("radius").toMillimetres(), 2) * whole / 360;
        assertEquals(area, plan.pieces().get("disc").pattern().outline().getArea(), area * 0.01);
    }

    /** Below the rim: a gap, then the pot, which covers the trunk's foot. */
    @ParameterizedTest
    @CsvSource({"half disc", "quarter disc"})
    void pleatedTree_standsInItsPot(String from) {
        Plan plan = Plans.plan(Plans.set(Plans.project("pleated-tree"), "from=" + from, "base=pot", "wanted=2 3/4 in"));
        Plans.expect(plan.project()).hasNothingBad();
        double high = Stream.of("radius", "gap", "potHeight")
                .mapToDouble(measure -> plan.measures().length(measure).toMillimetres()).sum();
        assertEquals(high, plan.closedHeight().orElseThrow().toMillimetres(), 0.1);
        Plans.expect(Plans.set(plan.project(), "trunkShows=1 3/8 in")).judges("pot-takes-trunk", Verdict.BAD);
        Plans.expect(Plans.set(plan.project(), "trunkShows=3/8 in")).judges("pot-holds", Verdict.WATCH);
    }

    @Test
    void diamondTree_squaresComeFromTheStripsCutOff() {
        Plan plan = plan("diamond-tree");
        assertEquals(6, plan.design().pieces().stream().filter(piece -> piece.from().isPresent()).count());
        assertTrue(plan.layout().sheets().stream().flatMap(sheet -> sheet.placements().stream()).noneMatch(
                placement -> placement.piece().startsWith("square") && !placement.piece().contains("layer")));
        assertFalse(plan.measures().length("side").isLongerThan(plan.closedWidth().orElseThrow()));
    }

    /** Each row changes a crease, a slit or an angle of a good design; the file is refused with the reason. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "squash-fold| then 'mountain' else 'valley'\"}| then 'valley' else 'mountain'\"}| there must be two more of "
                + "one than of the other",
        "squash-fold| - {id: \"upright{i}\"| - {id: \"upright{i}\", when: i > 1| in one panel",
        "centre-step| - {id: right slit, x: width - side, from: height - 2 * step, to: height + tread + step}| - "
                + "{id: right slit, x: width - side, from: height - 2 * step, to: height - step}| in one panel",
        "centre-step| to: width - side, fold: mountain}| to: width - side, fold: valley}| It cannot be folded with "
                + "stiff panels",
        "accordion| [1, panels - 1]}, x: first + (i - 1) * middle, fold: \"if i mod 2 = 1 then 'valley' else "
                + "'mountain'\"| [1, panels - 1]}, x: first + (i - 1) * middle, fold: valley| lies on the last panel"})
    void wrongCrease_isRefusedWithTheReason(String id, String good, String wrong, String reason) {
        String text = BuiltInDesigns.text(id);
        assertTrue(text.contains(good), good);
        List<String> problems = DesignFileReader.read("mine.yaml", text.replace(good, wrong)).problems().stream()
                .map(Problem::text).toList();
        assertTrue(problems.stream().anyMatch(problem -> problem.contains(reason)),
                () -> "expected “" + reason + "” in " + problems);
    }

    /** The upper half of the middle crease is three degrees off. */
    @Test
    void angleOff_isRefusedWithTheVertexAndTheAngle() {
        String text = BuiltInDesigns.text("squash-fold");
        String upright = text.lines().filter(line -> line.contains("{id: \"upright{i}\"")).findFirst().orElseThrow();
        String lower = upright.replace("x: i * grid,", "x: i * grid, from: grid, to: 2 * grid,");
        String slanting = upright.replace("upright{i}", "slanting{i}").replace("x: i * grid,",
                "line: [[(i - 1/20) * grid, 0 mm], [i * grid, grid]],");
        List<String> problems = DesignFileReader
                .read("mine.yaml",
                        text.replace(upright, lower + "\n" + slanting).replace("\"upright{i}\"], repeat",
                                "\"upright{i}\", \"slanting{i}\"], repeat"))
                .problems().stream().map(Problem::text).toList();
        assertTrue(
                problems.stream().anyMatch(
                        problem -> problem.matches(".*every other angle adds up to 1(77|82)\\.\\d° instead of 180°.*")),
                problems.toString());
    }

    @Test
    void creaseTriedTheWrongWay_tellsWhatHappens() {
        Plan plan = plan("squash-fold");
        assertFalse(Trial.reversed(plan.pieces().get("base"), "upright1").folds());
        List<Trial> gate = new ArrayList<>();
        plan("m-fold-holder").pieces().get("base").stages().forEach(stage -> gate
                .add(Trial.reversed(plan("m-fold-holder").pieces().get("base"), stage.step().creases().get(0))));
        assertTrue(gate.stream().anyMatch(trial -> trial.folds() && trial.says().contains("Front to back")),
                gate.toString());
    }

    /** What a fold goes round: the gift card lies inside the turned-up pocket, nothing else does. */
    @Test
    void creases_knowWhatTheyGoRound() {
        ClosedStack stack = plan("back-fold-holder").stack().orElseThrow();
        assertEquals(Length.ofMicrometres(760), stack.enclosed().get(new CreaseRef("liner", "pocket")));
        assertEquals(Length.ZERO,
                Plans.plan(Plans.project("half-fold").withMats(Plans.project("half-fold").mats().withLayers(0))).stack()
                        .orElseThrow().enclosed().get(new CreaseRef("base", "spine")));
    }

    /** A leader drives a mechanism; whatever it drives follows without tearing. */
    @Test
    void motionOfAJoinedCard_closesItsLoopsEverywhere() {
        PosedCard posed = plan("slot-concertina").poses().get(0);
        FoldMotion motion = posed.motion();
        Folder folder = new Folder(motion.from().assembly());
        for (int i = 0; i <= 20; i++) {
            assertTrue(folder.fold(motion.at(i / 20.0).orThrow().angles()).value().isPresent());
        }
    }
}

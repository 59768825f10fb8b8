package cufflink.files;

import static cufflink.files.Plans.expect;
import static cufflink.files.Plans.project;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.crease.Panel;
import cufflink.cut.CutJob;
import cufflink.cut.LayoutChecker;
import cufflink.design.Measure;
import cufflink.design.PanelRef;
import cufflink.drawing.Ink;
import cufflink.drawing.Picture;
import cufflink.drawing.Shape;
import cufflink.drawing.StepDrawing;
import cufflink.drawing.View;
import cufflink.files.design.DesignLibrary;
import cufflink.fit.Wish;
import cufflink.mat.MatSettings;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.Remedies;
import cufflink.plan.RunStep;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class BuiltInDesignsTest {
    static Stream<String> ids() {
        return DesignLibrary.builtIn().designs().keySet().stream();
    }

    static Stream<Project> projectsOnEveryRuler() {
        return DesignLibrary.builtIn().designs().values().stream()
                .flatMap(design -> Stream.of(RulerStep.values()).map(step -> Project.of(design, step)));
    }

    /** Panels side by side along a strip, so that their widths are a sum. */
    private static final Set<String> STRIPS = Set.of("overlapping-gate", "accordion", "slim-tent", "m-fold-holder",
            "belly-band");

    @ParameterizedTest
    @MethodSource("projectsOnEveryRuler")
    void defaults_haveNothingBad_onEveryRuler(Project project) {
        expect(project).hasNothingBad();
    }

    @ParameterizedTest
    @MethodSource("projectsOnEveryRuler")
    void plan_isTheSameForTheSameProject(Project project) {
        assertTrue(Planner.plan(project).equals(Planner.plan(project)));
    }

    /** Panels always add up to the piece: exactly along a strip, and in area everywhere, over random sizes. */
    @ParameterizedTest
    @MethodSource("ids")
    void panels_addUpToThePiece_atAnySize(String id) {
        Random random = new Random(id.hashCode());
        for (int i = 0; i < 25; i++) {
            Project project = random.nextBoolean() ? project(id) : Plans.metric(id);
            if (project.design().measure(Measure.Role.FINISHED_WIDTH).isPresent()) {
                project = project.withWish(new Wish.FinishedSize(Length.ofInches(32 + random.nextInt(200), 16),
                        Length.ofMillimetres(60 + random.nextInt(150))));
            }
            Plan plan = Plans.plan(project);
            plan.pieces().values().forEach(piece -> {
                double area = piece.pattern().panels().stream().mapToDouble(panel -> panel.outline().getArea()).sum();
                double spines = piece.pattern().hinges().stream()
                        .mapToDouble(hinge -> hinge.width() * hinge.at().getLength()).sum();
                assertEquals(piece.pattern().outline().getArea(), area + spines, 1e-4);
                Length sum = piece.pattern().panels().stream().map(Panel::width).reduce(Length.ZERO, Length::plus);
                assertTrue(!STRIPS.contains(id) || piece.pattern().outline().getNumInteriorRing() > 0
                        || sum.equals(plan.design().piece(piece.pattern().piece()).width().length()));
            });
        }
    }

    /** Scaling keeps what must not scale: contents, tabs, borders, clearances. */
    @Test
    void scaling_keepsAllowancesAndContents() {
        for (int inches = 4; inches <= 8; inches++) {
            expect(project("m-fold-holder")
                    .withWish(new Wish.FinishedSize(Length.ofInches(inches), Length.ofInches(inches))))
                    .measures("seam", "1/4 in").measures("notchWidth", "1 1/2 in").measures("pocket", "2 1/2 in");
            expect(project("back-fold-holder")
                    .withWish(new Wish.FinishedSize(Length.ofInches(inches), Length.ofInches(inches + 1))))
                    .measures("border", "1/8 in").measures("notch", "3/8 in").measures("turnUp", "1 1/4 in");
        }
    }

    @Test
    void halfFold_sideAndTop() {
        expect(project("half-fold")).cuts("base", "8 1/2 in", "5 1/2 in").scores("base", "4 1/4 in").closes("4 1/4 in",
                "5 1/2 in");
        expect(project("half-fold").withSet("fold", "top").withSet("frontShort", "1/2 in"))
                .cuts("base", "4 1/4 in", "10 1/2 in").scores("base", "5 in").closes("4 1/4 in", "5 1/2 in");
    }

    /** A level score lies a quarter turn to the left at the fence: its line must stand under its pin. */
    @Test
    void halfFold_topScore_isDrawnUnderItsPin() {
        Plan plan = Plans.plan(project("half-fold").withSet("fold", "top").withSet("frontShort", "1 in"));
        RunStep step = plan.run().stream().filter(found -> found.phase() == Phase.SCORE).findFirst().orElseThrow();
        Picture picture = StepDrawing.draw(plan, step, new StepDrawing.Moment(-1, 1, View.ABOVE, true), 0.3);
        Shape.Path line = (Shape.Path) picture.shapes().stream()
                .filter(shape -> shape.ink() == Ink.VALLEY && shape instanceof Shape.Path).findFirst().orElseThrow();
        assertEquals(step.readings().get(0).length().toMillimetres(), line.points().get(0).x(), 1e-9);
        assertEquals(114.3, line.points().get(1).x(), 1e-9);
    }

    @Test
    void halfFold_ribsAreScoredButNeverFolded() {
        Plan plan = expect(project("half-fold").withSet("ribs", "3").withSet("ribEdges", "both")).hasNothingBad()
                .plan();
        assertEquals(7, plan.design().piece("base").scores().size());
        assertEquals(2, plan.pieces().get("base").pattern().panels().size());
    }

    @Test
    void overlappingGate_followsItsFormulas() {
        expect(project("overlapping-gate")
                .withWish(new Wish.FinishedSize(Length.ofInches(9, 2), Length.ofInches(25, 4))))
                .cuts("base", "10 7/8 in", "6 1/4 in")
                .scores("base", "2 5/8 in", "7 1/8 in").closes("4 1/2 in", "6 1/4 in").measures("overlap", "1 7/8 in");
    }

    @Test
    void overlappingGate_leavesThatDoNotOverlap_areBad_andAWorkingChangeIsOffered() {
        Plans gate = expect(project("overlapping-gate").withSet("underlap", "1 in").withSet("cover", "3 in"))
                .judges("leaves-overlap", Verdict.BAD).says("leaves-overlap", "overlap -1/4 in only");
        var check = gate.plan().checks().stream().filter(found -> found.id().equals("leaves-overlap")).findFirst()
                .orElseThrow();
        var offer = Remedies.offer(gate.plan(), check).orElseThrow();
        assertEquals("cover", offer.measure());
        expect(offer.project()).judges("leaves-overlap", Verdict.GOOD);
    }

    @Test
    void accordion_scoresAreRunningSums_andAnyCountLiesFlat() {
        expect(project("accordion").withSet("first", "2 in").withSet("middle", "2 1/2 in"))
                .scores("base", "2 in", "4 1/2 in", "7 in").measures("open", "10 in").closes("3 in", "4 1/4 in");
        for (int panels = 3; panels <= 12; panels++) {
            expect(project("accordion").withSet("panels", String.valueOf(panels))).closes("3 in", "4 1/4 in")
                    .judges("folds-base", Verdict.GOOD).judges("stays-inside", Verdict.GOOD);
        }
    }

    /** Cosine rule by hand: leaves of 100 and 100 mm opened to 60° stand on feet 100 mm apart, and lean at 60°. */
    @Test
    void slimTent_equalLeavesAtSixtyDegrees_areAnEquilateralTriangle() {
        Plan plan = expect(
                Plans.metric("slim-tent").withSet("front", "100 mm").withSet("back", "100 mm").withSet("spread", "60"))
                .hasNothingBad().plan();
        assertEquals(100, plan.measures().length("footprint").toMillimetres(), 1e-5);
        assertEquals(50, plan.measures().length("centre").toMillimetres(), 1e-4);
    }

    @Test
    void slimTent_steepWithAShortBack_tipsOver() {
        expect(Plans.metric("slim-tent").withSet("front", "150 mm").withSet("back", "100 mm").withSet("spread", "20"))
                .judges("stands-back", Verdict.WATCH);
    }

    @Test
    void mFold_isAnM_withThePocketInside() {
        Plan plan = expect(project("m-fold-holder")).cuts("base", "11 in", "4 1/4 in")
                .scores("base", "3 in", "5 1/2 in", "8 in").closes("4 1/4 in", "3 in").plan();
        List<String> order = plan.pieces().get("base").flat().orElseThrow().order().stream().map(panel -> panel.panel())
                .toList();
        assertEquals(List.of("front", "pocketFront", "pocketBack", "back"), order);
        assertTrue(plan.stack().orElseThrow().layers().stream().anyMatch(layer -> layer.label().equals("gift card")));
    }

    /** Common practice: a gift card wants a pocket about 2 1/2 in deep behind 4 1/4 in, and 3/4 in to grip. */
    @Test
    void mFold_defaultPocket_isCommonPractice() {
        expect(project("m-fold-holder")).measures("pocket", "2 1/2 in").judges("pocket-reach", Verdict.GOOD);
        expect(project("m-fold-holder").withSet("pocket", "2 in")).judges("pocket-room", Verdict.BAD);
    }

    @Test
    void backFold_linerLiesInsideTheBack() {
        Plan plan = expect(project("back-fold-holder")).cuts("base", "11 in", "4 1/4 in")
                .cuts("liner", "6 1/2 in", "4 in").scores("base", "2 3/4 in", "5 1/2 in").closes("4 1/4 in", "5 1/2 in")
                .plan();
        List<String> labels = plan.stack().orElseThrow().layers().stream().map(layer -> layer.label()).toList();
        assertEquals(List.of("Folded-back half, layer 1", "folded-back half", "front", "turned-up pocket", "gift card",
                "liner", "back"), labels);
    }

    @Test
    void bellyBand_lengthIsTheGirthWithTheOverlap() {
        expect(project("belly-band").withSet("holds", "4 x 6 x 1/8 in").withSet("slack", "1/8 in").withSet("overlap",
                "1/2 in")).measures("front", "4 1/4 in").cuts("band", "9 in", "1 1/2 in")
                .scores("band", "2 3/8 in", "6 5/8 in").hasNothingBad();
        // Pinched, each half turn takes π/2 of 1/8 in and the band's own 0.0128 in: 4 + 0.216 + 1/8 in, rounded up.
        Plan pinched = expect(project("belly-band").withSet("holds", "4 x 6 x 1/8 in").withSet("slack", "1/8 in")
                .withSet("school", "pinched")).measures("front", "4 3/8 in").cuts("band", "9 1/4 in", "1 1/2 in")
                .hasNothingBad().plan();
        assertEquals(List.of(), pinched.scores());
    }

    /**
     * Common practice: mats step down by 1/8 in (1/16 showing) or 1/4 in (1/8 showing) a layer; what falls between the
     * marks of the ruler is cut at the next one down.
     */
    @Test
    void mats_stepDownByTwiceTheReveal() {
        for (Length reveal : List.of(MatSettings.TIGHT_REVEAL, MatSettings.OPEN_REVEAL, MatSettings.METRIC_REVEAL)) {
            Plan plan = Plans.plan(project("half-fold").withMats(new MatSettings(3, reveal, Map.of())));
            Length width = Length.ofInches(17, 4);
            for (var mat : plan.mats().stream().filter(layer -> layer.on().label().equals("Front")).toList()) {
                width = RulerStep.SIXTEENTH_INCH.down(width.minus(reveal.times(2)));
                assertEquals(width, mat.width());
            }
        }
    }

    @Test
    void layerLargerThanItsPanel_isBad() {
        MatSettings.OnPanel ready = new MatSettings.OnPanel(Optional.empty(), Optional.empty(),
                Optional.of(Length.ofInches(5)), Optional.of(Length.ofInches(5)));
        Project project = project("half-fold");
        expect(project.withMats(project.mats().with(new PanelRef("base", "front"), ready)))
                .judges("layer-base.front-1", Verdict.BAD)
                .says("layer-base.front-1", "larger than what it lies on");
    }

    @ParameterizedTest
    @MethodSource("ids")
    void layouts_ofManyCopies_areCarriedOutCutByCut(String id) {
        Plan plan = Plans.plan(project(id).withCopies(7));
        CutJob job = Planner.cutJob(plan);
        CutJob anyBlade = new CutJob(job.pieces(), job.stock(), job.grain(), Optional.empty());
        assertEquals(List.of(), LayoutChecker.faults(anyBlade, plan.layout()));
    }
}

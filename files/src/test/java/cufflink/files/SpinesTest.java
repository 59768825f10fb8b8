package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.design.CreaseRef;
import cufflink.files.design.DesignFileReader;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.plan.Reading;
import cufflink.plan.Remedies;
import cufflink.plan.RunStep;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.score.ScoringStyle;
import cufflink.stack.ClosedStack;
import cufflink.stack.StackLayer;
import cufflink.stack.Winding;
import cufflink.words.CheckWords;
import cufflink.words.DesignFileWords;
import cufflink.words.FormulaWords;
import cufflink.words.Message;
import cufflink.words.StepWords;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Spines that are as wide as the way round what lies in the closed card. */
class SpinesTest {
    private static Project card(Project base, String... parts) {
        Project project = base;
        for (String part : parts) {
            project = Plans.adding(project, part).orThrow();
        }
        return project;
    }

    private static Project inches(String... parts) {
        return card(Plans.project("spine-fold"), parts);
    }

    private static Length measure(Plan plan, String name) {
        return plan.measures().get(name).orElseThrow().length();
    }

    /** What lies between the two leaves at the thickest place, summed layer by layer. */
    private static Length between(ClosedStack stack) {
        List<StackLayer> there = stack.at(stack.layers().stream()
                .filter(layer -> layer.kind() == StackLayer.Kind.CONTENTS).findFirst().orElseThrow().footprint()
                .getCentroid().getCoordinate());
        List<StackLayer> leaves = there.stream().filter(layer -> layer.kind() == StackLayer.Kind.PANEL
                && layer.panel().orElseThrow().piece().equals("base")).toList();
        return there.subList(there.indexOf(leaves.get(0)) + 1, there.indexOf(leaves.get(1))).stream()
                .map(StackLayer::thickness).reduce(Length.ZERO, Length::plus);
    }

    @ParameterizedTest
    @CsvSource({"gift card, INCH", "2 x 3 x 1/4 in, INCH", "gift card, MILLIMETRE", "50 x 80 x 9 mm, MILLIMETRE"})
    void spine_isTheStackWithItsOwnPaperAndALittle_roundedUp(String holds, String unit) {
        boolean metric = unit.equals("MILLIMETRE");
        Project project = card(metric ? Plans.metric("spine-fold") : Plans.project("spine-fold"),
                "sleeve=notch-sleeve@base.back:inside").withSet("sleeve.holds", holds);
        Plan plan = Plans.plan(project);
        Length wanted = between(plan.stack().orElseThrow()).plus(plan.stack().get().caliper("base"))
                .plus(metric ? Length.ofMillimetres(1) : Length.ofInches(1, 32));
        assertEquals(project.step().up(Length.longer(wanted, Length.ofMillimetres(3))), measure(plan, "spine"));
        assertEquals(measure(plan, "width").times(2).plus(measure(plan, "spine")),
                plan.design().main().width().length());
    }

    /** A second sleeve on the other leaf: the spine follows, and is what its check wants. */
    @Test
    void spine_growsWithWhatIsAdded() {
        Plan one = Plans.plan(inches("sleeve=notch-sleeve@base.back:inside"));
        Plan two = Plans.plan(inches("sleeve=notch-sleeve@base.back:inside", "other=notch-sleeve@base.front:inside"));
        assertTrue(measure(two, "spine").isLongerThan(measure(one, "spine")));
        assertTrue(Stream.of(one, two).flatMap(plan -> plan.checks().stream())
                .anyMatch(check -> check.message().code() == CheckWords.SPINE_GOES_ROUND));
    }

    @Test
    void spineSetTooNarrow_isTold_andTheWidthThatIsOfferedHelps() {
        Plan plan = Plans.plan(inches("sleeve=notch-sleeve@base.back:inside")
                .withSet("sleeve.holds", "3 x 2 x 1/4 in").withSet("spine", "1/8 in"));
        Check narrow = plan.checks().stream().filter(check -> check.verdict() == Verdict.BAD).findFirst().orElseThrow();
        assertEquals(CheckWords.SPINE_TOO_NARROW, narrow.message().code());
        assertEquals("spine", Remedies.offer(plan, narrow).orElseThrow().measure());
    }

    /** Both lines are on the ruler, from either side. */
    @ParameterizedTest
    @CsvSource({"ONE_FACE, 4 1/4, 4 3/8", "OWN_FACE, 4 1/4, 4 3/8"})
    void spine_isScoredTwice(ScoringStyle style, String first, String second) {
        Plan plan = Plans.plan(inches().withScoring(style));
        RunStep step = plan.run().stream().filter(one -> one.phase() == Phase.SCORE).findFirst().orElseThrow();
        assertEquals(List.of(first, second),
                step.readings().stream().map(reading -> reading.number(plan.format())).toList());
        assertEquals(List.of("spine", "spine, second line"), step.readings().stream().map(Reading::id).sorted()
                .toList());
    }

    @Test
    void foldStep_saysThatBothLinesAreFolded() {
        Plan plan = Plans.plan(inches());
        assertTrue(plan.run().stream().filter(step -> step.phase() == Phase.FOLD)
                .anyMatch(step -> step.told().stream().anyMatch(told -> told.code() == StepWords.SPINE_STANDS)));
    }

    @Test
    void onGrooves_bothLinesAre() {
        Project project = inches("sleeve=notch-sleeve@base.back:inside");
        Plan plan = Plans.plan(project.withTools(project.tools().withOnGrooves(true)));
        assertEquals(0, measure(plan, "spine").nanometres() % Length.ofInches(1, 8).nanometres());
    }

    /** The part of a part: its names are in front, and it is worked out as it is by itself. */
    @Test
    void spineOfAPart_isWorkedOutThere() {
        Plan plan = Plans.plan(card(Plans.project("half-fold").withSet("width", "7 in").withSet("height", "8 in"),
                "book=spine-fold@base.back:inside").withSet("book.height", "4 in"));
        assertEquals(Length.ofInches(1, 8), measure(plan, "book.spine"));
        assertTrue(plan.checks().stream().anyMatch(check -> check.id().equals("spine-book.base.spine")),
                plan.checks().toString());
    }

    /** A booklet: sheets folded once, each glued by its back into the fold of the one before. */
    private static String booklet(int sheets) {
        StringBuilder text = new StringBuilder("""
                id: booklet
                title: Booklet
                group: card base
                about: Nested sheets
                difficulty: easy
                pieces:
                """);
        for (int i = 0; i < sheets; i++) {
            text.append("  s" + i
                    + ": {size: [8 in, 5 in], scores: [{id: fold, x: 4 in, fold: valley}], panels: [front, back]}\n");
        }
        text.append("folding:\n");
        for (int i = 0; i < sheets; i++) {
            text.append("  - {piece: s" + i + ", fold: [fold], say: Fold it.}\n");
        }
        text.append("glue:\n");
        for (int i = 1; i < sheets; i++) {
            text.append("  - {id: g" + i + ", glue: s" + i + ".back, onto: s" + (i - 1)
                    + ".back, face: inside, at: [0 mm, 0 mm], edges: [left, right], say: Glue it in.}\n");
        }
        return text.toString();
    }

    /**
     * Push-out of a saddle-stitched booklet: each further sheet's edge lies π/2 of a caliper further back than that of
     * the sheet in it, so the outer one of n ends (n − 1) · π/2 · t short (bookbinding handbooks, from memory).
     */
    @ParameterizedTest
    @CsvSource({"2", "3", "4"})
    void sheetsFoldedIntoOneAnother_creepAsABookletDoes(int sheets) {
        Project project = Project.of(DesignFileReader.read("booklet.yaml", booklet(sheets)).orThrow(),
                RulerStep.MILLIMETRE);
        Plan plan = Plans.plan(project.withMats(project.mats().withLayers(0)));
        double caliper = project.card().caliper().toMillimetres();
        Length around = plan.stack().orElseThrow().rounds().get(new CreaseRef("s0", "fold")).paper();
        assertEquals((sheets - 1) * Math.PI / 2 * caliper, Winding.creep(around).toMillimetres(), 1e-5);
        assertTrue(plan.checks().stream().anyMatch(check -> check.id().equals("creep-s0.fold")));
    }

    private static final String DESIGN = """
            id: trial
            title: Trial
            group: card base
            about: A trial
            difficulty: easy
            measures:
              width: {is: finished width, default: 4 in}
              spine: {is: thickness, of: base.spine}
              over: {is: thickness, of: base.back, round: exact}
            pieces:
              base:
                size: [2 * width + spine, 3 in]
                scores: [{id: spine, x: width, width: spine, fold: valley}]
                panels: [front, back]
            folding: [{fold: [spine], say: Fold it.}]
            """;

    private static Outcome<?> read(String... change) {
        return DesignFileReader.read("trial.yaml", DESIGN.replace(change[0], change[1]));
    }

    /** Over a panel: all of the closed card there, 2 leaves; at the crease: the way round nothing, one caliper. */
    @Test
    void thickness_mayBeOfACreaseOrAPanel() {
        Project project = Project.of(DesignFileReader.read("trial.yaml", DESIGN).orThrow(), RulerStep.SIXTEENTH_INCH);
        Plan plan = Plans.plan(project.withMats(project.mats().withLayers(0)));
        Length caliper = project.card().caliper();
        assertEquals(Length.ofInches(1, 16), measure(plan, "spine"));
        assertEquals(caliper.times(2), measure(plan, "over"));
    }

    @Test
    void whatIsNotThere_isRefusedWithItsPlace() {
        Problem problem = read("of: base.spine", "of: base.spin").problems().get(0);
        assertEquals(DesignFileWords.NO_CREASE_OR_PANEL, problem.code());
        assertTrue(problem.where().contains("spine"), problem.where());
        assertEquals(DesignFileWords.CREASE_OR_PANEL_EXPECTED,
                read("of: base.spine", "of: spine").problems().get(0).code());
    }

    @Test
    void spineBelowNothing_isRefused_nothingIsOneLine() {
        assertEquals(FormulaWords.SPINE_BELOW_NOTHING, ((Message) read("width: spine, fold", "width: -1 in, fold")
                .problems().get(0).message().arguments().get("reason")).code());
        assertTrue(read("width: spine, fold", "width: 0 mm, fold").value().isPresent());
    }

    @ParameterizedTest
    @ValueSource(strings = {"line: [[2 in, 0 mm], [3 in, 3 in]]", "line: [[2 in, 0 mm], [2 in, 3 in]]"})
    void onlyUprightAndLevelScores_haveAWidth(String line) {
        Problem problem = read("x: width, width: spine", line + ", width: spine").problems().get(0);
        assertEquals(DesignFileWords.SPINE_ON_A_SLANT, problem.code());
        assertTrue(problem.where().startsWith("trial.yaml, line"), problem.where());
    }
}

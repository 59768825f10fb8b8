package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.design.DesignDefinition;
import cufflink.drawing.Ink;
import cufflink.drawing.PoseDrawing;
import cufflink.drawing.View;
import cufflink.files.design.DesignFileReader;
import cufflink.fold.FoldedState;
import cufflink.fold.Point3;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.RunStep;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stack.SoftSpan;
import cufflink.stack.SoftWay;
import cufflink.words.CheckWords;
import cufflink.words.Code;
import cufflink.words.DesignWords;
import cufflink.words.PieceWords;
import cufflink.words.StepWords;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Ribbons, strings, brads: how long, where they lie, what they make of the card. */
class SoftTest {
    private static final Length STRAND = Length.ofMicrometres(300);

    private static String example() throws IOException {
        return Files.readString(Path.of("../docs/examples/soft.yaml"));
    }

    private static Project project(String text) {
        Project project = Project.of(DesignFileReader.read("soft.yaml", text).orThrow(), RulerStep.SIXTEENTH_INCH);
        return project.withMats(project.mats().withLayers(0));
    }

    private static Plan plan(String text) {
        return Plans.plan(project(text));
    }

    private static SoftWay way(Plan plan, String id) {
        return plan.workings().soft().stream().filter(way -> way.soft().id().equals(id)).findFirst().orElseThrow();
    }

    private static List<Code> bad(Plan plan) {
        return plan.checks().stream().filter(check -> check.verdict() == Verdict.BAD)
                .map(check -> check.message().code()).toList();
    }

    /** Two leaves that stand at an angle: the chord between two points as far from the fold, 2·d·sin(angle / 2). */
    @ParameterizedTest
    @CsvSource({"90, 1", "60, 2", "150, 1.5", "180, 3"})
    void ribbonBetweenTwoLeaves_isAsLongAsTheChord(int open, double inches) throws IOException {
        Plan plan = plan(example().replace("spine: 90 deg", "spine: " + (180 - open) + " deg")
                .replace("{in: 1 in, mm: 25 mm}", inches + " in"));
        double chord = 2 * inches * 25.4 * Math.sin(Math.toRadians(open) / 2);
        assertEquals(chord, way(plan, "stop").lies().get(1).way().toMillimetres(), 1e-4);
        Length wanted = Length.nearestToMillimetres(chord).plus(Length.ofInches(1));
        assertFalse(way(plan, "stop").length().plus(Length.ofMicrometres(1)).minus(wanted).isNegative());
        assertFalse(way(plan, "stop").length().isLongerThan(wanted.plus(Length.ofInches(1, 16))));
        assertEquals(List.of(), bad(plan));
    }

    /** Two sides and two half circles round the stack and half of the strand, and what the bow takes. */
    @ParameterizedTest
    @CsvSource({"short way, 4", "long way, 5"})
    void ribbonAround_isTheGirthOfTheRoundedStack(String around, int side) throws IOException {
        Plan plan = plan(example().replace("around: long way", "around: " + around)
                .replace("bow: 12 in", "bow: 0 mm"));
        Length stack = plan.workings().closedSize().orElseThrow().thickness().minus(STRAND.times(2));
        double girth = 2 * side * 25.4 + Math.PI * stack.plus(STRAND).toMillimetres();
        assertEquals(plan.project().step().up(Length.nearestToMillimetres(girth)), way(plan, "tie").length());
    }

    /** Leaf, leaf, brad, its legs; the ribbon round it lies over the brad here, on either side. */
    @Test
    void closedCard_isAsThickAsWhatLiesOnIt() throws IOException {
        String text = example().replace("at: [width / 2, 1/2 in], title: Brad",
                "at: [width / 2, height / 2], title: B");
        Length card = plan(text).project().card().caliper();
        assertEquals(card.times(2).plus(Length.ofMillimetres(2)).plus(STRAND.times(2)),
                plan(text).workings().closedSize().orElseThrow().thickness());
        assertTrue(plan(text).stack().orElseThrow().layers().stream().filter(layer -> layer.label().equals("Tie"))
                .count() == 2);
    }

    /** Untied before the card opens: only the closed card is measured; two leaves' outsides and a half circle. */
    @Test
    void tiedRibbon_hasToReachInTheClosedCardOnly() throws IOException {
        Plan plan = plan(example().replace("    tails: 1/2 in ", "    tied: yes\n    tails: 1/2 in ")
                .replace("face: inside, at: [width - from, 1 in]", "face: outside, at: [0 mm, 1 in]")
                .replace("face: inside, at: [from, 1 in]", "face: outside, at: [width, 1 in]"));
        SoftWay tied = way(plan, "stop");
        Length leaves = plan.project().card().caliper().times(2);
        assertEquals(List.of("closed"), tied.lies().stream().map(SoftWay.Lie::state).toList());
        assertEquals(Math.PI / 2 * leaves.plus(STRAND).toMillimetres(), tied.lies().get(0).way().toMillimetres(), 0.01);
    }

    /** Between the leaves it hangs in the air, as wide as it is; in the closed card there is nothing of it to see. */
    @Test
    void ribbonFromLeafToLeaf_isDrawnInSpace() throws IOException {
        Plan plan = plan(example());
        FoldedState open = plan.workings().poses().get(0).state().orThrow();
        List<SoftSpan> spans = SoftSpan.of(plan.workings().stacked(), open);
        assertEquals(1, spans.size());
        List<Point3> corners = spans.get(0).corners();
        assertEquals(Math.sqrt(2) * 25.4, corners.get(0).distance(corners.get(1)), 1e-6);
        assertEquals(25.4 / 4, corners.get(1).distance(corners.get(2)), 1e-6);
        assertEquals(List.of(), SoftSpan.of(plan.workings().stacked(), plan.closed().orElseThrow().state()));
        assertTrue(PoseDrawing.draw(plan, "half open", View.TILTED, 0.3).orElseThrow().shapes().stream()
                .anyMatch(shape -> shape.ink() == Ink.SOFT));
    }

    @Test
    void givenLength_isHeldAgainstEveryPose() throws IOException {
        Plan plan = plan(example().replace("    tails: 1/2 in ", "    length: 2 in\n    tails: 1/2 in "));
        Check check = plan.checks().stream().filter(one -> one.message().code() == CheckWords.SOFT_TOO_SHORT)
                .findFirst().orElseThrow();
        assertEquals(1 - Math.sqrt(2), check.margin().orElseThrow().toMillimetres() / 25.4, 1e-5);
        assertTrue(check.text().contains("half open"), check.text());
        assertTrue(check.remedy().contains("2 7/16 in"), check.remedy());
    }

    /** From the inside to the outside in the middle of the leaf: through paper, unless there is a hole. */
    @Test
    void wayThroughPaper_needsAnEdgeOrAHole() throws IOException {
        String through = example().replace("      - {on: base.back, face: inside, at: [from, 1 in]}",
                "      - {on: base.front, face: outside, at: [width - from, 1 in]}");
        assertEquals(List.of(CheckWords.SOFT_PIERCES), bad(plan(through)));
        assertEquals(List.of(), bad(plan(through.replace("    scores: [{id: spine",
                "    cutOuts: [{id: hole, circle: [width - from, 1 in, 1/8 in]}]\n    scores: [{id: spine"))));
        assertEquals(List.of(), bad(plan(through.replace("at: [width - from, 1 in]", "at: [0 mm, 1 in]"))));
    }

    @Test
    void wayBesideItsPanel_isTold() throws IOException {
        assertEquals(List.of(CheckWords.SOFT_BESIDE),
                bad(plan(example().replace("at: [from, 1 in]", "at: [from, height + 1 in]"))));
    }

    @Test
    void brad_hasItsHole_punchedBeforeFolding() throws IOException {
        Plan plan = plan(example());
        assertEquals(Length.ofMicrometres(800), plan.design().main().cutOuts().get(0).numbers().get(2));
        RunStep punch = plan.run().stream().filter(step -> step.phase() == Phase.PUNCH).findFirst().orElseThrow();
        assertEquals(Length.ofInches(2), punch.readings().get(0).length());
        assertTrue(plan.run().stream().anyMatch(step -> step.caution()
                .equals(StepWords.SMALL_PARTS.of().sentence())));
    }

    /** Ribbon of one width in one step, for all copies, with what is needed in all. */
    @Test
    void cutList_hasTheRibbons() throws IOException {
        Plan plan = Plans.plan(project(example()).withCopies(3));
        RunStep cut = plan.run().stream().filter(step -> step.told().stream()
                .anyMatch(told -> told.code() == StepWords.CUT_STRANDS)).findFirst().orElseThrow();
        Length all = plan.workings().soft().stream().map(SoftWay::length).reduce(Length.ZERO, Length::plus).times(3);
        assertEquals(Phase.CUT, cut.phase());
        assertTrue(cut.told().get(0).sentence().contains(plan.format().text(all)), cut.told().toString());
        assertTrue(cut.told().get(0).sentence().contains("3 × "), cut.told().toString());
    }

    /** On an insert that lies in a pocket: named after the part, and thick in the pocket. */
    @Test
    void pullOnAnInsert_isThePartsOwn() {
        Project card = Plans.adding(Plans.adding(Plans.project("pocket-fold"), "note=insert@pocket:pocket.pocket")
                .orThrow(), "pull=ribbon-pull@note.sheet.sheet:outside").orThrow();
        Plan plan = Plans.plan(card);
        assertEquals("pull.pull", plan.workings().soft().get(0).soft().id());
        assertEquals("note.sheet", plan.design().fixings().get(0).panel().piece());
        assertTrue(
                plan.design().piece("note.sheet").cutOuts().stream().anyMatch(cut -> cut.id().equals("pull · brad")));
        Length without = Plans.plan(Plans.adding(Plans.project("pocket-fold"), "note=insert@pocket:pocket.pocket")
                .orThrow()).workings().closedSize().orElseThrow().thickness();
        assertEquals(without.plus(Length.ofMillimetres(2)).plus(STRAND.times(2)),
                plan.workings().closedSize().orElseThrow().thickness());
    }

    @Test
    void pullOnAPanelThatIsNotThere_isRefused() {
        for (String place : List.of("base.nope", "nope.front")) {
            Project card = Plans.adding(Plans.project("half-fold"), "pull=ribbon-pull@" + place + ":outside").orThrow();
            Outcome<Plan> plan = Planner.plan(card);
            assertTrue(plan.problems().stream().allMatch(problem -> problem.code() == PieceWords.LIES_ON_NO_PANEL
                    || problem.code() == DesignWords.LIES_ON_NO_PIECE), plan.problems().toString());
        }
    }

    @Test
    void ribbonOnAPieceThatIsLeftOut_isLeftOutWithIt() throws IOException {
        Plan plan = plan(
                example().replace("folding:", "  tag: {size: [1 in, 1 in], loose: yes, when: width > 20 in}\nfolding:")
                        .replace("on: base.back, face: inside, at: [from, 1 in]", "on: tag.panel1, at: [0 mm, 0 mm]"));
        assertEquals(List.of("tie"), plan.workings().soft().stream().map(way -> way.soft().id()).toList());
    }

    /** Two brads of one name have two holes, which the run sheet names as a maker would. */
    @Test
    void bradsAlike_haveAHoleEach() throws IOException {
        String text = example().replace("\nhardware:",
                "\nhardware:\n  - {id: other, label: Brad, on: base.back, at: [1 in, 1 in], say: Put it in.}");
        assertEquals(List.of("brad 1", "brad 2"),
                plan(text).design().main().cutOuts().stream().map(cut -> cut.id()).toList());
    }

    /** On a card that does not close nothing is measured, and the number in the cut list is not passed over. */
    @Test
    void ribbonOfWhatDoesNotClose_isToldNotToBeMeasured() {
        Project tied = Plans.adding(Plans.project("flip-flap").withSet("flapWidth", "1/8 in"),
                "tie=ribbon-tie@base.panel:outside").orThrow();
        assertTrue(bad(Plans.plan(tied)).contains(CheckWords.SOFT_NOT_MEASURED), bad(Plans.plan(tied)).toString());
    }

    /** A band that goes round the card goes round what ties it, too. */
    @Test
    void whatGoesRound_goesRoundTheRibbonToo() {
        Project tied = Plans.adding(Plans.project("half-fold"), "tie=ribbon-tie@base.back:outside").orThrow();
        Plan plan = Plans.plan(Plans.adding(tied, "band=belly-band@around").orThrow());
        assertEquals(plan.workings().closedSize().orElseThrow().thickness(),
                plan.measures().get("band.holds").orElseThrow().contents().orElseThrow().thickness());
    }

    private static Outcome<DesignDefinition> read(String from, String to) throws IOException {
        return DesignFileReader.read("soft.yaml", example().replace(from, to));
    }

    @Test
    void unknownPanels_areRefused() throws IOException {
        assertEquals(PieceWords.LIES_ON_NO_PANEL,
                read("{on: base.back, face: inside", "{on: base.bak, face: inside").problems().get(0).code());
        assertEquals(PieceWords.LIES_ON_NO_PANEL, read("on: base.front, face: outside", "on: base.side, face: outside")
                .problems().get(0).code());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"width: 1/4 in|width: 0 mm", "thickness: 0.3 mm|thickness: -5 mm",
        "tails: 1/2 in|tails: -9 in", "kind: brad,|kind: brad, hole: -1 in,", "of: ribbon|of: ''",
        "kind: brad,|kind: brad, height: -1 mm,", "id: tie|id: stop", "label: Brad,|label: Hole,"})
    void softPiecesAndFixingsWithoutSizeOrName_areRefused(String from, String to) throws IOException {
        String text = example().replace("    scores: [{id: spine",
                "    cutOuts: [{id: hole, circle: [1 in, 1 in, 1/8 in]}]\n    scores: [{id: spine");
        Outcome<DesignDefinition> read = DesignFileReader.read("soft.yaml", text.replaceFirst(from, to));
        assertFalse(read.problems().isEmpty());
        assertTrue(read.problems().stream().noneMatch(problem -> problem.fault().isPresent()),
                read.problems().toString());
    }

    @ParameterizedTest
    @ValueSource(strings = {"    around: long way ", "    around: sideways #"})
    void softPieceWithoutALength_isRefused_withItsLine(String around) throws IOException {
        Problem problem = read("    around: long way ", around.contains("long") ? "    #" : around).problems().get(0);
        assertTrue(problem.where().startsWith("soft.yaml, line"), problem.toString());
    }
}

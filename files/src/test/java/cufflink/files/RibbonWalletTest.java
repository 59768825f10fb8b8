package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.drawing.Ink;
import cufflink.drawing.PoseDrawing;
import cufflink.drawing.Shape;
import cufflink.drawing.View;
import cufflink.files.design.DesignFileReader;
import cufflink.measure.Length;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.RunStep;
import cufflink.stack.SoftWay;
import cufflink.words.StepWords;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Two boards on two crossed and two parallel ribbons. */
class RibbonWalletTest {
    private static Project wallet(String... entries) {
        return Plans.set(Plans.project("ribbon-wallet"), entries);
    }

    private static List<Length> ribbons(Plan plan) {
        return plan.workings().soft().stream().map(SoftWay::length).distinct().sorted().toList();
    }

    /** Worked out apart from the program, by simulation. */
    @Test
    void ribbons_areThoseOfTheWorkedExamples() {
        assertEquals(List.of(Plans.length("4 1/2 in"), Plans.length("5 in")),
                ribbons(Plans.plan(wallet("width=4 1/2 in", "height=3 in", "ribbonWidth=3/8 in", "spread=1 3/4 in",
                        "apart=2 3/4 in", "tail=3/4 in"))));
        assertEquals(List.of(Length.ofMillimetres(116), Length.ofMillimetres(126)),
                ribbons(Plans.plan(Plans.set(Plans.metric("ribbon-wallet"), "width=115 mm", "height=76 mm",
                        "ribbonWidth=10 mm", "spread=40 mm", "apart=66 mm", "tail=20 mm"))));
    }

    /** Parallel ribbons: H and two tails; crossed ones: the slant and two tails; up to the ruler. */
    @ParameterizedTest
    @CsvSource({"gift card", "4 x 6 in", "3 x 3 in"})
    void ribbons_areAsLongAsTheirWayAndTails(String holds) {
        Plan plan = Plans.plan(wallet("holds=" + holds));
        double height = plan.measures().length("height").toMillimetres();
        double spread = plan.measures().length("spread").toMillimetres();
        double tails = 2 * plan.measures().length("tail").toMillimetres();
        List<Length> ribbons = ribbons(plan);
        double step = 25.4 / 16;
        assertEquals(Math.ceil((height + tails) / step - 0.3) * step, ribbons.get(0).toMillimetres(), step / 2);
        assertEquals(Math.ceil((Math.hypot(height, spread) + tails) / step - 0.3) * step,
                ribbons.get(1).toMillimetres(), step / 2);
        Plans.expect(plan.project()).hasNothingBad();
    }

    /** Both openings are poses that nothing is in the way of, and every ribbon fits in all of them. */
    @Test
    void itOpensAtEitherEdge() {
        Plan plan = Plans.plan(wallet());
        assertEquals(List.of(), plan.faults());
        assertTrue(plan.workings().poses().stream()
                .allMatch(posed -> posed.state().value().isPresent() && posed.obstacle().isEmpty()));
        Length ribbon = Length.ofMicrometres(300);
        for (SoftWay way : plan.workings().soft()) {
            assertEquals(4, way.lies().size(), way.soft().label());
            assertTrue(way.lies().stream().noneMatch(lie -> lie.slack().isNegative()), way.lies().toString());
            assertTrue(way.lies().stream().noneMatch(lie -> lie.slack().isLongerThan(ribbon.times(2))),
                    way.lies().toString());
        }
    }

    /** The outside mats cover tails and tape: they go on last, before the wallet is filled. */
    @Test
    void outsideMats_goOnWhenTheRibbonsAreTaped() {
        List<RunStep> glue = Plans.plan(wallet()).run().stream().filter(step -> step.phase() == Phase.GLUE).toList();
        List<Integer> layers = IntStream.range(0, glue.size()).filter(i -> glue.get(i).told().stream()
                .anyMatch(told -> told.code() == StepWords.GLUE_LAYERS)).boxed().toList();
        assertEquals(List.of(0, glue.size() - 2), layers);
    }

    /** Half open, each ribbon is painted over the mat of its board, though others run past both on the picture. */
    @ParameterizedTest
    @CsvSource({"upper.board", "lower.board"})
    void ribbonsAreSeenOnTheirMats(String board) {
        Plan plan = Plans.plan(wallet());
        List<Shape.Area> areas = PoseDrawing.draw(plan, PoseDrawing.HALF_OPEN,
                View.of(plan.design().definition().shown().angle()), 0.3).orElseThrow().shapes().stream()
                .filter(Shape.Area.class::isInstance).map(Shape.Area.class::cast)
                .filter(area -> area.id().equals(board)).toList();
        List<Integer> mats = places(areas, Ink.MAT);
        List<Integer> ribbons = places(areas, Ink.SOFT);
        assertEquals(2, ribbons.size());
        assertTrue(mats.stream().allMatch(mat -> mat < ribbons.get(0)), mats + " " + ribbons);
    }

    /** What it holds stays on the upper board, under the crossed ribbons, then under the parallel ones. */
    @ParameterizedTest
    @CsvSource({"open at the joining edge, true", "open at the outer edge, false"})
    void whatItHolds_liesUnderThePairOfThatOpening(String pose, boolean crossed) {
        Plan plan = Plans.plan(wallet());
        List<Shape.Area> above = onTheUpperBoard(plan, pose, View.ABOVE);
        assertEquals(List.of(Ink.CONTENTS, Ink.SOFT, Ink.SOFT), above.stream().map(Shape.Area::ink).toList());
        double ribbon = plan.measures().length("ribbonWidth").toMillimetres();
        assertTrue(above.stream().skip(1).allMatch(one -> width(one) > 1.5 * ribbon == crossed));
        assertEquals(List.of(Ink.CONTENTS, Ink.SOFT, Ink.SOFT),
                onTheUpperBoard(plan, pose, View.of(plan.design().definition().shown().angle())).stream()
                        .map(Shape.Area::ink).toList());
    }

    /** What it holds and the ribbons on the upper board, the farthest first. */
    private static List<Shape.Area> onTheUpperBoard(Plan plan, String pose, View view) {
        return PoseDrawing.draw(plan, pose, view, 0.3).orElseThrow().shapes().stream()
                .filter(Shape.Area.class::isInstance).map(Shape.Area.class::cast)
                .filter(area -> area.ink() == Ink.CONTENTS
                        || area.ink() == Ink.SOFT && area.id().equals("upper.board"))
                .toList();
    }

    private static double width(Shape.Area area) {
        DoubleSummaryStatistics across = area.corners().stream().mapToDouble(Shape.Spot::x).summaryStatistics();
        return across.getMax() - across.getMin();
    }

    /** A hair of paper more for a thin card; for thick contents the ribbons rise on both sides: Pythagoras. */
    @Test
    void thickContents_takeLongerRibbons() {
        Plan thin = Plans.plan(wallet("holds=3 3/8 x 2 1/8 in", "height=3 in"));
        Plan thick = Plans.plan(wallet("holds=3 3/8 x 2 1/8 x 1/4 in", "height=3 in"));
        double beside = 7.0 / 16 * 25.4;
        double more = 2 * (Math.hypot(beside, 6.35) - beside - 0.1);
        assertEquals(more, ribbons(thick).get(0).minus(ribbons(thin).get(0)).toMillimetres(), 25.4 / 16);
        assertTrue(more > 25.4 / 16);
    }

    private static List<Integer> places(List<Shape.Area> areas, Ink ink) {
        return IntStream.range(0, areas.size()).filter(i -> areas.get(i).ink() == ink).boxed().toList();
    }

    @ParameterizedTest
    @CsvSource({"spread=3 in, holds-both-ends", "apart=1 3/4 in, outside-the-crossed",
        "width=3 1/2 in, contents-inside",
        "spread=3 in, tails-on-the-board"})
    void settingThatDoesNotFit_isJudgedBad(String set, String check) {
        Plans.expect(wallet(set)).judges(check, Verdict.BAD);
    }

    @ParameterizedTest
    @CsvSource({"tail=2 in", "ribbonWidth=2 in", "width=1 in", "height=1 in", "border=-1 in"})
    void settingBeyondALimit_isChangedOrRefused(String set) {
        assertTrue(Planner.plan(wallet(set)).value()
                .map(plan -> plan.changed().stream().anyMatch(changed -> changed.measure().equals(set.split("=")[0])))
                .orElse(true), set);
    }

    /** What makers expect: six boards of a Letter sheet, and four mats of an 8 in square. */
    @ParameterizedTest
    @CsvSource({"1, 1", "3, 1", "6, 2"})
    void sixBoards_comeOutOfALetterSheet(int copies, int sheets) {
        Plan plan = Plans.plan(wallet("width=4 1/4 in", "height=3 1/2 in").withCopies(copies));
        String board = plan.project().card().name();
        assertEquals(sheets, plan.layout().sheets().stream().filter(sheet -> sheet.stock().name().equals(board))
                .count());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "{holds: nothing, on: upper.board} | LAYS_NO_CONTENTS",
        "{holds: width, on: upper.board} | LAYS_NO_CONTENTS",
        "{holds: holds, on: middle.board} | LIES_ON_NO_PIECE",
        "{holds: holds, on: upper.lid} | LIES_ON_NO_PANEL",
        "{on: upper.board} | MISSING"})
    void contentsThatLieNowhereOrAreNone_areRefused(String contents, String code) throws IOException {
        String text = Files.readString(Path.of("src/main/resources/cufflink/files/designs/ribbon-wallet.yaml"))
                .replaceFirst("contents:\n  - .*", "contents:\n  - " + contents);
        List<String> found = DesignFileReader.read("wallet.yaml", text).problems().stream()
                .map(problem -> problem.code().toString()).toList();
        assertTrue(found.contains(code), found.toString());
    }
}

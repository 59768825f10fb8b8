package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.cut.Placement;
import cufflink.cut.SheetLayout;
import cufflink.design.PanelRef;
import cufflink.fit.SheetUse;
import cufflink.fit.Wish;
import cufflink.measure.Length;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.RunStep;
import cufflink.stack.Leafing;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A concertina of strips from one square sheet. */
class StripAlbumTest {
    private static Project album(String... entries) {
        return Plans.set(Plans.project("strip-album"), entries);
    }

    private static Project fromSquare(Project project, Length side) {
        return project.withWish(new Wish.FromSheet("square", side, side, 1, new SheetUse.Whole()));
    }

    private static SheetLayout card(Plan plan) {
        return plan.layout().sheets().stream()
                .filter(sheet -> sheet.placements().stream().anyMatch(placed -> placed.piece().equals("strip1")))
                .findFirst().orElseThrow();
    }

    /** Worked out apart from the program: 12, 12 and 8 × 4; pocket 4 × 2; legs 2. Nothing is left. */
    @Test
    void twelveInchSquare_isUsedUp() {
        Plan plan = Plans.plan(fromSquare(album(), Plans.length("12 in")));
        Plans.expect(plan.project()).cuts("strip1", "12 in", "4 in").cuts("strip2", "12 in", "4 in")
                .cuts("strip3", "8 in", "4 in").cuts("half", "4 in", "2 in").cuts("corner1", "2 in", "2 in")
                .hasNothingBad();
        double used = card(plan).placements().stream()
                .mapToDouble(placed -> placed.width().toMillimetres() * placed.height().toMillimetres()).sum();
        assertEquals(304.8 * 304.8, used, 1e-6);
        assertEquals(2, card(plan).placements().stream().filter(placed -> placed.other().isPresent()).count());
    }

    /** A square cuts to nothing where its third lies on the ruler, halved; otherwise the next size below comes out. */
    @ParameterizedTest
    @CsvSource({"300 mm, 100 mm, 50 mm", "210 mm, 70 mm, 35 mm", "203 mm, 67 mm, 33 mm"})
    void metricSquares(String side, String panel, String leg) {
        Project project = fromSquare(Plans.metric("strip-album"), Plans.length(side));
        Plans.expect(project).measures("panel", panel).measures("corner", leg).hasNothingBad();
    }

    /** The default in millimetres: strips of 210 mm, as the shorter side of A4 gives them. */
    @Test
    void metricDefault_isThatOfTheWorkedExample() {
        Plans.expect(Plans.metric("strip-album")).measures("panel", "70 mm").measures("corner", "35 mm")
                .cuts("strip1", "210 mm", "70 mm").hasNothingBad();
    }

    /** Strips of 3, each on the last panel of the one before, the last of 2 for an even number of pages. */
    @ParameterizedTest
    @ValueSource(ints = {3, 4, 5, 6, 7, 8, 9})
    void strips_makeThePages(int pages) {
        Plan plan = Plans.plan(album("panels=" + pages));
        List<Integer> lengths = plan.design().pieces().stream().filter(piece -> piece.id().startsWith("strip"))
                .map(piece -> plan.pieces().get(piece.id()).pattern().panels().size()).toList();
        assertEquals(pages / 2, lengths.size());
        assertEquals(pages, lengths.stream().mapToInt(Integer::intValue).sum() - (lengths.size() - 1));
        assertEquals(pages % 2 == 0 ? 2 : 3, lengths.get(lengths.size() - 1));
        assertEquals(List.of(), plan.faults());
        Plans.expect(plan.project()).hasNothingBad();
        assertEquals(List.of(), Leafing.of(plan.workings().stacked()).orElseThrow().upsideDown());
    }

    @Test
    void doubledPage_showsTheLaterStripInFront_andTheEarlierBehind() {
        var page = Plans.plan(album()).design().pages().get(2);
        assertEquals(new PanelRef("strip2", "page3"), page.front().panel());
        assertEquals(new PanelRef("strip1", "page3"), page.back().panel());
    }

    /** For an even number of pages alike if the first and the last strip lie alike, for an odd one the reverse. */
    @ParameterizedTest
    @CsvSource({"4, wrong side, wrong side, true", "4, wrong side, right side, false",
        "5, wrong side, wrong side, false",
        "5, right side, wrong side, true"})
    void covers_areAlike(int pages, String first, String last, boolean alike) {
        Plans.expect(album("panels=" + pages, "face1=" + first, "face2=" + last)).judges("covers-alike",
                alike ? Verdict.GOOD : Verdict.WATCH);
    }

    /** Each joint is a pocket that is open at its top, as deep as the panel; what is held is the insert. */
    @Test
    void joints_arePockets() {
        Plan plan = Plans.plan(album());
        Set<String> pockets = plan.checks().stream().map(check -> check.id())
                .filter(id -> id.endsWith("-layers")).collect(Collectors.toSet());
        assertEquals(Set.of("joint1-insert1-layers", "joint2-insert2-layers", "half-layers"), pockets);
        Plans.expect(plan.project()).says("joint1-insert1-layers", "2 3/4 in × 2 3/4 in deep, and open at the top");
    }

    /** A gift card, 85.6 × 54 mm (ISO/IEC 7810, ID-1), standing in a joint: deep enough from 3 1/2 in on. */
    @Test
    void giftCard_standsOutOfASmallPanel() {
        assertEquals(Length.ofMicrometres(21_600), Length.ofMicrometres(85_600)
                .minus(Plans.plan(Plans.set(Plans.metric("strip-album"), "gluing=6 mm")).measures().length("deep")));
        assertTrue(Plans.plan(album("panel=3 1/2 in")).measures().length("deep").isLongerThan(
                Length.ofMicrometres(85_600)));
        assertTrue(Length.ofMicrometres(85_600).isLongerThan(
                Plans.plan(album("panel=3 3/8 in")).measures().length("deep")));
    }

    @ParameterizedTest
    @CsvSource({"T, 2, 270", "T, 5, 0", "U, 6, 270", "U, 1, 0"})
    void corners_goWhereTheMakerPutsThem(String side, int page, double turn) {
        Plan plan = Plans.plan(album("corner1Side=" + side, "corner1Page=" + page));
        var glue = plan.design().glue().stream().filter(one -> one.id().equals("corner1")).findFirst().orElseThrow();
        assertEquals("page" + page, glue.onto().panel());
        assertEquals(turn, glue.at().orElseThrow().turn());
        Plans.expect(plan.project()).hasNothingBad();
    }

    @ParameterizedTest
    @CsvSource({"panels=2", "panels=10", "panel=1 in", "gluing=1 in", "notch=2 in", "clearance=2 in",
        "pocketDepth=4 in",
        "halfPage=7", "corner=4 in", "corners=5", "corner1Page=0", "corner2Page=9", "corner3Page=9", "corner4Page=9",
        "ribbonWidth=3 in", "tails=1 in", "patch=4 in", "rounding=2 in"})
    void settingBeyondALimit_isChanged(String set) {
        Plan plan = Plans.plan(album(set));
        assertEquals(List.of(set.split("=")[0]), plan.changed().stream().map(changed -> changed.measure()).toList());
    }

    @ParameterizedTest
    @CsvSource({"halfSide=V", "corner1Side=left", "face1=up", "tie=maybe", "inserts=2", "panels=2.5"})
    void settingThatIsNone_isRefused(String set) {
        assertTrue(Planner.plan(album(set)).value().isEmpty(), set);
    }

    @ParameterizedTest
    @CsvSource({"holds=3 x 3 in, half-width", "pocketDepth=1/2 in, half-depth"})
    void settingThatDoesNotFit_isJudgedBad(String set, String check) {
        Plans.expect(album(set)).judges(check, Verdict.BAD);
    }

    @Test
    void roundedTooFar_thePocketsComeOpen() {
        Plans.expect(album("rounding=1/4 in")).judges("corners-stay-glued", Verdict.GOOD);
        Plans.expect(album("rounding=1/2 in")).judges("corners-stay-glued", Verdict.BAD);
        assertTrue(Plans.plan(album("rounding=1/4 in")).run().stream().map(RunStep::title)
                .anyMatch("Round the corners"::equals));
    }

    /** A sheet too small for the smallest panel. */
    @Test
    void tooSmallASquare_isRefusedWithTheLimit() {
        Plan plan = Plans.plan(fromSquare(album(), Plans.length("4 in")));
        assertTrue(plan.fit().limit().contains("4 × 4 in) does not give that"), plan.fit().limit());
        assertEquals(Verdict.BAD, plan.verdict());
    }

    /** The triangles of one square lie together, those that are left over alone. */
    @ParameterizedTest
    @CsvSource({"1, 0, 1", "2, 1, 0", "3, 1, 1", "4, 2, 0"})
    void triangles_areCutTwoFromOne(int corners, int pairs, int singles) {
        List<Placement> placed = Plans.plan(album("corners=" + corners)).layout().sheets().stream()
                .flatMap(sheet -> sheet.placements().stream())
                .filter(one -> one.piece().startsWith("corner")).toList();
        assertEquals(pairs, placed.stream().filter(one -> one.other().isPresent()).count());
        assertEquals(singles, placed.stream().filter(one -> one.other().isEmpty()).count());
    }
}

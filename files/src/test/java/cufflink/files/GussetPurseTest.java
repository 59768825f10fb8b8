package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.design.PanelRef;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.design.DesignFileReader;
import cufflink.fold.FoldedState;
import cufflink.fold.Point3;
import cufflink.measure.Length;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Problem;
import cufflink.words.Code;
import cufflink.words.DesignWords;
import cufflink.words.FoldWords;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A purse that stands: put together so, since it has no flat form. */
class GussetPurseTest {
    private static final String[] WORKED = {"flapWidth=2 1/2 in", "flapHeight=1 5/8 in", "holderWidth=3 1/2 in",
        "leg=1 1/2 in"};

    private static Project purse(String... entries) {
        return Plans.set(Plans.project("gusset-purse"), entries);
    }

    private static FoldedState standing(Plan plan) {
        return plan.poses().stream().filter(posed -> posed.name().equals("standing")).findFirst().orElseThrow()
                .state().value().orElseThrow();
    }

    private static double highest(FoldedState state, String piece, String panel) {
        return state.corners(new PanelRef(piece, panel)).stream().mapToDouble(Point3::z).max().orElseThrow();
    }

    /** Worked out apart from the program. */
    @Test
    void pieces_areThoseOfTheWorkedExamples() {
        Plans.expect(purse(WORKED)).cuts("body", "8 in", "4 1/8 in")
                .scores("body", "1/2 in", "3 in", "5 in", "7 1/2 in")
                .cuts("flap", "2 1/8 in", "2 1/2 in").cuts("holder", "4 in", "3 1/2 in")
                .cuts("handle1", "7 in", "5/8 in")
                .says("card-fits", "stays").hasNothingBad();
        Project metric = Plans.set(Plans.metric("gusset-purse"), "bottom=50 mm", "flapWidth=62 mm", "flapHeight=43 mm",
                "holderWidth=88 mm", "leg=38.5 mm");
        Plans.expect(metric).cuts("body", "202 mm", "105 mm").scores("body", "12 mm", "76 mm", "126 mm", "190 mm")
                .cuts("flap", "55 mm", "62 mm").cuts("holder", "101 mm", "88 mm").cuts("handle1", "200 mm", "16 mm")
                .hasNothingBad();
        assertTrue(Plans.plan(purse()).measures().get("base").orElseThrow().text(Plans.plan(purse()).format())
                .startsWith("66.4"));
        assertTrue(Plans.plan(metric).measures().get("base").orElseThrow().text(Plans.plan(metric).format())
                .startsWith("67"));
    }

    /** Held against a triangle by Pythagoras: the sides meet over the middle of the bottom, the legs under it. */
    @ParameterizedTest
    @CsvSource({"2 1/2 in, 2 in, 1 1/2 in", "3 in, 2 in, 1 3/4 in", "3 1/2 in, 4 in, 2 in"})
    void standing_itIsATriangle(String height, String bottom, String leg) {
        Plan plan = Plans.plan(purse("height=" + height, "bottom=" + bottom, "leg=" + leg));
        FoldedState state = standing(plan);
        double side = Plans.length(height).toMillimetres();
        double base = Plans.length(bottom).toMillimetres();
        double top = Math.sqrt(side * side - base * base / 4);
        assertEquals(top, highest(state, "body", "front"), 1e-6);
        assertEquals(top, highest(state, "body", "back"), 1e-6);
        double span = base - 25.4 / 2 - 2 * 25.4 / 2;
        double reach = Plans.length(leg).toMillimetres();
        assertEquals(Math.sqrt(reach * reach - span * span / 4), highest(state, "holder", "leg1"), 1e-6);
        assertEquals(0, highest(state, "holder", "tab2"), 1e-6);
        assertEquals(List.of(), plan.faults());
    }

    @Test
    void itSaysHowLargeItStands_andThatItIsNotPosted() {
        Plan plan = Plans.plan(purse(WORKED));
        assertEquals("Standing 4 1/8 × 2 in, ≈ 2 5/16 in high", plan.size().orElseThrow().sentence());
        Plans.expect(plan.project()).judges("stands", Verdict.GOOD).says("stands", "no flat form");
        Plans.expect(plan.project().withEnvelope(Optional.of(Plans.envelope("A7"))))
                .judges("envelope", Verdict.BAD);
        assertTrue(plan.checks().stream().noneMatch(check -> check.id().equals("post")));
        String last = plan.run().get(plan.run().size() - 1).text();
        assertTrue(last.startsWith("Standing it should measure 4 1/8 × 2 in"), last);
    }

    /** One sheet gives it all: body, flap, holder and two handles, in inches and out of A4 too. */
    @ParameterizedTest
    @CsvSource({"Letter", "A4"})
    void oneSheet_givesTheWorkedExample(String sheet) {
        Plan plan = Plans.plan(purse("width=4 1/8 in", "height=2 1/2 in", "flapWidth=2 1/2 in", "flapHeight=1 5/8 in",
                "holderWidth=3 1/2 in", "leg=1 1/2 in").withWish(Plans.fromSheet(sheet, 1)));
        assertEquals(1, plan.layout().sheets().stream().filter(used -> used.placements().stream()
                .anyMatch(placed -> placed.piece().equals("body") || placed.piece().startsWith("h"))).count());
        assertTrue(plan.checks().stream().noneMatch(check -> check.verdict() == Verdict.BAD), plan.checks().toString());
    }

    @ParameterizedTest
    @CsvSource({"height=1 in, card-fits", "leg=2 1/2 in, ridge-inside", "holds=4 x 6 in, card-fits",
        "holds=4 x 6 in, slit-takes-card"})
    void settingThatDoesNotFit_isJudgedBad(String set, String check) {
        Plans.expect(purse(set)).judges(check, Verdict.BAD);
    }

    @ParameterizedTest
    @CsvSource({"holderWidth=3 1/2 in, slit-in-holder", "leg=1/2 in, card-held", "flapHeight=1/2 in, flap-reaches"})
    void settingThatIsPoor_isWatched(String set, String check) {
        Plans.expect(purse(set)).judges(check, Verdict.WATCH);
    }

    @ParameterizedTest
    @CsvSource({"width=1 in", "bottom=1 in", "bottom=5 in", "tab=2 in", "handleWidth=2 in", "handleLength=1 in",
        "inset=2 in", "flapWidth=4 in", "flapHeight=3 in", "holderWidth=5 in", "leg=1/8 in"})
    void settingBeyondALimit_isChanged(String set) {
        Plan plan = Plans.plan(purse(set));
        assertEquals(List.of(set.split("=")[0]), plan.changed().stream().map(changed -> changed.measure()).toList());
    }

    @Test
    void withoutHandles_theFlapMayBeAsWideAsThePurse() {
        Plan plan = Plans.plan(purse("handles=none"));
        assertEquals(plan.measures().length("width"), plan.measures().length("flapWidth"));
        assertTrue(plan.design().pieces().stream().noneMatch(piece -> piece.id().startsWith("handle")));
    }

    private static List<Code> refused(String from, String to) {
        String text = BuiltInDesigns.text("gusset-purse");
        assertTrue(text.contains(from), from);
        return DesignFileReader.read("purse.yaml", text.replace(from, to)).problems().stream().map(Problem::code)
                .distinct().toList();
    }

    /** What is put together wrongly does not stand: a foot that misses its place, a pose that is not there. */
    @Test
    void whatCannotStand_isRefused() {
        assertEquals(List.of(FoldWords.POSE_OUT_OF_REACH), refused("holder.foot1: rise, ", "holder.foot1: 10 deg, "));
        assertEquals(List.of(DesignWords.STANDS_IN_NO_POSE), refused("stands: standing", "stands: upright"));
        assertEquals(List.of(FoldWords.STANDS_ACROSS), refused("front edge: 180 deg - base", "front edge: 150 deg"));
    }

    @Test
    void nothingGoesRoundIt() {
        assertEquals(List.of(DesignWords.NOTHING_GOES_ROUND), Plans.adding(purse(), "band=belly-band@around").problems()
                .stream().map(Problem::code).toList());
        assertEquals(List.of(DesignWords.STANDS_BY_ITSELF),
                Plans.adding(Plans.project("half-fold"), "purse=gusset-purse@base.leaf-left").problems().stream()
                        .map(Problem::code).toList());
    }

    /** The slit takes the card; the number is that of the card, lying (ISO/IEC 7810, ID-1: 85.60 × 53.98 mm). */
    @Test
    void slit_takesTheCard() {
        Length slit = Plans.plan(purse()).measures().length("slit");
        assertTrue(slit.isLongerThan(Length.ofMicrometres(85_600)), slit.toString());
        assertTrue(Planner.plan(purse("holds=nothing")).value().isEmpty());
    }

    @Test
    void handles_areFoldedButForTheirEnds() {
        assertEquals(List.of(1, 1), Stream.of("handle1", "handle2")
                .map(piece -> Plans.plan(purse()).pieces().get(piece).pattern().panels().size()).toList());
    }
}

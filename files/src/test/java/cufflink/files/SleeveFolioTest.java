package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.design.PanelRef;
import cufflink.design.Side;
import cufflink.measure.Length;
import cufflink.paper.Stock;
import cufflink.plan.CutPart;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.Reading;
import cufflink.plan.RunStep;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stack.ClosedStack;
import cufflink.stack.PocketSpace;
import cufflink.stack.StackLayer;
import cufflink.words.StepWords;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;

/** A strip rolled up round sleeves, with a spine round them all. */
class SleeveFolioTest {
    private static Project folio(String... entries) {
        return Plans.set(Plans.project("sleeve-folio"), entries);
    }

    private static List<Length> scores(Plan plan) {
        return plan.design().main().lines().stream().map(score -> score.line().at().orElseThrow().length()).toList();
    }

    private static List<Length> lengths(String list) {
        return List.of(list.split(", ")).stream().map(Plans::length).toList();
    }

    /** Worked out apart from the program, from the same widths of flap, spine and gussets. */
    @Test
    void strip_isThatOfTheWorkedExamples() {
        Plan letter = Plans.plan(folio("gussets=fitted", "flap=1 1/8 in", "spine=1/2 in", "gusset1=7/16 in",
                "gusset2=1/4 in", "width=2 15/16 in", "short=1/16 in", "height=4 in"));
        assertEquals(lengths("1 1/8 in, 1 5/8 in, 4 9/16 in, 5 in, 7 7/8 in, 8 1/8 in"), scores(letter));
        assertEquals(Plans.length("10 15/16 in"), letter.measures().length("length"));
        Plan wide = Plans.plan(letter.project().withSet("flap", "2 in"));
        assertEquals(Plans.length("11 13/16 in"), wide.measures().length("length"));
        Plan a4 = Plans.plan(Plans.set(Plans.metric("sleeve-folio"), "gussets=fitted", "flap=35 mm", "spine=11 mm",
                "gusset1=10 mm", "gusset2=6 mm", "width=74 mm", "short=2 mm", "height=101 mm"));
        assertEquals(lengths("35 mm, 46 mm, 120 mm, 130 mm, 202 mm, 208 mm"), scores(a4));
        assertEquals(Length.ofMillimetres(278), a4.measures().length("length"));
    }

    /** A sleeve for a gift card and its wrapped end, worked out apart from the program, and the panel round it. */
    @Test
    void sleevesAndPanel_areThoseOfTheWorkedExamples() {
        Plans.expect(folio()).cuts("sleeve1.strip", "5 1/8 in", "3 1/2 in")
                .scores("sleeve1.strip", "1 7/16 in", "3 3/4 in").cuts("sleeve1.end", "2 5/16 in", "4 1/4 in")
                .measures("width", "2 15/16 in").measures("height", "4 in").hasNothingBad();
    }

    /**
     * Looked at point by point: what lies between two panels, what a gusset within keeps apart taking up that room, and
     * the strip itself; rounded up before the next one goes round it.
     */
    @ParameterizedTest
    @CsvSource({"2", "3", "4", "5"})
    void gussetsAndSpine_areAsWideAsWhatTheyGoRound_fromTheInnermostOut(int sleeves) {
        Plan plan = Plans.plan(folio("gussets=fitted", "sleeves=" + sleeves));
        ClosedStack stack = plan.stack().orElseThrow();
        Length caliper = plan.project().card().caliper();
        List<String> panels = IntStream.rangeClosed(0, sleeves).mapToObj(i -> i == 0 ? "flap" : "panel" + i).toList();
        Length before = Length.ZERO;
        for (int k = sleeves - 1; k >= 0; k--) {
            Length widest = Length.ZERO;
            for (int x = 1; x < 40; x++) {
                for (int y = 1; y < 40; y++) {
                    List<StackLayer> there = stack.at(new Coordinate(
                            stack.bounds().getMinX() + stack.bounds().getWidth() * x / 40,
                            stack.bounds().getMinY() + stack.bounds().getHeight() * y / 40));
                    widest = Length.longer(widest, between(there, panels, k, plan, caliper));
                }
            }
            String name = k == 0 ? "spine" : "gusset" + k;
            assertEquals(plan.project().step().up(widest.plus(caliper)), plan.measures().length(name), name);
            assertTrue(plan.measures().length(name).isLongerThan(before), name + " goes round the one before");
            before = plan.measures().length(name);
        }
    }

    /** What lies between panel k and the next at a place; the next pair's gusset may keep more apart. */
    private static Length between(List<StackLayer> there, List<String> panels, int k, Plan plan, Length caliper) {
        Length layers = layers(there, panels, k);
        if (layers.equals(Length.ZERO) || k + 2 >= panels.size() || index(there, panels.get(k + 2)) < 0) {
            return layers;
        }
        Length room = plan.measures().length("gusset" + (k + 1)).minus(caliper);
        return layers.minus(layers(there, panels, k + 1))
                .plus(Length.longer(room, between(there, panels, k + 1, plan, caliper)));
    }

    private static Length layers(List<StackLayer> there, List<String> panels, int k) {
        int one = index(there, panels.get(k));
        int other = index(there, panels.get(k + 1));
        return one < 0 || other < 0 ? Length.ZERO
                : there.subList(Math.min(one, other) + 1, Math.max(one, other)).stream().map(StackLayer::thickness)
                        .reduce(Length.ZERO, Length::plus);
    }

    private static int index(List<StackLayer> there, String panel) {
        return IntStream.range(0, there.size())
                .filter(i -> there.get(i).kind() == StackLayer.Kind.PANEL
                        && there.get(i).panel().orElseThrow().equals(new PanelRef("base", panel)))
                .findFirst().orElse(-1);
    }

    /** Their bulk and their ribbons lie at either end. */
    @Test
    void sleeves_openAtOppositeEdges_byTurns() {
        Plan plan = Plans.plan(folio("sleeves=4"));
        List<Set<Side>> open = IntStream.rangeClosed(1, 4).mapToObj(k -> plan.stack().orElseThrow().spaces().stream()
                .filter(space -> space.closed().size() == 3
                        && space.front().contains(new PanelRef("sleeve" + k + ".strip", "front"))
                        || space.behind().contains(new PanelRef("sleeve" + k + ".strip", "front")))
                .map(PocketSpace::open).findFirst().orElseThrow()).toList();
        assertEquals(List.of(open.get(0), open.get(1)), open.subList(2, 4));
        assertFalse(open.get(0).equals(open.get(1)), open.toString());
    }

    /** The liners lie under the scores: on the score list both lines of the spine are pressed through them. */
    @Test
    void strip_isLinedBeforeItIsScored() {
        Plan plan = Plans.plan(folio());
        List<RunStep> score = plan.run().stream().filter(step -> step.phase() == Phase.SCORE).toList();
        int lined = IntStream.range(0, score.size()).filter(i -> score.get(i).told().stream()
                .anyMatch(told -> told.code() == StepWords.GLUE_OVER)).max().orElseThrow();
        int scored = IntStream.range(0, score.size()).filter(i -> score.get(i).told().stream()
                .anyMatch(told -> told.code() == StepWords.SCORED_THROUGH)).min().orElseThrow();
        assertTrue(lined < scored);
        assertEquals(2, plan.mats().stream().filter(mat -> mat.on().isWhole()).count());
    }

    /** What is done to three sleeves is said once; what differs, where each lies, three times. */
    @Test
    void sleeves_areMadeTogether_andPutOnOneByOne() {
        Plan plan = Plans.plan(folio());
        List<RunStep> together = plan.run().stream().filter(step -> !step.alike().isEmpty()).toList();
        assertTrue(together.size() > 8, together.toString());
        assertTrue(together.stream().allMatch(step -> step.subjects().size() == 3));
        assertEquals(List.of("Sleeve 1", "Sleeve 2", "Sleeve 3"), plan.run().stream().map(RunStep::title)
                .filter(title -> title.matches("Sleeve .")).toList());
    }

    /** A setting for each measure that paper or sense forbids. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"width=2 in|at least", "height=1 in|at least", "flap=9 in|at most",
        "border=0 in|at least", "short=5 in|at most"})
    void settingBeyondALimit_isChangedAndSaid(String set, String limit) {
        Plan plan = Plans.plan(folio(set));
        assertTrue(plan.changed().stream().anyMatch(changed -> changed.measure().equals(set.split("=")[0])
                && changed.why().contains(limit)), plan.changed().toString());
    }

    @ParameterizedTest
    @CsvSource({"sleeves=7", "sleeves=1", "gussets=wide", "holds=", "width=wide"})
    void settingThatIsNone_isRefused(String set) {
        Outcome<Plan> outcome = Planner.plan(folio(set));
        List<String> named = outcome.value()
                .map(plan -> plan.changed().stream().map(changed -> changed.measure()).toList())
                .orElseGet(() -> outcome.problems().stream().map(Problem::where).toList());
        assertTrue(named.stream().anyMatch(name -> name.equalsIgnoreCase(set.split("=")[0])), named.toString());
    }

    @ParameterizedTest
    @CsvSource({"spine=1/16 in, spine-base.spine", "gusset1=1/16 in, spine-base.crease1",
        "flap=5/8 in, flap-reaches", "sleeve2.clearance=1 1/2 in, closed"})
    void settingThatDoesNotFit_isJudgedBad(String set, String check) {
        Plan plan = Plans.plan(folio("gussets=fitted", set));
        assertTrue(plan.checks().stream().anyMatch(found -> found.verdict() == Verdict.BAD), plan.checks().toString());
    }

    /** Everything out of one sheet: what is lacking is named with the largest piece. */
    @Test
    void wishThatCannotBeMet_namesTheLimit() {
        Plan plan = Plans.plan(folio().withWish(Plans.fromSheet("Letter", 1)));
        assertTrue(plan.fit().limit().contains("needs 7 pieces"), plan.fit().limit());
    }

    @Test
    void folio_isNoLetter() {
        Plans.expect(folio().withEnvelope(Optional.of(Plans.envelope("A6")))).judges("post", Verdict.WATCH);
    }

    /** Five sleeves are longer than a Letter sheet: the strip is joined of parts, and is double where they lap. */
    /** Half of what lies between the panels against the border: at 45 degrees a panel bends at the sleeve. */
    @Test
    void thickFillings_wantGussetsOrABorder() {
        Plans.expect(folio()).judges("scores-bear", Verdict.WATCH).says("scores-bear", "Fitted gussets");
        Plans.expect(Plans.set(folio(), "border=3/8 in")).judges("scores-bear", Verdict.GOOD);
        assertTrue(Plans.plan(Plans.set(folio(), "gussets=fitted")).checks().stream()
                .noneMatch(check -> check.id().equals("scores-bear")));
    }

    @Test
    void longStrip_isJoinedOfParts_andThickerWhereTheyLap() {
        Project letter = Plans.set(Plans.project("sleeve-folio"), "sleeves=5", "spine=1 in");
        Stock card = letter.card();
        Project roll = letter.withPaper(letter.cardRole(), card.inSheets(card.width(), Plans.length("24 in")));
        Plan joined = Plans.plan(letter);
        Plan whole = Plans.plan(roll);
        List<CutPart> parts = CutPart.of(letter, joined.design().piece("base"));
        assertEquals(2, parts.size());
        assertEquals(1, CutPart.of(roll, whole.design().piece("base")).size());
        assertTrue(parts.stream().noneMatch(part -> part.width().isLongerThan(Plans.length("11 in"))));
        assertEquals(joined.measures().length("length").plus(Plans.length("1/2 in")),
                parts.get(0).width().plus(parts.get(1).width()));
        assertEquals(List.of(), joined.layout().unplaced());
        long laps = joined.stack().orElseThrow().layers().stream().filter(layer -> layer.label().endsWith("lapped"))
                .count();
        assertEquals(1, laps);
        assertEquals(List.of(), joined.faults());
        assertTrue(joined.run().stream().map(RunStep::title).anyMatch("Strip of 2 parts"::equals));
        assertTrue(joined.run().stream().map(RunStep::text)
                .anyMatch(text -> text.contains("It is cut in 2 parts, which meet at a crease")));
        RunStep layers = joined.run().stream().filter(step -> step.title().equals("Layers for outside")).findFirst()
                .orElseThrow();
        assertEquals(List.of("layer 1, part 1", "layer 1, part 2"),
                layers.readings().stream().map(Reading::label).distinct().filter(label -> label.contains("layer 1"))
                        .toList(),
                "each part is cut to its own size");
    }

    /** Where a whole panel is lapped, everything that lies over it is a caliper thicker. */
    @Test
    void lappedPanel_isACaliperThicker() {
        Project letter = Plans.set(Plans.project("sleeve-folio"), "sleeves=4", "spine=1 in");
        Stock card = letter.card();
        Plan joined = Plans.plan(letter);
        Plan whole = Plans
                .plan(letter.withPaper(letter.cardRole(), card.inSheets(card.width(), Plans.length("24 in"))));
        assertEquals(2, CutPart.of(letter, joined.design().piece("base")).size());
        PanelRef first = joined.stack().orElseThrow().layers().stream()
                .filter(layer -> layer.label().endsWith("lapped"))
                .findFirst().orElseThrow().panel().orElseThrow();
        assertEquals(whole.stack().orElseThrow().over().get(first).plus(card.caliper()),
                joined.stack().orElseThrow().over().get(first));
    }
}

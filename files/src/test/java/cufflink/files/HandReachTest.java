package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.Face;
import cufflink.design.PanelRef;
import cufflink.measure.Length;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.plan.Reading;
import cufflink.plan.RunStep;
import cufflink.plan.StepSubject;
import cufflink.plan.VirtualHands;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What hands can no longer get at with glue, and what they put in its place too early. */
class HandReachTest {
    private static List<String> faults(Plan plan, List<RunStep> run) {
        return VirtualHands.faults(plan.workings(), run).stream().map(Message::sentence).toList();
    }

    private static Plan plan(String design, String set) {
        Project project = Plans.project(design);
        return Plans.plan(set == null ? project : Plans.set(project, set));
    }

    private static int last(Plan plan, Phase phase) {
        return IntStream.range(0, plan.run().size()).filter(i -> plan.run().get(i).phase() == phase).max()
                .orElseThrow();
    }

    private static int step(Plan plan, String title) {
        return IntStream.range(0, plan.run().size())
                .filter(i -> plan.run().get(i).title().startsWith(title)).findFirst().orElseThrow();
    }

    private static List<RunStep> moved(Plan plan, int from, int to) {
        List<RunStep> run = new ArrayList<>(plan.run());
        run.add(to, run.remove(from));
        return run;
    }

    /** A step of glue that is done after all others; which panel lies over its place by then. */
    @ParameterizedTest
    @CsvSource({"pocket-fold, , 'Layers on: front, inside', pocket", "slot-concertina, , Bar's right tab, wing behind",
        "crossover, , Diagonal front layers on, back of the small card", "diamond-tree, , Square 5, square 6",
        "note-pocket, , 'Layers on: left triangle', left triangle",
        "nested-diagonal-pockets, , Small pocket along, small pocket"})
    void gluedTooLate_isOutOfReach(String design, String set, String title, String panel) {
        Plan plan = plan(design, set);
        List<String> faults = faults(plan, moved(plan, step(plan, title), last(plan, Phase.GLUE)));
        assertTrue(faults.stream().anyMatch(fault -> fault.contains("is out of reach")
                && fault.contains(panel + " lies over it")), faults.toString());
    }

    /** Squares on a strip that unfolds, a card that stands out of one sheet: nothing is out of reach there. */
    @ParameterizedTest
    @CsvSource({"waterfall, Square 2", "centre-step, Upper tread layers on", "squash-fold, Layers on"})
    void whatOpensAgain_isReachedLate(String design, String title) {
        Plan plan = plan(design, null);
        List<String> faults = faults(plan, moved(plan, step(plan, title), last(plan, Phase.GLUE)));
        assertEquals(List.of(), faults);
    }

    /** Ornaments come when all paper is joined, but for one that a joint shuts in: that comes before it. */
    @Test
    void ornamentInAPocket_comesBeforeThePocket() {
        Plan plan = Plans.plan(Plans.project("pocket-fold")
                .withOrnament(Plans.strip("moon", new PanelRef("base", "front"), Face.OUTSIDE, 10, 10, 20, 20))
                .withOrnament(Plans.strip("star", new PanelRef("base", "back"), Face.INSIDE, 10, 90, 20, 20)));
        int pocket = step(plan, "Pocket · Onto the panel");
        assertTrue(step(plan, "star") < pocket && pocket < step(plan, "moon"), plan.run().toString());
        assertEquals(List.of(), faults(plan, plan.run()));
        List<String> faults = faults(plan, moved(plan, step(plan, "star"), last(plan, Phase.GLUE)));
        assertTrue(faults.get(0).endsWith("the pocket lies over it and no longer opens."), faults.toString());
    }

    /** The end of a tube is glued from outside, before or after its seam. */
    @Test
    void endOfATube_isReachedAtItsMouth() {
        Plan plan = plan("notch-sleeve", "end=cover");
        assertEquals(List.of(),
                faults(plan, moved(plan, step(plan, "Lower end shut"), step(plan, "Seam at the back"))));
    }

    /** Seen with its face up: on the back of a panel left and right change places. */
    @ParameterizedTest
    @CsvSource({"OUTSIDE", "INSIDE"})
    void ornament_liesWhereItsNumbersSay(Face face) {
        Plan plan = Plans.plan(Plans.project("half-fold").withOrnament(
                Plans.strip("star", new PanelRef("base", "front"), face, 10, 30, 20, 20)));
        assertEquals(List.of(), faults(plan, plan.run()));
        int at = step(plan, "star");
        RunStep step = plan.run().get(at);
        assertEquals(2, step.readings().size());
        for (int i = 0; i < 2; i++) {
            Reading right = step.readings().get(i);
            List<Reading> readings = new ArrayList<>(step.readings());
            readings.set(i, new Reading(right.id(), right.label(), right.length().plus(Length.ofMillimetres(3)),
                    right.size(), right.how(), right.fold(), right.rounded()));
            List<RunStep> run = new ArrayList<>(plan.run());
            run.set(at, new RunStep(step.number(), step.phase(), step.called(), step.told(), step.warned(),
                    step.subject(), readings, step.alike()));
            assertEquals(1, faults(plan, run).size(), right.label());
        }
    }

    @Test
    void partThatIsPutInBeforeItIsFinished_isNamed() {
        Plan plan = plan("bagged-squash-fold", null);
        int put = IntStream.range(0, plan.run().size())
                .filter(i -> plan.run().get(i).subject() instanceof StepSubject.OfPart).findFirst().orElseThrow();
        List<String> faults = faults(plan, moved(plan, put, last(plan, Phase.FOLD) + 1));
        assertTrue(faults.stream().anyMatch(fault -> fault.endsWith("is not finished yet.")), faults.toString());
    }
}

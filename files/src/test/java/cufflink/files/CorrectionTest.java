package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.files.design.DesignLibrary;
import cufflink.files.project.ProjectReader;
import cufflink.files.project.ProjectWriter;
import cufflink.measure.Length;
import cufflink.notebook.Correction;
import cufflink.notebook.Correction.Standing;
import cufflink.notebook.Effect;
import cufflink.notebook.Measurement;
import cufflink.notebook.Measurement.What;
import cufflink.notebook.OfPaper;
import cufflink.notebook.OfTrimmer;
import cufflink.notebook.Offers;
import cufflink.notebook.Target;
import cufflink.notebook.TargetReader;
import cufflink.paper.NamedSize;
import cufflink.paper.PaperRole;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.RunStep;
import cufflink.plan.StepMark;
import cufflink.problem.Outcome;
import cufflink.words.Message;
import cufflink.words.NotebookWords;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is to be different next time: read, applied, kept in mind. */
class CorrectionTest {
    private static final Stock MOONLIGHT = Stock.plain("Moonlight",
            PublishedSizes.named(NamedSize.Kind.SHEET, "Letter").orElseThrow(), 120);

    static List<String> designs() {
        return DesignLibrary.builtIn().designs().keySet().stream().toList();
    }

    private static Plan plan(Project project) {
        return Planner.plan(project).orThrow();
    }

    private static Outcome<Target> read(Plan plan, String typed) {
        return new TargetReader(plan, name -> Optional.of(MOONLIGHT).filter(stock -> stock.name().equals(name)))
                .read(typed);
    }

    private static Correction correction(Plan plan, String typed) {
        return new Correction("key", plan.design().definition().id(), "As learned", read(plan, typed).orThrow(),
                Standing.OFFERED);
    }

    private static String measure(Plan plan, String name) {
        return plan.measures().get(name).orElseThrow().text(plan.format());
    }

    /** A reminder finds its step by its mark, in inches and millimetres. */
    @ParameterizedTest
    @MethodSource("designs")
    void marksOfAllSteps_areDifferent_andTheSameInBothUnits(String design) {
        List<String> marks = StepMark.of(Plans.plan(Plans.project(design)).run());
        assertEquals(marks.size(), new HashSet<>(marks).size(), marks.toString());
        List<String> metric = StepMark.of(Plans.plan(Plans.metric(design)).run());
        long known = metric.stream().filter(marks::contains).count();
        assertTrue(known >= 0.8 * Math.min(marks.size(), metric.size()), marks + " " + metric);
    }

    @ParameterizedTest
    @CsvSource({"width -1/8 in, 4 1/8 in", "width = 4 in, 4 in", "width 5, 5 in", "width +2 mm, 4 5/16 in"})
    void measure_isChangedOnTheRuler(String typed, String then) {
        Plan plan = Plans.plan(Plans.project("overlapping-gate"));
        Plan after = plan(correction(plan, typed).applied(plan).orThrow());
        assertEquals(then, measure(after, "width"));
        assertTrue(after.project().noted().answered().contains("key"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"step 999", "part nobody", "paper mat 9 = Moonlight", "paper card = Sunlight",
        "no-such-measure -1 mm", "width -1 furlong", "width -90 in", "border -9 in", ""})
    void whatThePlanHasNot_isRefused(String typed) {
        Outcome<Target> target = read(Plans.plan(Plans.project("overlapping-gate")), typed);
        assertTrue(target.value().isEmpty() && !target.problems().get(0).text().isBlank());
    }

    @Test
    void border_andPaper_areChanged() {
        Plan plan = Plans.plan(Plans.project("overlapping-gate"));
        assertEquals(Length.ofInches(3, 16),
                correction(plan, "border +1/16 in").applied(plan).orThrow().mats().reveal());
        assertEquals("Moonlight", correction(plan, "paper mat 2 = Moonlight").applied(plan).orThrow()
                .paper(PaperRole.layer(2)).name());
    }

    @Test
    void step_andWhatHasNoChange_areReminders() {
        Plan plan = Plans.plan(Plans.project("overlapping-gate"));
        assertFalse(correction(plan, "step 2").isChange());
        Project kept = correction(plan, "step 2").kept(plan);
        RunStep step = plan(kept).run().get(1);
        assertEquals("Remember: As learned", step.reminders().get(0).sentence());
        assertTrue(step.text().endsWith("Remember: As learned"), step.text());
        assertFalse(correction(plan, "step 2").isOpen(kept));
        assertEquals(1, plan(kept).run().stream().filter(one -> !one.reminders().isEmpty()).count());
    }

    /** It stands where the first number would be another. */
    @Test
    void reminderOfAMeasure_standsWhereItFirstCounts() {
        Plan plan = Plans.plan(Plans.project("overlapping-gate"));
        Plan kept = plan(correction(plan, "width").kept(plan));
        assertEquals(1, kept.run().stream().filter(step -> !step.reminders().isEmpty()).findFirst().orElseThrow()
                .number());
    }

    /** What a project has no more is told all the same. */
    @Test
    void reminderOfAStepThatIsGone_standsAtTheFirstOfItsPhase() {
        Plan plan = Plans.plan(Plans.project("overlapping-gate"));
        assertEquals("Score", plan.run().get(StepMark.find(plan.run(), "score gone inside") - 1).phase().title());
        assertEquals(1, StepMark.find(plan.run(), "nothing"));
    }

    @Test
    void project_keepsRemindersAndAnswers() {
        Plan plan = Plans.plan(Plans.project("overlapping-gate"));
        Project kept = correction(plan, "step 3").kept(plan)
                .withTools(plan.project().tools().withCutsShort(Length.ofMicrometres(-500)));
        assertEquals(kept, ProjectReader.read("p", ProjectWriter.text(kept), DesignLibrary.builtIn()).orThrow());
    }

    /** The effect is what planning again finds. */
    @Test
    void effect_namesFiguresAndChecksThatChange() {
        Plan plan = Plans.plan(Plans.project("overlapping-gate"));
        Effect none = Effect.of(plan, correction(plan, "step 2")).orThrow();
        assertEquals(List.of(), none.figures());
        assertEquals(plan.checks().size(), none.same());
        Effect wide = Effect.of(plan, correction(plan, "width = 12 1/2 in")).orThrow();
        assertTrue(wide.figures().stream().anyMatch(one -> one.said().startsWith("Width: 4 1/4 in → 12 1/2 in")),
                wide.lines().toString());
        assertEquals(wide.plan().checks().stream().filter(check -> check.verdict() == Verdict.BAD).count(),
                wide.checks().stream().filter(check -> check.verdict() == Verdict.BAD).count()
                        + plan.checks().stream().filter(check -> check.verdict() == Verdict.BAD
                                && wide.plan().checks().contains(check)).count());
        assertTrue(wide.checks().stream().anyMatch(check -> check.verdict() == Verdict.BAD));
    }

    @Test
    void offers_setTheTrimmerAndTheCalipers() {
        Plan plan = Plans.plan(Plans.metric("half-fold"));
        List<Measurement> measured = List.of(
                Measurement.of(plan, "width", plan.closedWidth().orElseThrow().minus(Length.ofMillimetres(2)))
                        .orElseThrow(),
                Measurement.of(plan, "height", plan.closedHeight().orElseThrow().minus(Length.ofMillimetres(2)))
                        .orElseThrow(),
                Measurement.of(plan, "thickness", plan.stack().orElseThrow().thickness().times(2)).orElseThrow());
        List<Target> offers = Offers.of(plan, measured);
        assertEquals(new OfTrimmer(Length.ofMillimetres(2)), offers.get(0));
        OfPaper card = (OfPaper) offers.get(1);
        assertEquals(2.0, card.stock().orElseThrow().caliper().toMillimetres()
                / plan.project().card().caliper().toMillimetres(), 0.03);
        Plan after = plan(offers.get(0).applied(plan).orThrow());
        assertTrue(after.run().get(0).text().contains("Your trimmer cuts 2 mm short: set its stop 2 mm further out"),
                after.run().get(0).text());
        assertEquals(Verdict.GOOD, after.checks().stream().filter(check -> check.id().equals("rehearsed")).findFirst()
                .orElseThrow().verdict());
        assertEquals(List.of(), Offers.of(plan, List.of()));
    }

    @Test
    void measure_ofTheDesignIsHeldAgainstThePlan() {
        Plan plan = Plans.plan(Plans.metric("overlapping-gate"));
        Measurement width = Measurement.of(plan, "width", Length.ofMillimetres(100)).orElseThrow();
        assertEquals(What.WIDTH, width.what());
        String name = plan.measures().shown().stream().filter(sized -> sized.isLength() && sized.length().isPositive())
                .map(sized -> sized.definition().name()).filter(one -> !one.matches("width|height")).findFirst()
                .orElseThrow();
        assertEquals(What.MEASURE, Measurement.of(plan, name, Length.ofMillimetres(9)).orElseThrow().what());
        assertTrue(Measurement.of(plan, "nothing", Length.ofMillimetres(9)).isEmpty());
    }

    /** Of another design, or answered, or dropped: it is not asked. */
    @Test
    void correction_isAskedOnce() {
        Plan plan = Plans.plan(Plans.project("overlapping-gate"));
        Correction asked = correction(plan, "width");
        assertTrue(asked.isOpen(plan.project()));
        assertFalse(asked.isOpen(asked.left(plan.project())));
        assertFalse(asked.with(Standing.DROPPED).isOpen(plan.project()));
        assertFalse(asked.isOpen(Plans.project("half-fold")));
        Outcome<Project> gone = new Correction("k", "half-fold", "t", read(plan, "width -1 mm").orThrow(),
                Standing.OFFERED).applied(Plans.plan(Plans.project("half-fold")));
        assertTrue(gone.value().isPresent() || gone.problems().get(0).message().code() == NotebookWords.NO_MEASURE,
                () -> gone.problems().stream().map(problem -> problem.message()).map(Message::sentence).toList()
                        .toString());
    }
}

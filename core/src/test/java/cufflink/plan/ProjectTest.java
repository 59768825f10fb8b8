package cufflink.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestDesigns;
import cufflink.fit.Wish;
import cufflink.mat.MatSettings;
import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.paper.BenchTools;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.words.DesignWords;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a project keeps, what changes with its unit, and what it does with what cannot be. */
class ProjectTest {
    private static final Project CARD = Project
            .of(TestDesigns.strip(List.of("width", "width"), "v", List.of("c1")), RulerStep.SIXTEENTH_INCH);

    static Stream<RulerStep> metric() {
        return Stream.of(RulerStep.MILLIMETRE, RulerStep.HALF_MILLIMETRE);
    }

    @ParameterizedTest
    @MethodSource("metric")
    void whatWasNeverSet_isUsualInTheOtherUnit(RulerStep step) {
        Project metric = CARD.withStep(step);
        Project fresh = Project.of(CARD.design(), step);
        assertEquals(fresh, metric);
        assertEquals(CARD, metric.withStep(RulerStep.SIXTEENTH_INCH));
    }

    @Test
    void whatWasSet_staysExactlyWhatItWas() {
        Stock own = Stock.plain("Own", new NamedSize(NamedSize.Kind.SHEET, "own", Length.ofInches(9),
                Length.ofInches(12), List.of(), "made up"), 200);
        BenchTools tools = new BenchTools(Length.ofInches(24), Length.ofInches(12), Length.ofInches(12),
                Length.ofInches(1, 8), BenchTools.USUAL_INCH.grain());
        Project changed = CARD.withMats(CARD.mats().withReveal(MatSettings.TIGHT_REVEAL)).withTools(tools)
                .withPaper(CARD.cardRole(), own).withSet("width", "5 in").withCopies(3).withNotes("for June")
                .withName("Night").withStep(RulerStep.MILLIMETRE);
        assertEquals(MatSettings.TIGHT_REVEAL, changed.mats().reveal());
        assertEquals(tools, changed.tools());
        assertEquals(own, changed.card());
        assertEquals(Map.of("width", "5 in"), changed.set());
        assertEquals(List.of("Night", "3", "for June"),
                List.of(changed.name(), "" + changed.copies(), changed.notes()));
    }

    @Test
    void finerRulerOfTheSameUnit_changesNothingElse() {
        Project fine = CARD.withStep(RulerStep.THIRTY_SECOND_INCH);
        assertEquals(CARD, fine.withStep(RulerStep.SIXTEENTH_INCH));
        assertEquals(CARD.tools(), fine.tools());
    }

    @Test
    void usualEase_followsTheUnit_andAnOwnOneStays() {
        NamedSize envelope = PublishedSizes.named(NamedSize.Kind.ENVELOPE, "A2").orElseThrow();
        Project usual = CARD.withWish(new Wish.InEnvelope(envelope, Wish.InEnvelope.usualEase(LengthUnit.INCH)));
        assertEquals(new Wish.InEnvelope(envelope, Wish.InEnvelope.usualEase(LengthUnit.MILLIMETRE)),
                usual.withStep(RulerStep.MILLIMETRE).wish());
        Wish own = new Wish.InEnvelope(envelope, Length.ofInches(1, 2));
        assertEquals(own, CARD.withWish(own).withStep(RulerStep.MILLIMETRE).wish());
    }

    @ParameterizedTest
    @ValueSource(ints = {0, -1, 1000})
    void copies_areOneToNineHundredAndNinetyNine(int copies) {
        assertThrows(IllegalArgumentException.class, () -> CARD.withCopies(copies));
    }

    @Test
    void measureGivenBack_isTheDesignsAgain() {
        Project set = CARD.withSet("width", "6 in").withSet("height", "4 in");
        assertEquals(CARD, set.withoutSet("width").withoutSet("height"));
        assertEquals(Length.ofInches(6), Planner.plan(set).orThrow().closedWidth().orElseThrow());
    }

    @ParameterizedTest
    @CsvSource({"depth, 3 in, NO_SUCH_MEASURE", "width, '3 in wide, please', ", "width, three, ", "width, -3 in, "})
    void whatCannotBeSet_isNamed(String measure, String typed, DesignWords why) {
        var outcome = Planner.plan(CARD.withSet(measure, typed));
        assertTrue(outcome.problems().stream().anyMatch(problem -> why == null || problem.code() == why),
                outcome.problems().toString());
        assertEquals(measure, outcome.problems().get(0).where());
    }

    /** The card may be 1 in wide at least: what is typed below is held there, and said. */
    @Test
    void limits_areSaid_withWhatIsUsed() {
        Plan plan = Planner.plan(CARD.withSet("width", "1/2 in")).orThrow();
        assertEquals(List.of(DesignWords.CANNOT_BE),
                plan.notices().stream().map(problem -> problem.code()).toList());
        assertEquals(Length.ofInches(1), plan.closedWidth().orElseThrow());
        assertEquals(1, plan.changed().size());
        assertEquals(Optional.of("width"), plan.changed().stream().map(Changed::measure).findFirst());
    }

    @Test
    void everyRole_hasAPaper() {
        assertEquals(CARD.card(), CARD.paper(CARD.cardRole()));
        assertEquals("Letter", PublishedSizes.of(NamedSize.Kind.SHEET).stream()
                .filter(size -> size.width().equals(CARD.card().width()) && size.height().equals(CARD.card().height()))
                .findFirst().orElseThrow().name());
    }

    /** The same question has the same answer, however often it is asked. */
    @Test
    void plans_areEqual() {
        Plan one = Planner.plan(CARD.withCopies(4)).orThrow();
        Plan two = Planner.plan(CARD.withCopies(4)).orThrow();
        assertEquals(one.run().toString(), two.run().toString());
        assertEquals(one.checks().toString(), two.checks().toString());
    }
}

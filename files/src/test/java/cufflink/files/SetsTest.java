package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.design.PanelRef;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.design.DesignFileReader;
import cufflink.fold.GluePatch;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.problem.Problem;
import cufflink.stack.PartSizes;
import cufflink.words.Code;
import cufflink.words.DesignFileWords;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Combinations that makers put together, each a list of parts. */
class SetsTest {
    static Stream<String> sets() {
        return BuiltInDesigns.all().stream().filter(design -> design.head().group().equals("set"))
                .map(design -> design.id());
    }

    @Test
    void theSetsAreOnTheShelf() {
        assertEquals(List.of("bagged-squash-fold", "tagged-pockets", "note-pocket", "banded-accordion", "note-step",
                "covered-back-fold", "panelled-gate", "corner-note"), sets().toList());
    }

    @ParameterizedTest
    @MethodSource("sets")
    void everySet_closesFlat_inEitherUnit(String id) {
        for (Project project : List.of(Plans.project(id), Plans.metric(id))) {
            Plan plan = Plans.plan(project);
            assertEquals(List.of(), plan.faults());
            Plans.expect(project).hasNothingBad();
        }
    }

    /** An envelope that is made for it takes it with its thickness; nothing else is posted as it is. */
    @ParameterizedTest
    @MethodSource("sets")
    void everySet_goesIntoAnEnvelopeOfItsOwn(String id) {
        Plan plan = Plans.plan(Plans.adding(Plans.project(id), "post=envelope@around").orThrow());
        assertEquals(List.of(), plan.faults());
        assertTrue(plan.checks().stream().filter(check -> check.id().startsWith("post."))
                .noneMatch(check -> check.verdict() == Verdict.BAD), plan.checks().toString());
        Length inside = plan.measures().length("post.inside");
        Length card = plan.closedWidth().orElseThrow();
        assertTrue(Length.longer(inside, plan.measures().length("post.tall")).isLongerThan(card));
        assertTrue(PartSizes.of(plan.workings().stacked()).whole().isPresent());
    }

    /** The panel across a gate takes glue where it lies on the wide leaf; past its edge it stays dry. */
    @Test
    void panelAcrossAGate_isGluedToTheWideLeafAlone() {
        Plan plan = Plans.plan(Plans.project("panelled-gate"));
        GluePatch patch = plan.workings().glued().get("panel");
        assertEquals(new PanelRef("base", "cover"), plan.design().glue().get(0).onto());
        double dry = patch.dry().stream().mapToDouble(area -> area.getArea()).sum();
        double part = patch.part().getArea();
        Length wide = plan.measures().length("panel.width");
        double past = wide.toMillimetres() - (plan.measures().length("cover").toMillimetres()
                - plan.measures().length("width").toMillimetres() / 2 + wide.toMillimetres() / 2);
        assertEquals(past / wide.toMillimetres(), dry / part, 1e-6);
        assertTrue(dry > 0);
    }

    /** A corner pocket takes a corner of what is wider than it; the note lies against the corner's side. */
    @ParameterizedTest
    @CsvSource({"corner.size=1 in, BAD", "corner.size=2 in, GOOD"})
    void cornerPocket_takesACorner(String set, Verdict verdict) {
        Plans.expect(Plans.set(Plans.project("corner-note"), set)).judges("corner.pocket-width", verdict);
    }

    private static List<Code> refused(String set) {
        return DesignFileReader.read("own.yaml", """
                id: own
                of: half-fold
                title: Own
                group: set
                set: {%s}
                """.formatted(set)).problems().stream().map(Problem::code).toList();
    }

    @Test
    void usualValues_areThoseOfTheSet_untilTheyAreSet() {
        assertEquals("yes", Plans.plan(Plans.project("note-step")).measures().get("pocket").orElseThrow()
                .text(Plans.plan(Plans.project("note-step")).format()));
        Plan other = Plans.plan(Project.of(DesignFileReader.read("own.yaml", """
                id: own
                of: half-fold
                title: Own
                group: set
                set: {fold: top, ribs: 3, ribPitch: {in: 1/2 in, mm: 12 mm}}
                """).orThrow(), RulerStep.MILLIMETRE));
        assertEquals(Length.ofMillimetres(12), other.measures().length("ribPitch"));
        assertEquals(Length.ofMillimetres(105), other.design().main().width().length());
        assertEquals(List.of(DesignFileWords.NO_MEASURE_TO_SET), refused("pitch: 1 in"));
        assertTrue(!refused("fold: front").isEmpty());
    }
}

package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.DesignDefinition;
import cufflink.files.design.DesignFileReader;
import cufflink.fit.Wish;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.NamedSize;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.words.DesignWords;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Measures that rest on what only the closed card tells. */
class FactsTest {
    /** A card in a band that goes round it; the front leaf is longer by what the card is thick. */
    private static final String BANDED = """
            id: trial
            title: Trial
            group: card base
            measures:
              width:  {is: finished width, default: 4 in}
              height: {is: finished height, default: 3 in}
              front:  {value: width + 4 * closed.thickness, round: up, label: Front leaf}
              round:  {is: result, value: 2 * (closed.height + closed.thickness), round: up, label: Once round}
            pieces:
              base:
                size: [width + front, height]
                scores: [{id: spine, x: front, fold: valley}]
                panels: [front, back]
              band: {loose: yes, size: [round + 1/2 in, 1 in], panels: [band]}
            folding:
              - {fold: [spine], say: Fold it.}
            mats:
              - {on: base.front, face: outside}
            """;

    private static Project project(String text) {
        DesignDefinition design = DesignFileReader.read("trial.yaml", text).orThrow();
        return Project.of(design, RulerStep.SIXTEENTH_INCH);
    }

    private static Length measure(Plan plan, String name) {
        return plan.measures().length(name);
    }

    private static void holds(Plan plan) {
        RulerStep step = plan.project().step();
        Length thick = plan.stack().orElseThrow().thickness();
        assertEquals(step.up(measure(plan, "width").plus(thick.times(4))), measure(plan, "front"));
        assertEquals(step.up(plan.closedHeight().orElseThrow().plus(thick).times(2)), measure(plan, "round"));
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 3, 5})
    void measures_areTrueOfTheCardThatTheyMake(int layers) {
        Project project = project(BANDED);
        Plan plan = Plans.plan(project.withMats(project.mats().withLayers(layers)));
        holds(plan);
        assertEquals(measure(plan, "front"), plan.closedWidth().orElseThrow());
    }

    @Test
    void thickerPaper_changesThem() {
        Project project = project(BANDED);
        Stock board = Stock.plain("Board", Plans.sheet("Letter"), 900);
        Project thick = project.withPaper(project.cardRole(), board);
        holds(Plans.plan(thick));
        assertTrue(measure(Plans.plan(thick), "front").isLongerThan(measure(Plans.plan(project), "front")));
    }

    @Test
    void fitting_knowsThem() {
        NamedSize envelope = Plans.envelope("A2");
        Plan plan = Plans.plan(project(BANDED).withWish(new Wish.InEnvelope(envelope, Length.ofInches(1, 8))));
        holds(plan);
        assertTrue(plan.checks().stream().anyMatch(check -> check.id().equals("envelope")
                && check.margin().filter(margin -> !margin.isNegative()).isPresent()));
    }

    @Test
    void setByHand_isNotAsked() {
        Plan plan = Plans.plan(project(BANDED).withSet("front", "5 in"));
        assertEquals(Length.ofInches(5), measure(plan, "front"));
    }

    @Test
    void circleThatDoesNotSettle_isNamed() {
        String swinging = BANDED.replace("value: width + 4 * closed.thickness", "value: 10 in - closed.width");
        Outcome<DesignDefinition> read = DesignFileReader.read("trial.yaml", swinging);
        assertEquals(Optional.empty(), read.value());
        assertEquals(DesignWords.DOES_NOT_SETTLE, read.problems().get(0).code());
    }

    @Test
    void onlyMeasures_mayAsk() {
        String asked = BANDED.replace("size: [width + front, height]", "size: [width + front, closed.height]");
        assertTrue(DesignFileReader.read("trial.yaml", asked).problems().get(0).what()
                .contains("“closed.height” is not known here"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"card", "ruler", "closed"})
    void namesThatStandForSomething_areTaken(String name) {
        String taken = BANDED.replace("measures:", "measures:\n  " + name + ": {is: contents, default: gift card}");
        List<String> problems = DesignFileReader.read("trial.yaml", taken).problems().stream()
                .map(problem -> problem.what()).toList();
        assertTrue(problems.get(0).contains("already stands for something else"), problems.toString());
    }

    @Test
    void plannedAgain_isTheSame() {
        Project project = project(BANDED);
        assertEquals(Planner.plan(project), Planner.plan(project));
    }
}

package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import cufflink.files.design.BuiltInDesigns;
import cufflink.files.plan.FoldJson;
import cufflink.files.plan.FoldText;
import cufflink.fit.Wish;
import cufflink.measure.Length;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What the fold engine proved is told for every design at any size: no shape is too awkward. In full:
 * {@code -Dcufflink.fuzz=4000}.
 */
class FoldAnswersTest {
    private static final int SIZES = Math.max(6, Integer.getInteger("cufflink.fuzz", 200) / 33);

    static List<String> ids() {
        return BuiltInDesigns.all().stream().map(design -> design.id()).toList();
    }

    @ParameterizedTest
    @MethodSource("ids")
    void anySize_isAnswered(String design) {
        Random random = new Random(design.hashCode());
        for (int i = 0; i < SIZES; i++) {
            Project usual = Plans.project(design);
            Length width = Length.ofMillimetres(30 + random.nextInt(270));
            Project project = usual
                    .withWish(i == 0 ? new Wish.AsDesigned()
                            : new Wish.FinishedSize(width, Length.ofMillimetres(30 + random.nextInt(270))))
                    .withMats(usual.mats().withLayers(random.nextInt(5))
                            .withReveal(Length.ofMillimetres(1 + random.nextInt(12))));
            Outcome<Plan> planned = Planner.plan(project);
            assertEquals(List.of(),
                    planned.problems().stream().filter(problem -> problem.fault().isPresent()).toList());
            planned.value().ifPresent(plan -> {
                assertFalse(FoldText.of(plan, false).isEmpty());
                assertFalse(FoldJson.of(plan, false).isEmpty());
            });
        }
    }
}

package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.files.design.DesignFileReader;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The design files that the documents show. */
class ExamplesTest {
    static Stream<Path> examples() throws IOException {
        List<Path> examples;
        try (Stream<Path> files = Files.list(Path.of("../docs/examples"))) {
            examples = files.sorted().toList();
        }
        assertTrue(examples.size() >= 2, "no examples");
        return examples.stream();
    }

    @ParameterizedTest
    @MethodSource("examples")
    void example_makesAGoodCard_onBothRulers(Path file) throws IOException {
        for (RulerStep step : List.of(RulerStep.SIXTEENTH_INCH, RulerStep.MILLIMETRE)) {
            Plan plan = Plans.plan(Project.of(DesignFileReader.read(file).orThrow(), step));
            assertEquals(List.of(), plan.faults());
            assertEquals(List.of(), plan.checks().stream().filter(check -> check.verdict() == Verdict.BAD)
                    .map(Check::text).toList());
        }
    }
}

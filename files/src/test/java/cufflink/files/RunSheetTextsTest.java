package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.design.DesignDefinition;
import cufflink.files.design.BuiltInDesigns;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.plan.Reading;
import cufflink.plan.RunStep;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * The run sheet of every design as it was last read through, in both units, so that any change of an instruction shows
 * in a diff. {@code -Dcufflink.approve} writes them anew, to be read through again.
 */
class RunSheetTextsTest {
    private static final Path FOLDER = Path.of("src/test/resources/runsheets");
    private static final boolean APPROVE = Boolean.getBoolean("cufflink.approve");

    private static Stream<Arguments> designs() {
        return BuiltInDesigns.all().stream()
                .flatMap(design -> Stream.of(RulerStep.SIXTEENTH_INCH, RulerStep.MILLIMETRE)
                        .map(ruler -> Arguments.of(design.id(), design, ruler)));
    }

    @ParameterizedTest(name = "{0}, {2}")
    @MethodSource("designs")
    void runSheet_isAsItWasRead(String id, DesignDefinition design, RulerStep ruler) throws IOException {
        Path file = FOLDER.resolve(id + (ruler.unit() == LengthUnit.INCH ? ".in" : ".mm") + ".txt");
        String text = text(Plans.plan(Project.of(design, ruler)));
        if (APPROVE) {
            Files.createDirectories(FOLDER);
            Files.writeString(file, text);
        }
        assertEquals(Files.readString(file), text, "read it through; then -Dcufflink.approve=true writes it anew");
    }

    private static String text(Plan plan) {
        StringBuilder text = new StringBuilder();
        for (RunStep step : plan.run()) {
            text.append(step.number()).append(". ").append(step.phase().title()).append(": ").append(step.title())
                    .append('\n').append("   ").append(step.text()).append('\n');
            if (!step.caution().isEmpty()) {
                text.append("   ! ").append(step.caution()).append('\n');
            }
            for (Reading reading : step.readings()) {
                text.append("   ").append(reading.text(plan.format())).append("  ").append(reading.label())
                        .append('\n');
            }
        }
        return text.toString();
    }
}

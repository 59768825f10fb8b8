package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.DesignDefinition;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.handout.HandOutOptions;
import cufflink.files.handout.HandOutWriter;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import java.io.IOException;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The printed hand-out. */
class HandOutTest {
    private static Stream<Arguments> designs() {
        return BuiltInDesigns.all().stream().flatMap(
                design -> Stream.of(Arguments.of(design.id(), design, RulerStep.SIXTEENTH_INCH, "Letter"),
                        Arguments.of(design.id(), design, RulerStep.MILLIMETRE, "A4")));
    }

    @ParameterizedTest(name = "{0}, {3}")
    @MethodSource("designs")
    void handOut_takesFewPages(String id, DesignDefinition design, RulerStep ruler, String page) throws IOException {
        Plan plan = Plans.plan(Project.of(design, ruler));
        try (PDDocument document = Loader.loadPDF(HandOutWriter.write(plan, HandOutOptions.on(page)))) {
            System.out.println("PAGES " + id + " " + page + " " + document.getNumberOfPages());
            assertTrue(document.getNumberOfPages() <= 4);
        }
    }
}

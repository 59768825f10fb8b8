package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.design.DesignDefinition;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.handout.HandOutOptions;
import cufflink.files.handout.HandOutWriter;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.plan.Noted;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.plan.Reminder;
import cufflink.plan.RunStep;
import cufflink.plan.StepMark;
import java.io.IOException;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The printed hand-out. */
class HandOutTest {
    private static Stream<Arguments> designs() {
        return BuiltInDesigns.all().stream().flatMap(
                design -> Stream.of(Arguments.of(design.id(), design, RulerStep.SIXTEENTH_INCH, "Letter"),
                        Arguments.of(design.id(), design, RulerStep.MILLIMETRE, "A4")));
    }

    /** Of many parts: three pages; of all others one sheet gives both. */
    private static final Set<String> LARGE = Set.of("sleeve-folio", "gusset-purse", "tagged-pockets",
            "bagged-squash-fold");

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    private static int pages(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return document.getNumberOfPages();
        }
    }

    @ParameterizedTest(name = "{0}, {3}")
    @MethodSource("designs")
    void handOut_takesOneSheet_andTellsEveryStep(String id, DesignDefinition design, RulerStep ruler, String page)
            throws IOException {
        Plan plan = Plans.plan(Project.of(design, ruler));
        byte[] pdf = HandOutWriter.write(plan, HandOutOptions.on(page));
        assertTrue(pages(pdf) <= (LARGE.contains(id) ? 3 : 2), id + ": " + pages(pdf));
        String text = text(pdf);
        for (RunStep step : plan.run()) {
            if (step.phase() != Phase.CUT && step.phase() != Phase.CHECK) {
                assertTrue(text.contains(step.number() + ". "), step.title());
            }
        }
        long good = plan.checks().stream().filter(check -> check.verdict() == Verdict.GOOD).count();
        assertTrue(text.contains(good + " checks hold."), "good checks are one line");
    }

    @Test
    void whatIsAlike_isOneLine_andTheFenceATable() throws IOException {
        String text = text(HandOutWriter.write(Plans.plan(Plans.project("waterfall")), HandOutOptions.on("Letter")));
        assertTrue(text.contains("Fence: cuts"), text);
        String folio = text(
                HandOutWriter.write(Plans.plan(Plans.project("sleeve-folio")), HandOutOptions.on("Letter")));
        assertTrue(folio.contains("3 × Insert · Insert"), folio);
        assertFalse(folio.contains("Insert 2 · Insert 2"), folio);
    }

    /** Knife work: the marks in the drawing, and cut by cut where they lie. */
    @Test
    void knifeWork_isALineForEachCut() throws IOException {
        String text = text(HandOutWriter.write(Plans.plan(Plans.metric("squash-fold")), HandOutOptions.on("A4")));
        assertTrue(text.contains("upper gap 1: 5 top 120, 6 inside 90 × 30, 7 top 60"), text);
        assertFalse(text.contains("from its left end;"), text);
    }

    @Test
    void longTitle_isSetInLines_andTemplatesFollowIfAsked() throws IOException {
        Project project = Plans.project("half-fold")
                .withName("An invitation to the long night of the comet on the hill behind the observatory");
        HandOutOptions usual = HandOutOptions.on("Letter");
        byte[] plain = HandOutWriter.write(Plans.plan(project), usual);
        assertTrue(text(plain).contains("on the hill behind the observatory"));
        assertFalse(text(plain).contains("true to size"));
        byte[] templates = HandOutWriter.write(Plans.plan(project), new HandOutOptions(usual.page(), false, true));
        assertEquals(pages(plain) + 1, pages(templates));
    }

    /** What the maker wants to be told stands at every kind of step, and once. */
    @ParameterizedTest
    @ValueSource(strings = {"overlapping-gate", "crossover", "ribbon-wallet", "waterfall"})
    void reminders_arePrinted_whateverTheStep(String design) throws IOException {
        Project project = Plans.project(design);
        List<String> marks = StepMark.of(Plans.plan(project).run());
        Noted noted = Noted.NOTHING;
        for (int i = 0; i < marks.size(); i++) {
            noted = noted.with(new Reminder(marks.get(i), "mind" + i + "x"));
        }
        project = project.with(noted).withTools(project.tools().withCutsShort(Length.ofMillimetres(1)));
        String text = text(HandOutWriter.write(Plans.plan(project), HandOutOptions.on("A4")));
        for (int i = 0; i < marks.size(); i++) {
            assertEquals(2, text.split("mind" + i + "x", -1).length, marks.get(i) + " in " + text);
        }
        assertTrue(text.contains("Your trimmer cuts"), text);
    }
}

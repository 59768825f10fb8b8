package cufflink.files.handout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.CufflinkFonts;
import cufflink.files.Plans;
import cufflink.plan.Project;
import java.io.IOException;
import java.text.Normalizer;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Titles, papers and notes in any script. */
class ScriptsTest {
    @Test
    void latin_isAsItWas() {
        assertEquals("Comet night, 3 7/8 in", Scripts.visual("Comet night, 3 7/8 in"));
    }

    @Test
    void hebrew_runsToTheLeft_butNotTheNumbersInIt() {
        assertEquals("2026 טיבש", Scripts.visual("שביט 2026"));
        assertEquals("Card: תיב", Scripts.visual("Card: בית"));
    }

    /** The Unicode Standard, Arabic Presentation Forms-B: beh at the beginning is U+FE91, at the end U+FE90. */
    @Test
    void arabic_isJoined() {
        assertEquals("\uFE90\uFE92\uFE91", Scripts.visual("\u0628\u0628\u0628"));
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"Νύχτα κομητών", "Ночь комет", "彗星之夜", "彗星の夜のカード", "ליל שביט", "ليلة المذنب"})
    void everyScript_isPrinted(String name) throws IOException {
        Project project = Plans.project("half-fold").withName(name).withNotes("Next time: " + name);
        String text = text(HandOutWriter.write(Plans.plan(project), HandOutOptions.on("A4")));
        assertFalse(text.contains("?"), text);
        // Joined letters are told as the letters that they are.
        String told = Normalizer.normalize(text, Normalizer.Form.NFKC);
        assertTrue(told.contains(name) || told.contains(new StringBuilder(name).reverse()), text);
    }

    @Test
    void signs_areTheirOwn() throws IOException {
        Project project = Plans.project("half-fold").withName("≈ 3 ✓ ≥ 2");
        assertTrue(text(HandOutWriter.write(Plans.plan(project), HandOutOptions.on("A4"))).contains("≈ 3 ✓ ≥ 2"));
    }

    @Test
    void notesInSeveralLines_areLines() throws IOException {
        Project project = Plans.project("half-fold").withNotes("First the base.\nThen\tthe layers.");
        String text = text(HandOutWriter.write(Plans.plan(project), HandOutOptions.on("A4")));
        assertTrue(text.contains("First the base. Then the layers."), text);
    }

    @Test
    void whatNoTypefaceHas_isAQuestionMark() throws IOException {
        Project project = Plans.project("half-fold").withName("Comet \uD800\uDF30 night"); // Old Italic
        assertTrue(text(HandOutWriter.write(Plans.plan(project), HandOutOptions.on("A4"))).contains("Comet ? night"));
    }

    /** Chinese has no spaces; a line is broken between its signs, and nothing stands out of the measure. */
    @ParameterizedTest
    @ValueSource(strings = {"彗星之夜在山上的天文台后面的邀请卡彗星之夜在山上的天文台后面的邀请卡",
        "aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa", "one two-three four/five 3 7/8 six"})
    void longWords_areBroken(String text) throws IOException {
        try (PDDocument document = new PDDocument()) {
            Typesetter type = new Typesetter(document);
            List<String> lines = type.lines(CufflinkFonts.TEXT, 10, 60, text);
            assertTrue(lines.size() > 1, lines.toString());
            assertEquals(text.replace(" ", ""), String.join("", lines).replace(" ", ""));
            for (String line : lines) {
                assertTrue(type.width(CufflinkFonts.TEXT, 10, line) <= 60, line);
            }
        }
    }
}

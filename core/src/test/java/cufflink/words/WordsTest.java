package cufflink.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.measure.Measured;
import cufflink.measure.RulerStep;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What is said, and how arguments come into it. */
class WordsTest {
    /** Subjects in which some sentences are phrases that others take in. */
    private static final Set<Class<? extends Code>> PHRASES = Set.of(FormulaWords.class, FitWords.class,
            LayerWords.class, NoteWords.class, StepWords.class, CheckWords.class, LayoutWords.class, FileWords.class,
            StashFileWords.class, DesignFileWords.class, TableWords.class);

    private static Stream<Code> codes() {
        return Stream.<Code[]>of(CheckWords.values(), CommandWords.values(), DesignFileWords.values(),
                DesignWords.values(), FileWords.values(), FitWords.values(), FoldWords.values(), FormulaWords.values(),
                LayerWords.values(), LayoutWords.values(), LengthWords.values(), NoteWords.values(),
                PieceWords.values(), ProgramWords.values(), ProjectWords.values(), StashFileWords.values(),
                StepWords.values(), SupplyWords.values(), TableWords.values()).flatMap(Arrays::stream);
    }

    @ParameterizedTest
    @MethodSource("codes")
    void sentences_areWhole(Code code) {
        String sentence = code.sentence();
        assertFalse(sentence.contains("  ") || !sentence.equals(sentence.strip()), sentence);
        assertTrue(PHRASES.contains(code.getClass()) || sentence.matches("(?s).*([.:]|})$"), sentence);
        assertTrue(code.remedy().isEmpty() || code.remedy().matches("(?s)([A-Z].*\\.|\\{[\\w.]+})"), code.remedy());
        assertEquals(sentence.chars().filter(c -> c == '{').count(), sentence.chars().filter(c -> c == '}').count());
    }

    @Test
    void arguments_comeIntoTheirPlaces() {
        Message message = PieceWords.ODD_FOLDS.of("folds", 3, "creases", List.of("a", "b"));
        assertEquals("An odd number of folds, 3, meet where a, b meet: paper cannot lie flat there.",
                message.sentence());
        assertEquals("A crease is missing there, or one too many.", message.remedy());
        assertEquals(3, message.argument("folds"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"1| Crease c1 is never folded.", "2| Creases c1, c2 are never folded."})
    void one_andMany(int count, String said) {
        assertEquals(said, FoldWords.NEVER_FOLDED
                .of("creases", IntStream.rangeClosed(1, count).mapToObj(i -> "c" + i).toList()).sentence());
    }

    @ParameterizedTest
    @CsvSource({"0, 0 steps", "1, 1 step", "2, 2 steps"})
    void numbers_haveTheirNouns(int folds, String said) {
        String sentence = CheckWords.FOLDS_FLAT.of("piece", "Base", "panels", 3, "folds", folds).sentence();
        assertTrue(sentence.contains(" in " + said + ","), sentence);
    }

    @Test
    void ofManyThings_theFirstAreNamed() {
        String said = PieceWords.SCORES_BEYOND
                .of("scores", IntStream.rangeClosed(1, 20).mapToObj(i -> "rib" + i).toList()).sentence();
        assertTrue(said.endsWith("rib7, rib8 and 12 more lie beyond the piece."), said);
    }

    @Test
    void ofWhatIsToChooseFrom_allIsNamed() {
        List<String> kinds = IntStream.rangeClosed(1, 20).mapToObj(i -> "k" + i).toList();
        String said = DesignFileWords.FIELD_UNKNOWN.of("field", "x", "expected", kinds).sentence();
        assertTrue(said.endsWith("k19, k20."), said);
    }

    @ParameterizedTest
    @MethodSource("codes")
    void bracesOfExamples_areNoPlaces(Code code) {
        Template.places(code).forEach(place -> assertFalse(place.matches("id|i|left"), place));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "1| 1 sheet gives every piece, and 1 is the least possible.",
        "2| 2 sheets give every piece, and 2 is the least possible."})
    void sheets_giveOneOrMany(int count, String said) {
        Message sheets = LayoutWords.SHEETS.of("sheets", count);
        assertEquals(said,
                LayoutWords.EVERY_PIECE_LEAST.of("sheets", sheets, "used", count, "least", count).sentence());
    }

    @Test
    void sentences_followEachOther_withoutTheEmpty() {
        assertEquals("The sheet is used whole. The fence is set once.", Vocabulary.sentences(
                List.of(LayoutWords.USED_WHOLE.of(), NoteWords.NOTHING.of(), StepWords.FENCE_ONCE.of())));
    }

    @Test
    void whatIsSaidOfAStep_keepsItsRemedy() {
        Message what = FoldWords.TUCKS_NO_PANEL.of("panel", "lid");
        Message step = FoldWords.AT_STEP.of("step", 2, "what", what);
        assertEquals("Step 2: It tucks a panel “lid” that this piece does not have.", step.sentence());
        assertEquals(what.remedy(), step.remedy());
    }

    @Test
    void signsInArguments_areNoPlaces() {
        assertEquals("“{x}$1\\” was not understood", FormulaWords.NOT_UNDERSTOOD.of("text", "{x}$1\\").sentence());
    }

    @Test
    void argumentsThatAreMissing_orTooMany_areBrokenPromises() {
        assertThrows(IllegalArgumentException.class, FoldWords.NO_SUCH_CREASE::of);
        assertThrows(IllegalArgumentException.class, () -> FoldWords.NOT_FLAT.of("crease", "spine"));
        Message flat = FoldWords.NOT_FLAT.of();
        assertThrows(IllegalArgumentException.class, () -> flat.argument("crease"));
    }

    @Test
    void lengths_areShownAsTheyWereMeasured_andKept() {
        Length length = Length.ofInches(33, 32);
        Measured exact = Measured.of(length, LengthFormat.of(LengthUnit.INCH));
        Measured ruled = Measured.of(length, RulerStep.SIXTEENTH_INCH);
        assertEquals("1 1/32 in", exact.toString());
        assertTrue(ruled.toString().startsWith("≈"), ruled.toString());
        assertEquals(length, ruled.length());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"left| left", "left;right| left and right",
        "left;right;top| left, right and top"})
    void lists_endWithAnd(String things, String said) {
        assertEquals(said, Vocabulary.and(List.of(things.split(";"))));
    }
}

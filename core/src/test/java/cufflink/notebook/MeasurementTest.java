package cufflink.notebook;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.notebook.Measurement.What;
import cufflink.words.Code;
import cufflink.words.Message;
import cufflink.words.NotebookWords;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Measurement against planned, and what would explain the difference. Millimetres. */
class MeasurementTest {
    private static final LengthFormat FORMAT = LengthFormat.of(LengthUnit.MILLIMETRE);

    private static Measurement measured(What what, double planned, double measured) {
        return Measurement.of(what, Length.nearestToMillimetres(planned), Length.nearestToMillimetres(measured));
    }

    private static List<Code> reasons(double width, double height, double thickness) {
        return Measurement.reasons(List.of(measured(What.WIDTH, 100, width), measured(What.HEIGHT, 150, height),
                measured(What.THICKNESS, 2, thickness)), FORMAT).stream().map(Message::code).toList();
    }

    @ParameterizedTest
    @CsvSource({"WIDTH, 100, 99.2, true", "WIDTH, 100, 101, true", "HEIGHT, 150, 148.8, false",
        "THICKNESS, 2, 2.25, true", "THICKNESS, 2, 2.4, false", "THICKNESS, 2, 1.6, false"})
    void usual_isWhatTrimmingAndScoringGive(What what, double planned, double found, boolean usual) {
        assertEquals(usual, measured(what, planned, found).isUsual());
    }

    @Test
    void sameAmountOnBothSides_isTheTrimmer() {
        assertEquals(List.of(NotebookWords.CUT_SHORT), reasons(98.5, 148.6, 2));
        assertEquals(List.of(NotebookWords.CUT_LONG), reasons(101.5, 151.4, 2));
        Message said = Measurement.reasons(
                List.of(measured(What.WIDTH, 100, 98.5), measured(What.HEIGHT, 150, 148.5)), FORMAT).get(0);
        assertTrue(said.sentence().startsWith("All sides are 1.5 mm short"), said.sentence());
    }

    @Test
    void sameShareOfBothSides_isThePrinter() {
        assertEquals(List.of(NotebookWords.PRINTED_AT), reasons(97, 145.5, 2));
    }

    @Test
    void thickerThanPlanned_isThePaper() {
        assertEquals(List.of(NotebookWords.CALIPER), reasons(100, 150, 2.6));
    }

    /** What is off by chance has no reason, and one side alone tells nothing. */
    @Test
    void nothingIsExplained_thatChanceExplains() {
        assertEquals(List.of(), reasons(100.3, 149.8, 2.1));
        assertEquals(List.of(), reasons(98, 150.5, 2));
        assertEquals(List.of(), Measurement.reasons(List.of(measured(What.WIDTH, 100, 90)), FORMAT));
    }

    /** On a square card the two cannot be told apart: both are said. */
    @Test
    void squareCard_hasBothReasons() {
        List<Code> both = Measurement.reasons(List.of(measured(What.WIDTH, 120, 118), measured(What.HEIGHT, 120, 118)),
                FORMAT).stream().map(Message::code).toList();
        assertEquals(List.of(NotebookWords.CUT_SHORT, NotebookWords.PRINTED_AT), both);
    }

    @Test
    void said_namesHowMuch() {
        assertEquals("Closed width: 98.5 mm, 1.5 mm less than the 100 mm that were planned: more than trimming and "
                + "scoring usually give.", measured(What.WIDTH, 100, 98.5).said(FORMAT).sentence());
        assertEquals("Thickness: 2 mm, as planned.", measured(What.THICKNESS, 2, 2).said(FORMAT).sentence());
        assertEquals(Optional.empty(), Optional.of(measured(What.WIDTH, 100, 100)).filter(one -> !one.isUsual()));
    }
}

package cufflink.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthParserTest {
    private static Length inches(String text) {
        LengthReading<Length> read = LengthParser.read(text, LengthUnit.INCH);
        return read.value().orElseThrow(() -> new AssertionError(text + ": " + read.message()));
    }

    @ParameterizedTest
    @ValueSource(strings = {"3 7/8", "3-7/8", "3⅞", "3.875", "3,875", "3 7/8\"", "3 7/8 in", "3 7/8inches", " 3 7 / 8 ",
        "31/8", "3+7/8", "3 ⅞″", "+3.875", "9.8425cm"})
    void read_spellingsOfThreeAndSevenEighths_areTheSame(String text) {
        assertEquals(98.425, inches(text).toMillimetres(), 1e-9);
    }

    @ParameterizedTest
    @CsvSource({"98 mm, 98", "9.8cm, 98", "1¹¹⁄₁₆, 42.8625", "-1/2, -12.7", "0, 0", "1/64, 0.396875", "2m, 2000",
        "1½, 38.1", "12'', 304.8"})
    void read_unitsAndFractions(String text, double millimetres) {
        assertEquals(millimetres, inches(text).toMillimetres(), 1e-9);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|',
            value = {"''| Nothing is written", "abc| does not start with a number",
                "3 furlongs| “furlongs” was not understood", "3 7/0| cannot have 0 below",
                "1,234.5| was not understood", "3 7/8/9| was not understood", "200 m| longer than 100 m",
                "3 4 5| was not understood", "- | does not start"})
    void read_notALength_saysWhat(String text, String message) {
        LengthReading<Length> read = LengthParser.read(text, LengthUnit.INCH);
        assertTrue(read.value().isEmpty(), () -> "was read as " + read.value());
        assertTrue(read.message().contains(message), read.message());
    }

    @Test
    void read_wrongUnit_pointsAtIt() {
        assertEquals(1,
                ((LengthReading.NotUnderstood<Length>) LengthParser.read("3 ells", LengthUnit.INCH)).position());
    }

    @Test
    void read_numberWithoutUnit_takesTheMakersUnit() {
        assertEquals(Length.ofMillimetres(98), LengthParser.read("98", LengthUnit.MILLIMETRE).value().orElseThrow());
    }

    @Test
    void read_veryLongText_isRefused() {
        assertTrue(LengthParser.read("9".repeat(5000), LengthUnit.INCH).message().contains("too long"));
    }

    @Test
    void readSize_unitAtTheEnd_holdsForAll() {
        assertEquals(List.of(Length.ofMillimetres(105), Length.ofMillimetres(148)),
                LengthParser.readSize("105x148mm", LengthUnit.INCH).value().orElseThrow());
        assertEquals(List.of(Length.ofInches(17, 4), Length.ofInches(11, 2)),
                LengthParser.readSize("4 1/4 × 5 1/2", LengthUnit.INCH).value().orElseThrow());
    }

    @Test
    void readSize_oneSideOnly_saysHowToWriteIt() {
        assertTrue(LengthParser.readSize("4 1/4", LengthUnit.INCH).message().contains("4 1/4 x 5 1/2"));
    }

    @Test
    void read_doesNotDependOnTheLocale() {
        Locale before = Locale.getDefault();
        try {
            for (Locale locale : List.of(Locale.GERMANY, Locale.forLanguageTag("tr"), Locale.forLanguageTag("ar-EG"))) {
                Locale.setDefault(locale);
                assertEquals(Length.ofInches(31, 8), inches("3.875 IN"), locale.toString());
                assertEquals("98.5 mm", LengthFormat.of(LengthUnit.MILLIMETRE).text(Length.ofMicrometres(98_500)),
                        locale.toString());
            }
        } finally {
            Locale.setDefault(before);
        }
    }
}

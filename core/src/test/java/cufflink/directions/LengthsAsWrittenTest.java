package cufflink.directions;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.measure.Length;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lengths and sizes as people write them. */
class LengthsAsWrittenTest {
    private static ReadPiece piece(String text) {
        Directions read = new DirectionsReader().read(text, Optional.empty()).orThrow();
        assertEquals(1, read.pieces().size(), () -> text + ": " + read.pieces());
        return read.pieces().get(0);
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', value = {
        "5 1/2\" x 4 1/4\"; 88; 68", "5-1/2 inches by 4-1/4 inches; 88; 68", "5½ x 4¼ in; 88; 68",
        "5.5 in x 4.25 in; 88; 68", "5 and a half by 4 and a quarter inches; 88; 68",
        "three and a quarter by four and a quarter inches; 52; 68", "11 and 7 eighths by 2 in; 190; 32",
        "2 3 8th x 4 in; 38; 64", "12 x 12 inches; 192; 192", "8 1/2 x 11 in; 136; 176",
        "a 6 in square; 96; 96", "11 in wide by 4 1/4 in high; 176; 68", "4 1/4 in high by 11 in wide; 176; 68",
        "about 5 x 7 in; 80; 112"})
    void inInches(String written, int width, int height) {
        ReadPiece piece = piece("Base: " + written);
        assertEquals(Length.ofInches(width, 16), piece.width().length());
        assertEquals(Length.ofInches(height, 16), piece.height().length());
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', value = {"14 cm x 10.5 cm; 140; 105", "140mm x 105mm; 140; 105",
        "140 × 105 mm; 140; 105", "14,8 x 10,5 cm; 148; 105", "148 mm by 105 mm; 148; 105"})
    void inMillimetres(String written, int width, int height) {
        ReadPiece piece = piece("Base: " + written);
        assertEquals(Length.ofMillimetres(width), piece.width().length());
        assertEquals(Length.ofMillimetres(height), piece.height().length());
    }

    @Test
    void bareNumbers_takeTheUnitOfTheirSurroundings() {
        Directions read = new DirectionsReader().read("Base 210 x 148, scored at 105 mm", Optional.empty()).orThrow();
        assertEquals(Length.ofMillimetres(210), read.pieces().get(0).width().length());
        assertEquals(List.of(), read.questions());
    }

    @Test
    void numbersOfNoUnit_areAsked() {
        Directions read = new DirectionsReader().read("Base 210 x 148", Optional.empty()).orThrow();
        Question question = read.questions().get(0);
        assertEquals("mm", question.answers().get(0).text());
        Edit edit = question.answers().get(1).says().orElseThrow();
        assertEquals("Base 210 x 148 in", edit.in(read.text()));
    }

    @Test
    void anA4Sheet_isCutInHalf() {
        ReadPiece piece = piece("Cut a sheet of A4 in half crosswise.");
        assertEquals(Length.ofMicrometres(148_500),
                Length.shorter(piece.width().length(), piece.height().length()));
    }
}

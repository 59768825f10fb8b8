package cufflink.stash;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class OffcutLineTest {
    private static final NamedSize LETTER = PublishedSizes.named(NamedSize.Kind.SHEET, "Letter").orElseThrow();
    private static final Stash STASH = new Stash(
            List.of(StashPaper.sheets(Stock.plain("Moonlight 240", LETTER, 240), 3).withId(1),
                    StashPaper.sheets(Stock.plain("Midnight 270", LETTER, 270), 3).withId(2)));

    @ParameterizedTest
    @CsvSource({"moonlight 5 x 7, Moonlight 240, 5, 7, 1", "Moonlight 240 5 1/2 x 7, Moonlight 240, 5.5, 7, 1",
        "mid 3½ × 4¼ *2, Midnight 270, 3.5, 4.25, 2",
        "MIDNIGHT 270 1/2 x 11 in * 12, Midnight 270, 0.5, 11, 12", "moonlight 127 x 254 mm, Moonlight 240, 5, 10, 1"})
    void paperSizeAndNumber_inOneLine(String line, String paper, double width, double height, int count) {
        StashPaper offcut = OffcutLine.read(line, STASH, LengthUnit.INCH).orThrow();
        assertEquals(paper, offcut.name());
        assertEquals(
                new SheetSize(Length.nearestToMillimetres(width * 25.4), Length.nearestToMillimetres(height * 25.4)),
                offcut.size());
        assertEquals(count, offcut.count());
        assertTrue(offcut.offcut());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "moonlight", "5 x 7", "moonlight 5", "moonlight 0 x 7", "sunlight 5 x 7",
        "moonlight 5 x 7 *0", "moonlight five x seven"})
    void anythingElse_saysWhatIsMissing(String line) {
        assertTrue(OffcutLine.read(line, STASH, LengthUnit.INCH).problems().get(0).what().length() > 10);
    }
}

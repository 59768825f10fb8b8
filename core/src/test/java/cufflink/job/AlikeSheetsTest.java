package cufflink.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.cut.CutJob;
import cufflink.cut.CutPiece;
import cufflink.cut.GuillotinePlanner;
import cufflink.cut.StockSheet;
import cufflink.measure.Length;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import java.util.List;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Sheets of a job as they stand in its strip. */
class AlikeSheetsTest {
    /** Strips of 4 × 12 in from squares of 12 in: three to a sheet. */
    private static List<JobSheet> strips(int count) {
        CutPiece strip = new CutPiece("strip", "strip", count, Length.ofInches(4), Length.ofInches(12), "card", true);
        StockSheet sheet = new StockSheet("card", "card", Length.ofInches(12), Length.ofInches(12), OptionalInt.empty(),
                false);
        return new GuillotinePlanner().plan(new CutJob(List.of(strip), List.of(sheet))).sheets().stream()
                .map(layout -> new JobSheet(layout,
                        Stock.plain("card", PublishedSizes.named(NamedSize.Kind.SHEET, "Letter").orElseThrow(), 250),
                        OptionalLong.empty()))
                .toList();
    }

    private static List<String> numbers(List<JobSheet> sheets) {
        return AlikeSheets.of(sheets).stream().map(AlikeSheets::numbers).toList();
    }

    @Test
    void sheetsAlike_areOneEntry_theRestOneOfItsOwn() {
        assertEquals(List.of("1–3", "4"), numbers(strips(10)));
        assertEquals(List.of("1"), numbers(strips(3)));
        assertEquals(List.of(), numbers(List.of()));
    }

    /** What lies apart is not one entry: the numbers would not follow one another. */
    @Test
    void everySheet_isInExactlyOneEntry() {
        List<JobSheet> mixed = List.of(strips(10).get(0), strips(10).get(3), strips(10).get(1), strips(10).get(2));
        assertEquals(List.of("1", "2", "3–4"), numbers(mixed));
        assertTrue(IntStream.range(0, mixed.size()).allMatch(
                sheet -> AlikeSheets.of(mixed).stream().filter(entry -> entry.has(sheet)).count() == 1));
    }
}

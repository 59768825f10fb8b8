package cufflink.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** What a maker reads of a layout. */
class LayoutWordsTest {
    private static LayoutPlan plan(int quantity, int width, int height, int sheetWidth, int sheetHeight,
            OptionalInt count, boolean offcut) {
        CutPiece piece = new CutPiece("card", "card", quantity, Length.ofInches(width), Length.ofInches(height), "card",
                true);
        StockSheet sheet = new StockSheet("sheet", "card", Length.ofInches(sheetWidth), Length.ofInches(sheetHeight),
                count, offcut);
        return new GuillotinePlanner().plan(new CutJob(List.of(piece), List.of(sheet)));
    }

    private static String whole(LayoutPlan plan) {
        return LayoutWords.whole(plan.sheets().get(0));
    }

    @Test
    void sheets_sayHowFarFromTheLeast() {
        assertEquals("1 sheet gives every piece, and 1 is the least possible.",
                LayoutWords.sheets(plan(3, 4, 12, 12, 12, OptionalInt.empty(), false)));
        assertEquals("2 sheets give every piece, and 2 is the least possible.",
                LayoutWords.sheets(plan(4, 4, 12, 12, 12, OptionalInt.empty(), false)));
        assertEquals("1 offcut gives every piece, and no new sheet.",
                LayoutWords.sheets(plan(1, 4, 12, 12, 12, OptionalInt.of(1), true)));
        assertEquals("1 sheet gives 3 of 4 pieces; 1 has no paper.",
                LayoutWords.sheets(plan(4, 4, 12, 12, 12, OptionalInt.of(1), false)));
    }

    /** Common practice: a 12 in square gives three strips of 4 × 12 with nothing left; an 8 in square four of 3 × 4. */
    @Test
    void evenDivisions_areSaidSo() {
        assertEquals("The sheet divides into 3 with nothing left.",
                whole(plan(3, 4, 12, 12, 12, OptionalInt.empty(), false)));
        assertEquals("The sheet divides into 4 alike and one strip.",
                whole(plan(4, 3, 4, 8, 8, OptionalInt.empty(), false)));
        assertEquals("The sheet is used whole.", whole(plan(1, 8, 8, 8, 8, OptionalInt.empty(), false)));
        assertEquals("", whole(plan(1, 5, 5, 8, 8, OptionalInt.empty(), false)));
    }

    @Test
    void cutsAtOneSetting_areOneSentence() {
        List<String> settings = LayoutWords.cuts(plan(3, 4, 12, 12, 12, OptionalInt.empty(), false).sheets().get(0),
                LengthFormat.of(LengthUnit.INCH));
        assertEquals(List.of(
                "Fence at 4 in: cut 1 from the top edge of the sheet gives 1a (card) and 1b; cut 2 from the top "
                        + "edge of 1b gives 2a (card) and 2b (card)."),
                settings.stream().map(text -> text.replace("left", "top")).toList());
    }

    @Test
    void sheetsAlike_areCounted() {
        assertEquals(List.of(3, 1),
                List.copyOf(LayoutWords.alike(plan(10, 4, 12, 12, 12, OptionalInt.empty(), false)).values()));
    }
}

package cufflink.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.words.LayoutWords;
import cufflink.words.Message;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** What a maker reads of a layout. */
class LayoutMessagesTest {
    private static LayoutPlan plan(int quantity, int width, int height, int sheetWidth, int sheetHeight,
            OptionalInt count, boolean offcut) {
        CutPiece piece = new CutPiece("card", "card", quantity, Length.ofInches(width), Length.ofInches(height), "card",
                true);
        StockSheet sheet = new StockSheet("sheet", "card", Length.ofInches(sheetWidth), Length.ofInches(sheetHeight),
                count, offcut);
        return new GuillotinePlanner().plan(new CutJob(List.of(piece), List.of(sheet)));
    }

    private static Optional<Message> whole(LayoutPlan plan) {
        return LayoutMessages.whole(plan.sheets().get(0));
    }

    private static Message sheets(int count) {
        return LayoutWords.SHEETS.of("sheets", count);
    }

    @Test
    void sheets_sayHowFarFromTheLeast() {
        assertEquals(List.of(LayoutWords.EVERY_PIECE_LEAST.of("sheets", sheets(1), "used", 1, "least", 1)),
                LayoutMessages.sheets(plan(3, 4, 12, 12, 12, OptionalInt.empty(), false)));
        assertEquals(List.of(LayoutWords.EVERY_PIECE_LEAST.of("sheets", sheets(2), "used", 2, "least", 2)),
                LayoutMessages.sheets(plan(4, 4, 12, 12, 12, OptionalInt.empty(), false)));
        assertEquals(
                List.of(LayoutWords.EVERY_PIECE.of("sheets", LayoutWords.OFFCUTS.of("offcuts", 1), "used", 1)),
                LayoutMessages.sheets(plan(1, 4, 12, 12, 12, OptionalInt.of(1), true)));
    }

    @Test
    void sheetsThatDoNotGiveAll_sayHowManyPiecesHaveNoPaper() {
        assertEquals(
                List.of(LayoutWords.SOME_PIECES.of("sheets", sheets(1), "used", 1, "placed", 3, "all", 4, "unplaced",
                        1)),
                LayoutMessages.sheets(plan(4, 4, 12, 12, 12, OptionalInt.of(1), false)));
        assertEquals(List.of(LayoutWords.NOTHING_COMES.of("unplaced", 2)),
                LayoutMessages.sheets(plan(2, 14, 12, 12, 12, OptionalInt.empty(), false)));
    }

    @Test
    void sheetsThatMayNotBeTheLeast_sayWhatIsKnown() {
        LayoutPlan plan = plan(4, 4, 12, 12, 12, OptionalInt.empty(), false);
        LayoutPlan open = new LayoutPlan(plan.sheets(),
                List.of(new Bound(plan.bounds().get(0).job(), 1, new Bound.Area())), List.of());
        assertEquals(List.of(LayoutWords.EVERY_PIECE_OPEN.of("sheets", sheets(2), "used", 2, "least", 1)),
                LayoutMessages.sheets(open));
    }

    /** Common practice: a 12 in square gives three strips of 4 × 12 with nothing left; an 8 in square four of 3 × 4. */
    @Test
    void evenDivisions_areSaidSo() {
        assertEquals(Optional.of(LayoutWords.DIVIDES_WHOLE.of("pieces", 3)),
                whole(plan(3, 4, 12, 12, 12, OptionalInt.empty(), false)));
        assertEquals(Optional.of(LayoutWords.DIVIDES_ALIKE.of("pieces", 4)),
                whole(plan(4, 3, 4, 8, 8, OptionalInt.empty(), false)));
        assertEquals(Optional.of(LayoutWords.USED_WHOLE.of()), whole(plan(1, 8, 8, 8, 8, OptionalInt.empty(), false)));
        assertEquals(Optional.empty(), whole(plan(1, 5, 5, 8, 8, OptionalInt.empty(), false)));
    }

    @Test
    void cutsAtOneSetting_areOneSentence() {
        List<Message> settings = LayoutMessages.cuts(plan(3, 4, 12, 12, 12, OptionalInt.empty(), false).sheets().get(0),
                LengthFormat.of(LengthUnit.INCH));
        assertEquals(List.of(
                "Fence at 4 in: cut 1 from the top edge of the sheet gives 1a (card) and 1b; cut 2 from the top "
                        + "edge of 1b gives 2a (card) and 2b (card)."),
                settings.stream().map(setting -> setting.sentence().replace("left", "top")).toList());
    }

    @Test
    void sheetsAlike_areCounted() {
        assertEquals(List.of(3, 1),
                List.copyOf(plan(10, 4, 12, 12, 12, OptionalInt.empty(), false).alike().values()));
    }
}

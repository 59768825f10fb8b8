package cufflink.stash;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.measure.Length;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import cufflink.paper.Swatch;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What lies together in the stash, and what is found there. */
class StashTest {
    private static final NamedSize LETTER = PublishedSizes.named(NamedSize.Kind.SHEET, "Letter").orElseThrow();
    private static final Stock PLAIN = Stock.plain("Moonlight 240", LETTER, 240);

    private static StashPaper sheets(int count) {
        return StashPaper.sheets(PLAIN, count);
    }

    private static SheetSize size(int width, int height) {
        return new SheetSize(Length.ofMillimetres(width), Length.ofMillimetres(height));
    }

    @Test
    void moreOfTheSame_liesWithIt() {
        Stash stash = new Stash(List.of(sheets(4).withId(7)));
        assertEquals(StashEdit.altered(sheets(4).withId(7), sheets(10).withId(7)), stash.added(sheets(6)));
    }

    @Test
    void otherSize_otherPattern_andOffcuts_lieApart() {
        Stash stash = new Stash(List.of(sheets(4).withId(7)));
        for (StashPaper other : List.of(
                StashPaper.sheets(PLAIN.inSheets(Length.ofMillimetres(100), Length.ofMillimetres(150)), 1),
                sheets(1).withSwatch(Swatch.STRIPES, false), sheets(1).offcut(LETTER.width(), LETTER.height(), 1))) {
            assertEquals(StashEdit.added(other), stash.added(other));
        }
    }

    /** A packet that measures short lies apart from one that measures true, and with one that is sold so. */
    @Test
    void whatCounts_isTheSizeThatWasMeasured() {
        StashPaper shortOne = new StashPaper(0, PLAIN, Optional.of(size(210, 297)), false, 1,
                Optional.empty(), "");
        assertFalse(shortOne.isLike(sheets(1)));
        assertEquals(size(210, 297), shortOne.size());
    }

    @Test
    void names_areFoundWhateverTheirCase() {
        Stash stash = new Stash(List.of(sheets(4).withId(7)));
        assertEquals(stash.papers(), stash.named("  moonLIGHT 240 "));
        assertEquals(List.of(), stash.named("moonlight"));
    }

    @Test
    void patternWithADirection_isNotTurned() {
        Stock upright = new Stock("Stars", Length.ofMillimetres(100), Length.ofMillimetres(200), PLAIN.weight(),
                Optional.empty(), "#FFFFFF", "#FFFFFF", true, Stock.Grain.UNKNOWN);
        assertTrue(StashPaper.sheets(upright, 1).holds(size(90, 190)));
        assertFalse(StashPaper.sheets(upright, 1).holds(size(190, 90)));
        Stock plain = PLAIN.inSheets(Length.ofMillimetres(100), Length.ofMillimetres(200));
        assertTrue(StashPaper.sheets(plain, 1).holds(size(190, 90)));
    }

    @Test
    void offcut_keepsThePaper_butNotThePrice() {
        StashPaper cut = sheets(9).withPrice(Optional.of(BigDecimal.TEN)).withId(3)
                .offcut(Length.ofMillimetres(80), Length.ofMillimetres(90), 2);
        assertTrue(cut.offcut() && cut.id() == 0 && cut.count() == 2 && cut.price().isEmpty());
        assertEquals(PLAIN.inSheets(Length.ofMillimetres(80), Length.ofMillimetres(90)), cut.stock());
    }

    @Test
    void fewerThanNone_andPricesBelowNothing_cannotBe() {
        assertThrows(IllegalArgumentException.class, () -> sheets(-1));
        StashPaper paper = sheets(1);
        Optional<BigDecimal> below = Optional.of(BigDecimal.valueOf(-1));
        assertThrows(IllegalArgumentException.class, () -> paper.withPrice(below));
    }

    @Test
    void editOfNothing_cannotBe() {
        Optional<StashItem> none = Optional.empty();
        assertThrows(IllegalArgumentException.class, () -> new StashEdit(none, none));
    }
}

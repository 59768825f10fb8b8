package cufflink.paper;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.words.LengthWords;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Weights, roles and what goes into a card. */
class PaperTest {
    private static final NamedSize LETTER = PublishedSizes.named(NamedSize.Kind.SHEET, "Letter").orElseThrow();

    private static Stock plain(String name) {
        return Stock.plain(name, LETTER, 120);
    }

    /** Grams per square metre as paper merchants' tables have them, rounded there to the gram (from memory). */
    @ParameterizedTest
    @CsvSource({"65, COVER, 176", "80, COVER, 216", "100, COVER, 270", "110, COVER, 298", "60, TEXT, 89",
        "80, TEXT, 118", "20, BOND, 75", "24, BOND, 90", "110, INDEX, 199", "100, BRISTOL, 219", "250, METRIC, 250"})
    void pounds_areGrams(double amount, Weight.Basis basis, double grams) {
        assertEquals(grams, new Weight(amount, basis).gramsPerSquareMetre(), 1);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -1, 10_000, Double.NaN, Double.POSITIVE_INFINITY})
    void weightOfNothing_cannotBe(double amount) {
        assertThrows(IllegalArgumentException.class, () -> Weight.gsm(amount));
    }

    /** 250 g/m² card is about 0.3 mm thick (common practice). */
    @Test
    void caliper_isMeasured_orToBeExpectedOfTheWeight() {
        Stock card = Stock.plain("Card", LETTER, 250);
        assertEquals(Length.ofMicrometres(325), card.caliper());
        assertFalse(card.isCaliperMeasured());
        Stock measured = new Stock("Card", card.width(), card.height(), card.weight(),
                Optional.of(Length.ofMicrometres(290)), "#FFFFFF", "#000000", false, Stock.Grain.UNKNOWN);
        assertEquals(Length.ofMicrometres(290), measured.caliper());
    }

    @ParameterizedTest
    @ValueSource(strings = {"FFFFFF", "#FFF", "white", "#GGGGGG", "#FFFFFFFF"})
    void colour_isWrittenInOneWay(String colour) {
        Weight weight = Weight.gsm(100);
        Optional<Length> none = Optional.empty();
        assertThrows(IllegalArgumentException.class, () -> new Stock("Card", LETTER.width(), LETTER.height(), weight,
                none, colour, "#FFFFFF", false, Stock.Grain.UNKNOWN));
    }

    @ParameterizedTest
    @CsvSource({"card, Card", "mat 1, Layer 1", "mat 12, Layer 12", "mat board, Mat board", "mat 0, Mat 0",
        "mat 1000, Mat 1000", "mat, Mat"})
    void roles_areReadAsTheyAreWritten(String text, String title) {
        assertEquals(title, PaperRole.read(text).title());
        assertEquals(text, PaperRole.read(text).toString());
    }

    @Test
    void layerWithoutPaper_takesThatOfTheNearestBelow() {
        Map<PaperRole, Stock> chosen = new LinkedHashMap<>();
        chosen.put(PaperRole.material("card"), plain("card"));
        chosen.put(PaperRole.material("lining"), plain("lining"));
        chosen.put(PaperRole.layer(2), plain("two"));
        Papers papers = new Papers(chosen);
        assertEquals(List.of("card", "two", "two", "lining"),
                List.of(PaperRole.layer(1), PaperRole.layer(2), PaperRole.layer(5), PaperRole.material("lining"))
                        .stream().map(role -> papers.of(role).name()).toList());
        assertThrows(NoSuchElementException.class, () -> papers.of(PaperRole.material("foil")));
        assertEquals(List.of(PaperRole.layer(1), PaperRole.layer(2)),
                papers.with(PaperRole.layer(1), plain("one")).layers());
    }

    @Test
    void papers_needOneForAMaterial() {
        Map<PaperRole, Stock> layers = Map.of(PaperRole.layer(1), plain("one"));
        assertThrows(IllegalArgumentException.class, () -> new Papers(layers));
    }

    @Test
    void materialWithoutPaper_isPlainCard() {
        Papers papers = Papers.completed(Map.of(PaperRole.layer(1), plain("one")),
                List.of(PaperRole.material("card"), PaperRole.material("foil")), plain("plain"));
        assertEquals("plain", papers.of(PaperRole.material("foil")).name());
        assertEquals("one", papers.of(PaperRole.layer(3)).name());
    }

    /** Sizes that the banks publish, in millimetres, from memory: half and a third of the longer side, rounded up. */
    @ParameterizedTest
    @CsvSource({"20 euro note in half, 66.5, 72, 0.218", "20 euro note in thirds, 44.334, 72, 0.327",
        "dollar note in half, 77.978, 66.294, 0.218", "5 pound note in thirds, 41.667, 65, 0.327"})
    void banknotesAreFolded(String name, double width, double height, double thickness) {
        Contents note = Contents.read(name, LengthUnit.INCH).value().orElseThrow();
        assertEquals(List.of(width, height, thickness), List.of(note.width().toMillimetres(),
                note.height().toMillimetres(), note.thickness().toMillimetres()));
    }

    static List<Contents> known() {
        return Contents.known();
    }

    @ParameterizedTest
    @MethodSource("known")
    void contents_areReadBackAsTheyAreTyped(Contents item) {
        assertEquals(Optional.of(item), Contents.read(item.typed(), LengthUnit.INCH).value());
        assertEquals(Optional.of(item), Contents.read(item.name().replace(' ', '-'), LengthUnit.INCH).value());
    }

    @ParameterizedTest
    @CsvSource({"4 1/4 x 5 1/2, 0", "98 x 65 x 2 mm, 2", "9.8 × 6.5 cm, 0"})
    void contentsOfASize_mayHaveAThickness(String typed, int millimetres) {
        Contents item = Contents.read(typed, LengthUnit.INCH).value().orElseThrow();
        assertEquals(Length.ofMillimetres(millimetres), item.thickness());
        Contents again = Contents.read(item.typed(), LengthUnit.MILLIMETRE).value().orElseThrow();
        assertEquals(List.of(item.width(), item.height(), item.thickness()),
                List.of(again.width(), again.height(), again.thickness()));
    }

    @ParameterizedTest
    @CsvSource({"elephant, NO_CONTENTS", "0 x 4, SIZE_OF_NOTHING", "4 x 0 in, SIZE_OF_NOTHING",
        "4 x 5 x -1, SIZE_OF_NOTHING", "5, NO_SIZE", "1 x 2 x 3 x 4, NO_SIZE", "4 x 5 ells, NO_UNIT"})
    void whatIsNoContents_saysWhy(String typed, LengthWords why) {
        assertEquals(Optional.of(why),
                Contents.read(typed, LengthUnit.INCH).trouble().map(message -> message.code()));
    }

    @Test
    void sheets_holdWhatLiesWithin() {
        SheetSize letter = new SheetSize(LETTER.width(), LETTER.height());
        SheetSize a5 = new SheetSize(Length.ofMillimetres(148), Length.ofMillimetres(210));
        SheetSize a4 = new SheetSize(Length.ofMillimetres(210), Length.ofMillimetres(297));
        assertTrue(letter.holds(letter) && letter.holds(a5) && letter.holds(a5.turned()));
        assertFalse(letter.holds(a4));
        assertThrows(IllegalArgumentException.class, () -> new SheetSize(Length.ZERO, Length.ofMillimetres(1)));
    }
}

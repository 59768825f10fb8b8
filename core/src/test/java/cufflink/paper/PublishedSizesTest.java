package cufflink.paper;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.paper.NamedSize.Kind;
import cufflink.paper.Weight.Basis;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PublishedSizesTest {
    private static NamedSize size(Kind kind, String name) {
        return PublishedSizes.named(kind, name).orElseThrow();
    }

    /** ISO 216, trimmed sizes. */
    @ParameterizedTest
    @CsvSource({"A3,297,420", "A4,210,297", "A5,148,210", "A6,105,148", "A7,74,105", "B5,176,250"})
    void sheets_iso216(String name, int width, int height) {
        assertEquals(Length.ofMillimetres(width), size(Kind.SHEET, name).width());
        assertEquals(Length.ofMillimetres(height), size(Kind.SHEET, name).height());
    }

    /** ISO 216: each size is the one before halved, rounded down to the millimetre; the ratio is 1 to the root of 2. */
    @Test
    void sheets_iso216_halve() {
        String[] names = {"A3", "A4", "A5", "A6", "A7"};
        for (int i = 1; i < names.length; i++) {
            NamedSize larger = size(Kind.SHEET, names[i - 1]);
            NamedSize smaller = size(Kind.SHEET, names[i]);
            assertEquals(RulerStep.MILLIMETRE.down(Length.ofNanometres(larger.height().nanometres() / 2)),
                    smaller.width(), names[i]);
            assertEquals(larger.width(), smaller.height(), names[i]);
            assertEquals(Math.sqrt(2), smaller.height().toMillimetres() / smaller.width().toMillimetres(), 0.01,
                    names[i]);
        }
    }

    /** ISO 269; each C size takes the A size flat, DL takes A4 folded in three. */
    @ParameterizedTest
    @CsvSource({"C6,114,162,A6,1", "C5,162,229,A5,1", "DL,110,220,A4,3"})
    void envelopes_iso269(String name, int width, int height, String sheet, int foldedIn) {
        NamedSize envelope = size(Kind.ENVELOPE, name);
        assertEquals(Length.ofMillimetres(width), envelope.width());
        assertEquals(Length.ofMillimetres(height), envelope.height());
        NamedSize inside = size(Kind.SHEET, sheet);
        double folded = inside.height().toMillimetres() / foldedIn;
        double other = inside.width().toMillimetres();
        assertTrue(Math.min(folded, other) < width && Math.max(folded, other) < height);
    }

    /** ANSI/ASME Y14.1 A and B; US announcement sizes are trade sizes, from memory. */
    @ParameterizedTest
    @CsvSource({"SHEET,Letter,8.5,11", "SHEET,Tabloid,11,17", "ENVELOPE,A2,4.375,5.75", "ENVELOPE,A6,4.75,6.5",
        "ENVELOPE,A7,5.25,7.25", "ENVELOPE,A8,5.5,8.125",
        "ENVELOPE,A9,5.75,8.75", "ENVELOPE,No. 10,4.125,9.5", "CARD,A2,4.25,5.5", "CARD,A6 card,4.5,6.25",
        "CARD,A7 card,5,7"})
    void sizes_inch(Kind kind, String name, double width, double height) {
        assertEquals(width * 25.4, size(kind, name).width().toMillimetres(), 1e-9);
        assertEquals(height * 25.4, size(kind, name).height().toMillimetres(), 1e-9);
    }

    /** ISO/IEC 7810 ID-1: 85.60 × 53.98 × 0.76 mm; to the nearest 1/8 in it is 3 3/8 × 2 1/8. */
    @Test
    void giftCard_isId1() {
        Contents card = Contents.GIFT_CARD;
        assertEquals(85.60, card.width().toMillimetres(), 1e-9);
        assertEquals(53.98, card.height().toMillimetres(), 1e-9);
        assertEquals(0.76, card.thickness().toMillimetres(), 1e-9);
        assertEquals(Length.ofInches(27, 8), RulerStep.EIGHTH_INCH.nearest(card.width()));
        assertEquals(Length.ofInches(17, 8), RulerStep.EIGHTH_INCH.nearest(card.height()));
    }

    /** Basis weight: 500 basic sheets weigh that many pounds; the factors as published in trade tables. */
    @ParameterizedTest
    @CsvSource({"COVER,2.704", "TEXT,1.480", "BOND,3.760", "INDEX,1.808"})
    void weight_onePound(Basis basis, double gramsPerSquareMetre) {
        assertEquals(gramsPerSquareMetre, new Weight(1, basis).gramsPerSquareMetre(), 0.0006);
    }

    /** Uncoated card of 250 g/m² is about 0.30 to 0.35 mm thick (common practice, from memory). */
    @Test
    void caliper_estimated() {
        double caliper = Weight.gsm(250).estimatedCaliper().toMillimetres();
        assertTrue(caliper >= 0.30 && caliper <= 0.35, String.valueOf(caliper));
    }

    @Test
    void names_ignoreCaseSpacesAndKnowAliases() {
        assertEquals("Letter", size(Kind.SHEET, "us LETTER").name());
        assertEquals("12 in square", size(Kind.SHEET, "12x12").name());
        assertTrue(PublishedSizes.named(Kind.SHEET, "A99").isEmpty());
    }

    @Test
    void contents_typedAndRead_areInverse() {
        for (String text : new String[] {"gift card", "gift-card", "98 x 65 x 2 mm", "4 1/4 x 5 1/2 in"}) {
            Contents read = Contents.read(text, LengthUnit.INCH).value().orElseThrow();
            Contents again = Contents.read(read.typed(), LengthUnit.INCH).value().orElseThrow();
            assertEquals(read.width(), again.width(), text);
            assertEquals(read.thickness(), again.thickness(), text);
        }
        assertFalse(Contents.read("a unicorn", LengthUnit.INCH).message().isEmpty());
        assertFalse(Contents.read("0 x 5", LengthUnit.INCH).message().isEmpty());
    }
}

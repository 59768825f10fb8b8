package cufflink.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Lengths as they are shown, stored and set. */
class LengthFormatTest {
    @RepeatedTest(100)
    void whatLiesOnARuler_isReadBackAsItWasShown(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        RulerStep ruler = RulerStep.values()[random.nextInt(RulerStep.values().length)];
        Length length = ruler.length().times(random.nextInt(4000) - 1000);
        assertTrue(ruler.has(length));
        assertEquals(Optional.of(length),
                LengthParser.read(LengthFormat.of(ruler.unit()).text(length), LengthUnit.MILLIMETRE).value());
        assertEquals(Optional.of(length),
                LengthParser.read(LengthFormat.of(ruler.unit()).number(length), ruler.unit()).value());
    }

    @RepeatedTest(200)
    void whatIsStored_isReadBackToTheNanometre(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        long most = 3_000_000_000L;
        Length length = random.nextBoolean() ? Length.ofNanometres(random.nextLong(-most, most))
                : Length.ofInches(random.nextInt(2000) - 500, 64);
        assertEquals(Optional.of(length), LengthParser.read(ExactText.of(length), LengthUnit.INCH).value(),
                ExactText.of(length));
    }

    @ParameterizedTest
    @CsvSource({"127, 32, 3 31/32", "1, 64, 1/64", "-3, 4, -3/4", "0, 1, 0", "8, 2, 4", "-9, 2, -4 1/2"})
    void inches_areFractionsInLowestTerms(int numerator, int denominator, String shown) {
        assertEquals(shown, LengthFormat.of(LengthUnit.INCH).number(Length.ofInches(numerator, denominator)));
    }

    @ParameterizedTest
    @CsvSource({"98500, 98.5", "100000, 100", "333, 0.333", "-250, -0.25", "0, 0"})
    void millimetres_areDecimals_withoutIdleNoughts(long micrometres, String shown) {
        assertEquals(shown, LengthFormat.of(LengthUnit.MILLIMETRE).number(Length.ofMicrometres(micrometres)));
    }

    @Test
    void lengthsThatNoRulerShows_areToldFromThoseItDoes() {
        assertTrue(LengthFormat.of(LengthUnit.INCH).isReadable(Length.ofInches(5, 64)));
        assertFalse(LengthFormat.of(LengthUnit.INCH).isReadable(Length.ofInches(1, 100)));
        assertTrue(LengthFormat.of(LengthUnit.MILLIMETRE).isReadable(Length.ofMicrometres(300)));
        assertFalse(LengthFormat.of(LengthUnit.MILLIMETRE).isReadable(Length.ofMicrometres(350)));
    }

    @RepeatedTest(100)
    void divisions_lieRoundEveryLength(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        RulerStep ruler = RulerStep.values()[random.nextInt(RulerStep.values().length)];
        Length length = Length.ofNanometres(random.nextLong(-900_000_000L, 900_000_000L));
        Length down = ruler.down(length);
        Length up = ruler.up(length);
        assertTrue(!down.isLongerThan(length) && !length.isLongerThan(up));
        assertEquals(ruler.has(length) ? Length.ZERO : ruler.length(), up.minus(down));
        assertTrue(List.of(down, up).contains(ruler.nearest(length)));
        assertEquals(!ruler.has(length), ruler.text(length).startsWith("≈ "));
    }

    @ParameterizedTest
    @EnumSource(RulerStep.class)
    void rulers_areKnownByTheirLabels(RulerStep ruler) {
        assertEquals(Optional.of(ruler), RulerStep.named(ruler.label()));
        assertEquals(Optional.of(ruler), RulerStep.named(ruler.label().replace(" ", "").toUpperCase(Locale.ROOT)));
        assertEquals(Optional.empty(), RulerStep.named(ruler.label() + "s"));
    }

    @Test
    void sizeOfWhichOneSideIsRounded_isMarkedOnce() {
        assertEquals("≈ 4 1/4 × 5 1/2 in",
                RulerStep.SIXTEENTH_INCH.size(Length.ofInches(17, 4), Length.ofInches(551, 100)));
        assertEquals("4 1/4 × 5 1/2 in", RulerStep.SIXTEENTH_INCH.size(Length.ofInches(17, 4), Length.ofInches(11, 2)));
    }

    /** 2 5/8 is set as a whole number and a small fraction; dates and fractions of fractions are left alone. */
    @Test
    void fractions_areSetApart() {
        assertEquals(
                List.of(new FractionText.Plain("cut 2"), new FractionText.Fraction("5", "8"),
                        new FractionText.Plain(" in from the left")),
                FractionText.runs("cut 2 5/8 in from the left"));
        assertEquals(List.of(new FractionText.Fraction("1", "16")), FractionText.runs("1/16"));
        assertEquals(List.of(new FractionText.Plain("26/11/2026")), FractionText.runs("26/11/2026"));
        assertEquals(List.of(), FractionText.runs(""));
    }
}

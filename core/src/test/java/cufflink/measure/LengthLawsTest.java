package cufflink.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

class LengthLawsTest {
    /** International yard and pound agreement, 1959: 1 in = 25.4 mm exactly. */
    @Test
    void inch_isExactly25Point4Millimetres() {
        assertEquals(Length.ofMicrometres(25_400), Length.ofInches(1));
        assertEquals(396_875, Length.ofInches(1, 64).nanometres());
    }

    @Property(seed = "7")
    void printingAndParsing_areInverse_onEveryRuler(@ForAll RulerStep step,
            @ForAll @LongRange(min = -3000, max = 3000) long count) {
        Length length = step.length().times(count);
        String text = LengthFormat.of(step.unit()).text(length);
        assertEquals(length, LengthParser.read(text, LengthUnit.MILLIMETRE).value().orElseThrow(), text);
        LengthUnit other = step.unit() == LengthUnit.INCH ? LengthUnit.MILLIMETRE : LengthUnit.INCH;
        assertEquals(length, LengthParser
                .read(LengthFormat.of(step.unit()).number(length) + step.unit().symbol(), other).value().orElseThrow());
    }

    @Property(seed = "7")
    void exactText_isReadBackToTheNanometre(
            @ForAll @LongRange(min = -2_000_000_000L, max = 2_000_000_000L) long nanometres, @ForAll LengthUnit unit) {
        Length length = Length.ofNanometres(nanometres);
        assertEquals(length, LengthParser.read(ExactText.of(length), unit).value().orElseThrow());
        Length sixtyFourths = Length.ofInches(nanometres % 10_000, 64);
        assertEquals(sixtyFourths, LengthParser.read(ExactText.of(sixtyFourths), unit).value().orElseThrow());
    }

    @Property(seed = "7")
    void rounding_staysWithinAStep_andOnTheRuler(@ForAll RulerStep step,
            @ForAll @LongRange(min = -2_000_000_000L, max = 2_000_000_000L) long nanometres) {
        Length value = Length.ofNanometres(nanometres);
        Length down = step.down(value);
        Length up = step.up(value);
        Length nearest = step.nearest(value);
        assertTrue(step.has(down) && step.has(up) && step.has(nearest));
        assertFalse(down.isLongerThan(value));
        assertFalse(value.isLongerThan(up));
        assertTrue(up.minus(down).equals(step.length()) || up.equals(down));
        assertTrue(nearest.equals(up) || nearest.equals(down));
        assertFalse(nearest.minus(value).abs().times(2).isLongerThan(step.length()));
    }

    @Test
    void nearest_halfway_goesUp() {
        assertEquals(Length.ofInches(1, 8), RulerStep.EIGHTH_INCH.nearest(Length.ofInches(1, 16)));
        assertEquals(Length.ZERO, RulerStep.EIGHTH_INCH.nearest(Length.ofInches(-1, 16)));
    }

    @Test
    void arithmetic_beyondTheRange_throws() {
        assertThrows(ArithmeticException.class, () -> Length.ofNanometres(Long.MAX_VALUE).plus(Length.ofNanometres(1)));
        assertThrows(ArithmeticException.class, () -> Length.ofInches(1, 3));
        assertThrows(ArithmeticException.class, () -> Length.nearestToMillimetres(Double.NaN));
    }

    @Test
    void rulerStep_named_ignoresSpaces() {
        assertEquals(RulerStep.SIXTEENTH_INCH, RulerStep.named("1/16in").orElseThrow());
        assertEquals(RulerStep.HALF_MILLIMETRE, RulerStep.named("0.5 MM").orElseThrow());
        assertTrue(RulerStep.named("1/7in").isEmpty());
    }

    @Test
    void fractionText_setsOnlyFractions() {
        assertEquals(
                java.util.List.of(new FractionText.Plain("Base at 2"), new FractionText.Fraction("5", "8"),
                        new FractionText.Plain(" in")),
                FractionText.runs("Base at 2 5/8 in"));
        assertEquals(java.util.List.of(new FractionText.Plain("1/2/2026")), FractionText.runs("1/2/2026"));
    }
}

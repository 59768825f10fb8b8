package cufflink.directions;

import cufflink.measure.Length;
import java.util.Optional;

/**
 * A number with or without a unit, as it stands in the text: exactly {@code numerator / denominator}.
 *
 * @param unit  absent for a bare number
 * @param about whether it is said to be about so much
 * @param plain whether it is a whole number without a unit, which may count things
 */
record Amount(Span span, long numerator, long denominator, Optional<WrittenUnit> unit, boolean about, boolean plain) {
    /** The length; a bare number is in {@code bare}. What is no whole number of nanometres becomes the nearest one. */
    Length length(WrittenUnit bare) {
        long nanometres = Math.multiplyExact(numerator, unit.orElse(bare).length().nanometres());
        return Length.ofNanometres(Math.floorDiv(2 * nanometres + denominator, 2 * denominator));
    }

    /** The same in a text with so many characters before it. */
    Amount behind(int characters) {
        return new Amount(span.behind(characters), numerator, denominator, unit, about, plain);
    }

    int count() {
        return Math.toIntExact(numerator / denominator);
    }

    /** Whether it is a fraction such as people write for inches, not a decimal. */
    boolean isFraction() {
        return denominator > 1 && Long.bitCount(denominator) == 1;
    }
}

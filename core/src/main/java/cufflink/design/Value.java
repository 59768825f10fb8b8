package cufflink.design;

import cufflink.measure.Length;
import java.math.BigInteger;
import org.apache.commons.numbers.fraction.BigFraction;

/** What an expression comes to. */
public sealed interface Value {
    /** What a quantity counts. */
    enum Kind {
        NUMBER("a number"), LENGTH("a length"), AREA("an area"), ANGLE("an angle");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /**
     * An exact quantity.
     *
     * @param amount a plain number, nanometres, square nanometres or degrees
     */
    record Quantity(BigFraction amount, Kind kind) implements Value {
        public Quantity {
            amount = upright(amount);
        }

        /** The library leaves the sign of a fraction where it arose, which may be below the line. */
        private static BigFraction upright(BigFraction value) {
            return value.getDenominator().signum() < 0
                    ? BigFraction.of(value.getNumerator().negate(), value.getDenominator().negate()) : value;
        }

        /** The length; half a nanometre goes up. The kind must be LENGTH. */
        public Length toLength() {
            if (kind != Kind.LENGTH) {
                throw new IllegalStateException("not a length: " + this);
            }
            return Length.ofNanometres(floor(amount.add(BigFraction.of(1, 2))).longValueExact());
        }

        /** The amount as a floating-point number: a plain number, nanometres, square nanometres or degrees. */
        public double toDouble() {
            return amount.doubleValue();
        }

        static BigInteger floor(BigFraction number) {
            BigFraction value = upright(number);
            BigInteger[] parts = value.getNumerator().divideAndRemainder(value.getDenominator());
            return parts[1].signum() < 0 ? parts[0].subtract(BigInteger.ONE) : parts[0];
        }
    }

    /** A word out of a choice, or a text. */
    record Word(String text) implements Value {
    }

    /** The answer to a comparison. */
    record Truth(boolean holds) implements Value {
    }

    static Quantity number(long number) {
        return new Quantity(BigFraction.of(number), Kind.NUMBER);
    }

    static Quantity length(Length length) {
        return new Quantity(BigFraction.of(length.nanometres()), Kind.LENGTH);
    }

    /** What this is, for messages: "a length", "yes or no". */
    default String kindInWords() {
        if (this instanceof Quantity quantity) {
            return quantity.kind().words();
        }
        return this instanceof Truth ? "yes or no" : "a word";
    }
}

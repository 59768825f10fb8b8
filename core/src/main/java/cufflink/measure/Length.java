package cufflink.measure;

import java.math.BigInteger;

/**
 * A signed length, held as a whole number of nanometres. The inch is exactly 25.4 mm (international yard and pound
 * agreement, 1959). Arithmetic that leaves the range of a {@code long} throws {@link ArithmeticException}.
 *
 * @param nanometres the length in nanometres
 */
public record Length(long nanometres) implements Comparable<Length> {
    public static final Length ZERO = new Length(0);
    private static final long NM_PER_MM = 1_000_000;
    private static final long NM_PER_INCH = 25_400_000;

    public static Length ofNanometres(long nanometres) {
        return new Length(nanometres);
    }

    public static Length ofMillimetres(long millimetres) {
        return new Length(Math.multiplyExact(millimetres, NM_PER_MM));
    }

    public static Length ofMicrometres(long micrometres) {
        return new Length(Math.multiplyExact(micrometres, 1_000L));
    }

    public static Length ofInches(long inches) {
        return new Length(Math.multiplyExact(inches, NM_PER_INCH));
    }

    /** Exactly {@code numerator / denominator} inches. Throws if that is not a whole number of nanometres. */
    public static Length ofInches(long numerator, long denominator) {
        long product = Math.multiplyExact(numerator, NM_PER_INCH);
        if (product % denominator != 0) {
            throw new ArithmeticException(numerator + "/" + denominator + " in is not a whole number of nanometres");
        }
        return new Length(product / denominator);
    }

    /** The length nearest to a number of millimetres; half a nanometre goes up. */
    public static Length nearestToMillimetres(double millimetres) {
        if (!(Math.abs(millimetres) < Long.MAX_VALUE / 1e7)) {
            throw new ArithmeticException("not a length in millimetres: " + millimetres);
        }
        return new Length(Math.round(millimetres * NM_PER_MM));
    }

    /** The length nearest to the fraction {@code numerator / denominator} of a unit; half a nanometre goes up. */
    static Length nearest(BigInteger numerator, BigInteger denominator, LengthUnit unit) {
        BigInteger two = BigInteger.TWO;
        BigInteger doubled = numerator.multiply(BigInteger.valueOf(unit.length().nanometres())).multiply(two)
                .add(denominator);
        BigInteger[] parts = doubled.divideAndRemainder(denominator.multiply(two));
        BigInteger floor = parts[1].signum() < 0 ? parts[0].subtract(BigInteger.ONE) : parts[0];
        return new Length(floor.longValueExact());
    }

    public double toMillimetres() {
        return nanometres / (double) NM_PER_MM;
    }

    public Length plus(Length other) {
        return new Length(Math.addExact(nanometres, other.nanometres));
    }

    public Length minus(Length other) {
        return new Length(Math.subtractExact(nanometres, other.nanometres));
    }

    public Length times(long factor) {
        return new Length(Math.multiplyExact(nanometres, factor));
    }

    public Length abs() {
        return nanometres < 0 ? new Length(Math.negateExact(nanometres)) : this;
    }

    public boolean isNegative() {
        return nanometres < 0;
    }

    public boolean isPositive() {
        return nanometres > 0;
    }

    public boolean isLongerThan(Length other) {
        return nanometres > other.nanometres;
    }

    public static Length longer(Length a, Length b) {
        return a.nanometres >= b.nanometres ? a : b;
    }

    public static Length shorter(Length a, Length b) {
        return a.nanometres <= b.nanometres ? a : b;
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(nanometres, other.nanometres);
    }

    @Override
    public String toString() {
        return LengthFormat.of(LengthUnit.MILLIMETRE).text(this);
    }

    /** The greatest whole multiple of a step, more than 0, that is not above this (towards minus infinity). */
    public Length downTo(Length step) {
        return step.times(Math.floorDiv(nanometres, step.nanometres));
    }

    /** The smallest whole multiple of a step, more than 0, that is not below this. */
    public Length upTo(Length step) {
        return step.times(-Math.floorDiv(Math.negateExact(nanometres), step.nanometres));
    }

    /** The nearest whole multiple of a step, more than 0; exactly between two it goes up. */
    public Length nearestTo(Length step) {
        return step.times(Math.floorDiv(Math.addExact(nanometres, step.nanometres / 2), step.nanometres));
    }
}

package cufflink.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * Prints lengths in one unit: inches as fractions down to 1/64 ({@code 3 7/8 in}), millimetres as decimals
 * ({@code 98.5 mm}). A length between the divisions is printed as a decimal, to 1/10 000 in or 1/1000 mm. What is
 * printed for a length on a {@link RulerStep} of the unit is read back by {@link LengthParser} as the same length.
 *
 * @param unit the unit printed
 */
public record LengthFormat(LengthUnit unit) {
    private static final long SIXTY_FOURTH = Length.ofInches(1, 64).nanometres();
    private static final long TENTH = Length.ofMicrometres(100).nanometres();

    public static LengthFormat of(LengthUnit unit) {
        return new LengthFormat(unit);
    }

    /** The length with its unit, for example {@code 3 7/8 in}. */
    public String text(Length length) {
        return number(length) + " " + unit.symbol();
    }

    /** The length without its unit, for example {@code 3 7/8}. */
    public String number(Length length) {
        boolean fraction = unit == LengthUnit.INCH && length.nanometres() % SIXTY_FOURTH == 0;
        return fraction ? sixtyFourths(length.nanometres() / SIXTY_FOURTH) : decimal(length);
    }

    /** Two lengths as a size, for example {@code 4 1/4 × 5 1/2 in}. */
    public String size(Length width, Length height) {
        return number(width) + " × " + number(height) + " " + unit.symbol();
    }

    /** Whether a length is one that rulers show at all: a whole number of 1/64 in, or of 1/10 mm. */
    public boolean isReadable(Length length) {
        return length.nanometres() % (unit == LengthUnit.INCH ? SIXTY_FOURTH : TENTH) == 0;
    }

    private static String sixtyFourths(long count) {
        String sign = count < 0 ? "-" : "";
        long whole = Math.abs(count) / 64;
        long numerator = Math.abs(count) % 64;
        if (numerator == 0) {
            return sign + whole;
        }
        int shared = Long.numberOfTrailingZeros(numerator);
        String fraction = (numerator >> shared) + "/" + (64 >> shared);
        return sign + (whole == 0 ? fraction : whole + " " + fraction);
    }

    private String decimal(Length length) {
        int digits = unit == LengthUnit.INCH ? 4 : 3;
        BigDecimal value = BigDecimal.valueOf(length.nanometres())
                .divide(BigDecimal.valueOf(unit.length().nanometres()), digits, RoundingMode.HALF_UP);
        return value.signum() == 0 ? "0" : value.stripTrailingZeros().toPlainString();
    }
}

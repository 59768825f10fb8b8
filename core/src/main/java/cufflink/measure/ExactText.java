package cufflink.measure;

import java.math.BigDecimal;

/**
 * Lengths as they are stored: exact to the nanometre, with a unit, free of any locale; {@code 4 1/4 in} or
 * {@code 85.6 mm}. {@link LengthParser} reads every one back as the same length.
 */
public final class ExactText {
    private static final Length SIXTY_FOURTH = Length.ofInches(1, 64);
    private static final Length TENTH = Length.ofMicrometres(100);

    private ExactText() {
    }

    /** In inches where the length is a whole number of 64ths and no round number of millimetres. */
    public static String of(Length length) {
        boolean inches = length.nanometres() % SIXTY_FOURTH.nanometres() == 0
                && length.nanometres() % TENTH.nanometres() != 0;
        return inches ? LengthFormat.of(LengthUnit.INCH).text(length)
                : BigDecimal.valueOf(length.nanometres(), 6).stripTrailingZeros().toPlainString() + " mm";
    }
}

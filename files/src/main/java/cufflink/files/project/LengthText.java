package cufflink.files.project;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import java.math.BigDecimal;

/** Lengths as files hold them: exact, with a unit, free of any locale; {@code 4 1/4 in} or {@code 85.6 mm}. */
final class LengthText {
    private static final Length SIXTY_FOURTH = Length.ofInches(1, 64);

    private LengthText() {
    }

    static String of(Length length) {
        boolean inches = length.nanometres() % SIXTY_FOURTH.nanometres() == 0 && length.nanometres() % 100_000 != 0;
        return inches ? LengthFormat.of(LengthUnit.INCH).text(length)
                : BigDecimal.valueOf(length.nanometres(), 6).stripTrailingZeros().toPlainString() + " mm";
    }
}

package cufflink.directions;

import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import java.util.Optional;

/** A unit as it stands behind a number. */
enum WrittenUnit {
    INCH(Length.ofInches(1), LengthUnit.INCH), MILLIMETRE(Length.ofMillimetres(1), LengthUnit.MILLIMETRE),
    CENTIMETRE(Length.ofMillimetres(10), LengthUnit.MILLIMETRE);

    private final Length length;
    private final LengthUnit ruler;

    WrittenUnit(Length length, LengthUnit ruler) {
        this.length = length;
        this.ruler = ruler;
    }

    Length length() {
        return length;
    }

    /** What such lengths are read on. */
    LengthUnit ruler() {
        return ruler;
    }

    /** The unit that a word is. */
    static Optional<WrittenUnit> named(String word) {
        return switch (word) {
            case "inch", "inches", "ins" -> Optional.of(INCH);
            case "mm", "millimetre", "millimetres", "millimeters" -> Optional.of(MILLIMETRE);
            case "cm", "centimetre", "centimetres", "centimeters" -> Optional.of(CENTIMETRE);
            default -> Optional.empty();
        };
    }

    static WrittenUnit of(LengthUnit unit) {
        return unit == LengthUnit.INCH ? INCH : MILLIMETRE;
    }
}

package cufflink.directions;

import cufflink.measure.Length;
import cufflink.measure.LengthUnit;

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

    static WrittenUnit of(LengthUnit unit) {
        return unit == LengthUnit.INCH ? INCH : MILLIMETRE;
    }
}

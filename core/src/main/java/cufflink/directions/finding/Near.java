package cufflink.directions.finding;

import cufflink.directions.Said;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;

/** Whether two lengths that people write mean the same, and how a length is written. */
public final class Near {
    /** What is written in one unit and read in the other is rounded to a whole millimetre or a sixteenth. */
    private static final Length ROUNDED = Length.ofMicrometres(800);
    private static final Length ROUGHLY = Length.ofMicrometres(3_200);

    private Near() {
    }

    static boolean same(Said one, Said other) {
        Length apart = one.length().minus(other.length()).abs();
        Length most = one.about() || other.about() ? ROUGHLY : one.unit() == other.unit() ? Length.ZERO : ROUNDED;
        return !apart.isLongerThan(most);
    }

    /** As it is written on its own ruler; what lies between the marks to the hundredth. */
    public static String text(Said said) {
        return LengthFormat.of(said.unit()).text(said.length());
    }

    /** Two lengths as a size. */
    public static String size(Said width, Said height) {
        return LengthFormat.of(width.unit()).size(width.length(), height.length());
    }

    /** A size in a unit. */
    static String size(LengthUnit unit, Length width, Length height) {
        return LengthFormat.of(unit).size(width, height);
    }

    /** A length in the unit of another, on its usual ruler if it is nearly there. */
    public static String like(Length length, Said said) {
        RulerStep fine = said.unit() == LengthUnit.INCH ? RulerStep.THIRTY_SECOND_INCH
                : RulerStep.HALF_MILLIMETRE;
        return fine.has(length) ? LengthFormat.of(said.unit()).text(length) : fine.text(length);
    }
}

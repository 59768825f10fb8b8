package cufflink.measure;

import java.util.Arrays;
import java.util.Optional;

/** The finest division that a maker reads on the ruler; every rounding of a length goes through one, by name. */
public enum RulerStep {
    EIGHTH_INCH("1/8 in", LengthUnit.INCH, Length.ofInches(1, 8)),
    SIXTEENTH_INCH("1/16 in", LengthUnit.INCH, Length.ofInches(1, 16)),
    THIRTY_SECOND_INCH("1/32 in", LengthUnit.INCH, Length.ofInches(1, 32)),
    MILLIMETRE("1 mm", LengthUnit.MILLIMETRE, Length.ofMillimetres(1)),
    HALF_MILLIMETRE("0.5 mm", LengthUnit.MILLIMETRE, Length.ofMicrometres(500));

    private final String label;
    private final LengthUnit unit;
    private final Length length;

    RulerStep(String label, LengthUnit unit, Length length) {
        this.label = label;
        this.unit = unit;
        this.length = length;
    }

    /** The step as written on the screen and in files, for example {@code 1/16 in}. */
    public String label() {
        return label;
    }

    public LengthUnit unit() {
        return unit;
    }

    public Length length() {
        return length;
    }

    /** The step a unit starts with: 1/16 in or 1 mm. */
    public static RulerStep usual(LengthUnit unit) {
        return unit == LengthUnit.INCH ? SIXTEENTH_INCH : MILLIMETRE;
    }

    /** The step written so, spaces aside: {@code 1/16in}, {@code 0.5 mm}. */
    public static Optional<RulerStep> named(String text) {
        String wanted = text.replace(" ", "");
        return Arrays.stream(values()).filter(step -> step.label.replace(" ", "").equalsIgnoreCase(wanted)).findFirst();
    }

    /** Whether a length lies on a division of this ruler. */
    public boolean has(Length value) {
        return value.nanometres() % length.nanometres() == 0;
    }

    /**
     * A length as it is read off this ruler: exact if it lies there, otherwise the nearest division marked as such, "≈
     * 2 7/16 in".
     */
    public String text(Length value) {
        return mark(value) + LengthFormat.of(unit).text(nearest(value));
    }

    /** As {@link #text} without the unit. */
    public String number(Length value) {
        return mark(value) + LengthFormat.of(unit).number(nearest(value));
    }

    /** Two lengths as a size on this ruler, "4 1/4 × 5 1/2 in", marked as {@link #text} does if either is rounded. */
    public String size(Length width, Length height) {
        return (has(width) ? mark(height) : mark(width)) + LengthFormat.of(unit).size(nearest(width), nearest(height));
    }

    private String mark(Length value) {
        return has(value) ? "" : "≈ ";
    }

    /** The greatest division not above the value (towards minus infinity). */
    public Length down(Length value) {
        return value.downTo(length);
    }

    /** The smallest division not below the value. */
    public Length up(Length value) {
        return value.upTo(length);
    }

    /** The nearest division; a value exactly between two goes up. */
    public Length nearest(Length value) {
        return value.nearestTo(length);
    }
}

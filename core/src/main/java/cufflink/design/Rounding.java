package cufflink.design;

import cufflink.measure.Length;
import cufflink.measure.RulerStep;

/** How a worked-out length comes onto the maker's ruler. */
public enum Rounding {
    NEAREST("to the nearest"), UP("up to a"), DOWN("down to a"), EXACT("");

    private final String words;

    Rounding(String words) {
        this.words = words;
    }

    /** For example "down to a" before "1/16 in". */
    public String words() {
        return words;
    }

    public Length round(Length value, RulerStep step) {
        return round(value, step.length());
    }

    /** To whole multiples of a distance. */
    public Length round(Length value, Length step) {
        long whole = step.nanometres();
        return switch (this) {
            case NEAREST -> step.times(Math.floorDiv(Math.addExact(value.nanometres(), whole / 2), whole));
            case UP -> step.times(-Math.floorDiv(Math.negateExact(value.nanometres()), whole));
            case DOWN -> step.times(Math.floorDiv(value.nanometres(), whole));
            case EXACT -> value;
        };
    }
}

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
        return switch (this) {
            case NEAREST -> value.nearestTo(step);
            case UP -> value.upTo(step);
            case DOWN -> value.downTo(step);
            case EXACT -> value;
        };
    }
}

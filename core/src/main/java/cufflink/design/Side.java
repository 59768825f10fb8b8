package cufflink.design;

import cufflink.words.Vocabulary;
import java.util.Collection;

/** A side of a panel as its piece lies flat with the stated face up. */
public enum Side {
    LEFT("left"), RIGHT("right"), TOP("top"), BOTTOM("bottom");

    private final String word;

    Side(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** Some sides as words in a sentence, such as "left, right and bottom". */
    public static String words(Collection<Side> sides) {
        return Vocabulary.and(sides.stream().sorted().map(Side::word).toList());
    }

    /** The side towards which a direction points most, x to the right and y down. */
    public static Side towards(double x, double y) {
        return Math.abs(x) > Math.abs(y) ? x < 0 ? LEFT : RIGHT : y < 0 ? TOP : BOTTOM;
    }

    /** The side across. */
    public Side opposite() {
        return switch (this) {
            case LEFT -> RIGHT;
            case RIGHT -> LEFT;
            case TOP -> BOTTOM;
            case BOTTOM -> TOP;
        };
    }

    /** To the right, −1, 0 or 1. */
    public int x() {
        return this == LEFT ? -1 : this == RIGHT ? 1 : 0;
    }

    /** Down, −1, 0 or 1. */
    public int y() {
        return this == TOP ? -1 : this == BOTTOM ? 1 : 0;
    }
}

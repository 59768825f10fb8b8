package cufflink.cut;

/**
 * Whether a piece is a triangle, half of its rectangle, and which way the diagonal that bounds it runs as width and
 * height lie. Two with the same diagonal are cut from one rectangle.
 */
public enum Half {
    WHOLE("whole"),
    /** From the top left corner to the bottom right one. */
    FALLING("falling"),
    /** From the bottom left corner to the top right one. */
    RISING("rising");

    private final String word;

    Half(String word) {
        this.word = word;
    }

    /** As written in files and answers. */
    public String word() {
        return word;
    }

    /** As it lies after a quarter turn. */
    public Half turned() {
        return this == FALLING ? RISING : this == RISING ? FALLING : WHOLE;
    }
}

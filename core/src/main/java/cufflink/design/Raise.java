package cufflink.design;

import cufflink.measure.Length;
import java.util.Arrays;
import java.util.Optional;

/**
 * Usual heights of ornaments above their panel (common practice, no source; what is on the table is measured).
 */
public enum Raise {
    FLAT("flat", 300), ONE_PAD("one pad", 1000), TWO_PADS("two pads", 2000);

    private final String word;
    private final Length height;

    /** The height in micrometres. */
    Raise(String word, long height) {
        this.word = word;
        this.height = Length.ofMicrometres(height);
    }

    public String word() {
        return word;
    }

    public Length height() {
        return height;
    }

    /** The one that is called so. */
    public static Optional<Raise> named(String word) {
        return Arrays.stream(values()).filter(one -> one.word.equals(word)).findFirst();
    }

    /** The one that is so high. */
    public static Optional<Raise> of(Length height) {
        return Arrays.stream(values()).filter(one -> one.height.equals(height)).findFirst();
    }
}

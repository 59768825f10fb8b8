package cufflink.design;

/** What a score line is for, seen on the face that lies up. */
public enum Fold {
    /** Ridge towards the viewer. */
    MOUNTAIN("mountain", "M"),
    /** Ridge away from the viewer. */
    VALLEY("valley", "V"),
    /** Pressed in, never folded. */
    DECORATIVE("decorative", "D");

    private final String word;
    private final String letter;

    Fold(String word, String letter) {
        this.word = word;
        this.letter = letter;
    }

    public String word() {
        return word;
    }

    /** The mark beside the line: M, V or D. */
    public String letter() {
        return letter;
    }

    /** The same crease seen on the other face. */
    public Fold seenFromBehind() {
        return switch (this) {
            case MOUNTAIN -> VALLEY;
            case VALLEY -> MOUNTAIN;
            case DECORATIVE -> DECORATIVE;
        };
    }
}

package cufflink.design;

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
}

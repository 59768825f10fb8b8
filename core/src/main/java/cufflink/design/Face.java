package cufflink.design;

/** A face of a piece, named for where it is in the finished card. */
public enum Face {
    INSIDE("inside"), OUTSIDE("outside");

    private final String word;

    Face(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    public Face other() {
        return this == INSIDE ? OUTSIDE : INSIDE;
    }
}

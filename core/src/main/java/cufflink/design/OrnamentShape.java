package cufflink.design;

/** Outlines of ornaments; a banner is forked at both ends. */
public enum OrnamentShape {
    RECTANGLE("rectangle"), CIRCLE("circle"), OVAL("oval"), BANNER("banner"), PATH("path");

    private final String word;

    OrnamentShape(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}

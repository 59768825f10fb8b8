package cufflink.die;

/** The outlines that dies and punches cut. */
public enum DieShape {
    /** The maker has not told it yet: nothing is worked out. */
    UNTOLD("not told yet"), CIRCLE("circle"), OVAL("oval"), RECTANGLE("rectangle"),
    SCALLOPED_CIRCLE("scalloped circle"), SCALLOPED_RECTANGLE("scalloped rectangle"),
    /** A rectangle whose two upper corners are cut off at 45 degrees, a quarter of its width. */
    TAG_END("tag end"),
    /** Half a disc: a thumb notch. As wide as the disc, half as high. */
    HALF_CIRCLE("half-circle notch"),
    /** It rounds a corner: its width is the radius. */
    CORNER("corner rounder"), TRACED("traced");

    private final String word;

    DieShape(String word) {
        this.word = word;
    }

    /** As it is said and written. */
    public String word() {
        return word;
    }

    /** Whether a layer can lie inside what it cuts. */
    public boolean holdsSomething() {
        return this != UNTOLD && this != CORNER && this != HALF_CIRCLE;
    }

    /** Whether its edge is a row of bulges, which are counted. */
    public boolean isScalloped() {
        return this == SCALLOPED_CIRCLE || this == SCALLOPED_RECTANGLE;
    }

    /** Whether it is as high as it is wide. */
    public boolean isRound() {
        return this == CIRCLE || this == SCALLOPED_CIRCLE || this == CORNER;
    }
}

package cufflink.plan;

/** An edge by where it lies in a picture; a piece that is set on point has slanting ones. */
public enum PictureEdge {
    LEFT("left"), RIGHT("right"), TOP("top"), BOTTOM("bottom"), UPPER_LEFT("upper left"), UPPER_RIGHT("upper right"),
    LOWER_LEFT("lower left"), LOWER_RIGHT("lower right");

    /** Beyond this share of the longer part of a direction, the shorter part counts: half of the way to 45°. */
    private static final double SLANTING = Math.tan(Math.PI / 8);

    private final String word;

    PictureEdge(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** The edge that faces a direction, x to the right and y down. */
    static PictureEdge towards(double x, double y) {
        if (Math.min(Math.abs(x), Math.abs(y)) > SLANTING * Math.max(Math.abs(x), Math.abs(y))) {
            return y < 0 ? x < 0 ? UPPER_LEFT : UPPER_RIGHT : x < 0 ? LOWER_LEFT : LOWER_RIGHT;
        } else if (Math.abs(x) > Math.abs(y)) {
            return x < 0 ? LEFT : RIGHT;
        }
        return y < 0 ? TOP : BOTTOM;
    }
}

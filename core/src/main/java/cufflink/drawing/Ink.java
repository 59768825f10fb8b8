package cufflink.drawing;

/**
 * What a shape means; devices look the drawing of a meaning up here. Dash-dot for mountain and dash for valley are the
 * published convention of folding diagrams; the colours are our own.
 */
public enum Ink {
    PAPER("#FFFFFF", 0, Fill.SOLID), PAPER_EDGE("#33484E", 0.7, Fill.NONE), DARK_PAPER_EDGE("#8C9A9D", 0.7, Fill.NONE),
    CUT("#14242B", 1.0, Fill.NONE),
    MOUNTAIN("#74376F", 1.3, Fill.NONE, 7, 2.5, 1.5, 2.5), VALLEY("#1C6B5A", 1.3, Fill.NONE, 5, 3),
    DECORATIVE("#9A7422", 1.0, Fill.NONE, 1.2, 2.6),
    WASTE("#8C9A9D", 0.5, Fill.HATCH), GLUE("#D9A83A", 0.8, Fill.HATCH), MAT("#C3CFCD", 0.6, Fill.SOLID),
    CONTENTS("#DDE8E5", 0.6, Fill.SOLID), SOFT("#8FA9B8", 0.8, Fill.SOLID), HARDWARE("#6E7F86", 0.8, Fill.SOLID),
    ORNAMENT("#D38B62", 0.8, Fill.SOLID),
    BLADE("#AE2339", 1.1, Fill.NONE), HIDDEN("#8C9A9D", 0.6, Fill.NONE, 2, 2), DIMENSION("#55666B", 0.6, Fill.NONE),
    TEXT("#14242B", 0, Fill.NONE),
    SOFT_TEXT("#55666B", 0, Fill.NONE), RULER("#D5DEDD", 0.5, Fill.SOLID), TICK("#55666B", 0.6, Fill.NONE),
    NOW("#F5B21A", 3, Fill.SOLID), HIGHLIGHT("#F5B21A", 8, Fill.NONE), EDGE("#FFFFFF", 2.6, Fill.NONE),
    CAPTION("#E2E9E7", 0, Fill.NONE), BENCH("#33484E", 0, Fill.SOLID);

    /** How an area is filled. */
    public enum Fill { NONE, SOLID, HATCH }

    private final String colour;
    private final double width;
    private final Fill fill;
    private final double[] dashes;

    Ink(String colour, double width, Fill fill, double... dashes) {
        this.colour = colour;
        this.width = width;
        this.fill = fill;
        this.dashes = dashes;
    }

    /** {@code #RRGGBB}. */
    public String colour() {
        return colour;
    }

    /** Pen width in points. */
    public double width() {
        return width;
    }

    public Fill fill() {
        return fill;
    }

    /** Dash lengths in points, on and off in turn; empty for a solid line. */
    public double[] dashes() {
        return dashes.clone();
    }
}

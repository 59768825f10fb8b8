package cufflink.design;

/** How the closed card is held, seen from its front, against its main piece as that lies flat. */
public enum Held {
    UPRIGHT("upright", 0),
    /** With the piece's x axis pointing up. */
    TURNED("turned", -1),
    /** With the piece's x axis pointing down. */
    TURNED_DOWN("turned down", 1);

    private final String word;
    private final int quarters;

    Held(String word, int quarters) {
        this.word = word;
        this.quarters = quarters;
    }

    /** As a design file writes it. */
    public String word() {
        return word;
    }

    /** Whether its width is what the piece calls height. */
    public boolean isTurned() {
        return quarters != 0;
    }

    /** Where a place of the flat piece is seen across, y down. */
    public double seenX(double x, double y) {
        return quarters == 0 ? x : -quarters * y;
    }

    /** Where a place of the flat piece is seen down, y down. */
    public double seenY(double x, double y) {
        return quarters == 0 ? y : quarters * x;
    }

    /** The place of the flat piece that is seen somewhere: across. */
    public double ownX(double seenX, double seenY) {
        return quarters == 0 ? seenX : quarters * seenY;
    }

    /** The place of the flat piece that is seen somewhere: down. */
    public double ownY(double seenX, double seenY) {
        return quarters == 0 ? seenY : -quarters * seenX;
    }

    /** The side at which a side of the flat piece is seen. */
    public Side seen(Side own) {
        return Side.towards(seenX(own.x(), own.y()), seenY(own.x(), own.y()));
    }

    /** Degrees, clockwise from the top of the flat piece, at which the top of the held card lies. */
    public int top() {
        return Math.floorMod(-90 * quarters, 360);
    }
}

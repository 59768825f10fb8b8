package cufflink.fold;

/**
 * A corner of one panel and the face of another, or an edge and an edge: on which side of each other they are, from
 * stretch to stretch of a way.
 */
abstract class Contact {
    /** Below this nothing is on a side, millimetres. */
    private static final double NOISE = 1e-4;

    /** The side it belongs on, and the one it is on; 0 where none is known. */
    private int side;
    private int now;
    private boolean through;

    /**
     * 0 if the two surely stay apart in a stretch of the way; otherwise how far what may come together moves from its
     * middle at most, in millimetres. {@code bend} as in {@link Sweep#way}.
     */
    abstract double undecided(Relative start, Relative half, Relative end, double bend);

    /**
     * How high the first is on its side of the second, where they lie over each other away from their ends; NaN where
     * they do not.
     */
    abstract double height(Relative at);

    /**
     * The side on which it is at the start; {@code above} if the first panel lies above the second, as the second's up
     * face sees it.
     */
    abstract int sideWhenFlat(Relative start, int above);

    final void lies(Relative start, int above) {
        side = Double.isNaN(height(start)) ? 0 : sideWhenFlat(start, above);
        now = side;
    }

    /** A stretch in which the two do not come together. */
    final void passes(Relative half, Relative end) {
        if (side == now) {
            side = 0;
            now = 0;
        } else {
            look(height(half), false);
            look(height(end), false);
        }
    }

    /** A short stretch in which they may. */
    final void touches(Relative start, Relative half, Relative end) {
        if (side == 0) {
            look(height(start), true);
        }
        look(height(half), true);
        look(height(end), true);
    }

    private void look(double height, boolean touching) {
        int found = height > NOISE ? 1 : height < -NOISE ? -1 : 0;
        if (Double.isNaN(height)) {
            side = 0;
            now = 0;
        } else if (side == 0 || !touching && found != now) {
            // It came out round an edge, if it was on the other side before.
            side = found;
            now = found;
        } else {
            now = found == 0 ? now : found;
            through |= now != side && Math.abs(height) > Sweep.GRAZE;
        }
    }

    /** Whether it has come out on the wrong side. */
    final boolean isThrough() {
        return through;
    }
}

package cufflink.stack;

import cufflink.measure.Length;

/**
 * How large a folded card is, closed, as it is held.
 *
 * @param rim how thick it is for a pocket that closes round it at its sides: less than its thickness where that is only
 *            in its middle; see {@link Winding#rim}
 */
public record ClosedSize(Length width, Length height, Length thickness, Length rim) {
    /** As thick all over. */
    public ClosedSize(Length width, Length height, Length thickness) {
        this(width, height, thickness, thickness);
    }

    /** The same a quarter turn round. */
    ClosedSize turned() {
        return new ClosedSize(height, width, thickness, rim);
    }

    /** Whether it is wider than high. */
    boolean isWide() {
        return width.isLongerThan(height);
    }
}

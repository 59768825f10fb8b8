package cufflink.stack;

import cufflink.measure.Length;

/** How large a folded card is, closed, as it is held. */
public record ClosedSize(Length width, Length height, Length thickness) {
    /** Whether it is wider than high. */
    boolean isWide() {
        return width.isLongerThan(height);
    }
}

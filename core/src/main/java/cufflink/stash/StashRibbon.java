package cufflink.stash;

import cufflink.measure.Length;
import java.math.BigDecimal;
import java.util.Optional;

/**
 * Ribbon on a reel.
 *
 * @param left   what is still on it
 * @param colour {@code #RRGGBB}
 * @param price  of a metre, if known
 */
public record StashRibbon(long id, String name, Length width, Length left, String colour,
        Optional<BigDecimal> price, String notes) implements StashItem {
    /** Without a price. */
    public StashRibbon(long id, String name, Length width, Length left, String colour, String notes) {
        this(id, name, width, left, colour, Optional.empty(), notes);
    }

    public StashRibbon {
        if (!width.isPositive() || left.isNegative()) {
            throw new IllegalArgumentException("width must be positive and left not below 0: " + width + ", " + left);
        }
    }

    @Override
    public StashRibbon withId(long value) {
        return new StashRibbon(value, name, width, left, colour, price, notes);
    }

    public StashRibbon withLeft(Length value) {
        return new StashRibbon(id, name, width, value, colour, price, notes);
    }

    @Override
    public <R> R accept(Cases<R> cases) {
        return cases.ribbon(this);
    }
}

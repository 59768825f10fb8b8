package cufflink.stash;

import cufflink.measure.Length;

/**
 * Ribbon on a reel.
 *
 * @param left   what is still on it
 * @param colour {@code #RRGGBB}
 */
public record StashRibbon(long id, String name, Length width, Length left, String colour,
        String notes) implements StashItem {
    public StashRibbon {
        if (!width.isPositive() || left.isNegative()) {
            throw new IllegalArgumentException("width must be positive and left not below 0: " + width + ", " + left);
        }
    }

    @Override
    public StashRibbon withId(long value) {
        return new StashRibbon(value, name, width, left, colour, notes);
    }

    public StashRibbon withLeft(Length value) {
        return new StashRibbon(id, name, width, value, colour, notes);
    }

    @Override
    public <R> R accept(Cases<R> cases) {
        return cases.ribbon(this);
    }
}

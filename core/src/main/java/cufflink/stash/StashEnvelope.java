package cufflink.stash;

import cufflink.paper.SheetSize;
import java.math.BigDecimal;
import java.util.Optional;

/**
 * Envelopes of one kind.
 *
 * @param size     as on the packet
 * @param measured as a ruler found it inside, if it differs
 * @param price    of one, if known
 */
public record StashEnvelope(long id, String name, SheetSize size, Optional<SheetSize> measured, int count,
        Optional<BigDecimal> price, String notes) implements StashItem {
    /** Without a price. */
    public StashEnvelope(long id, String name, SheetSize size, Optional<SheetSize> measured, int count, String notes) {
        this(id, name, size, measured, count, Optional.empty(), notes);
    }

    public StashEnvelope {
        StashItem.requireCount(count, name);
    }

    @Override
    public StashEnvelope withId(long value) {
        return new StashEnvelope(value, name, size, measured, count, price, notes);
    }

    @Override
    public <R> R accept(Cases<R> cases) {
        return cases.envelope(this);
    }
}

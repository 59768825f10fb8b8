package cufflink.stash;

import cufflink.paper.SheetSize;
import java.util.Optional;

/**
 * Envelopes of one kind.
 *
 * @param size     as on the packet
 * @param measured as a ruler found it inside, if it differs
 */
public record StashEnvelope(long id, String name, SheetSize size, Optional<SheetSize> measured, int count,
        String notes) implements StashItem {
    public StashEnvelope {
        StashItem.requireCount(count, name);
    }

    @Override
    public StashEnvelope withId(long value) {
        return new StashEnvelope(value, name, size, measured, count, notes);
    }

    @Override
    public <R> R accept(Cases<R> cases) {
        return cases.envelope(this);
    }
}

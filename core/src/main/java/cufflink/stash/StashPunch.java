package cufflink.stash;

import cufflink.paper.SheetSize;
import java.util.Optional;

/**
 * A punch or a die.
 *
 * @param cuts  the size that it cuts
 * @param layer the largest layer that fits inside what it cuts, as the maker found it
 */
public record StashPunch(long id, String name, SheetSize cuts, Optional<SheetSize> layer,
        String notes) implements StashItem {
    @Override
    public StashPunch withId(long value) {
        return new StashPunch(value, name, cuts, layer, notes);
    }

    @Override
    public <R> R accept(Cases<R> cases) {
        return cases.punch(this);
    }
}

package cufflink.stash;

import cufflink.die.Die;
import cufflink.paper.SheetSize;
import java.util.Optional;

/**
 * A punch or a die.
 *
 * @param die      what it cuts
 * @param outer    of the die itself, where it has to lie on something
 * @param layer    the largest layer that fits inside what it cuts, as the maker found it by trying
 * @param set      the name of the nested set that it belongs to; empty if to none
 * @param heaviest paper that it copes with, whole grams per square metre
 */
public record StashPunch(long id, String name, Die die, Optional<SheetSize> outer, Optional<SheetSize> layer,
        String set, Optional<Integer> heaviest, String notes) implements StashItem {
    /** A punch of which no more is known. */
    public static StashPunch of(String name, Die die) {
        return new StashPunch(0, name, die, Optional.empty(), Optional.empty(), "", Optional.empty(), "");
    }

    /** How large what it cuts is. */
    public SheetSize cuts() {
        return die.size();
    }

    /** As one of a nested set. */
    public StashPunch inSet(String value) {
        return new StashPunch(id, name, die, outer, layer, value, heaviest, notes);
    }

    @Override
    public StashPunch withId(long value) {
        return new StashPunch(value, name, die, outer, layer, set, heaviest, notes);
    }

    @Override
    public <R> R accept(Cases<R> cases) {
        return cases.punch(this);
    }
}

package cufflink.stash;

import java.util.Optional;

/** One item added (no before), altered, or taken out (no after). */
public record StashEdit(Optional<StashItem> before, Optional<StashItem> after) {
    public StashEdit {
        if (before.isEmpty() && after.isEmpty()) {
            throw new IllegalArgumentException("an edit needs an item before or after");
        }
    }

    public static StashEdit added(StashItem item) {
        return new StashEdit(Optional.empty(), Optional.of(item));
    }

    public static StashEdit altered(StashItem before, StashItem after) {
        return new StashEdit(Optional.of(before), Optional.of(after));
    }

    public static StashEdit removed(StashItem item) {
        return new StashEdit(Optional.of(item), Optional.empty());
    }

    /** The edit that takes this one back. */
    public StashEdit reversed() {
        return new StashEdit(after, before);
    }
}

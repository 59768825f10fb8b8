package cufflink.stash;

import java.util.List;
import java.util.Optional;

/**
 * Edits that belong together: made as one, taken back as one.
 *
 * @param words  what the maker did: "Added 10 × Moonlight 240"
 * @param taking the sheets of a job that come and go with it
 */
public record StashChange(String words, List<StashEdit> edits, Optional<StashTaking> taking) {
    public StashChange {
        edits = List.copyOf(edits);
    }

    public static StashChange of(String words, StashEdit... edits) {
        return of(words, List.of(edits));
    }

    public static StashChange of(String words, List<StashEdit> edits) {
        return new StashChange(words, edits, Optional.empty());
    }

    /** The same, with the sheets of a job that it moves. */
    public StashChange with(StashTaking value) {
        return new StashChange(words, edits, Optional.of(value));
    }
}

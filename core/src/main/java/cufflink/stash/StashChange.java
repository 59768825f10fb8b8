package cufflink.stash;

import java.util.List;

/**
 * Edits that belong together: made as one, taken back as one.
 *
 * @param words what the maker did: "Added 10 × Moonlight 240"
 */
public record StashChange(String words, List<StashEdit> edits) {
    public StashChange {
        edits = List.copyOf(edits);
    }

    public static StashChange of(String words, StashEdit... edits) {
        return new StashChange(words, List.of(edits));
    }
}

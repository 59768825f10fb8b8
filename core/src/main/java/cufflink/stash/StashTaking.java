package cufflink.stash;

import java.util.List;

/**
 * Sheets of a job that a change takes out of the stash, or puts back into it. The stash, not the job, is where it
 * stands which sheets are taken.
 *
 * @param id      of this taking; putting it back bears the same
 * @param cutting the cutting of the job
 * @param sheets  of the cutting, from 0
 * @param back    whether they are put back
 */
public record StashTaking(String id, String cutting, List<Integer> sheets, boolean back) {
    public StashTaking {
        sheets = List.copyOf(sheets);
    }

    /** The taking that puts these sheets back. */
    public StashTaking putBack() {
        return new StashTaking(id, cutting, sheets, true);
    }
}

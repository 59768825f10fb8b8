package cufflink.stash;

/**
 * Sheets and ribbons of a job that a change takes out of the stash, or puts back into it. The stash, not the job, is
 * where it stands which are taken.
 *
 * @param id      of this taking; putting it back bears the same
 * @param cutting the cutting of the job
 * @param back    whether they are put back
 */
public record StashTaking(String id, String cutting, Taken what, boolean back) {
    /** The taking that puts the same back. */
    public StashTaking putBack() {
        return new StashTaking(id, cutting, what, true);
    }
}

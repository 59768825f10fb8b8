package cufflink.files.stash;

/** The stash cannot be read or written: the message says why in the maker's words, and that nothing was changed. */
public final class StashUnusable extends Exception {
    private static final long serialVersionUID = 1;

    StashUnusable(String message, Throwable cause) {
        super(message, cause);
    }
}

package cufflink.files.database;

import cufflink.words.Message;

/**
 * Stash or notebook cannot be read or written: the message says why in the maker's words, and that nothing was changed.
 */
public final class DatabaseUnusable extends Exception {
    private static final long serialVersionUID = 1;

    private final transient Message why;

    public DatabaseUnusable(Message why, Throwable cause) {
        super(why.sentence(), cause);
        this.why = why;
    }

    /** The message as it was said. */
    public Message why() {
        return why;
    }
}

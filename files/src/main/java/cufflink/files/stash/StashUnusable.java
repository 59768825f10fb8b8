package cufflink.files.stash;

import cufflink.words.Message;

/** The stash cannot be read or written: the message says why in the maker's words, and that nothing was changed. */
public final class StashUnusable extends Exception {
    private static final long serialVersionUID = 1;

    private final transient Message why;

    StashUnusable(Message why, Throwable cause) {
        super(why.sentence(), cause);
        this.why = why;
    }

    /** The message as it was said. */
    public Message why() {
        return why;
    }
}

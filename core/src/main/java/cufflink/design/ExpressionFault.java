package cufflink.design;

import cufflink.words.Message;

/** An expression that cannot be read or worked out; caught where the expression stands and reported as a problem. */
public final class ExpressionFault extends Exception {
    private static final long serialVersionUID = 1L;
    private final int position;
    private final transient Message reason;

    public ExpressionFault(int position, Message reason) {
        super(reason.sentence(), null, false, false);
        this.position = position;
        this.reason = reason;
    }

    /** What is wrong, a phrase. */
    public Message reason() {
        return reason;
    }

    /** Index into the expression's text, from 0. */
    public int position() {
        return position;
    }
}

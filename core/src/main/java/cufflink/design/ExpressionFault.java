package cufflink.design;

/** An expression that cannot be read or worked out; caught where the expression stands and reported as a problem. */
public final class ExpressionFault extends Exception {
    private static final long serialVersionUID = 1L;
    private final int position;

    public ExpressionFault(int position, String message) {
        super(message, null, false, false);
        this.position = position;
    }

    /** Index into the expression's text, from 0. */
    public int position() {
        return position;
    }
}

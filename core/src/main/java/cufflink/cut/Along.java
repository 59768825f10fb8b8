package cufflink.cut;

/** Which side of a rectangle something runs along: a long fold, or the fibres of the paper. */
public enum Along {
    WIDTH, HEIGHT;

    /** The other side: a quarter turn. */
    public Along turned() {
        return this == WIDTH ? HEIGHT : WIDTH;
    }
}

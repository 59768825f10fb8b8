package cufflink.plan;

/** The ids of the two readings of a slanting score: the score's own id with one of these behind it. */
public final class Slanting {
    public static final String FROM = " from";
    public static final String TO = " to";

    private Slanting() {
    }
}

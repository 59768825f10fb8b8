package cufflink.paper;

import java.util.Locale;

/** How far the grain of the paper binds: a long fold runs best along it. */
public enum GrainRule {
    /** A piece whose fold would run across a known grain is not laid so. */
    MUST,
    /** As {@link #MUST}, unless that takes another sheet or leaves a piece without paper. */
    PREFER,
    IGNORE;

    /** As written in files and on the command line. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}

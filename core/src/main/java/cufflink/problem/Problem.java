package cufflink.problem;

import java.util.Objects;

/**
 * Something a maker can cause and mend, in the maker's words.
 *
 * @param severity whether a plan can still be made
 * @param where    the file and line, the measure, the piece or the field; empty if there is no one place
 * @param what     what is wrong, one sentence
 * @param remedy   what to do about it, one sentence; may be empty
 */
public record Problem(Severity severity, String where, String what, String remedy) {
    /** How much a problem stops. */
    public enum Severity {
        /** Nothing stops; something was changed or left out. */
        NOTICE,
        /** No plan can be made until it is mended. */
        ERROR
    }

    public Problem {
        Objects.requireNonNull(severity);
        Objects.requireNonNull(where);
        Objects.requireNonNull(what);
        Objects.requireNonNull(remedy);
    }

    public static Problem error(String where, String what, String remedy) {
        return new Problem(Severity.ERROR, where, what, remedy);
    }

    public static Problem notice(String where, String what, String remedy) {
        return new Problem(Severity.NOTICE, where, what, remedy);
    }

    /** The same problem in other words. */
    public Problem saying(String words) {
        return new Problem(severity, where, words, remedy);
    }

    public boolean isError() {
        return severity == Severity.ERROR;
    }

    /** Place, fact and remedy in one line. */
    public String text() {
        return (where.isEmpty() ? "" : where + ": ") + what + (remedy.isEmpty() ? "" : " " + remedy);
    }
}

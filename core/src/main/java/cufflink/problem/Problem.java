package cufflink.problem;

import java.util.Objects;
import java.util.Optional;

/**
 * Something a maker can cause and mend, in the maker's words; or, with a {@code fault}, something that the program did
 * not expect.
 *
 * @param severity whether a plan can still be made
 * @param where    the file and line, the measure, the piece or the field; empty if there is no one place
 * @param what     what is wrong, one sentence
 * @param remedy   what to do about it, one sentence; may be empty
 * @param fault    what the program did not expect; absent for whatever a maker can cause
 */
public record Problem(Severity severity, String where, String what, String remedy, Optional<Throwable> fault) {
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
        return new Problem(Severity.ERROR, where, what, remedy, Optional.empty());
    }

    public static Problem notice(String where, String what, String remedy) {
        return new Problem(Severity.NOTICE, where, what, remedy, Optional.empty());
    }

    /** Something that the program did not expect while it worked on {@code where}. */
    public static Problem unforeseen(String where, Throwable fault) {
        return new Problem(Severity.ERROR, where,
                "Cufflink met something that it did not expect and could not work this out: a fault of the program, "
                        + "not yours.",
                "Take the last change back or try another value; what is saved stays as it is.", Optional.of(fault));
    }

    /** The same problem in other words. */
    public Problem saying(String words) {
        return new Problem(severity, where, words, remedy, fault);
    }

    public boolean isError() {
        return severity == Severity.ERROR;
    }

    /** Place, fact and remedy in one line. */
    public String text() {
        return (where.isEmpty() ? "" : where + ": ") + what + (remedy.isEmpty() ? "" : " " + remedy);
    }
}

package cufflink.problem;

import cufflink.words.Code;
import cufflink.words.Message;
import cufflink.words.ProgramWords;
import java.util.Objects;
import java.util.Optional;

/**
 * Something a maker can cause and mend, in the maker's words; or, with a {@code fault}, something that the program did
 * not expect.
 *
 * @param severity whether a plan can still be made
 * @param where    the file and line, the measure, the piece or the field; empty if there is no one place
 * @param message  what is wrong, and what to do about it
 * @param fault    what the program did not expect; absent for whatever a maker can cause
 */
public record Problem(Severity severity, String where, Message message, Optional<Throwable> fault) {
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
        Objects.requireNonNull(message);
    }

    public static Problem error(String where, Message message) {
        return new Problem(Severity.ERROR, where, message, Optional.empty());
    }

    public static Problem notice(String where, Message message) {
        return new Problem(Severity.NOTICE, where, message, Optional.empty());
    }

    /** Something that the program did not expect while it worked on {@code where}. */
    public static Problem unforeseen(String where, Throwable fault) {
        return new Problem(Severity.ERROR, where, ProgramWords.UNFORESEEN.of(), Optional.of(fault));
    }

    /** The same problem told otherwise. */
    public Problem saying(Message other) {
        return new Problem(severity, where, other, fault);
    }

    /** The same problem, found somewhere else. */
    public Problem at(String place) {
        return new Problem(severity, place, message, fault);
    }

    public boolean isError() {
        return severity == Severity.ERROR;
    }

    public Code code() {
        return message.code();
    }

    /** What is wrong, one sentence. */
    public String what() {
        return message.sentence();
    }

    /** What to do about it, one sentence; may be empty. */
    public String remedy() {
        return message.remedy();
    }

    /** Place, fact and remedy in one line. */
    public String text() {
        return (where.isEmpty() ? "" : where + ": ") + what() + (remedy().isEmpty() ? "" : " " + remedy());
    }
}

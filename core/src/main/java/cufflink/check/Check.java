package cufflink.check;

import cufflink.measure.Length;
import cufflink.words.Message;
import java.util.Optional;

/**
 * One judgement.
 *
 * @param id      unique in a plan
 * @param verdict how it came out
 * @param margin  by how much it holds, or fails if negative
 * @param message what was looked at and found, and what to do about it
 * @param change  a change that the maker can accept
 */
public record Check(String id, Verdict verdict, Optional<Length> margin, Message message, Optional<Change> change) {
    /**
     * A change to one measure; without a value, only the measure to look at.
     *
     * @param value as it would be typed
     */
    public record Change(String measure, String label, Optional<String> value) {
    }

    /** What was looked at and found, in the maker's words. */
    public String text() {
        return message.sentence();
    }

    /** What to do about it; empty if nothing. */
    public String remedy() {
        return message.remedy();
    }

    static Check good(String id, Length margin, Message message) {
        return new Check(id, Verdict.GOOD, Optional.of(margin), message, Optional.empty());
    }

    static Check good(String id, Message message) {
        return new Check(id, Verdict.GOOD, Optional.empty(), message, Optional.empty());
    }

    static Check watch(String id, Optional<Length> margin, Message message) {
        return new Check(id, Verdict.WATCH, margin, message, Optional.empty());
    }

    static Check bad(String id, Optional<Length> margin, Message message, Optional<Change> change) {
        return new Check(id, Verdict.BAD, margin, message, change);
    }
}

package cufflink.check;

import cufflink.measure.Length;
import java.util.Optional;

/**
 * One judgement.
 *
 * @param id      unique in a plan
 * @param verdict how it came out
 * @param margin  by how much it holds, or fails if negative
 * @param text    what was looked at and found, in the maker's words
 * @param remedy  what to do about it; empty if nothing
 * @param change  a change that the maker can accept
 */
public record Check(String id, Verdict verdict, Optional<Length> margin, String text, String remedy,
        Optional<Change> change) {
    /**
     * A change to one measure; without a value, only the measure to look at.
     *
     * @param value as it would be typed
     */
    public record Change(String measure, String label, Optional<String> value) {
    }

    static Check good(String id, Length margin, String text) {
        return new Check(id, Verdict.GOOD, Optional.of(margin), text, "", Optional.empty());
    }

    static Check good(String id, String text) {
        return new Check(id, Verdict.GOOD, Optional.empty(), text, "", Optional.empty());
    }

    static Check watch(String id, Optional<Length> margin, String text, String remedy) {
        return new Check(id, Verdict.WATCH, margin, text, remedy, Optional.empty());
    }

    static Check bad(String id, Optional<Length> margin, String text, String remedy, Optional<Change> change) {
        return new Check(id, Verdict.BAD, margin, text, remedy, change);
    }
}

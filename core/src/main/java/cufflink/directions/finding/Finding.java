package cufflink.directions.finding;

import cufflink.directions.Edit;
import cufflink.directions.Span;
import cufflink.words.Message;
import java.util.List;
import java.util.Optional;

/**
 * Something in directions that does not agree with the rest.
 *
 * @param kind       what sort of fault, a word that does not change
 * @param places     the words that it is about, the faulty ones first
 * @param values     the lengths or counts that do not agree, as written or worked out
 * @param suggestion what would be consistent; absent where nothing speaks for one value more than for another
 */
public record Finding(Grade grade, String kind, Message text, List<Span> places, List<String> values,
        Optional<Edit> suggestion) {
    /** How sure it is. */
    public enum Grade {
        CANNOT_BE("cannot be"), UNLIKELY("unlikely"), CHECK("check");

        private final String words;

        Grade(String words) {
            this.words = words;
        }

        /** As shown. */
        public String words() {
            return words;
        }
    }

    public Finding {
        places = List.copyOf(places);
        values = List.copyOf(values);
    }

    /** Without a suggestion. */
    public static Finding of(Grade grade, String kind, Message text, List<Span> places, List<String> values) {
        return new Finding(grade, kind, text, places, values, Optional.empty());
    }

    /** With what to write at a place instead. */
    public Finding suggesting(Span place, String instead) {
        return new Finding(grade, kind, text, places, values, Optional.of(new Edit(place, instead)));
    }
}

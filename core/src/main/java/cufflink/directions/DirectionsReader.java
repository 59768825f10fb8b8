package cufflink.directions;

import cufflink.measure.LengthUnit;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.ReadingWords;
import java.util.List;
import java.util.Optional;

/**
 * Reads typed directions. The same text always has the same answer; one that was read before and has changed in a line
 * has it sooner. For one thread at a time.
 */
public final class DirectionsReader {
    /** So many characters are read: some forty pages. */
    public static final int MOST_CHARACTERS = 30_000;

    private final PhraseReader phrases = new PhraseReader();

    /**
     * What a text says; a problem for one that is too long. Numbers without a unit are in {@code unit} if it is given,
     * otherwise in the unit that the text itself uses.
     */
    public Outcome<Directions> read(String text, Optional<LengthUnit> unit) {
        if (text.length() > MOST_CHARACTERS) {
            return Outcome.failed(Problem.error("", ReadingWords.TEXT_TOO_LONG.of("count", text.length(), "most",
                    MOST_CHARACTERS)));
        }
        List<Phrase> found = phrases.read(PlainText.of(text));
        return Outcome.of(new Interpreter(text, found, UnitRule.of(found, unit)).directions());
    }
}

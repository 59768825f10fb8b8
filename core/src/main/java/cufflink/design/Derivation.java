package cufflink.design;

import cufflink.measure.LengthFormat;
import cufflink.measure.RulerStep;
import cufflink.problem.Ordered;
import cufflink.words.Message;
import cufflink.words.NoteWords;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * How a value came about.
 *
 * @param label    what the value is called
 * @param formula  the expression worked out, if it was not set by hand
 * @param bound    the values of the names in it
 * @param labels   what those names are called
 * @param exact    the value before rounding and limits
 * @param result   the value used
 * @param rounding how it was rounded
 * @param step     the ruler it was rounded to
 * @param note     anything else that changed it, for example a limit
 */
public record Derivation(String label, Optional<Expression> formula, Map<String, Value> bound,
        Map<String, String> labels, Value exact,
        Value result, Rounding rounding, RulerStep step, Message note) {
    public Derivation {
        bound = Ordered.map(bound);
        labels = called(bound, labels);
    }

    /** Only of the names in the formula. */
    private static Map<String, String> called(Map<String, Value> bound, Map<String, String> labels) {
        Map<String, String> named = new LinkedHashMap<>();
        bound.keySet().stream().filter(labels::containsKey).forEach(name -> named.put(name, labels.get(name)));
        return Collections.unmodifiableMap(named);
    }

    /** In words and numbers: {@code score 2 = flap + spine = 1 7/8 + 3/8 = 2 1/4 in}. */
    public String text(LengthFormat format) {
        ExpressionWriter writer = new ExpressionWriter(bound, labels, format);
        StringBuilder text = new StringBuilder(label);
        String exactText = writer.value(exact);
        if (formula.isEmpty()) {
            text.append(" = ").append(exactText);
        } else {
            appendFormula(text, writer, exactText);
        }
        if (!writer.value(result).equals(exactText)) {
            text.append(rounding == Rounding.EXACT || isNoted() ? ""
                    : ", rounded " + rounding.words() + " " + step.label());
            text.append(" = ").append(writer.value(result));
        }
        return text + (isNoted() ? " (" + note + ")" : "");
    }

    private boolean isNoted() {
        return note.code() != NoteWords.NOTHING;
    }

    /** Whether a limit or a groove made it another value than it was to be. */
    public boolean isHeld() {
        return note.code() == NoteWords.AT_LEAST || note.code() == NoteWords.AT_MOST
                || note.code() == NoteWords.ON_A_GROOVE;
    }

    /** The value before rounding and limits. */
    public String exactText(LengthFormat format) {
        return new ExpressionWriter(bound, labels, format).value(exact);
    }

    /** Words, numbers, value; what would only repeat the one before is left out. */
    private void appendFormula(StringBuilder text, ExpressionWriter writer, String exactText) {
        String words = writer.inWords(formula.orElseThrow());
        String numbers = writer.inNumbers(formula.orElseThrow());
        String bare = writer.bare(exact);
        if (!words.equals(bare)) {
            text.append(" = ").append(words);
            if (!numbers.equals(words) && !numbers.equals(bare)) {
                text.append(" = ").append(numbers);
            }
        }
        text.append(" = ").append(exactText);
    }
}

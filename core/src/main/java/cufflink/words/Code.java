package cufflink.words;

/**
 * One thing that can be said. Its sentences have places for arguments in braces: {@code {panel}} for the argument as it
 * is shown, of a long list only the first things; {@code {names.all}} for a whole list; {@code {what.remedy}} for the
 * remedy of a message; {@code {count:panel|panels}} for a number with its noun; {@code {names?is|are}} for the word
 * that goes with one, or with any other number, of what is listed or counted.
 */
public interface Code {
    Sentences sentences();

    /** What is the case; one sentence, or a phrase that another takes in. */
    default String sentence() {
        return sentences().sentence();
    }

    /** What to do about it; may be empty. */
    default String remedy() {
        return sentences().remedy();
    }

    /**
     * It, said of something.
     *
     * @param namesAndValues the name of each argument and the argument, in turn
     */
    default Message of(Object... namesAndValues) {
        return Message.of(this, namesAndValues);
    }
}

package cufflink.words;

/** What is said of typed directions: questions, and why they cannot be read. */
public enum ReadingWords implements Code {
    TEXT_TOO_LONG("The text has {count} characters; {most} are read.", "Paste one set of directions at a time."),
    WHICH_UNIT("No number has a unit. Which is meant?"),
    ALL_ROUND("“{text}”: is that so much in all, or on each side?"),
    IN_ALL("in all"),
    ON_EACH_SIDE("on each side"),
    WHICH_HALF("“{text}”: which way is it halved?"),
    NO_SUCH_SIDE("“{text}”: the {piece} has no such side. Which is meant?"),
    LONGER_SIDE("the longer side"),
    WHICH_SIDE("“{text}”: along which side of the {piece}?"),
    ALONG_SIDE("along the {side} side"),
    SCORE_OF("{piece}: score at {at}"),
    SCORES_OF("{piece}: all scores");

    private final Sentences sentences;

    ReadingWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

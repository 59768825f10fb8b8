package cufflink.words;

/** What, besides its formula, made a value what it is: phrases that another sentence takes in. */
public enum NoteWords implements Code {
    NOTHING(""),
    BY_HAND("set by hand"),
    FITTED("fitted"),
    ON_A_GROOVE("lands on a groove"),
    AT_MOST("may be {limit} at most"),
    AT_LEAST("must be {limit} at least"),
    FALLS_ON_LAYER("where the crease falls on the layer folded over it"),
    BY_ITS_PANEL("counted from the edge of the {panel}"),
    /** A note as a sentence of its own. */
    IT("It {note}."),
    SQUARE("The design is square.");

    private final Sentences sentences;

    NoteWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

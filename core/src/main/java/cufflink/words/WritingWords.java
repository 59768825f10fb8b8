package cufflink.words;

/** Directions as they are written: lines that say what is cut and where it is scored. */
public enum WritingWords implements Code {
    CLOSED("Closed size: {size}"),
    CUT("Cut:"),
    PIECE("{name}: {size}, {count:piece|pieces}, from “{paper}”"),
    AND_MORE("{name} and {count} more alike"),
    SCORE("Score:"),
    SCORES("{name}: {scores}"),
    FROM_EDGE("from the {edge} edge at {positions}"),
    ONLY_FROM("only from {from} to {to}"),
    MARK_TO_MARK("from {first} on the {edge} edge to {second} on the {other} edge ({fold})");

    private final Sentences sentences;

    WritingWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

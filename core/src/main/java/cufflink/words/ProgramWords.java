package cufflink.words;

/** What the program says of itself. */
public enum ProgramWords implements Code {
    UNFORESEEN("Cufflink met something that it did not expect and could not work this out: a fault of the "
            + "program, not yours.",
            "Take the last change back or try another value; what is saved stays as it is.");

    private final Sentences sentences;

    ProgramWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

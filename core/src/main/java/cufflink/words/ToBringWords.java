package cufflink.words;

/** What participants of a class bring. */
public enum ToBringWords implements Code {
    SCORING("A scoring board, or a metal rule and a scoring tool"),
    KNIFE("A craft knife, a metal rule with a lip and a cutting mat; or punches"), FOLDER("A bone folder"),
    GLUE("Liquid glue or tape runner"), SCISSORS("Scissors"), PADS("Foam pads");

    private final Sentences sentences;

    ToBringWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

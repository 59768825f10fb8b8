package cufflink.words;

/** Why what is typed is not a length, a size or what goes into a card. */
public enum LengthWords implements Code {
    TOO_LONG("That text is too long for a length."),
    NOTHING("Nothing is written here. Type a length such as 3 7/8 in or 98 mm."),
    NO_NUMBER("“{text}” does not start with a number. Type a length such as 3 7/8 in or 98 mm."),
    NO_UNIT("“{unit}” was not understood after {number}. Use in, \", mm or cm."),
    NOUGHT_BELOW("A fraction cannot have 0 below the line."),
    NO_PAPER_SO_LONG("That is longer than 100 m; no paper is."),
    NO_SIZE("“{text}” is not a size: write it as 4 1/4 x 5 1/2."),
    SIZE_OF_NOTHING("A size must be more than 0 each way."),
    NO_CONTENTS("“{text}” is not known. Name one of {known.all}, or type its size as 4 1/4 x 5 1/2 in.");

    private final Sentences sentences;

    LengthWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

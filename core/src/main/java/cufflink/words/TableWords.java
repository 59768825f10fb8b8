package cufflink.words;

/** What is said of tables of comma-separated values, and of their cells. */
public enum TableWords implements Code {
    TOO_LARGE("The file is larger than {most} MB.", "Divide it."),
    NOT_UTF8("The file is not in UTF-8.", "Save it as CSV UTF-8."),
    UNREADABLE("The file cannot be read: {reason}."),
    QUOTES("The table cannot be read: its quotation marks do not match.",
            "Look for one that is not closed, or for text behind a closed one."),
    TOO_MANY_LINES("The table has more than {most} lines.", "Divide it."),
    NO_COLUMNS("The heading has no {missing}.", "Begin the file with a line such as {example}."),
    NO_PIECE("The table lists no piece."),
    TOO_MANY_PIECES("That is {pieces} pieces in all; at most {most} are laid out at a time.",
            "Lay out fewer copies, and repeat the plan."),
    NO_STOCK("There is no stock of “{material}”.", "Write the material in both files in the same way."),
    CELL_EMPTY("{column} is empty."),
    CELL_TOO_LONG("{column} is longer than {most} letters."),
    CELL_UNREADABLE("{column} cannot be read: {reason}"),
    MORE_THAN_NOTHING("{column} must be more than 0."),
    NOT_WHOLE("{column} “{text}” is not a whole number from {low} to {high}."),
    NOT_A_NUMBER("{column} “{text}” is not a number."),
    NEITHER_YES_NOR_NO("{column} “{text}” is neither yes nor no."),
    ID_TWICE("{column} “{text}” stands in the table twice."),
    NO_KIND("{column} “{text}” is not known: use paper, offcut, ribbon, envelope or punch."),
    WEIGHT_BETWEEN("{column} must be more than 0 and less than {most}; leave it empty if you do not know it."),
    NO_COLOUR("{column} “{text}” is not a colour such as #2B3454."),
    NO_OUTLINE("{column}: {why}"),
    NO_DIE("{column}: no {shape} has these sides, scallops and path.",
            "A circle is as high as it is wide; only scalloped edges have scallops; only a traced shape has a path."),
    NOT_ONE_OF("{column} “{text}” is not one of {expected.all}.");

    private final Sentences sentences;

    TableWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

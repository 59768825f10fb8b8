package cufflink.words;

/**
 * What is said of a size that was sought: what keeps it from being larger or smaller, and what would help. Phrases in
 * small letters stand inside others.
 */
public enum FitWords implements Code {
    NO_FINISHED_SIZE("This design has no finished size of its own: it follows what it holds.",
            "Say what that is, or set its measures by hand."),
    HOLDS_NOTHING("This design has no pocket that is free: it holds nothing.",
            "Choose a holder, or fit it to a size."),
    LARGEST_CLOSING("The largest {measure} on the ruler that closes within {side}.",
            "A finer ruler would come nearer."),
    NOTHING_LEFT_FOR_SHEET("Width and height are set by hand: nothing is left to be fitted to the sheet."),
    NOTHING_LEFT_FOR_ENVELOPE("Width and height are set by hand: nothing is left to be fitted to the envelope."),
    NO_SIZE_FOR_ENVELOPE("No size of this design was found that goes into the {envelope} envelope ({size}).",
            "{remedy}"),
    LARGER_ENVELOPE("Choose a larger envelope."),
    ENVELOPE_WITH_EASE("The {envelope} envelope is {size}; less {ease} of ease each way, the closed card may be "
            + "{room}.",
            "A larger envelope or less ease would lift it."),
    ENVELOPE_WITH_THICKNESS(
            "The {envelope} envelope is {size}; less {ease} for its thickness each way, the closed card "
                    + "may be {room}.",
            "A larger envelope or fewer layers would lift it."),
    HOLDS_NOT("No size of this design holds the {item}.",
            "Choose another holder for it."),
    HOLDS_NOT_AS_SET("No size of this design holds the {item} as its measures are set.",
            "{remedy}"),
    SNUG("Held snugly: the pocket is {spare} wider than the {item}.",
            "A smaller {item} would allow a smaller card."),
    SNUG_AND_THICK("Held snugly: the pocket is {spare} wider than the {item}, its thickness counted in.",
            "A smaller {item} would allow a smaller card."),
    SMALLEST("The smallest that keeps every rule of the design with the {item}, {size}.",
            "A smaller {item} would allow a smaller card."),
    IN_THE_WAY("{settings}, set by hand, is in the way."),
    FARTHEST("The program looks for no side longer than {farthest} or twice the sheet's."),
    BREAKS("{larger}: {rule}"),
    NEXT_SIZE("The next size up"),
    WIDER("Wider by {step}"),
    HIGHER("Higher by {step}"),
    NEXT_NEEDS("The next size up needs {pieces}"),
    WIDER_NEEDS("Wider by {step}, it would need {pieces}"),
    HIGHER_NEEDS("Higher by {step}, it would need {pieces}"),
    WIDER_TOO("wider by {step}, {pieces}"),
    HIGHER_TOO("higher by {step}, {pieces}"),
    NOT_GIVEN("{needs}. {sheets} ({size}) does not give that."),
    NOT_FOUND("{needs}. {sheets} ({size}) was not found to give that; it is not proved that it cannot."),
    ONE_PIECE("a piece of {size}"),
    PIECES("{count} pieces, the largest {size}"),
    LIMITED("“{measure}” {note}."),
    LIMITED_BY_HAND("“{measure}”, which is set by hand, {note}."),
    EVEN_THE_SMALLEST("Even {least} needs {pieces}; {sheets} ({size}) does not give that.",
            "{remedy}"),
    LARGER_SHEET("Take a larger sheet, or more of them."),
    /** Only a remedy. */
    WOULD_HELP("", "{what}"),
    SHEET_WOULD("A larger sheet would lift it."),
    SHEETS_WOULD("More sheets would lift it."),
    EITHER_WOULD("A larger sheet or more sheets would lift it."),
    LESS_WOULD("Less for {measures} would lift it."),
    LESS_WOULD_TOO("Less for {measures} would, too.");

    private final Sentences sentences;

    FitWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

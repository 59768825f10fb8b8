package cufflink.words;

/** Why something in directions cannot be, is unlikely, or should be looked at. */
public enum FindingWords implements Code {
    TWO_SIZES("The {piece} is {first} in one place and {second} in another.", "Measure what it goes on or into."),
    OTHER_COUNT("{cut} × {name} cut, {said} used.", "Count them before cutting."),
    PAST_PIECE("The {piece} is {side} along that side: a score at {at} lies past it."),
    WRONG_SIDE("The {piece} is only {side} along that side: {at} lie past it, but fit its {other} side."),
    OUT_OF_ORDER("On the {piece} {at} comes after {before}: scores are told in order from one edge."),
    SCORE_TWICE("On the {piece} {at} follows {before}: one line is told twice."),
    NOT_HALF("{said} is not half of {whole}: that is {half}."),
    PANELS_DO_NOT_ADD_UP("The panels of the {piece} add up to {sum}, but it is {side}."),
    OTHER_PANELS("The scores of the {piece} make panels of {panels}."),
    TWO_UNITS_DIFFER("{one} is {right}, not {other}."),
    LARGER_THAN_SHEET("The {piece}, {size}, is larger than the sheet that it is cut from, {sheet}."),
    NOT_FROM_SHEETS("These pieces do not come out of {count:sheet|sheets} of {sheet}: {needed} are needed."),
    NOT_FROM_SHEETS_LIKELY(
            "No way was found to get these pieces out of {count:sheet|sheets} of {sheet}; that there is none is not proved."),
    NOT_SMALLER("The {piece}, {size}, is not smaller than the {on} that it lies on, {under}."),
    NO_PANEL("The {piece}, {size}, fits no panel of the {on}: they are {panels}."),
    UNEQUAL_BORDERS(
            "On the {on} the {piece} leaves {one} in one direction and {other} in the other: its borders differ."),
    OTHER_BORDER("With {border} showing on each side of a panel of {panel} the {piece} is {value} {what}, not {said}."),
    INSERT_TOO_LARGE("The {piece}, {size}, does not go into the {on}, {under}."),
    BREAKS_PATTERN("The others are {by} smaller than what they lie on, the {piece} is not."),
    OTHER_IN_DESIGN("The {piece} is {said} {what}; with the other numbers of “{design}” it is {value}."),
    SCORE_OTHER_IN_DESIGN("The {piece} is scored at {said}; with the other numbers of “{design}” it is {value}."),
    NOT_SCORED("“{design}” has a further score on the {piece}, at {value}; the text leaves it out."),
    NOT_IN_DESIGN("The {piece} is scored at {value}; “{design}” has no score there."),
    OTHER_CLOSED("Closed it is said to be {said}; with these numbers a “{design}” closes to {size}."),
    NO_SUCH_DESIGN("“{design}” cannot be made so: {why}");

    private final Sentences sentences;

    FindingWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

package cufflink.words;

/** What is said of jobs and the stash. */
public enum SupplyWords implements Code {
    EMPTY("The job is empty.",
            "Add a project to it."),
    KIT_AT_FAULT("{problem}",
            "Open the project and mend it, or take it out of the job."),
    FIT_ON_NO_SHEET("{pieces:piece fits|pieces fit} on no sheet. Take larger paper, or make the card smaller."),
    BUY_LEAST("Buy {sheets}: {least} is the least possible."),
    BUY_OPEN("Buy {sheets}: at least {least}."),
    STASH_GIVES("The stash gives {sheets} besides."),
    ALL_FROM_OFFCUTS("The stash has it all: {sheets}, and no whole sheet."),
    ALL_FROM_STASH_LEAST("The stash has it all: {sheets}; {least} is the least possible."),
    ALL_FROM_STASH_OPEN("The stash has it all: {sheets}; at least {least}."),
    STRANDS_THERE("{material}, {width} wide: {cuts}, in all {total}; from {reels}."),
    STRANDS_LACK("{material}, {width} wide: {cuts}, in all {total}; buy {lacks}."),
    STRANDS_LACK_SOME("{material}, {width} wide: {cuts}, in all {total}; from {reels}, and buy {lacks}."),
    TOO_MANY_PIECES("That is {pieces} pieces; at most {most} are laid out at a time.",
            "Make the job in two halves."),
    TOO_SMALL_A_PIECE("Nothing of this design comes out of so small a piece."),
    LINE_TOO_LONG("The line is too long."),
    NONE_TO_ADD("None at all is nothing to add."),
    PAPER_THEN_SIZE("Type the paper, then its size: {example}"),
    NO_SUCH_PAPER("No paper in the stash begins with “{name}”."),
    GONE("“{item}” is no longer there, so this cannot be taken back.",
            "Take back in the stash what was done there first, or count it by hand."),
    CHANGED("“{item}” was changed since, so this cannot be taken back.",
            "Take back in the stash what was done there first, or count it by hand."),
    THERE_AGAIN("“{item}” is there again, so this cannot be taken back.",
            "Take back in the stash what was done there first, or count it by hand."),
    USED("“{item}” was used since, so this cannot be taken back.",
            "Take back in the stash what was done there first, or count it by hand.");

    private final Sentences sentences;

    SupplyWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

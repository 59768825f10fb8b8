package cufflink.words;

/** What is said of jobs that are packed as kits. */
public enum PackingWords implements Code {
    NO_KITS("There is no kit to pack.", "Pack at least one."),
    NAMES_AND_KITS("The list has {names:name|names}, and {kits:kit is|kits are} to be packed.",
            "Pack as many kits as there are names."),
    NOT_SHARED("{copies} × {project} cannot be shared evenly among {kits:kit|kits}.",
            "Make a number of it that can be divided by the kits."),
    LABEL_TOO_SMALL("A label of {size} has no room.", "Take fewer rows or columns, or smaller margins."),
    NO_NAMES("“{file}” has no column “name”, or no names in it.", "Begin it with a line that says name."),
    COSTS("{total} in all: {kit} a kit, {card} a card, whole sheets counted."),
    COSTS_KNOWN("{total} in all: {kit} a kit, {card} a card, whole sheets counted; without a price: {unknown}."),
    NOT_TIMED("The notebook has no times of these designs.",
            "Let the table view run while you make one, and put it into the notebook."),
    EVENINGS("{minutes} minutes with drying, by your own times: {evenings:evening|evenings} of {evening} minutes."),
    BEGIN_BY("Begin by {day} to be ready on {ready}."),
    ONE_KIT("Kit {kit}"),
    SOME_KITS("Kits {from} to {to}"),
    OTHER_PAPER("{kits}: {uses} in place of {own}."),
    TO_BUY("{kits}: {uses} is to be bought.");

    private final Sentences sentences;

    PackingWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

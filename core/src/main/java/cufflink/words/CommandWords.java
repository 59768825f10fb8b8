package cufflink.words;

/** What is said of the options and arguments of a command. */
public enum CommandWords implements Code {
    NO_UNIT("“{text}” is not a unit.", "Use in or mm."),
    NOTHING_SHORT("Nothing is short."),
    NOTHING_READ("No piece with a size was found in it.", "Directions name what is cut, with its width and height."),
    KEPT_AS_PIECES("No design of the shelf has these pieces. They are kept as a design file of their own, {file}.",
            "The commands plan, check and export take it."),
    STATION_OR_KIT("“{text}” is neither station nor kit."),
    ROWS_AND_COLUMNS("“{text}” is not rows and columns.", "Write it as 8x3."),
    TWO_DISTANCES("“{text}” is not two distances.", "Write it as 5mm x 12mm."),
    NO_CODE("The labels are too small for a code that can be read; they have none."),
    NO_DAY("“{text}” is not a day.", "Write it as 2026-12-12."),
    MINUTES("An evening has at least 1 minute, and glue dries in 0 or more."),
    NO_DIES("There is no such die or punch in the stash."),
    NOT_LESS_THAN_NOTHING("“{text}” is less than nothing.", "Type 0 or more."),
    WIDTH_AND_HEIGHT("“{text}” is not a width and a height of more than 0.", "Write it as 2 x 3in."),
    NO_STEP("“{text}” is not a ruler step.", "Use 1/8in, 1/16in, 1/32in, 1mm or 0.5mm."),
    STEP_OF_OTHER_UNIT("The step {step} is not in {unit}.", "Leave out --unit, or choose a step in it."),
    USE_WITHOUT_SHEET("This says what becomes of a sheet, and no sheet is given.", "Add --sheet, or leave out --use."),
    ONE_WISH("Only one of these can be fitted at a time.", "Keep one; set the others' measures with --set."),
    NO_WIDTH_AND_HEIGHT("“{text}” is not a width and a height of more than 0."),
    NO_SUCH_SIZE("“{text}” is not known.", "Known are {known.all}."),
    NO_SUCH_SHEET("“{text}” is not known.", "Known are {known.all}, or type a size such as 9x12in."),
    NO_USE("“{text}” is not a use of a sheet.",
            "Use whole, shape, or how many cards are to come out of one sheet, 1 to {most}."),
    CARDS_FROM_COUNTED_SHEETS("So many cards from one sheet take as many sheets as the copies need.",
            "Leave out the number of sheets."),
    NO_PART("“{text}” does not say NAME=DESIGN@PLACE.",
            "A place is PIECE.PANEL, with :inside or :outside after it, pocket:NAME, or around."),
    NO_SETTING("“{text}” does not say measure=value."),
    BORDER_OF_NOTHING("A border must be more than 0."),
    GROOVES_OF_NOTHING("Grooves must be more than 0 apart."),
    NOT_WHOLE("“{text}” is not a whole number from {low} to {high}."),
    NOT_A_NUMBER("“{text}” is not a number from {low} to {high}."),
    NO_SCORING("“{text}” is not a way of scoring.", "Use one or own."),
    BLADE_OF_NOTHING("“{text}” is not a length of more than 0."),
    OPTIONS_OF_A_DESIGN("{options} cannot be given for a project: it has its measures and parts.",
            "Leave them out, or name a design instead of the project."),
    NO_PAGE("“{text}” is not a page.", "Use A4 or Letter."),
    NO_COPIES("“{text}” is not a number of copies from 1 to {most}."),
    NO_ALTERNATIVE("“{text}” does not say PAPER=OTHER.");

    private final Sentences sentences;

    CommandWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

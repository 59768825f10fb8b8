package cufflink.words;

/** What is said of the notebook. */
public enum NotebookWords implements Code {
    ADDED("Make {id} is in the notebook: {name}."),
    REMOVED("Make {id}, {name}, is taken out of the notebook.", "“notebook bring-back {id}” brings it back."),
    BACK("Make {id}, {name}, is in the notebook again."),
    NO_MAKE("There is no make {id} in the notebook.", "“notebook list” shows them."),
    NOTHING_FOUND("Nothing in the notebook has all of these words: {words}."),
    EMPTY("The notebook is empty.", "“notebook add” puts the first make into it."),
    ENTRY_LEFT_OUT("Make {id} cannot be read: {reason}.", "It is not shown, and lies in the file as it was."),
    EXPORTED("{count:make is|makes are} written to {folder}."),
    IMPORTED("{count:make is|makes are} new in the notebook; it had {known} already."),
    FOLDER_NOT_EMPTY("{folder} is there already and not empty.", "Choose another folder."),
    NO_STEP("There is no step {step} in the run sheet; it has {count}."),
    STEP_AND_TEXT("“{text}” is not a step's number and what went wrong there.", "Write it as 7=the score cracked."),
    PHASE_AND_MINUTES("“{text}” is not a phase and how many minutes it took.", "Write it as cut=12; phases: {phases}."),
    AS_PLANNED("{what}: {measured}, as planned."),
    LESS("{what}: {measured}, {by} less than the {planned} that were planned; trimming and scoring usually give that."),
    MORE("{what}: {measured}, {by} more than the {planned} that were planned; trimming and scoring usually give that."),
    LESS_THAN_USUAL(
            "{what}: {measured}, {by} less than the {planned} that were planned: more than trimming and scoring "
                    + "usually give."),
    MORE_THAN_USUAL(
            "{what}: {measured}, {by} more than the {planned} that were planned: more than trimming and scoring "
                    + "usually give."),
    CUT_SHORT(
            "All sides are {by} short, as if every piece were cut so much short: move the trimmer's stop out by it."),
    CUT_LONG("All sides are {by} long, as if every piece were cut so much long: move the trimmer's stop in by it."),
    PRINTED_AT(
            "All sides are {percent} % of what was planned, as from templates that were printed at that size: print "
                    + "them at 100 % and measure the gauge."),
    CALIPER("It is {share} times as thick as planned, as if every paper were so much thicker than its weight suggests: "
            + "measure ten sheets, divide by ten, and set the caliper in the stash."),
    MEASURED_AS("“{text}” is not what was measured.",
            "Write it as width=4 3/16, height=…, thickness=2.1mm or a measure's name."),
    NOT_TO_MEASURE("The plan has no “{what}” to measure against.",
            "Take width, height, thickness or a measure of the design."),
    TWICE("“{what}” is told twice.", "Say it once."),
    TIED_TO_NOTHING("The plan has no “{what}” to tie a correction to.",
            "Name a measure, “step 7”, “part …”, “paper …” or “border”."),
    NO_PART("The plan has no part {part}; its parts: {parts}."),
    NO_SUCH_PAPER("There is no paper “{paper}” in the stash."),
    NEXT_AS("“{text}” is not what is to be different and why.",
            "Write it as “width -1/8 in: it stuck in the envelope”."),
    DECIDED("{text}: {standing}."),
    NO_CORRECTION("There is no correction {key} in the notebook.", "“notebook next” shows them."),
    OTHER_DESIGN("That was learned of another design, {design}."),
    CHECKS_SAME("{count:other check stays|other checks stay} as {count?it is|they are}."),
    NOTHING_ELSE("No check changes."),
    OWN_DEFAULT("Begun with your own: {text}."),
    NO_CORRECTIONS("Nothing is to be different next time."),
    NO_TARGET("“{text}” is nothing that a correction can be tied to."),
    NO_MEASURE("The design has no measure {label} any more.", "Keep it as a reminder, or drop it."),
    NOT_A_LENGTH("{label} is no length that can be more or less.", "Keep it as a reminder, or drop it."),
    BELOW_NOTHING("{label} would be less than nothing if it were {change} less.", "Set it by hand."),
    NO_BORDER_LEFT("No border would be left if it were {by} less.", "Keep it as a reminder, or drop it."),
    NOT_ADDED("{label} is no part that was added to this project.", "Keep it as a reminder, or drop it."),
    NO_PAPER_FOR("This project has no paper for {role}.", "Keep it as a reminder, or drop it."),
    NO_PICTURE("“{file}” is no picture that can be read.", "Take a PNG or JPEG file."),
    PICTURE_TOO_LARGE("“{file}” is larger than {most}.", "Save it smaller."),
    PICTURE_GONE("The picture {file} of make {id} is missing beside the database.");

    private final Sentences sentences;

    NotebookWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

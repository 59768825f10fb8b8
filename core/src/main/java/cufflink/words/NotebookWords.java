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
            "Both sides are {by} short, as if every piece were cut so much short: move the trimmer's stop out by it."),
    CUT_LONG("Both sides are {by} long, as if every piece were cut so much long: move the trimmer's stop in by it."),
    PRINTED_AT(
            "Both sides are {percent} % of what was planned, as from templates that were printed at that size: print "
                    + "them at 100 % and measure the gauge."),
    CALIPER("It is {share} times as thick as planned, as if every paper were so much thicker than its weight suggests: "
            + "measure ten sheets, divide by ten, and set the caliper in the stash."),
    MEASURED_AS("“{text}” is not what was measured.", "Write it as width=4 3/16, height=… or thickness=2.1mm."),
    NOT_TO_MEASURE("The plan has no {what} to measure against."),
    TWICE("“{what}” is told twice.", "Say it once."),
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

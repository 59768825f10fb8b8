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

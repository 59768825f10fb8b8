package cufflink.words;

/** What is said of entries of the stash in its database; the reasons are phrases that another sentence takes in. */
public enum StashFileWords implements Code {
    NO_IMAGE("“{file}” is no image that can be read.", "Take a PNG or JPEG file."),
    IMAGE_TOO_LARGE("“{file}” has more than 100 million pixels.", "Save it smaller."),
    ENTRY_STOPS("An entry of the stash cannot be read: {reason}. Nothing was changed."),
    CHANGED_ELSEWHERE("“{item}” is no longer as it was shown: the stash was changed elsewhere. Nothing was changed; "
            + "look again."),
    HISTORY_UNREADABLE("What this change did cannot be read from the stash's history, so it cannot be taken back or "
            + "done again. Nothing was changed."),
    ENTRY_LEFT_OUT("This entry cannot be read: {reason}.", "It is not shown, and lies in the file as it was."),
    CELL_EMPTY("{column} is empty where {expected} was expected"),
    CELL_WRONG("{column} is “{found}” where {expected} was expected");

    private final Sentences sentences;

    StashFileWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

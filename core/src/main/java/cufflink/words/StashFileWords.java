package cufflink.words;

/** What is said of the stash's database; the reasons are phrases that another sentence takes in. */
public enum StashFileWords implements Code {
    NO_IMAGE("“{file}” is no image that can be read.", "Take a PNG or JPEG file."),
    IMAGE_TOO_LARGE("“{file}” has more than 100 million pixels.", "Save it smaller."),
    NEWER("The stash was kept by a newer Cufflink (version {version} of its file; this one knows {newest}). It was "
            + "not touched; use the newer one."),
    NO_VERSION("The stash is damaged: the version of its file cannot be read. It was not touched; look for an older "
            + "copy."),
    NO_COPY("The stash is to be brought to a newer version, and no copy of it can be kept before: {reason}. It was not "
            + "touched."),
    CANNOT_OPEN("The stash in {file} cannot be opened: {reason}. The file was not changed."),
    ENTRY_STOPS("An entry of the stash cannot be read: {reason}. Nothing was changed."),
    READ_OR_WRITTEN("The stash could not be read or written: {reason}. Nothing was changed."),
    CANNOT_CLOSE("The stash could not be closed: {reason}."),
    CHANGED_ELSEWHERE("“{item}” is no longer as it was shown: the stash was changed elsewhere. Nothing was changed; "
            + "look again."),
    HISTORY_UNREADABLE("What this change did cannot be read from the stash's history, so it cannot be taken back or "
            + "done again. Nothing was changed."),
    ENTRY_LEFT_OUT("This entry cannot be read: {reason}.", "It is not shown, and lies in the file as it was."),
    CELL_EMPTY("{column} is empty where {expected} was expected"),
    CELL_WRONG("{column} is “{found}” where {expected} was expected"),
    NO_STASH("it does not answer as a stash does"),
    IN_USE("another program is using it"),
    NOT_A_DATABASE("it is not a stash, or it is damaged"),
    DAMAGED("it is damaged"),
    CANNOT_BE_OPENED("it cannot be opened there"),
    DISK_FAILED("the disk failed"),
    DOES_NOT_FIT("a value does not fit"),
    PART_MISSING("a part of it is missing or damaged");

    private final Sentences sentences;

    StashFileWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

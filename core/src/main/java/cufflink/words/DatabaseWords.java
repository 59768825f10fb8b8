package cufflink.words;

/** What is said of the database of stash and notebook; the reasons are phrases that another sentence takes in. */
public enum DatabaseWords implements Code {
    NEWER("Stash and notebook were kept by a newer Cufflink (version {version} of their file; this one knows "
            + "{newest}). They were not touched; use the newer one."),
    NO_VERSION("The database of stash and notebook is damaged: the version of its file cannot be read. It was not "
            + "touched; look for an older copy."),
    NO_COPY("Stash and notebook are to be brought to a newer version, and no copy of them can be kept before: "
            + "{reason}. They were not touched."),
    CANNOT_OPEN("Stash and notebook in {file} cannot be opened: {reason}. The file was not changed."),
    READ_OR_WRITTEN("Stash or notebook could not be read or written: {reason}. Nothing was changed."),
    CANNOT_CLOSE("Stash or notebook could not be closed: {reason}."),
    IN_USE("another program is using it"),
    NOT_A_DATABASE("it is not Cufflink's, or it is damaged"),
    DAMAGED("it is damaged"),
    CANNOT_BE_OPENED("it cannot be opened there"),
    DISK_FAILED("the disk failed"),
    DOES_NOT_FIT("a value does not fit"),
    PART_MISSING("a part of it is missing or damaged"),
    NO_ANSWER("it does not answer as it should");

    private final Sentences sentences;

    DatabaseWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

package cufflink.words;

/** What is said of backups of all that a maker has. */
public enum BackupWords implements Code {
    WRITTEN("{count:file is|files are} kept in {file}."),
    RESTORED("{count:file is|files are} back in {folder}.",
            "What was there before lies in {kept}."),
    RESTORED_ALONE("{count:file is|files are} back in {folder}."),
    NOTHING("There is nothing in {folder} to keep."),
    IN_THE_WAY("{file} is there already.", "Choose another name, or move that file away."),
    NO_SUCH_FILE("There is no file {file}."),
    NOT_A_BACKUP("{file} is no backup of Cufflink: {reason}.",
            "Nothing was changed. Choose a file that “backup” has written."),
    NOT_AN_ARCHIVE("it is not a ZIP file, or it is damaged"),
    NO_LIST("its list of contents is missing"),
    NEWER("it was written by a newer Cufflink"),
    MISSING("“{name}” is missing in it or damaged"),
    STRANGE_NAME("“{name}” does not belong into a backup"),
    TOO_LARGE("it holds more than {most} of data"),
    WINDOW_OPEN("Cufflink is open on {folder}.", "Close its window, then restore.");

    private final Sentences sentences;

    BackupWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

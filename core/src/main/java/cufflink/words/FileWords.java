package cufflink.words;

/** What is said of files as such, whatever they hold; the reasons are phrases that another sentence takes in. */
public enum FileWords implements Code {
    TOO_LARGE("This file is too large for a {kind}."),
    NOT_TEXT("This is not a text file.", "A {kind} is a {format} file."),
    UNREADABLE("This file cannot be read: {reason}.", "Look whether it lies there and whether you may read it."),
    FOLDER_UNREADABLE("This folder cannot be read: {reason}."),
    CANNOT_WRITE_THERE("This cannot be written there: {reason}.", "Choose another place."),
    NO_SUCH_FILE("There is no such file."),
    READ_OR_WRITTEN("A file could not be read or written: {reason}."),
    NOT_THERE("it is not there"),
    FORBIDDEN("the permissions forbid it"),
    FOLDER_NEEDED("a file stands where a folder is needed"),
    ROUND_IN_A_CIRCLE("links lead round in a circle"),
    NOT_UTF8("it is not a text in UTF-8"),
    A_FOLDER("this is a folder"),
    DISK_FULL("the disk is full"),
    READ_ONLY("the disk can only be read"),
    NAME_TOO_LONG("the name is too long"),
    NO_REASON("the disk gave no reason"),
    NO_PATH("This is not the data of an SVG path: it goes wrong at character {column}.",
            "Copy what stands between the quotation marks of d=\"…\", all of it."),
    NO_SVG("This is not an SVG drawing: it goes wrong in line {line}.", "Save it as plain SVG once more."),
    NO_PATH_IN_FILE("This drawing has no path in it.", "Turn its shapes into paths in the drawing program first."),
    PATH_TOO_LONG("The path is longer than {most} characters.", "Simplify it."),
    PATH_TOO_FINE("The path has more than {most} corners.", "Simplify it."),
    PATH_IN_PIECES("The path encloses {count} pieces that hang together nowhere; an ornament is one piece.",
            "Join them, or take a drawing of one of them."),
    PATH_ENCLOSES_NOTHING("The path encloses no area.", "Close the outline.");

    private final Sentences sentences;

    FileWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

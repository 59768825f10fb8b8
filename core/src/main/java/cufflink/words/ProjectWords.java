package cufflink.words;

/** What is said of the files that Cufflink itself wrote: projects and jobs. */
public enum ProjectWords implements Code {
    FIELD_TWICE("A field stands here twice.", "Keep one of the two."),
    AFTER_THE_END("Something stands here after the end of the {kind}.",
            "Delete it, or look for an older copy of the file."),
    DAMAGED("This is not a {kind}: the JSON breaks off or is damaged here.", "Look for an older copy of the file."),
    NOT_OURS("This is not a Cufflink {kind}.", "Choose a file that Cufflink saved."),
    NEWER("A newer Cufflink wrote this {kind}.", "Open it with that version."),
    OBJECT_EXPECTED("An object with fields was expected here."),
    LIST_EXPECTED("A list was expected here."),
    TEXT_EXPECTED("A text was expected here."),
    NOT_BLANK("A text of one letter or more was expected here."),
    STRAND_TWICE("There is more than one entry for {material} of this width."),
    NO_CUTS("At least one length that is cut was expected here."),
    TEXTS_EXPECTED("A list of texts was expected here."),
    TRUE_OR_FALSE("true or false was expected here."),
    WHOLE_BETWEEN("A whole number from {low} to {high} was expected here."),
    WHOLE_FROM("A whole number of {low} or more was expected here."),
    NUMBER_BETWEEN("A number between {low} and {high} was expected here."),
    MORE_THAN_NOTHING("A length of more than 0 was expected here."),
    NOT_LESS_THAN_NOTHING("A length of 0 or more was expected here."),
    NOT_ONE_OF("“{text}” is not known; expected one of {expected.all}."),
    NO_RULER("This ruler step is not known; expected {expected.all}."),
    NO_PAPER_FOR("The project has no paper for “{role}”; {paper} is taken.", "Choose one under Paper."),
    NO_WISH("“{text}” is not known; expected finished size, envelope, sheet, contents or design."),
    NO_USE("“{text}” is not known; expected whole, shape or how many cards."),
    NO_ENVELOPE("This envelope is not known; known are {known.all}."),
    PANEL_EXPECTED("“{text}” must name a panel as piece.panel."),
    NO_ORNAMENT_ID(
            "“{name}” is no name of its own for an ornament: letters, digits and hyphens, a letter first, and each "
                    + "only once."),
    TOO_MANY_ORNAMENTS("More than {most} ornaments are too many."),
    NO_PAPER("A project needs at least one paper."),
    NO_PICTURE("This is no picture of a paper: an image in Base64, of 300 kB and 512 pixels each "
            + "way at most, and more than 0 wide and high."),
    COLOUR("A colour is written #RRGGBB.");

    private final Sentences sentences;

    ProjectWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

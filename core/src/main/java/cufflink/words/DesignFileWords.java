package cufflink.words;

/** What is said of a design file's text: what stands where, before anything is worked out. */
public enum DesignFileWords implements Code {
    TOO_LONG("This file is too long for a design: {length} characters.", "At most {most} are read."),
    EMPTY("This file is empty."),
    SECOND_DOCUMENT("A second document begins here.", "Keep one design in a file."),
    NOT_YAML("This is not YAML: {reason}.", "Look at the indentation and the quotes here."),
    TOO_DEEP("nested more than {most} deep"),
    ALIASES("Anchors and aliases (& and *) are not used in design files.", "Write the text out."),
    KEY_TWICE("“{key}” stands here twice.", "Keep one."),
    NO_SUCH_DESIGN("There is no such design.", "The designs are {designs.all}."),
    NO_PANEL("There is no panel “{panel}”.", "Name a panel of one of the pieces."),
    NO_CREASE("There is no crease “{crease}”.", "Name a score of one of the pieces."),
    NO_CREASE_OR_PANEL("There is no crease and no panel “{at}”.", "Name a score or a panel of one of the pieces."),
    CREASE_OR_PANEL_EXPECTED("“{text}” must name a crease or a panel, such as base.spine."),
    SOFT_WITHOUT_LENGTH("A soft piece needs way: with two points or more, around, or length."),
    TIED_AT_ONE_EDGE("A tied joint needs at: [x, y], and edges: with the one edge that is held."),
    SPINE_ON_A_SLANT("Only an upright or level score has a width: a spine between two lines."),
    BENT_ALONE("A score that is bent has no width and is not pinched."),
    FIELDS_EXPECTED("{what} must be written as fields, such as {id: ..., ...}."),
    NO_ID("“{text}” must be letters, figures and hyphens."),
    MISSING("“{field}” is missing here."),
    TEXT_EXPECTED("A single text was expected here."),
    FORMULA_AT_FAULT("In “{text}”: {reason}."),
    YES_OR_NO("“{text}” must be yes or no."),
    NOT_ONE_OF("“{text}” is not known here; expected one of {expected.all}."),
    NO_COLOUR("“{text}” is no colour; a colour is written #RRGGBB."),
    FIELD_UNKNOWN("“{field}” is not known here; expected {expected.all}."),
    LIST_EXPECTED("A list was expected here, such as [a, b]."),
    ENTRIES_EXPECTED("“{field}” must hold named entries."),
    PLACE_NEEDS_TWO("“{field}” needs two values: [x, y]."),
    REPEAT_COUNTS_ONE("A repeat counts one variable: repeat: {i: [1, panels]}."),
    PARTS_COUNTED(
            "Parts are counted by numbers: repeat: {k: [1, 5]}, {most} at most; under when, say which are there."),
    REPEAT_NEEDS_TWO("A repeat needs two values: [from, to]."),
    TOO_MANY_MEASURES("This design has {count} measures; at most {most} are worked out."),
    NO_PIECE("A design needs at least one piece."),
    POSE_NAMES_NOTHING("A pose must name creases and angles, such as {left: 60 deg}."),
    WHOLE_DEGREES("“{field}” must be whole degrees."),
    NO_MEASURE_NAME("“{name}” must be letters and figures, starting with a small letter."),
    PARTS_IN_A_CIRCLE("This design would be a part of itself: {path}.", "Take one of them out."),
    PARTS_TOO_DEEP("Parts may lie in one another {most} deep at most.", "Put the parts side by side."),
    NO_DESIGN_FOR_PART("There is no design “{design}”.", "The designs are {designs.all}."),
    PART_HAS_ITS_PANEL("This part has a piece that stands for the panel, and its own joints: leave out glue, turn and "
            + "turned."),
    ONE_PLACE_FOR_PART("A part sits in one place.", "Say on: a panel, in: a pocket, or around: yes."),
    NO_MEASURE_TO_BIND("This design has no measure “{name}” that a pocket could size.",
            "Its measures are {measures.all}."),
    NAMES_UNKNOWN("This asks for {names.all}, which is not known here.", "It may ask for {known.all}."),
    ROUND_NO_CONTENTS("“{name}” is no measure of contents.",
            "Name the one for what this design goes round: is: contents."),
    NO_MEASURE_OF_PART("This part has no measure “{name}” to set.", "Its measures are {measures.all}."),
    CONTENTS_OF_HOST("“{name}” is what the part holds: name a measure of contents of this design."),
    NAME_TAKEN("“{name}” already stands for something else in formulas, such as card.caliper, ruler.step and "
            + "closed.width; give the measure another name."),
    CHOICE_OF_NOTHING("A choice needs choices, such as [side, top]."),
    FOLD_OR_CREASE("A step either folds (fold) or only creases, folding over and opening again (crease)."),
    TUCK_NAMES_TWO("A tuck names two panels: [the one that goes behind, the one in front]."),
    PANEL_EXPECTED("“{text}” must name a panel as piece.panel."),
    TURN_WITHOUT_PLACE("“turn” and “turned” say how a piece is laid at a place: name it with at."),
    NO_MEASURE_TO_SET("“{design}” has no measure “{name}” that could be set. There are {measures}."),
    PAGE_OF_TWO_SIDES("A page has two names: names: [that of its front, that of its back]."),
    POCKET_BETWEEN_TWO("A pocket lies between two panels: between: [piece.panel, piece.panel]."),
    PAPER_OF_A_LAYER("“{material}” is the paper of a layer; a piece's material needs another name."),
    SIZE_OF_TWO("A piece needs a size of two values: [width, height]."),
    NO_LINE("A line needs x, or y, or line: [[x, y], [x, y]]."),
    NO_SHAPE("A cut-out needs circle: [x, y, radius], rounded: [x, y, width, height, radius], or "
            + "polygon: [[x, y], ...] with three corners or more.");

    private final Sentences sentences;

    DesignFileWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

package cufflink.words;

/** What is said of a design as its file describes it, and of its measures. */
public enum DesignWords implements Code {
    TWO_OF_A_NAME("There are two of the {kind} “{name}”.",
            "Give each its own name."),
    FOLDS_NO_PIECE("It folds a piece “{piece}” that this design does not have.",
            "Name one of the pieces."),
    GLUES_NO_PIECE("It joins a piece “{piece}” that this design does not have.",
            "Name one of the pieces."),
    LIES_ON_NO_PIECE("It lies on a piece “{piece}” that this design does not have.",
            "Name one of the pieces."),
    LAPS_NOTHING("A join must run from one place to another further right: there its parts lie over one another.",
            "Look at from and to."),
    SOFT_WITHOUT_SIZE("Its width and its length must be more than 0; thickness, tails and bow must not be less.",
            "Look at the formulas that they are made of."),
    ORNAMENT_WITHOUT_SIZE(
            "Its width and its height must be more than 0, how high it stands not less and at most 50 mm, and a path must "
                    + "go with the shape “path”.",
            "Look at the formulas that they are made of."),
    FIXING_WITHOUT_SIZE("Its hole, its head and its heights must not be less than 0.",
            "Look at the formulas that they are made of."),
    NO_SUCH_PAGE("There is no page “{page}”.",
            "Name {pages?|one of }{pages}."),
    NO_CREASE_TO_LEAF("Page “{page}” turns about a crease “{crease}” that this design does not have.",
            "Name the crease between it and the page after it, as piece.crease."),
    GOES_A_WAY_IN_NO_POSE("It goes another way in a pose “{pose}” that this design does not have.",
            "Name one of the poses."),
    LAYS_NO_CONTENTS("What lies on {panel} is “{name}”, and no measure of contents of this design is called so.",
            "Name one of them under “holds”."),
    PUT_ON_ITSELF("The panel {panel} is put on itself.",
            "Name the panel that it is put on."),
    BEYOND_SHUT("Crease {creases} cannot stand at {angle}°: shut is 180°.",
            "Give an angle between -180 deg and 180 deg; below 0 it is folded against its mark."),
    STANDS_IN_NO_POSE("There is no pose “{pose}” in which it could stay.",
            "Name one of its poses."),
    NO_POSE_BEFORE("There is no pose “{pose}” before it.",
            "Name a pose that stands above it and is there whenever this one is."),
    HELD_BY_NOTHING("Nothing joins this piece to the others.",
            "Say under glue what holds it, or that it is loose: yes."),
    LOOSE_BUT_GLUED("This piece is said to be loose, but glue joins it to the others.",
            "Leave out one of the two."),
    PIECE_WITHOUT_SIZE("{size}: a piece must be more than 0 and at most 10 m.",
            "Change the measures it is made of."),
    NOT_A_CHOICE("This is not one of the choices.",
            "Choose {choices}."),
    NO_CHOICE_OF("“{typed}” is not one of the choices.",
            "Choose {choices}."),
    NOT_WHOLE_TYPED("“{typed}” is not a whole number."),
    NOT_AN_ANGLE("“{typed}” is not an angle in degrees."),
    NO_SUCH_MEASURE("This design has no such measure.",
            "Set {measures?|one of }{measures}{measures? instead|}."),
    RESULT("“{label}” is a result; it cannot be set.",
            "Set {measures?|one of }{measures} instead."),
    CANNOT_BE("{wanted} cannot be: it {note}.",
            "The nearest possible, {used}, is used."),
    LESS_THAN_NOTHING("“{label}” comes to {length}: less than nothing."),
    NO_VALUE_IS_BOTH("“{label}” must be {least} at least and may be {most} at most: no value is both."),
    AT_FAULT_WITH("With {settings} it cannot be worked out: {reason}.",
            "Change {names}."),
    AT_FAULT("{reason}."),
    SOMETHING_GOES_ROUND_IT("“{design}” has “{part}” round it and cannot be glued on.",
            "Put it into a pocket, or use the design without that."),
    HAS_NO_POCKET("“{design}” has no pocket.",
            "Put it on a panel, or add a pocket first."),
    NO_SUCH_POCKET("“{design}” has no pocket “{pocket}”.",
            "Name {pockets?|one of }{pockets}."),
    GOES_ROUND_NOTHING("“{design}” does not go round a card.",
            "Put it on a panel or into a pocket."),
    NOTHING_GOES_ROUND("“{design}” has no flat form: nothing goes round it.",
            "Put it on a panel or into a pocket."),
    STANDS_BY_ITSELF("“{design}” has no flat form: it is no part of another design.",
            "Use it by itself."),
    NO_PLACE_FOR_PART("“{text}” is no place for a part.",
            "Name a panel such as base.back, a pocket such as pocket:sleeve, or around."),
    DOES_NOT_SETTLE("Its size does not settle: the closed card changes {measures}, and they change the closed card.",
            "Set one of them by hand, or use a coarser ruler."),
    NO_PART_NAME("“{name}” cannot name a part: letters and figures, a small letter first, and no measure or part of "
            + "that name."),
    TOO_MANY_PIECES("With its parts this design has {count} pieces; at most {most} are worked out.",
            "Leave out some of the parts."),
    TOO_MANY_MEASURES("With its parts this design has {count} measures; at most {most} are worked out.",
            "Leave out some of the parts."),
    NO_PANEL_TO_GLUE("“{design}” names no panel by which it could be glued on."),
    SQUARE("This design is square; it cannot be {size}.",
            "The shorter side is taken for both."),
    NO_ROOM_FOR_LAYER("There is no room for layer {layer}.",
            "Use fewer layers or a smaller border there.");

    private final Sentences sentences;

    DesignWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

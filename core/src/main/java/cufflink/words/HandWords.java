package cufflink.words;

/** What is wrong with a run sheet when hands follow it and nothing else. */
public enum HandWords implements Code {
    NOT_THERE("In step {step} the {piece} is not on the table."),
    NO_SUCH_CUT("In step {step} cut {cut} has no number, or the part that it divides is not there."),
    NO_NUMBER("In step {step} a number for {what} is missing."),
    WRONG_FACE("In step {step} the {piece} lies with another face up than the step says."),
    EDGES_GONE("In step {step} the edges of the {piece} that carry the marks are cut away already."),
    LAYER_TOO_LATE("In step {step} “{layer}” should lie on the piece, which is scored with it."),
    ELSEWHERE("In step {step}, “{what}” comes to another place than the plan has it."),
    OUT_OF_REACH("In step {step}, “{what}” is out of reach: the {panel} lies over it and no longer opens.",
            "Glue it before the joint that closes the way to it."),
    GAP("In step {step} the parts of the {piece} do not meet."),
    NOTHING_TO_CUT("The {piece} is cut into otherwise than the plan has it."),
    FOLD_LEFT_OUT("Before step {step} a fold of the {piece} is left out."),
    NOT_SCORED("In step {step} crease {crease} of the {piece} is folded, and nobody scored it."),
    NOT_FOLDED("In step {step} the {piece} is glued, and is not folded yet."),
    NOT_FINISHED("In step {step} the {part} is put in its place, and is not finished yet."),
    NOT_FOLDED_AT_ALL("The {piece} is not folded to its end."),
    TWICE("“{what}” is done twice."),
    LEFT_OUT("“{what}” is left out."),
    WRONG_COUNT("{count} of {wanted} are cut: {piece}."),
    WRONG_SIZE("It comes out in another size than the plan has it: {piece}."),
    CREASE_ELSEWHERE("Crease {crease} of the {piece} is scored at another place, or seen the other way round."),
    CREASES_COUNTED("The {piece} gets {count} scores, and not {wanted}."),
    HOLE_ELSEWHERE("“{hole}” of the {piece} is cut at another place or in another size.");

    private final Sentences sentences;

    HandWords(String said) {
        this(said, "Go by the pictures; let pieces that are not alike have names of their own in the design's file.");
    }

    HandWords(String said, String remedy) {
        this.sentences = new Sentences(said, remedy);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

package cufflink.words;

/** What is said of a single piece: its cuts, its score lines and the places where they meet. */
public enum PieceWords implements Code {
    NOTHING_LEFT("Nothing is left of this piece.",
            "Make the cut-outs smaller."),
    CUT_APART("The cuts divide this piece into {parts}.",
            "Make the cut-outs smaller."),
    SCORES_BEYOND("{scores?Score|Scores} {scores} {scores?lies|lie} beyond the piece.",
            "Change the measures they are made of."),
    SLIT_BEYOND("Slit {slit} lies beyond the piece.",
            "Change the measures it is made of."),
    SLIT_WITHOUT_SIZE("Slit {slit} has no length, or a width below 0.",
            "Change the measures it is made of."),
    CUT_OUT_CROSSES_ITSELF("Cut-out {cutOut} crosses itself or has no size.",
            "Give its corners in order, once round the opening."),
    CUT_OUT_WITHOUT_SIZE("Cut-out {cutOut} crosses itself or has no size.",
            "Its sides and radius must be more than 0."),
    CUT_OUT_BESIDE("Cut-out {cutOut} lies beside the piece and cuts nothing.",
            "Change the measures it is made of."),
    TOO_MANY_PANELS("This makes {panels} panels; at most {most} can be proved to fold.",
            "Use fewer panels or creases."),
    NO_PANEL_AT("There is no panel where the file places “{panel}”.",
            "Place it inside the panel, away from its edges."),
    OTHER_NUMBER_OF_PANELS("The file names {named} panels, but the score lines make {made}.",
            "Look for a score line of 0 or one that lies on an edge."),
    TWO_NAMES_FOR_ONE_PANEL("The file places “{one}” and “{other}” in one panel.",
            "A crease or a slit between them is missing, or does not reach far enough."),
    SCORE_ON_NO_PAPER("Score {score} lies on no paper.",
            "Change the measures it is made of, or leave it out with when."),
    SCORE_ENDS_INSIDE("Score {score} ends inside a panel: it cannot be folded there.",
            "Let it end at an edge, a slit or another score, or make it decorative, or bent where the paper may bend."),
    BEND_OFF_ITS_PANEL("Score {score} is bent and does not lie on one panel.",
            "Let it lie inside a panel, and cross no other crease."),
    BEND_RUNS_THROUGH("Score {score} is bent, but runs from edge to edge.",
            "Leave out bent: it is a crease like any other."),
    BEND_IS_DECORATIVE("Score {score} is bent and decorative: a decorative score is never folded.",
            "Make it a mountain or a valley fold, or leave out bent."),
    LIES_ON_NO_PANEL("It lies on a panel {panel} that there is not.", "Name a piece and one of its panels."),
    SPINE_CROSSED("Crease {crease} crosses the spine {spine}: a spine stands up stiff and takes no other crease.",
            "Let {crease} end at the spine, or make the spine a single score."),
    ODD_FOLDS("An odd number of folds, {folds}, meet where {creases} meet: paper cannot lie flat there.",
            "A crease is missing there, or one too many."),
    ANGLES_OFF("Where {creases} meet, every other angle adds up to {sum} instead of 180°: paper cannot lie "
            + "flat there.",
            "Turn a crease there by {off}."),
    MOUNTAINS_AND_VALLEYS("Where {creases} meet there are {mountains} mountain and {valleys} valley folds; there must "
            + "be two more of one than of the other.",
            "A crease there is marked the wrong way round, or is missing."),
    NARROW_BETWEEN_ALIKE("The panel between {one} and {other} is narrower than both its neighbours; its two folds "
            + "cannot both be {fold}.",
            "Make one of them {instead}.");

    private final Sentences sentences;

    PieceWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

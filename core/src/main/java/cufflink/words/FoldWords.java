package cufflink.words;

/** What is said of folding: steps, angles, what is in the way. */
public enum FoldWords implements Code {
    NEVER_FOLDED("{creases?Crease|Creases} {creases} {creases?is|are} never folded.",
            "Name it in a step of the folding, or make it decorative."),
    NO_SUCH_CREASE("The folding names a crease “{crease}” that this piece does not have."),
    AT_STEP("Step {step}: {what}",
            "{what.remedy}"),
    TUCKS_NO_PANEL("It tucks a panel “{panel}” that this piece does not have.",
            "Name two of its panels, the one behind first."),
    TUCKS_BOTH_WAYS("It tucks {behind} behind {front} and the other way round.",
            "Keep one of the two."),
    TUCKED_APART("It tucks {behind} behind {front}, but after it the two do not lie flat on each other.",
            "Name the two panels that come to lie on each other, or leave the tuck out."),
    HANGS_LOOSE("The panel {panel} hangs on no crease.",
            "Look at its slits and score lines."),
    CREASE_GAPES("The panels around crease {crease} do not close: the ends are {gap} mm apart.",
            "{advice}"),
    JOINT_GAPES("What joint {crease} holds together does not close: the ends are {gap} mm apart.",
            "{advice}"),
    STAND_ELSEWHERE("Crease {crease} would have to stand at {wanted}° instead of {is}°."),
    NOTHING_NEAR_CLOSES("No nearby angles close it: check the lengths between the creases and the ends of the slits."),
    HELD_ELSEWHERE("It cannot open at {joint} there: another joint holds the same panels.",
            "Let the pose start from the closed card."),
    STANDS_ACROSS("The {panel} would stand across the {other}.", "Change the angles, or make one of them smaller."),
    ROUND_BEYOND_A_TURN("It cannot be opened round by {turn}°.",
            "Give more than 0 and at most 360 degrees, and a hole of 0 or more."),
    ROUND_TAKES_PLEATS("Only a strip that is folded to and fro in equal panels opens round.",
            "Let all its creases be upright, at one pitch, valley and mountain in turn."),
    ROUND_MEETS_WRONG(
            "Its {panels} panels do not meet: round all of a disc, the last panel lies on the first, and those "
                    + "between them take turns.",
            "Give it an odd number of panels."),
    ROUND_HUB_ELSEWHERE("“{panel}” is no hub: a hub is a piece that is glued on later, without a place.",
            "Let a joint with “way: later” put it on."),
    ROUND_TOO_SHORT("Opened round, the strip is {percent} % too short for its rim.",
            "Give it more pleats or deeper ones, or make it narrower."),
    POSE_OUT_OF_REACH("Crease {crease} stops at {stops}°; it cannot reach {wanted}°.",
            "Something it is joined to holds it."),
    LIES_UNDER("Crease {creases} cannot be folded now: the {upper} lies on the {lower}.",
            "Fold it earlier."),
    HITS("While {creases} {creases?turns|turn}, the {panel} hits the {other} after {share} % of the way.",
            "Fold it in another order, or change mountain and valley."),
    HITS_TOGETHER("While {creases} {creases?turns|turn}, the {panel} hits the {other} after {share} % of the way.",
            "Fold the creases one after the other, or in another order."),
    STIFF("It cannot be folded with stiff panels: after {share} % of the way {creases} do not turn on "
            + "together, and the paper would have to bend.",
            "Fold it in more steps, or change mountain and valley."),
    GOES_THROUGH("Where {creases} stops, the {panel} goes through the {other}.",
            "Fold it less far, or fold the other out of the way first."),
    FOLDS_TOO("It folds this way too."),
    FOLDS_OTHERWISE("It folds, but the layers come to lie otherwise. Front to back: {order}."),
    NOT_FLAT("It does not lie flat after its last fold.",
            "Fold it shut to see its closed size.");

    private final Sentences sentences;

    FoldWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

package cufflink.words;

/**
 * What is said of the order of layers, and of joints. Phrases in small letters are reasons that another sentence takes
 * in.
 */
public enum LayerWords implements Code {
    NOT_FOUND_IN_TIME("No order of layers was found in {tries} tries; there may be one.",
            "Fold it in smaller steps."),
    CANNOT_LIE("The layers cannot lie flat: {reason}.",
            "Look at the creases' mountain and valley, and at the panels' lengths."),
    EVERY_ORDER_FAILS("The layers cannot lie flat: every order makes paper pass through paper ({tries} tried).",
            "Look at the creases' mountain and valley, and at the panels' lengths."),
    LIES_BEFORE("the {front} lies before the {behind}"),
    MARKED_OTHERWISE("crease {crease} is folded the wrong way for it"),
    GLUED_BEYOND("the {part} is glued on the other side of the {onto}"),
    SLIDES_BEYOND("the {part} slides on the other side of the {onto}"),
    GOES_OVER("the {part} goes over the {other}"),
    GOES_UNDER("the {part} goes under the {other}"),
    DO_NOT_CROSS("the two pieces do not cross at {joint}"),
    LIES_IN_GLUE("the {other} would lie in the glue between the {part} and the {onto}"),
    CREASE_THROUGH_PANEL("crease {crease} would have to pass through the {panel}"),
    PANELS_THROUGH_EACH_OTHER("the {one} and the {other} would pass through each other"),
    AGAINST_THE_STACK("The {behind} would lie before the {front}.",
            "Look at the stack's lines."),
    FOLDED_WRONG_WAY("Crease {crease} is folded the wrong way for this order of layers.",
            "Change the panels' lengths or the order of folding."),
    WOULD_PASS_THROUGH("Crease {crease} would have to pass through the {panel}.",
            "Change the panels' lengths or the order of folding."),
    CREASES_CROSS("Crease {crease} and crease {other} would have to pass through each other.",
            "Change the panels' lengths or the order of folding."),
    ON_THE_WRONG_SIDE("The {part} would lie on the wrong side of the {onto}.",
            "Look at the face that it is put on."),
    IN_THE_GLUE("The {other} would lie in the glue between the {part} and the {onto}.",
            "Fold it out of the way before this is glued."),
    RING("The panels {one}, {other} and {third} would lie in a ring."),
    PUT_ON_APART("The {part} is put on the {onto}, but closed the two do not lie on each other.",
            "Place it on the panel, or name the panel that it comes to lie on."),
    WOVEN_APART("The {part} is woven past the {other}, but the two do not lie on each other.",
            "Name only panels that it passes."),
    STACKED_APART("The stack says that {front} lies before {behind}, but closed the two do not lie on each other.",
            "Leave the line out, or name two panels that do."),
    NO_PANEL("There is no panel {panel}.",
            "Name a piece and one of its panels."),
    NEVER_TOGETHER("Nothing lays {part} on {onto}.",
            "Say where it lies with at, or with way: later that the hands bring them together in the end."),
    NO_SLIT("A slot must name a slit of {piece}.");

    private final Sentences sentences;

    LayerWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

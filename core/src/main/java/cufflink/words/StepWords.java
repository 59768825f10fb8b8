package cufflink.words;

/** What the hands are told, step by step: titles, sentences, cautions. */
public enum StepWords implements Code {
    NAMED("{what}"),
    SHEETS("{count} sheets of {stock}"),
    CUT_SHEET("Cut {stock}, {size}."),
    CUT_SHEETS_ALIKE("Cut {count} sheets alike: {stock}, {size}."),
    GIVES("It gives {pieces}."),
    FENCE_ONCE("The fence is set once."),
    FENCE_TWICE("The fence is set twice."),
    FENCE("The fence is set {settings} times."),
    TRIMMER_SHORT("Your trimmer cuts {by} short: set its stop {by} further out than each number."),
    TRIMMER_LONG("Your trimmer cuts {by} long: set its stop {by} further in than each number."),
    REMEMBER("Remember: {text}"),
    TRIMMER("Guard down, fingers behind it; lock the blade when you leave it."),
    OPEN_AGAIN("Open again what is folded over its place."),
    LIES_UPSIDE_DOWN("It lies upside down: its top points to the bottom edge."),
    LIES_A_QUARTER("It lies a quarter turn clockwise: its top points to the right."),
    LIES_A_QUARTER_BACK("It lies a quarter turn anticlockwise: its top points to the left."),
    TIMES("{count} × {title}"),
    DO_WITH("Do this with {parts}."),
    FOR_EACH_COPY("Do this for each of the {copies} copies."),
    CUT_STRANDS_TITLE("{material}, {width} wide"),
    CUT_STRANDS("Cut {material}, {width} wide, to length: {cuts}. In all {total}."),
    CUT_STRAND("{count} × {length} for {soft}"),
    SMALL_PARTS("Small parts are not for small children or pets. Mind the tool's own directions."),
    SCORES_AT("{piece} at {numbers}"),
    SLANTING_SCORES("{piece}: {count:slanting score|slanting scores}"),
    AT_THE_FENCE("Left edge at the fence, {face} face up."),
    AT_THE_FENCE_TURNED("Turn it a quarter to the left, {face} face up: its top edge is at the fence."),
    AT_THE_FENCE_OVER("Turn it over like a page, {face} face up: what was its right edge is at the fence."),
    AT_THE_FENCE_OVER_AND_TURNED(
            "Turn it over like a page, {face} face up, then a quarter to the left: its top edge is at the fence."),
    JOIN_PARTS("{piece} of {count} parts"),
    JOIN("It is too long for one sheet. Lay its parts {face} face up, their long edges in line."),
    LAP("Lay part {part} over the end of part {before}, {lap} deep, and glue it down all over."),
    JOINED("It is {length} long then; from here on it is one piece."),
    LAYER_PARTS("It is cut in {count} parts, which meet at a crease: {widths} wide from the left."),
    SCORE_PARTLY("Score {score} runs from {from} to {to} only."),
    SCORES_PARTLY("Scores {score} run from {from} to {to} only."),
    ONE_LINE("Scores {score} are one line at {at}, from edge to edge."),
    ROW_PARTLY(
            "The {count} scores from {first} to {last} run from {from} to {to} only."),
    COUNTED_FROM_TOP("Count that from the top as it lies."),
    MARKS("Before anything is cut away, {face} face up: mark both ends of each on the sheet's edges. "
            + "Turn the sheet until both marks lie in one groove of the board, or lay a metal rule from "
            + "mark to mark, and score along it."),
    MARKS_OVER("Before anything is cut away, turn it over like a page, {face} face up. As it lies now, mark both "
            + "ends of each on the sheet's edges. Turn the sheet until both marks lie in one groove of the board, or lay a metal rule from mark to mark, and score along it."),
    MARKED_PARTLY("Score {score} runs from {from} to {to} on its way from the first mark, no further."),
    KNIFE("Metal rule with a lip, fingers behind it, several light passes; cap the knife."),
    PIECE_AND("{piece}: {what}"),
    CUT_OUTS("{count} cut-outs"),
    PUNCH("Punch or cut with the knife before folding: {what}."),
    MARKS_FROM("In {unit}; on an edge from its left or top end, inside from the left and the top."),
    MARK_TO_MARK("Cut straight from mark to mark, in their order."),
    FROM_WASTE("{piece}: {count} from its waste"),
    CUT_FROM_WASTE("From what was cut away of the {piece}, cut {count} of {size}: {names}."),
    LAYERS_FOR("Layers for {panel}"),
    LAYERS_ALIKE("{count} layers alike: {panel} …"),
    STAMP_FIRST("Stamp, emboss or write on the layers first."),
    PUT_TOGETHER("Then put them together, the largest at the bottom, {border} showing all round."),
    LAY_ASIDE("Lay it aside for gluing."),
    LAY_THEM_ASIDE("Lay them aside for gluing."),
    TRIANGLE("It is a right triangle, cut from its rectangle from corner to corner."),
    TRIANGLES("They are right triangles, cut from their rectangles from corner to corner."),
    OUTLINE("Cut the rectangle first, mark the corners on it and cut from mark to mark, or trace it from "
            + "the page that shows it true to size."),
    CUT_OPENING("Cut its opening as the picture shows it, so that the border stays round the opening under it."),
    MAKE_FOR("Make {count}: for {panels}."),
    AT_LEAST("at least {border}"),
    LAYERS_OVER("{layers} on the whole {piece}"),
    GLUE_OVER(
            "Glue “{layers}” all over on the {face} of the {piece}, {border} showing on each side, and let it dry under "
                    + "a weight: it is scored and folded with it, as one."),
    SCORED_THROUGH("Score through the layers that are on it: press twice."),
    LAYERS_ON("{panel} layers on"),
    LAYERS_ON_SEVERAL("Layers on: {panels}"),
    LAYERS_ON_ALIKE("{count} layers on: {panel} …"),
    GLUE_LAYERS("Glue the layers: {places}, {border} showing on each side."),
    KEEP_OFF_SCORES("Keep glue off the score lines."),
    LAYER_PLACES("on the {face} of {panels}"),
    LAYER_PLACE("“{label}” on the {face} of the {panel}"),
    PATTERN_DOWN("As the piece lies flat, the top of the pattern points down: closed, it stands upright."),
    PATTERN_SIDEWAYS("As the piece lies flat, the top of the pattern points sideways: hold the piece as the card "
            + "will be held."),
    THROUGH_BOTH("{piece}: {what} through both"),
    CUT_THROUGH("Open the piece flat. Punch or cut with the knife when the glue has dried, through the paper "
            + "and its layers: {what}."),
    FOLD("Fold {creases}."),
    OF_PIECE("{piece}: {say}"),
    SPINE_STANDS("Crease {spine} is two lines: fold each to a right angle, with the strip between them standing up."),
    BENDS("{creases?Crease|Creases} {creases} {creases?ends|end} inside the paper: fold along the score, and let the paper bend round to flat "
            + "beyond its ends."),
    BURNISH("Burnish each fold with the bone folder."),
    OVER_AND_OPEN("Fold each over, burnish it and open it again: {creases}."),
    OVER_AND_OPEN_ONE("Fold it over, burnish it and open it again: {crease}."),
    GLUE_ALL_ROUND("Glue it all round, as the picture shows it."),
    GLUE_ALONG("Glue, as the picture shows it, along: {edges}."),
    GLUE_PARTLY_ALONG("Glue, as the picture shows it, along: {edges}, only where it lies on the {panel}."),
    PARTLY_ALONG("Along: {edges}, only where it lies on the {panel}."),
    STAYS_DRY("What reaches past the {panel} stays dry."),
    STAYS_FREE("The {edges} stays free."),
    STAY_FREE("The {edges} stay free."),
    PUT_IN_PLACE("Put “{part}” on, its top left corner at the marks."),
    PUT_INTO_TITLE("{part} · Into its pocket"),
    PUT_INTO("Slide the {part} into {pocket}, right down."),
    PUT_ROUND_TITLE("{part} · Round the card"),
    PUT_ROUND("Put the {part} round the closed card."),
    ORNAMENT_ON("{ornament} on the {panel}"),
    GLUE_ORNAMENT("Glue “{ornament}” on the {face} of the {panel}."),
    PUT_ON_PADS("Put “{ornament}” on the {face} of the {panel} with foam pads, {height} high with its paper."),
    ORNAMENT_LIES("As the picture shows the piece: {across}, {down}."),
    EDGE_INSIDE("its {edge} edge {by} inside that of the panel"),
    EDGE_PAST("its {edge} edge {by} past that of the panel"),
    EDGE_ON_EDGE("its {edge} edge on that of the panel"),
    MIDDLE_ACROSS("in the middle from left to right"),
    MIDDLE_DOWN("in the middle from top to bottom"),
    BESIDE_MIDDLE("its middle {by} {side} of the panel's"),
    BELOW_MIDDLE("its middle {by} from the panel's, towards the {side}"),
    ORNAMENT_TURNED("Turn it {turn}° clockwise."),
    ORNAMENT_DRY("Glue it only where it lies on the {panel}, as the picture shows it; what lies over {over} stays "
            + "dry."),
    LEAF_THROUGH("Leaf through it"),
    COVERS("The front cover is {front}, the back cover {back}."),
    SPREADS("Opened page by page it shows {spreads}."),
    SPREADS_TURNED_OVER("Turned over like a page, it shows {spreads}."),
    PAPER_SIDE_UP("The {side} side of the paper lies up."),
    CLOSES_HOLDS_FITS("Closes, holds, fits"),
    MEASURE_IT("Closed it should measure {size} and be {thickness} thick."),
    MEASURE_IT_ROUGHLY("Closed it should measure {size} and be {thickness} thick, as estimated from the papers' "
            + "weights."),
    CLOSED_AT("Closed {size}"),
    STANDS_AT("Standing {size}, {high} high"),
    OPENED_AT("Opened {size}, {high} thick"),
    MEASURE_IT_OPENED("Opened out it should measure {size} and be {high} thick."),
    MEASURE_IT_STANDING("Standing it should measure {size} and be {high} high."),
    NOT_CLOSED_YET("It does not close yet: see the checks."),
    NOTE_IT("Note what to change next time.");

    private final Sentences sentences;

    StepWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

package cufflink.words;

/** What the judges found: one sentence each, and what to do about it. */
public enum CheckWords implements Code {
    ACROSS_THE_GRAIN("Folded across the grain, heavy card may crack: {pieces}.",
            "Score its folds twice, or let the layout heed the grain, under Tools."),
    ACROSS_THE_GRAIN_ALL_THE_SAME("Folded across the grain, heavy card may crack: {pieces}.",
            "Score its folds twice. To lie along the grain it would take more paper."),
    SCORE_BEYOND_BOARD("Score {score} lies {at} from the nearer end; the board is {board} wide.",
            "Mark it by hand and score it along a metal rule."),
    SCORE_PAST_BOARD("Score {score} at {at} lies past the end of the board.",
            "Turn the piece end for end and score at {instead}."),
    SCORES_BEYOND_BOARD(
            "{count} scores of the {piece} lie {at} and more from the nearer end; the board is {board} wide.",
            "Mark them by hand and score them along a metal rule, or slide the piece along the fence."),
    SCORES_PAST_BOARD("{count} scores of the {piece}, from {at} on, lie past the end of the board, {board} wide.",
            "Turn the piece end for end and score them at {nearest} to {furthest} from the other end."),
    SCORE_LONGER_THAN_BOARD("The longest score is {score}, the board's grooves {board} long.",
            "Score it in two strokes, sliding the piece along the fence."),
    EVERY_GROOVE("Every score lies on a groove (every {step})."),
    BETWEEN_GROOVES("Between the grooves (every {step}): {scores} Shift the fence by as much, or mark them."),
    BETWEEN_GROOVES_ALL_THE_SAME("Between the grooves (every {step}): {scores}",
            "They follow from what was set by hand or from the shape: shift the fence by as much, or mark "
                    + "them."),
    PAST_THE_GROOVE("{at} is {past} past the groove at {groove}"),
    RULE("{text}"),
    RULE_TO_CHANGE("{text}",
            "Change {measure}."),
    GOES_INTO("{size}, {thickness} thick, goes into the {envelope} envelope ({inside}): {margin} to spare."),
    GOES_TIGHTLY_INTO("{size}, {thickness} thick, goes into the {envelope} envelope ({inside}): {margin} to spare.",
            "It will be tight. Measure the envelope; the packet's size is nominal."),
    TOO_LARGE_FOR_FITTED("{size}, {thickness} thick, does not go into the {envelope} envelope ({inside}): {margin} too "
            + "little.",
            "Choose a larger envelope."),
    TOO_LARGE_FOR("{size}, {thickness} thick, does not go into the {envelope} envelope ({inside}): {margin} too "
            + "little.",
            "Fit the card to the envelope, or choose a larger one."),
    DOES_NOT_FOLD("{piece} does not fold: {problem}",
            "{problem.remedy}"),
    REHEARSED("Followed step by step on virtual paper, the run sheet makes every piece, score, fold and joint."),
    REHEARSAL_FAILS("Followed step by step, the run sheet does not make what the plan shows: {fault}",
            "{fault.remedy}"),
    FOLDS_FLAT("{piece} folds flat: {panels} panels in {folds:step|steps}, nothing in the way."),
    ENDS_NOT_FLAT("{piece} does not lie flat after its last fold.",
            "Fold it shut to see its closed size."),
    NOT_SIZED("“{part}” has no size of its own yet: what it goes round, or the part itself, does not close.",
            "Mend that first, and cut nothing of it before."),
    DOES_NOT_CLOSE("Put together it does not close: {problem}",
            "{problem.remedy}"),
    LAYER_TOO_LARGE("{layer}, {size}, is larger than what it lies on ({under}).",
            "Cut it down to leave a border."),
    LAYER_TO_THE_EDGE("{layer}, {size}, reaches the edge of what it lies on ({under}); next to a fold its edge "
            + "cracks.",
            "Leave a border."),
    LAYERS_SMALLER("Every layer is smaller than what it lies on: at least {border} shows."),
    TOO_NARROW("The {panel} is only {width} wide; that cannot be cut and folded.",
            "Change the measures beside it."),
    CROWDED("The scores {one} and {other} of the {piece} run into each other.",
            "Use fewer of them, or a wider pitch."),
    HIDDEN("Under a layer and not seen: {scores}.",
            "Leave out the layer there, or use fewer decorative lines."),
    OPENING_CLOSED("{layer}, closes an opening under it.",
            "Leave out this layer, or cut it to the panel's own size."),
    OPENINGS_FREE("Every layer leaves the openings under it free."),
    NOTHING_STANDS_OUT("Nothing stands out: the {cover} covers every layer."),
    LAID_BEYOND("The {item} is {by} larger than the {panel} that it lies on.",
            "Make the panel larger or the contents smaller."),
    STANDS_OUT("The {panel} stands out past the {cover} by {by}.",
            "Make the {panel} shorter by that much."),
    PART_BESIDE("The {part}, {size}, does not lie on the {host}, {room}: {by} of it stand out past an edge or over a "
            + "crease.",
            "Make it smaller, or the {host} larger."),
    PART_HARDLY_HELD("Only {share} % of the {part} lies on the {host}; it does not hold.",
            "Move it further onto the panel, or make it smaller."),
    EDGE_HARDLY_HELD("Only {share} % of the glued edge of the {part} lies on the {host}; it does not hold.",
            "Move it further onto the panel, or make it smaller."),
    PART_OVER_OPENING("The {part} lies over an opening or a slot of the {host}.",
            "Make it smaller, or move it."),
    PART_HOLDS("The glued part lies where it holds."),
    ALL_PARTS_HOLD("All {parts} glued parts lie where they hold."),
    WIDE_ENOUGH("{pocket} is {width} wide, the {item} is {needs}: {margin} to spare."),
    NOT_WIDE_ENOUGH("{pocket} is {width} wide, the {item} is {needs}: {margin} too little.",
            "Make the card wider."),
    CORNER_LARGE_ENOUGH("{pocket} takes {width} of the {item}, {needs} wide; a third must sit in it: {margin} to "
            + "spare."),
    CORNER_TOO_SMALL("{pocket} takes {width} of the {item}, {needs} wide; a third must sit in it: {margin} too little.",
            "Make the corner larger."),
    ROOM_ENOUGH("The {item}, {height} high, has {room} before it passes the edge: {margin} to spare."),
    NOT_ROOM_ENOUGH("The {item}, {height} high, has {room} before it passes the edge: {margin} too little.",
            "Make the pocket deeper or the contents smaller."),
    DEEP_ENOUGH("{pocket} is {depth} deep; a third of the {item} must sit in it: {margin} to spare."),
    NOT_DEEP_ENOUGH("{pocket} is {depth} deep; a third of the {item} must sit in it: {margin} too little.",
            "Make the pocket deeper."),
    CAN_BE_GRIPPED("{reach} of the {item} can be gripped; {wanted} is good."),
    HARD_TO_GRIP("{reach} of the {item} can be gripped; {wanted} is good.",
            "Deepen the notch or make the pocket shallower."),
    NO_POCKET("{pocket} is none: between the {front} and the {back} fewer than two sides are closed by a "
            + "fold or glue, or nothing is open.",
            "Glue its edges, and leave its mouth dry."),
    HELD_BY_GLUE("{pocket}: what it holds stands between the {front} and the {back}, held by a dot of glue."),
    POCKET_THE_OTHER_WAY("{pocket} lies the other way round: the {back} is before the {front} in the closed card.",
            "Name the two panels in the other order."),
    MOUTH_CLOSED("{pocket} should open at the {mouth}; the layers close it there and leave it open at the "
            + "{open}.",
            "Leave the glue off at the {mouth}."),
    POCKET_SMALLER("{pocket} is {width} × {depth} deep between its folds and glue, {margin} less than its "
            + "measures say.",
            "Make the pocket's panels larger."),
    POCKET_MADE("{pocket} is closed by folds and glue at the {closed}, {width} × {depth} deep, and open at "
            + "the {open}."),
    POSE_NOT_REACHED("It cannot be brought to the pose “{pose}”: {problem}",
            "{problem.remedy}"),
    MOVES("It moves freely: {poses}."),
    STANDS("It stands {size} and {high} high. It has no flat form: it is handed over, not posted in an envelope."),
    LIES_ROUND(
            "Opened out it measures {size} and is {high} thick in the middle: it goes on something, not into an envelope."),
    ROUND_IN_NO_ENVELOPE(
            "Opened out it measures {size} and is {high} thick: it does not lie flat in the {envelope} envelope.",
            "Fit it to its own size, and glue it on a card or a parcel."),
    STANDS_IN_NO_ENVELOPE("It stands {size} and {high} high, and does not lie flat: it does not go into the {envelope} "
            + "envelope.", "Hand it over, or post it in a box."),
    SCORED_PAST("{scores} run past the edge of the {panel}.",
            "Keep them further from the edges, or score another panel."),
    PAGES_UPRIGHT("Every page stands upright."),
    PAGES_UPSIDE_DOWN("Upside down when it is leafed through: {pages}.",
            "Turn what they are on, or what lies on them."),
    COVERS_ALIKE("Both covers, {front} and {back}, show the {side} side of the paper."),
    COVERS_DIFFER("The front cover, {front}, shows the {side} side of the paper, the back cover, {back}, the {other} "
            + "one.", "Turn the first or the last strip over if they should match."),
    LETTER("Within the size of {letter}. Rules change; ask your local post."),
    LETTER_OF_ODD_SHAPE("Within the size of {letter}, but its shape may cost a surcharge.",
            "Rules change; ask your local post."),
    NO_LETTER("Too large or too thick for {letter}.",
            "Rules change; ask your local post."),
    SHEETS("{sheets}"),
    PIECES_NOT_GIVEN("The paper does not give {pieces}: too large, or too few sheets.",
            "Take a larger sheet or more of them, or make the card smaller."),
    THROUGH_THE_TRIMMER("Every cut goes through the trimmer: the longest is {cut}."),
    LONGER_THAN_TRIMMER("The longest cut is {cut}, the trimmer {trimmer} long.",
            "Make the long cuts with a knife and a metal rule."),
    GOES_ROUND("Crease {crease} goes round {thickness}: each of its leaves ends {creep} short of what lies in it.",
            "Score it twice, {apart} apart, or take thinner layers."),
    SOFT_REACHES("{soft}, {length} long, is long enough closed and in every pose; it hangs slack by {slack} at most "
            + "({state})."),
    SOFT_REACHES_CLOSED("{soft}, {length} long, is long enough for the closed card."),
    SOFT_NOT_MEASURED(
            "{soft} cannot be measured: what it lies on does not close, or does not hang together. Its length "
                    + "in the cut list is not right.",
            "Mend that first, or say how long it is."),
    SOFT_TOO_SHORT("{soft} is {lack} too short: the card cannot be “{state}” with it.", "Cut it {wanted} long."),
    SOFT_BESIDE("{soft}: its way lies beside its panel at point {points}.", "Move the point onto the panel."),
    SOFT_NOT_COVERED(
            "{soft} goes round the outside of the closed card; the {panel}, which is to lie over it, lies inside.",
            "Put the {panel} on the outside."),
    FIXING_BESIDE("{fixing}: its hole lies beside the {panel} or over its edge.", "Move it onto the {panel}."),
    ORNAMENT_ON_NO_PANEL("{ornament} lies on {panel}, which the card does not have.",
            "Put it on another panel, or take it away."),
    ORNAMENT_IN_THE_WAY("{ornament} is in the way ({state}): {problem}",
            "Move it, make it smaller, or put it on another face."),
    ORNAMENT_CLOSES_MOUTH("{ornament} lies in the way of what goes into {pocket}.",
            "Move it, or put it on the outside of the pocket."),
    ORNAMENT_HARDLY_HELD("Only {share} % of {ornament} lies on the {panel}; it does not hold.",
            "Move it further onto the panel, or put it on another."),
    ORNAMENT_POKES_OUT("{ornament} stands out of the closed card: {sides}.", "Move it inwards, or make it smaller."),
    BY_AT_SIDE("{by} at the {side}"),
    ORNAMENTS_LIE_WELL("{count:ornament lies|ornaments lie} where they hold and nothing is in their way; none stands "
            + "out of the closed card."),
    ORNAMENT_KEEPS_DRY("{ornament} reaches past the {panel}, over {over}: glue it on the {panel} only."),
    ORNAMENT_REACHES_PAST("{ornament} reaches past the {panel}: glue it on the {panel} only."),
    ORNAMENTS_MEET("{one} and {other} lie over one another in the closed card, which is {thickness} thick there."),
    PADS_MEET("{one} and {other} both stand on foam pads and lie over one another: {thickness} thick there.",
            "To post it, move one of them, or lay it flat."),
    WORDS_HAVE_A_PLACE("On the front, {size} of the {panel} are free: a place for a few words."),
    NO_PLACE_FOR_WORDS("On the front no place is left for a few words: the largest is {size}.",
            "Move an ornament, or put the words inside."),
    SOFT_PIERCES("{soft}: at point {points} its way goes through paper where there is neither an edge nor a hole.",
            "Lead it round an edge, or make a hole or a slit there."),
    CREEPS_A_LITTLE(
            "Crease {crease} goes round {thickness} of paper: its leaves end {creep} short of what lies in it."),
    CREEPS("Crease {crease} goes round {thickness} of paper: its leaves end {creep} short of what lies in it.",
            "Trim the edges when it is folded, or cut what lies inside {creep} narrower."),
    SPINE_GOES_ROUND("Crease {spine} is a spine {width} wide; the way round what lies in it is {way}."),
    SPINE_TOO_NARROW("Crease {spine} is a spine {width} wide; the way round what lies in it is {way}: the card stays "
            + "open.", "Make the spine {wanted} wide."),
    SPINE_HOLLOW("Crease {spine} is a spine {width} wide; the way round what lies in it is only {way}: it looks "
            + "hollow.",
            "Make the spine {wanted} wide, or put more in.");

    private final Sentences sentences;

    CheckWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

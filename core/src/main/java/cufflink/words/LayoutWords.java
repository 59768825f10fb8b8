package cufflink.words;

/** What is said of a layout: what sheets give, how near it is to the least, how a sheet is cut. */
public enum LayoutWords implements Code {
    SHEETS("{sheets:sheet|sheets}"),
    OFFCUTS("{offcuts:offcut|offcuts}"),
    SHEETS_AND_OFFCUTS("{sheets:sheet|sheets} and {offcuts:offcut|offcuts}"),
    NOTHING_COMES("Nothing comes out of this paper; {unplaced} {unplaced?has|have} no paper."),
    SOME_PIECES("{sheets} {used?gives|give} {placed} of {all} pieces; {unplaced} {unplaced?has|have} no paper."),
    EVERY_PIECE("{sheets} {used?gives|give} every piece, and no new sheet."),
    EVERY_PIECE_LEAST("{sheets} {used?gives|give} every piece, and {least} is the least possible."),
    EVERY_PIECE_OPEN("{sheets} {used?gives|give} every piece; that fewer do is not ruled out, at least {least} are "
            + "needed."),
    OFFCUTS_MAY_DO("offcuts may be enough"),
    AREA_TAKES("their area alone takes {sheets:sheet|sheets}"),
    NO_TWO_TOGETHER("no two of these pieces come out of one sheet, which takes {sheets:sheet|sheets}"),
    NO_SHEET_HOLDS("whatever the cuts, no sheet holds enough of them for fewer than {sheets:sheet|sheets}"),
    ALL_TRIED("every way with fewer than {sheets:sheet|sheets} was tried"),
    ACROSS("{across:piece lies|pieces lie} across the grain."),
    ACROSS_UNLESS("{across:piece lies|pieces lie} across the grain; all along it takes {more:sheet|sheets} more."),
    ACROSS_STEP_BY_STEP("{across:piece lies|pieces lie} across the grain; {steps.all}, all along it takes "
            + "{more:sheet|sheets} more."),
    MORE_LEAVE("{more:sheet|sheets} more {more?leaves|leave} {across} across"),
    USED_WHOLE("The sheet is used whole."),
    DIVIDES_WHOLE("The sheet divides into {pieces} with nothing left."),
    DIVIDES_ALIKE("The sheet divides into {pieces} alike and one strip."),
    PART_RECTANGLE("The rectangle of two triangles is parted from corner to corner as the picture shows it."),
    PART_RECTANGLES("Each of the {count} rectangles of two triangles is parted from corner to corner as the picture "
            + "shows it."),
    CUT_TRIANGLE("The triangle is cut from corner to corner as the picture shows it."),
    CUT_TRIANGLES("Each of the {count} single triangles is cut from corner to corner as the picture shows it."),
    FENCE_AT("Fence at {at}: {cuts}."),
    CUT("cut {number} from the {edge} edge of {part} gives {near} and {far}"),
    CUT_FROM("cut {number}, from the {edge} edge of {part}"),
    PIECES_OF("{count} × {label}");

    private final Sentences sentences;

    LayoutWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}

package cufflink.directions;

import cufflink.design.Fold;
import cufflink.design.Side;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.words.ReadingWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The score lines of a clause while it is read. The side that positions are measured along is the one that is said;
 * else the one before, along which they fit; else the longer one, with a question where both would do.
 */
final class ScoreLines {
    /** A piece with more panels of one width is none that anybody scores. */
    private static final int MOST_REPEATED = 60;

    private final ReadingState state;
    private final List<ReadScore> read = new ArrayList<>();
    /** The edge that is said; absent until one is. */
    private Optional<Side> from = Optional.empty();
    /** How many of the lines read already have their side. */
    private int sided;
    private Optional<Fold> fold = Optional.empty();
    /** The lines that the edge said last is of, if it was said behind them. */
    private List<ReadScore> group = List.of();
    /** Further edges that the same positions are measured from. */
    private final List<Side> alsoFrom = new ArrayList<>();
    private boolean fromBothEnds;
    private boolean turned;
    private boolean atFence;
    private Optional<Said> every = Optional.empty();
    /** Whether repeated lines go on behind those that the piece has. */
    private boolean goesOn;
    /** How many lines there are to be in all; 0 where it is not said. */
    private int inAll;

    ScoreLines(ReadingState state) {
        this.state = state;
    }

    int size() {
        return read.size();
    }

    /** The same positions are measured from this edge as well: those before it, else those that follow. */
    void alsoFrom(Side edge) {
        if (group.isEmpty()) {
            alsoFrom.add(edge);
        } else {
            group.forEach(score -> read.add(score.from(edge)));
            sided = read.size();
        }
    }

    /** The same positions are measured from every edge. */
    void onAllSides() {
        alsoFrom.addAll(List.of(Side.values()));
    }

    /** And from the edge across. */
    void fromBothEnds() {
        fromBothEnds = true;
    }

    /** "And 6 cm from the other": from the edge across. */
    void fromOther() {
        if (!read.isEmpty() && read.size() > sided) {
            edge(read.get(Math.max(0, sided - 1)).from().opposite());
        }
    }

    /** The piece was turned a quarter since the last lines. */
    void turned() {
        turned = true;
    }

    /** A side is laid at the fence. */
    void atFence() {
        atFence = true;
    }

    /** "Every 3 in": from line to line, behind the last line of the piece where it goes on. */
    void every(Said step, boolean goesOnBehind) {
        every = Optional.of(step);
        goesOn = goesOnBehind;
    }

    /** "Until there are four lines". */
    void inAll(int count) {
        inAll = count;
    }

    /** A line at a position; its side follows. */
    void score(Said at) {
        read.add(line(at, from.orElse(Side.LEFT), from.isEmpty()));
        if (from.isPresent()) {
            sided = read.size();
        }
    }

    /** A line in the middle of the side that is said, else of the longer one; one that runs lengthwise of the other. */
    void middle(PieceDraft piece, Span span, boolean lengthwise) {
        boolean wider = piece.width.length().isLongerThan(piece.height.length()) != lengthwise;
        Side edge = from.orElse(wider ? Side.LEFT : Side.TOP);
        Said side = edge == Side.LEFT || edge == Side.RIGHT ? piece.width : piece.height;
        Said at = new Said(Length.ofNanometres(side.length().nanometres() / 2), side.unit(), false, span);
        read.add(line(at, edge, from.isEmpty()));
        sided = read.size();
    }

    /** A line from a mark on one edge to a mark on another. */
    void slanting(Said at, Side edge, ReadScore.Mark to) {
        read.add(new ReadScore(at, edge, Optional.of(to), fold, Optional.empty(), false, Optional.empty()));
        sided = read.size();
    }

    /** From where to where the last line runs. */
    void running(ReadScore.Extent extent) {
        if (!read.isEmpty()) {
            read.set(read.size() - 1, read.get(read.size() - 1).running(extent));
        }
    }

    private ReadScore line(Said at, Side edge, boolean chosen) {
        return new ReadScore(at, edge, Optional.empty(), fold, Optional.empty(), chosen,
                Optional.empty());
    }

    /** Said before its positions it is that of those which follow, else of those before it. */
    void edge(Side side) {
        if (read.size() > sided) {
            for (int i = sided; i < read.size(); i++) {
                read.set(i, read.get(i).from(side));
            }
            group = List.copyOf(read.subList(sided, read.size()));
            sided = read.size();
        } else {
            group = List.of();
            from = Optional.of(side);
        }
    }

    /** How the last line is folded; of those that follow without one. */
    void folded(Fold value, boolean last) {
        if (last && !read.isEmpty()) {
            read.set(read.size() - 1, read.get(read.size() - 1).folded(value));
        } else {
            fold = Optional.of(value);
        }
    }

    /** One fold for each line, in their order. */
    void folded(List<Fold> folds) {
        for (int i = 0; i < read.size(); i++) {
            read.set(i, read.get(i).folded(folds.get(i)));
        }
    }

    /** All lines, each with its side. */
    List<ReadScore> of(PieceDraft piece) {
        side(piece);
        if (atFence) {
            fromFence(piece);
        }
        repeated(piece);
        furtherEdges();
        return List.copyOf(read);
    }

    /** Chooses the side of the positions that have none. */
    private void side(PieceDraft piece) {
        if (sided == read.size()) {
            return;
        }
        List<ReadScore> open = read.subList(sided, read.size());
        Optional<ReadScore> last = piece.scores.isEmpty() ? Optional.empty()
                : Optional.of(piece.scores.get(piece.scores.size() - 1));
        boolean fitsWidth = fits(open, piece.width.length());
        boolean fitsHeight = fits(open, piece.height.length());
        boolean wider = !piece.height.length().isLongerThan(piece.width.length());
        boolean alongWidth = last.map(score -> score.isAlongWidth() != turned)
                .orElse(turned != (wider ? fitsWidth || !fitsHeight : !fitsHeight && fitsWidth));
        boolean sure = last.isPresent() || fitsWidth != fitsHeight || turned
                || piece.width.length().equals(piece.height.length());
        if (!sure && halves(open, wider ? piece.height : piece.width)
                && !halves(open, wider ? piece.width : piece.height)) {
            alongWidth = !wider;
        }
        if (!sure && fitsWidth && fitsHeight && !halves(open, alongWidth ? piece.width : piece.height)) {
            state.ask(ReadingWords.WHICH_SIDE.of("text", state.written(open.get(0).at().span()), "piece", piece.name),
                    List.of(Question.Answer.taken(sideWords(piece, alongWidth)),
                            Question.Answer.other(sideWords(piece, !alongWidth), Edit.behind(
                                    open.get(open.size() - 1).at().span(), " " + sideWords(piece, !alongWidth)))),
                    open.get(0).at().span());
        }
        Side edge = alongWidth ? Side.LEFT : Side.TOP;
        open.replaceAll(score -> score.from(edge));
    }

    private static String sideWords(PieceDraft piece, boolean alongWidth) {
        Said side = alongWidth ? piece.width : piece.height;
        return ReadingWords.ALONG_SIDE
                .of("side", LengthFormat.of(side.unit()).text(side.length())).sentence();
    }

    /** "With the short side at the fence": along it, unless the lines lie only within the other; then from it. */
    private void fromFence(PieceDraft piece) {
        boolean alongWidth = !read.isEmpty() && read.get(0).isAlongWidth();
        List<ReadScore> straight = read.stream().filter(score -> !score.isSlanting()).toList();
        Length along = (alongWidth ? piece.width : piece.height).length();
        Length across = (alongWidth ? piece.height : piece.width).length();
        if (!fits(straight, along) && fits(straight, across)) {
            read.replaceAll(score -> score.isSlanting() ? score : score.from(alongWidth ? Side.TOP : Side.LEFT));
        }
    }

    /** "Score every 3 in": at 3, 6, 9 and so on, or behind the first line; unless the lines are listed as well. */
    private void repeated(PieceDraft piece) {
        if (every.isEmpty() || read.size() > 1 || !every.get().length().isPositive()) {
            return;
        }
        Said step = every.get();
        List<ReadScore> known = new ArrayList<>(goesOn ? piece.scores : List.of());
        known.addAll(read);
        Optional<ReadScore> last = known.isEmpty() ? Optional.empty() : Optional.of(known.get(known.size() - 1));
        boolean wider = !piece.height.length().isLongerThan(piece.width.length());
        Side edge = last.map(ReadScore::from).or(() -> from).orElse(wider ? Side.LEFT : Side.TOP);
        Length side = (edge == Side.LEFT || edge == Side.RIGHT ? piece.width : piece.height).length();
        if (side.isLongerThan(step.length().times(MOST_REPEATED))) {
            return;
        }
        int most = inAll > known.size() ? inAll - known.size() : MOST_REPEATED;
        Length at = last.map(score -> score.at().length()).orElse(Length.ZERO).plus(step.length());
        for (int k = 0; k < most && side.isLongerThan(at); k++) {
            read.add(line(new Said(at, step.unit(), step.about(), step.span()), edge, from.isEmpty()));
            at = at.plus(step.length());
        }
    }

    private void furtherEdges() {
        for (ReadScore score : List.copyOf(read)) {
            if (score.isSlanting()) {
                continue;
            }
            List<Side> more = new ArrayList<>(alsoFrom);
            if (fromBothEnds) {
                more.add(score.from().opposite());
            }
            more.stream().filter(edge -> edge != score.from()).forEach(edge -> read.add(score.from(edge)));
        }
    }

    private static boolean fits(List<ReadScore> scores, Length side) {
        return scores.stream().allMatch(score -> side.isLongerThan(score.at().length()));
    }

    /** Whether one line lies in the middle of a side. */
    private static boolean halves(List<ReadScore> scores, Said side) {
        return scores.size() == 1 && scores.get(0).at().length().times(2).equals(side.length());
    }
}

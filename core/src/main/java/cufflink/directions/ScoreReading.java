package cufflink.directions;

import cufflink.design.Fold;
import cufflink.design.Side;
import cufflink.directions.Phrase.Kind;
import cufflink.words.ReadingWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Reads a clause that says where a piece is scored or folded. */
final class ScoreReading {
    private final ReadingState state;
    private final Clause clause;
    private final Kind verb;
    private final List<Phrase> body;
    private final boolean later;
    private final ScoreLines lines;

    /** {@code later}: under a heading of folding, gluing, punching, where numbers tell things apart. */
    ScoreReading(ReadingState state, Clause clause, Kind verb, boolean later) {
        this.state = state;
        this.clause = clause;
        this.verb = verb;
        this.body = clause.body();
        this.later = later;
        this.lines = new ScoreLines(state);
    }

    void read() {
        int other = otherPiece();
        if (other > 0) {
            new ScoreReading(state, clause.only(body.subList(0, other)), verb, later).read();
            new ScoreReading(state, new Clause(List.of(), body.subList(other + 1, body.size()), false, false,
                    clause.sentence()), verb, later).read();
            return;
        }
        int further = furtherPiece();
        if (further > 0) {
            new ScoreReading(state, clause.only(body.subList(0, further)), verb, later).read();
            new CutReading(state, new Clause(List.of(), body.subList(further + 1, body.size()), false, false,
                    clause.sentence()), Kind.CUT).read();
            return;
        }
        Optional<PieceDraft> found = piece();
        if (found.isEmpty()) {
            return;
        }
        PieceDraft piece = found.get();
        state.current = found;
        clause.of(Kind.SIZE).stream().filter(this::isFoldedTo).findFirst().flatMap(size -> foldedTo(piece, size))
                .ifPresent(score -> add(piece, score));
        state.take(clause.label());
        for (int i = 0; i < body.size(); i++) {
            int taken = body.get(i).is(Kind.LENGTH) ? slant(i) : 0;
            if (taken > 0) {
                i += taken - 1;
            } else {
                phrase(piece, i);
            }
        }
        folds();
        if (body.stream().anyMatch(phrase -> phrase.is(Kind.WORD, "fence", "guide", "stop"))) {
            lines.atFence();
        }
        Optional<Span> said = body.stream().filter(phrase -> phrase.is(Kind.SIDE) || phrase.is(Kind.FROM_EDGE))
                .map(Phrase::span).findFirst();
        lines.of(piece).forEach(score -> add(piece, said.map(score::sided).orElse(score)));
    }

    /** Where "and the liner at" goes on with another piece: the place of the mark before it; 0 if it does not. */
    private int otherPiece() {
        for (int i = 2; i < body.size(); i++) {
            int mark = body.get(i - 1).is(Kind.MARK) ? i - 1 : i - 2;
            boolean begins = body.get(mark).is(Kind.MARK, ",", "and", "&", "+", "plus")
                    && (mark == i - 1 || body.get(i - 1).is(Kind.WORD, "the", "your"));
            boolean known = body.get(i).is(Kind.NAME) && state.named(body.get(i).detail()).isPresent();
            boolean before = body.subList(0, mark).stream().anyMatch(phrase -> phrase.is(Kind.LENGTH));
            boolean behind = body.subList(i, body.size()).stream().anyMatch(phrase -> phrase.is(Kind.LENGTH));
            if (begins && known && before && behind) {
                return mark;
            }
        }
        return 0;
    }

    /** Where "scored at 4, and two liners 3 x 5" goes on with what is cut: the place of the mark; 0 if it does not. */
    private int furtherPiece() {
        int size = IntStream.range(0, body.size()).filter(i -> body.get(i).is(Kind.SIZE)).findFirst().orElse(0);
        Optional<Span> name = NounPhrase.before(body, size);
        if (size == 0 || name.isEmpty() || state.current.isEmpty()) {
            return 0;
        }
        int mark = IntStream.range(0, size).filter(i -> body.get(i).is(Kind.MARK, ",", "and", "&", "+", "plus")
                && body.get(i).span().to() <= name.get().from()).reduce((one, last) -> last).orElse(0);
        boolean scored = body.subList(0, mark).stream().anyMatch(phrase -> phrase.is(Kind.LENGTH));
        return scored && state.named(state.written(name.get())).isEmpty() ? mark : 0;
    }

    /** The piece that is named, or has the size that is said, or was spoken of last. */
    private Optional<PieceDraft> piece() {
        Attributes said = Attributes.of(state, clause);
        Optional<PieceDraft> named = state.spokenOf(clause)
                .or(() -> said.name.or(() -> said.on).flatMap(state::named)).or(() -> state.meant(clause));
        List<Phrase> sizes = clause.of(Kind.SIZE);
        if (!sizes.isEmpty()) {
            Phrase size = sizes.get(0);
            Said width = state.said(size, 0, clause);
            Said height = state.said(size, size.amounts().size() > 1 ? 1 : 0, clause);
            Optional<PieceDraft> sized = state.ofSize(width, height);
            if (sized.isEmpty() && isFoldedTo(size)) {
                return named.or(() -> state.current);
            }
            if (sized.isEmpty() && named.isEmpty() && clause.has(Kind.SHEET)) {
                PieceDraft sheet = new PieceDraft("Piece " + (state.pieces.size() + 1), false, width, height,
                        size.span());
                state.add(sheet); // "fold a full sheet of card (8 1/2 x 11) in half"
                return state.current;
            }
            if (sized.isEmpty() && (named.isEmpty() || said.name.map(PieceName::of)
                    .filter(name -> !name.means(named.get().called)).isPresent())) { // not "the strip": "a flip strip"
                new CutReading(state, clause.only(body.subList(0, behindWords(body.indexOf(size) + 1))), Kind.CUT)
                        .read();
                return state.current;
            }
            if (sized.isEmpty()) {
                state.claims.add(new Claim.SizeAgain(state.index(named.orElseThrow()), width, height, size.span()));
            }
            return named.or(() -> sized);
        }
        said.count.filter(count -> named.isPresent() && count.is(Kind.COUNT)).ifPresent(count -> {
            state.take(count);
            state.claims.add(new Claim.CountAgain(said.name.orElse(""), count.count(), false, count.span()));
        });
        return named.or(() -> state.current).or(this::wholeSheet);
    }

    /** "A whole sheet, 11 x 8 1/2; score it": nothing is cut from it. */
    private Optional<PieceDraft> wholeSheet() {
        state.sheet.filter(sheet -> verb == Kind.SCORE)
                .ifPresent(sheet -> state.add(new PieceDraft("Piece " + (state.pieces.size() + 1), false,
                        sheet.width(), sheet.height(), sheet.width().span().through(sheet.height().span()))));
        return state.current;
    }

    /** "Folded to 4 x 5 in": what comes of it. */
    private boolean isFoldedTo(Phrase size) {
        int at = body.indexOf(size);
        return verb == Kind.FOLD && at > 0 && body.get(at - 1).is(Kind.RELATION, "to") && state.current.isPresent();
    }

    /** A line where the side that becomes shorter is folded; absent where the size does not come of one fold. */
    private Optional<ReadScore> foldedTo(PieceDraft piece, Phrase size) {
        Said width = state.said(size, 0, clause);
        Said height = state.said(size, size.amounts().size() > 1 ? 1 : 0, clause);
        for (boolean turned : new boolean[] {false, true}) {
            Said one = turned ? height : width;
            Said other = turned ? width : height;
            if (one.length().equals(piece.height.length()) && piece.width.length().isLongerThan(other.length())) {
                return Optional.of(new ReadScore(other, Side.LEFT, Optional.empty(), Optional.empty(),
                        Optional.empty(), true, Optional.empty()));
            }
            if (one.length().equals(piece.width.length()) && piece.height.length().isLongerThan(other.length())) {
                return Optional.of(new ReadScore(other, Side.TOP, Optional.empty(), Optional.empty(),
                        Optional.empty(), true, Optional.empty()));
            }
        }
        return Optional.empty();
    }

    /** Where the words from a place on end. */
    private int behindWords(int from) {
        int to = from;
        while (to < body.size() && body.get(to).is(Kind.WORD)) {
            to++;
        }
        return to;
    }

    private void phrase(PieceDraft piece, int index) {
        Phrase phrase = body.get(index);
        switch (phrase.kind()) {
            case LENGTH -> length(piece, phrase, index);
            case TWO_UNITS -> {
                state.claims.add(new Claim.TwoUnits(state.said(phrase, 0, clause), state.said(phrase, 1, clause),
                        phrase.span()));
                lines.score(state.said(phrase, 0, clause));
            }
            case RANGE -> range(phrase, index);
            case SIDE -> along(piece, phrase);
            case FROM_EDGE -> lines.edge(EdgeWords.from(piece, phrase));
            case EDGE -> {
                if (goesOn(index)) {
                    lines.alsoFrom(EdgeWords.named(phrase.detail()));
                }
            }
            case ALL_OVER -> {
                if (phrase.detail().matches("(on |along )?all .*(sides?|edges?)|all.*round")) {
                    lines.onAllSides();
                }
                if (Attributes.relation(body, index).filter("from"::equals).isPresent()) {
                    lines.fromBothEnds();
                }
            }
            case WORD -> {
                if (phrase.detail().equals("other")
                        && Attributes.relation(body, index).filter("from"::equals).isPresent()) {
                    lines.fromOther();
                }
                if (phrase.detail().matches("ends?") && index > 0 && body.get(index - 1).is(Kind.WORD, "either")) {
                    lines.fromBothEnds();
                }
            }
            case TURN -> {
                if (!phrase.detail().contains("over")) {
                    lines.turned();
                }
            }
            case CREASE -> crease(phrase, index);
            case SHARE -> half(piece, phrase);
            case CORNER -> {
                piece.diagonals++;
                state.take(phrase);
            }
            default -> {
                // nothing that is measured
            }
        }
    }

    /** "From the left, right and bottom": one more edge of the same list. */
    private boolean goesOn(int index) {
        int i = index - 1;
        while (i > 0 && (body.get(i).is(Kind.MARK, ",", "and", "&", "+") || body.get(i).is(Kind.WORD, "the")
                || body.get(i).is(Kind.EDGE))) {
            i--;
        }
        return i >= 0 && i < index - 1 && body.get(i).is(Kind.FROM_EDGE);
    }

    /** A length that is no position: how wide what is folded is, or how far the line runs. */
    private void length(PieceDraft piece, Phrase phrase, int index) {
        boolean wide = index + 1 < body.size() && body.get(index + 1).is(Kind.WORD, "wide", "deep", "long", "apart");
        boolean counts = index + 1 < body.size() && phrase.amounts().get(0).plain()
                && (body.get(index + 1).is(Kind.SCORE)
                        || body.get(index + 1).is(Kind.WORD, "lines", "times", "scores"));
        boolean ordinal = isOrdinal(phrase, index);
        boolean between = Attributes.relation(body, index).filter(word -> word.equals("between")).isPresent();
        boolean things = index + 1 < body.size() && phrase.amounts().get(0).plain()
                && body.get(index + 1).is(Kind.NAME); // "all four panels"
        boolean panel = verb == Kind.FOLD && index + 1 < body.size() && body.get(index + 1).is(Kind.NAME)
                && body.get(index + 1).detail().matches("(spine|panel|leaf|flap)"); // "with a 15 mm spine"
        if (panel) {
            state.claims.add(new Claim.OnePanel(state.index(piece), Claim.OnePanel.Which.ANY,
                    state.said(phrase, 0, clause), phrase.span()));
        } else if (index > 0 && body.get(index - 1).is(Kind.WORD, "every")) {
            lines.every(state.said(phrase, 0, clause), body.get(0).is(Kind.WORD, "then"));
        } else if (counts) {
            state.take(phrase);
            lines.inAll(phrase.count());
        } else if (wide || between || ordinal || things) {
            state.take(phrase);
        } else {
            lines.score(state.said(phrase, 0, clause));
        }
    }

    /** "Fold crease 2", "tier 3": a number that tells things apart. */
    private boolean isOrdinal(Phrase phrase, int index) {
        boolean goesOn = index > 1 && body.get(index - 1).is(Kind.MARK, ",", "and", "&", "-", "/")
                && body.get(index - 2).is(Kind.LENGTH) && !isOrdinal(body.get(index - 2), index - 2);
        boolean at = goesOn
                || Attributes.relation(body, index).filter(word -> word.equals("at")).isPresent();
        if (later && !at) {
            return true;
        }
        if (!phrase.amounts().get(0).plain() || index == 0) {
            return false;
        }
        if (verb == Kind.FOLD && !at) {
            return true;
        }
        Phrase before = body.get(index - 1);
        boolean listed = before.is(Kind.MARK, ",", "and") && index > 1 && body.get(index - 2).is(Kind.LENGTH)
                && isOrdinal(body.get(index - 2), index - 2);
        return listed || before.is(Kind.SCORE) && before.detail().startsWith("crease")
                || verb == Kind.FOLD && (before.is(Kind.WORD) || before.is(Kind.NAME));
    }

    /** "76 - 140 - 204" lists lines. */
    private void range(Phrase phrase, int index) {
        boolean goesOn = index + 2 < body.size() && body.get(index + 1).is(Kind.MARK, "-", "–", "—")
                && body.get(index + 2).is(Kind.LENGTH);
        if (goesOn) {
            lines.score(state.said(phrase, 0, clause));
            lines.score(state.said(phrase, 1, clause));
        } else {
            extent(phrase);
        }
    }

    /** From where to where the last line runs. */
    private void extent(Phrase range) {
        ReadScore.Extent extent = new ReadScore.Extent(state.said(range, 0, clause), state.said(range, 1, clause));
        lines.running(extent);
    }

    /**
     * From a mark on one edge to a mark on another: how many phrases that takes from this one on, 0 if it is none.
     */
    private int slant(int index) {
        List<Integer> lengths = new ArrayList<>();
        List<Side> edges = new ArrayList<>();
        int i = index;
        for (; i < body.size() && edges.size() < 2; i++) {
            Phrase phrase = body.get(i);
            if (phrase.is(Kind.LENGTH) && lengths.size() == edges.size()) {
                lengths.add(i);
            } else if (phrase.is(Kind.EDGE) && lengths.size() == edges.size() + 1) {
                edges.add(EdgeWords.named(phrase.detail()));
            } else if (!phrase.is(Kind.RELATION, "on", "to", "at", "from", "of") && !phrase.is(Kind.WORD, "the")) {
                return 0;
            }
        }
        if (edges.size() < 2 || edges.get(0) == edges.get(1)) {
            return 0;
        }
        lines.slanting(state.said(body.get(lengths.get(0)), 0, clause), edges.get(0),
                new ReadScore.Mark(edges.get(1), state.said(body.get(lengths.get(1)), 0, clause)));
        return i - index;
    }

    private void along(PieceDraft piece, Phrase phrase) {
        String detail = phrase.detail();
        boolean wider = piece.width.length().isLongerThan(piece.height.length());
        if (!phrase.amounts().isEmpty()) {
            Said side = state.said(phrase, 0, clause);
            if (side.length().equals(piece.width.length())) {
                lines.edge(Side.LEFT);
            } else if (side.length().equals(piece.height.length())) {
                lines.edge(Side.TOP);
            } else if (!phrase.amounts().get(0).plain()) {
                state.ask(ReadingWords.NO_SUCH_SIDE.of("text", state.written(phrase.span()), "piece", piece.name),
                        List.of(Question.Answer.taken(ReadingWords.LONGER_SIDE.of().sentence())), phrase.span());
                lines.edge(wider ? Side.LEFT : Side.TOP);
            } else if (clause.has(Kind.LENGTH)) {
                state.lose(phrase.span()); // "1 in on three sides": which?
            }
        } else if (detail.matches(".*\\b(long|length).*")) {
            lines.edge(wider ? Side.LEFT : Side.TOP);
        } else if (detail.contains("short") || detail.contains("crosswise") || detail.contains("crossways")) {
            lines.edge(wider ? Side.TOP : Side.LEFT);
        } else {
            lines.edge(detail.contains("width") ? Side.LEFT : Side.TOP);
        }
    }

    /** Behind a position it is that of this one, otherwise of those that follow. */
    private void crease(Phrase phrase, int index) {
        Fold said = said(phrase);
        boolean behind = index > 0 && (body.get(index - 1).is(Kind.LENGTH)
                || index > 1 && body.get(index - 1).is(Kind.MARK, "(", "[", "-", "–", "=", ":")
                        && (body.get(index - 2).is(Kind.LENGTH) || body.get(index - 2).is(Kind.EDGE)));
        lines.folded(said, behind);
    }

    /** "(mountain, valley, mountain)" behind the positions: one for each, in their order. */
    private void folds() {
        List<Phrase> creases = clause.of(Kind.CREASE);
        boolean behind = !creases.isEmpty() && body.subList(0, body.indexOf(creases.get(0))).stream()
                .filter(phrase -> phrase.is(Kind.LENGTH)).count() == lines.size();
        if (behind && creases.size() > 1 && creases.size() == lines.size()) {
            lines.folded(creases.stream().map(ScoreReading::said).toList());
        }
    }

    private static Fold said(Phrase crease) {
        return switch (crease.detail().charAt(0)) {
            case 'm' -> Fold.MOUNTAIN;
            case 'd' -> Fold.DECORATIVE;
            default -> Fold.VALLEY;
        };
    }

    /** Half way; a number beside it says the same, and can be wrong. */
    private void half(PieceDraft piece, Phrase share) {
        state.take(share);
        if (!share.detail().matches(".*(half|middle|centre|center|two|2).*")) {
            state.lose(share.span());
            return;
        }
        List<Phrase> numbers = clause.of(Kind.LENGTH).stream()
                .filter(number -> !isOrdinal(number, body.indexOf(number))).toList();
        if (!numbers.isEmpty()) {
            if (numbers.size() == 1) {
                state.claims.add(new Claim.Half(Optional.empty(), state.index(piece),
                        state.said(numbers.get(0), 0, clause), share.span().through(numbers.get(0).span())));
            }
            return;
        }
        if (later || clause.has(Kind.SIZE) || verb == Kind.FOLD && !piece.scores.isEmpty()) {
            return;
        }
        for (Phrase side : clause.of(Kind.SIDE)) {
            along(piece, side);
        }
        lines.middle(piece, share.span(), share.detail().matches("(down|along) .*"));
    }

    /** A fold along a line that is scored already is no further line. */
    private void add(PieceDraft piece, ReadScore score) {
        for (int i = 0; i < piece.scores.size() && verb == Kind.FOLD; i++) {
            ReadScore known = piece.scores.get(i);
            if (known.at().length().equals(score.at().length()) && known.isAlongWidth() == score.isAlongWidth()) {
                score.fold().ifPresent(value -> piece.scores.set(piece.scores.indexOf(known), known.folded(value)));
                return;
            }
        }
        piece.scores.add(score);
    }
}

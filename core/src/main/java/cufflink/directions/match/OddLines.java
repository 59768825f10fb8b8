package cufflink.directions.match;

import cufflink.directions.Said;
import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Finds the scores that only one has of a piece of the text and the piece of the design beside it. */
final class OddLines {
    final List<Unmatched.Line> unsaid = new ArrayList<>();
    final List<Unmatched.Line> extra = new ArrayList<>();
    final List<String> unscored = new ArrayList<>();
    private final Pairing.Paired paired;

    private OddLines(Pairing.Paired paired) {
        this.paired = paired;
    }

    static OddLines of(Pairing.Paired paired, Shape solved) {
        OddLines found = new OddLines(paired);
        paired.lies().forEach((text, lie) -> Optional
                .ofNullable(solved.pieces().get(paired.pieces().get(text).get(0).id()))
                .ifPresent(piece -> found.compare(text, lie, piece)));
        return found;
    }

    private void compare(TextPiece text, Lie lie, DesignPiece piece) {
        if (text.scores() == 0) {
            if (piece.scores() > 0) {
                unscored.add(piece.label());
            }
            return;
        }
        List<Lie.Pair> pairs = paired.wanted().stream().filter(one -> one.piece().equals(piece.id())).map(Wanted::pair)
                .toList();
        compare(piece, pairs, 2, piece.upright(), lie.turned() ? text.level() : text.upright(),
                whole(piece.width(), lie.fromRight(), lie.turned() ? text.level() : text.upright()));
        compare(piece, pairs, 3, piece.level(), lie.turned() ? text.upright() : text.level(),
                whole(piece.height(), lie.fromBottom(), lie.turned() ? text.upright() : text.level()));
    }

    /** The side, where the text counts from the other end than the design. */
    private static Optional<Length> whole(Length side, boolean fromEnd, List<TextPiece.Line> texts) {
        boolean mirrored = !texts.isEmpty() && !texts.get(0).said().length().equals(texts.get(0).at());
        return fromEnd != mirrored ? Optional.of(side) : Optional.empty();
    }

    /** {@code side} as in {@link Lie.Pair}; {@code from} the side, where the text counts from its other end. */
    private void compare(DesignPiece piece, List<Lie.Pair> pairs, int side, List<Length> lines,
            List<TextPiece.Line> texts, Optional<Length> from) {
        List<Lie.Pair> there = pairs.stream().filter(pair -> pair.side() == side).toList();
        texts.stream().filter(line -> there.stream().noneMatch(pair -> pair.said() == line.said()))
                .forEach(line -> extra.add(new Unmatched.Line(piece.label(), line.said().length(), line.said())));
        for (int i = 0; i < lines.size() && !texts.isEmpty(); i++) {
            int index = i;
            if (there.stream().noneMatch(pair -> pair.index() == index)) {
                Length at = from.map(whole -> whole.minus(lines.get(index))).orElse(lines.get(index));
                unsaid.add(new Unmatched.Line(piece.label(), at, beside(texts, at)));
            }
        }
    }

    /** The first score that is told for behind a place, else the last one. */
    private static Said beside(List<TextPiece.Line> texts, Length at) {
        List<Said> told = texts.stream().map(TextPiece.Line::said).sorted(Comparator.comparing(Said::length)).toList();
        return told.stream().filter(said -> said.length().isLongerThan(at)).findFirst()
                .orElse(told.get(told.size() - 1));
    }
}

package cufflink.directions.match;

import cufflink.design.Fold;
import cufflink.directions.Said;
import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * How a piece of the text lies on one of the design: a quarter turn round or not, counted from the other end or not.
 */
record Lie(boolean turned, boolean fromRight, boolean fromBottom) {
    static final List<Lie> ALL = all();

    /**
     * A figure of the text, and the same of the design: {@code side} 0 for the width, 1 for the height, 2 and 3 for the
     * upright and the level score of that {@code index}. One that is not possible, a score past the piece, is compared
     * and nothing is found from it.
     */
    record Pair(Said said, Length text, int side, int index, Optional<Fold> fold, boolean isPossible) {
        Length of(DesignPiece piece) {
            return switch (side) {
                case 0 -> piece.width();
                case 1 -> piece.height();
                case 2 -> piece.upright().get(index);
                default -> piece.level().get(index);
            };
        }

        DesignMatch.What what() {
            return side == 0 ? DesignMatch.What.WIDTH : side == 1 ? DesignMatch.What.HEIGHT : DesignMatch.What.SCORE;
        }

        Optional<Fold> foldOf(DesignPiece piece) {
            return switch (side) {
                case 2 -> Optional.of(piece.uprightFolds().get(index));
                case 3 -> Optional.of(piece.levelFolds().get(index));
                default -> Optional.empty();
            };
        }

        /** Whether a design has that figure at all. */
        boolean isIn(DesignPiece piece) {
            return side < 2 || index < (side == 2 ? piece.upright() : piece.level()).size();
        }
    }

    private static List<Lie> all() {
        List<Lie> all = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            all.add(new Lie((i & 1) > 0, (i & 2) > 0, (i & 4) > 0));
        }
        return List.copyOf(all);
    }

    /** Whether the text's piece has as many scores that way round, or none at all. */
    boolean suits(TextPiece text, DesignPiece piece) {
        boolean alike = upright(text).size() == piece.upright().size() && level(text).size() == piece.level().size();
        return (alike || text.scores() == 0)
                && (!fromRight || !upright(text).isEmpty()) && (!fromBottom || !level(text).isEmpty());
    }

    private List<TextPiece.Line> upright(TextPiece text) {
        return turned ? text.level() : text.upright();
    }

    private List<TextPiece.Line> level(TextPiece text) {
        return turned ? text.upright() : text.level();
    }

    /** Every figure of a text's piece beside its place in the design's; both have as many scores, or the text none. */
    List<Pair> pairs(TextPiece text) {
        return pairs(text, Odd.NONE, Odd.NONE);
    }

    /** As before where one of both has a score more than the other, once for each score that may be the one. */
    List<List<Pair>> pairsButOne(TextPiece text, DesignPiece piece) {
        int upright = upright(text).size() - piece.upright().size();
        int level = level(text).size() - piece.level().size();
        boolean seen = (!fromRight || !upright(text).isEmpty()) && (!fromBottom || !level(text).isEmpty());
        if (!seen || Math.abs(upright) + Math.abs(level) != 1 || text.scores() == 0 || piece.scores() == 0) {
            return List.of();
        }
        int lines = level == 0 ? Math.max(upright(text).size(), piece.upright().size())
                : Math.max(level(text).size(), piece.level().size());
        return IntStream.range(0, lines).mapToObj(i -> new Odd(upright + level > 0, i))
                .map(odd -> level == 0 ? pairs(text, odd, Odd.NONE) : pairs(text, Odd.NONE, odd)).toList();
    }

    /** A line that only one has: the text or the design. */
    private record Odd(boolean inText, int index) {
        static final Odd NONE = new Odd(true, -1);
    }

    private List<Pair> pairs(TextPiece text, Odd upright, Odd level) {
        Said width = turned ? text.read().height() : text.read().width();
        Said height = turned ? text.read().width() : text.read().height();
        List<Pair> pairs = new ArrayList<>();
        pairs.add(new Pair(width, width.length(), 0, 0, Optional.empty(), true));
        pairs.add(new Pair(height, height.length(), 1, 0, Optional.empty(), true));
        lines(pairs, upright(text), 2, width, fromRight, upright);
        lines(pairs, level(text), 3, height, fromBottom, level);
        return pairs;
    }

    private static void lines(List<Pair> pairs, List<TextPiece.Line> lines, int side, Said whole, boolean fromEnd,
            Odd odd) {
        List<TextPiece.Line> ordered = new ArrayList<>(lines);
        if (fromEnd) {
            Collections.reverse(ordered);
        }
        int index = 0;
        for (int i = 0; i < ordered.size(); i++) {
            TextPiece.Line line = ordered.get(i);
            if (odd.inText() && i == odd.index()) {
                continue;
            }
            index += !odd.inText() && index == odd.index() ? 1 : 0;
            Length at = fromEnd ? whole.length().minus(line.at()) : line.at();
            boolean possible = at.isPositive() && whole.length().isLongerThan(at);
            pairs.add(new Pair(line.said(), at, side, index, line.fold(), possible));
            index++;
        }
    }
}

package cufflink.directions;

import cufflink.design.Fold;
import cufflink.design.Side;
import java.util.Optional;

/**
 * A score line as directions say it, or a fold where no score was spoken of.
 *
 * @param at     from the edge {@code from}; of a slanting line where on that edge its first mark lies
 * @param from   the edge that it is measured from: left or right for an upright line, top or bottom for a level one
 * @param to     where the second mark of a slanting line lies
 * @param fold   if it is said which
 * @param extent how far the line runs, if not from edge to edge
 * @param chosen whether the side that it is measured along was worked out, not said
 * @param side   where the edge or side that it is measured from is said
 */
public record ReadScore(Said at, Side from, Optional<Mark> to, Optional<Fold> fold, Optional<Extent> extent,
        boolean chosen, Optional<Span> side) {
    /** A mark on an edge, from its left or top end. */
    public record Mark(Side edge, Said at) {
    }

    /** From where to where along the line. */
    public record Extent(Said from, Said to) {
    }

    /** Whether it is measured along the width, so that the line is upright. */
    public boolean isAlongWidth() {
        return from == Side.LEFT || from == Side.RIGHT;
    }

    /** Whether it runs from mark to mark. */
    public boolean isSlanting() {
        return to.isPresent();
    }

    ReadScore folded(Fold value) {
        return new ReadScore(at, from, to, Optional.of(value), extent, chosen, side);
    }

    ReadScore from(Side edge) {
        return new ReadScore(at, edge, to, fold, extent, chosen, side);
    }

    ReadScore running(Extent value) {
        return new ReadScore(at, from, to, fold, Optional.of(value), chosen, side);
    }

    ReadScore sided(Span said) {
        return new ReadScore(at, from, to, fold, extent, chosen, Optional.of(said));
    }
}

package cufflink.score;

import cufflink.design.Fold;
import cufflink.design.Side;
import cufflink.measure.Length;
import java.util.Optional;

/**
 * A score that is neither upright nor level: from a mark on one edge of the sheet to a mark on another, along a rule or
 * with the sheet turned until both marks lie in one groove.
 *
 * @param score the score's id
 * @param from  the first mark
 * @param to    the second mark
 * @param part  where on the way from mark to mark it runs; absent if it may run all the way, because what lies beyond
 *              is waste
 * @param fold  as seen on the face that looks up
 */
public record Slant(String score, Mark from, Mark to, Optional<Part> part, Fold fold) {
    /**
     * A mark on an edge of the uncut sheet.
     *
     * @param at from the left end of the top or bottom edge, from the top end of the left or right edge; exact, not
     *           rounded to a ruler
     */
    public record Mark(Side edge, Length at) {
    }

    /** A stretch of a line, counted from its first mark. */
    public record Part(Length start, Length end) {
    }
}

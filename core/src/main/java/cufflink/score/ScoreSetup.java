package cufflink.score;

import cufflink.design.Derivation;
import cufflink.design.Face;
import cufflink.design.Fold;
import cufflink.measure.Length;
import java.util.List;
import java.util.Optional;

/**
 * A piece laid against the fence once, and all that is scored so; or, without positions, a piece whose slanting scores
 * are made from mark to mark.
 *
 * @param piece     the piece's id
 * @param faceUp    the face that looks up
 * @param mirrored  whether the piece is turned over, so that positions count from its other side
 * @param turned    whether it lies a quarter turn to the left, its top edge at the left fence, to score its level lines
 * @param across    the piece's extent along the ruler
 * @param positions ascending
 * @param slants    scored from mark to mark
 */
public record ScoreSetup(String piece, Face faceUp, boolean mirrored, boolean turned, Length across,
        List<Position> positions, List<Slant> slants) {
    public ScoreSetup {
        positions = List.copyOf(positions);
        slants = List.copyOf(slants);
    }

    /**
     * A line to score.
     *
     * @param score      the score's id
     * @param at         from the fence
     * @param from       where along the groove the line starts, counted from the end that lies at the top
     * @param to         where it ends, counted so too
     * @param full       whether it runs from edge to edge
     * @param fold       as seen on the face that looks up now
     * @param derivation of the position on the piece as marked
     */
    public record Position(String score, Length at, Length from, Length to, boolean full, Fold fold,
            Optional<Derivation> derivation) {
    }
}

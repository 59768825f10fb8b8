package cufflink.directions.match;

import cufflink.measure.Length;
import java.util.Map;
import java.util.Optional;

/**
 * A figure that a piece of a design is to have.
 *
 * @param piece its id
 */
record Wanted(String piece, Lie.Pair pair) {
    Optional<Length> in(Map<String, DesignPiece> pieces) {
        return Optional.ofNullable(pieces.get(piece)).filter(pair::isIn).map(pair::of);
    }
}

package cufflink.directions;

import java.util.List;
import java.util.Optional;

/**
 * A piece as directions say it.
 *
 * @param name      as the text calls it, or a number where it has no name
 * @param quantity  1 or more
 * @param counted   where its number is said
 * @param material  absent if it is not said
 * @param sheet     the sheet that it is said to come from
 * @param on        the piece or panel that it is said to lie on, or to go into
 * @param diagonals scores from corner to corner
 */
public record ReadPiece(String name, int quantity, Optional<Span> counted, Said width, Said height,
        Optional<String> material, List<ReadScore> scores, int diagonals, Optional<ReadSheet> sheet,
        Optional<String> on,
        Span span) {
    public ReadPiece {
        scores = List.copyOf(scores);
    }

    /** What one of them is called: "mat" of two mats. */
    public String one() {
        return quantity > 1 ? name.replaceFirst("(?<=[\\p{L}&&[^sS]]{2})s(?=$| (for|on|of|in|inside) )", "") : name;
    }

    /** Its side along the width or along the height. */
    public Said side(boolean alongWidth) {
        return alongWidth ? width : height;
    }
}

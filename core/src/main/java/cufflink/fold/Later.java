package cufflink.fold;

import cufflink.crease.CreasePattern;
import java.util.List;

/**
 * What is glued on when the card stands, and cannot be there while it lies flat.
 *
 * @param pieces that come with it
 * @param joins  that hold them
 * @param others pieces of which no joint says where they are: only a pose that says so has them
 */
public record Later(List<CreasePattern> pieces, List<Join> joins, List<CreasePattern> others) {
    public static final Later NOTHING = new Later(List.of(), List.of(), List.of());

    public Later {
        pieces = List.copyOf(pieces);
        joins = List.copyOf(joins);
        others = List.copyOf(others);
    }

    /** A card with it. */
    public Assembly on(Assembly card) {
        return joins.isEmpty() ? card : card.with(pieces, joins);
    }
}

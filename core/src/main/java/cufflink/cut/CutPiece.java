package cufflink.cut;

import cufflink.measure.Length;
import java.util.List;
import java.util.Optional;

/**
 * A rectangle wanted a number of times.
 *
 * @param id        unique in a job
 * @param label     as shown
 * @param quantity  1 or more
 * @param materials the papers it may be cut from, any of them
 * @param mayTurn   whether it may lie a quarter turn round
 * @param fold      the side along which its long fold runs, which should follow the grain; absent if it has none
 * @param half      whether it is a triangle, so that two of them are cut from one rectangle
 */
public record CutPiece(String id, String label, int quantity, Length width, Length height, List<String> materials,
        boolean mayTurn, Optional<Along> fold, Half half) {
    public CutPiece {
        materials = List.copyOf(materials);
        if (quantity < 1 || !width.isPositive() || !height.isPositive()) {
            throw new IllegalArgumentException(
                    "quantity, width and height must be positive: " + quantity + ", " + width + ", " + height);
        }
    }

    /** A rectangle of one paper, without a fold. */
    public CutPiece(String id, String label, int quantity, Length width, Length height, String material,
            boolean mayTurn) {
        this(id, label, quantity, width, height, List.of(material), mayTurn, Optional.empty(), Half.WHOLE);
    }

    public CutPiece withFold(Optional<Along> value) {
        return new CutPiece(id, label, quantity, width, height, materials, mayTurn, value, half);
    }

    /** So many of it. */
    public CutPiece withQuantity(int value) {
        return new CutPiece(id, label, value, width, height, materials, mayTurn, fold, half);
    }

    /** The same from other papers. */
    public CutPiece withMaterials(List<String> value) {
        return new CutPiece(id, label, quantity, width, height, value, mayTurn, fold, half);
    }

    /** The same as a triangle. */
    public CutPiece halved(Half value) {
        return new CutPiece(id, label, quantity, width, height, materials, mayTurn, fold, value);
    }
}

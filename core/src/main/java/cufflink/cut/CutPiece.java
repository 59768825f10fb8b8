package cufflink.cut;

import cufflink.measure.Length;

/**
 * A rectangle wanted a number of times.
 *
 * @param id        unique in a job
 * @param label     as shown
 * @param quantity  1 or more
 * @param material  must match the stock's
 * @param mayTurn   whether it may lie a quarter turn round
 */
public record CutPiece(String id, String label, int quantity, Length width, Length height, String material, boolean mayTurn) {
    public CutPiece {
        if (quantity < 1 || !width.isPositive() || !height.isPositive()) {
            throw new IllegalArgumentException("quantity, width and height must be positive: " + quantity + ", " + width + ", " + height);
        }
    }
}

package cufflink.cut;

import cufflink.measure.Length;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Sheets or offcuts to cut from.
 *
 * @param id          unique in a job
 * @param name        as shown
 * @param material    must be one of the piece's
 * @param count       how many there are; empty: as many as needed
 * @param offcut      whether it is a piece left over, to be used first
 * @param directional whether its pattern stands upright, so that nothing cut from it is turned
 * @param grain       the side along which the fibres run; absent if unknown
 */
public record StockSheet(String id, String name, String material, Length width, Length height, OptionalInt count,
        boolean offcut, boolean directional, Optional<Along> grain) {
    public StockSheet {
        if (!width.isPositive() || !height.isPositive() || count.orElse(1) < 0) {
            throw new IllegalArgumentException(
                    "width and height must be positive, a count not below 0: " + width + ", " + height + ", " + count);
        }
    }

    /** Paper without a direction and of unknown grain, known by its name. */
    public StockSheet(String name, String material, Length width, Length height, OptionalInt count, boolean offcut) {
        this(name, name, material, width, height, count, offcut, false, Optional.empty());
    }

    /** So many of them. */
    StockSheet withCount(OptionalInt value) {
        return new StockSheet(id, name, material, width, height, value, offcut, directional, grain);
    }

    /** The same, counted as an offcut: used before new sheets and not counted among them. */
    public StockSheet asOffcut() {
        return new StockSheet(id, name, material, width, height, count, true, directional, grain);
    }
}

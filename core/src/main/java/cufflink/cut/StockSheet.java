package cufflink.cut;

import cufflink.measure.Length;
import java.util.OptionalInt;

/**
 * Sheets or offcuts to cut from.
 *
 * @param name     as shown
 * @param material must match the piece's
 * @param count    how many there are; empty: as many as needed
 * @param offcut   whether it is a piece left over, to be used first
 */
public record StockSheet(String name, String material, Length width, Length height, OptionalInt count, boolean offcut) {
}

package cufflink.cut;

import cufflink.measure.Length;
import java.util.Optional;

/**
 * Where a piece lies on a sheet.
 *
 * @param piece  its id
 * @param label  as shown
 * @param x      from the sheet's left edge
 * @param y      from its top edge
 * @param width  as it lies
 * @param height as it lies
 * @param turned whether it lies a quarter turn round
 * @param other  the id of the second triangle out of the same rectangle, or the same id; absent for a rectangle and for a triangle alone
 */
public record Placement(String piece, String label, Length x, Length y, Length width, Length height, boolean turned, Optional<String> other) {
}

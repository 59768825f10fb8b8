package cufflink.cut;

import cufflink.measure.Length;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

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
 * @param half   for a triangle the diagonal that bounds it as it lies
 * @param other  the second triangle out of the same rectangle; absent for a rectangle and for a triangle alone
 */
public record Placement(String piece, String label, Length x, Length y, Length width, Length height, boolean turned,
        Half half, Optional<Other> other) {
    /** A piece that shares a rectangle with another. */
    public record Other(String piece, String label) {
    }

    /** The ids of everything that is cut from this rectangle: one or two. */
    public List<String> pieces() {
        return Stream.concat(Stream.of(piece), other.stream().map(Other::piece)).toList();
    }

    /** Their labels. */
    public List<String> labels() {
        return Stream.concat(Stream.of(label), other.stream().map(Other::label)).toList();
    }
}

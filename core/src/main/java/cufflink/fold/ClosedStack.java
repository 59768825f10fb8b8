package cufflink.fold;

import cufflink.measure.Length;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/**
 * The closed card as layers from the front to the back.
 *
 * @param layers    front first
 * @param bounds    of the panels seen from the front, millimetres
 * @param thickness at the thickest place
 * @param thickest  a point there
 */
public record ClosedStack(List<StackLayer> layers, Envelope bounds, Length thickness, Coordinate thickest) {
    public ClosedStack {
        layers = List.copyOf(layers);
    }

    public Length width() {
        return Length.nearestToMillimetres(bounds.getWidth());
    }

    public Length height() {
        return Length.nearestToMillimetres(bounds.getHeight());
    }
}

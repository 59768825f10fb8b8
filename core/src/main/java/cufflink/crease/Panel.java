package cufflink.crease;

import cufflink.measure.Length;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;

/**
 * A region of a piece that stays flat.
 *
 * @param id      unique in its piece
 * @param label   as shown
 * @param outline in the piece's coordinates, millimetres
 */
public record Panel(String id, String label, Polygon outline) {
    public Envelope bounds() {
        return outline.getEnvelopeInternal();
    }

    /** Width of its bounds, to the nanometre. */
    public Length width() {
        return Length.nearestToMillimetres(bounds().getWidth());
    }

    /** Height of its bounds, to the nanometre. */
    public Length height() {
        return Length.nearestToMillimetres(bounds().getHeight());
    }
}

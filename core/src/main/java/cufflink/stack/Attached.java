package cufflink.stack;

import cufflink.design.Face;
import cufflink.design.PanelRef;
import cufflink.measure.Length;
import org.locationtech.jts.geom.Polygon;

/**
 * Paper glued on a panel's face, the lowest first.
 *
 * @param on        the panel
 * @param face      its face
 * @param outline   in the piece's coordinates, millimetres
 * @param thickness of the paper
 * @param label     as shown
 * @param layer     1 lies on the panel
 */
public record Attached(PanelRef on, Face face, Polygon outline, Length thickness, String label, int layer) {
}

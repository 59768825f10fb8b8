package cufflink.drawing;

import cufflink.design.Face;
import cufflink.design.PanelRef;
import org.locationtech.jts.geom.Polygon;

/**
 * Glue on a panel.
 *
 * @param on      the panel
 * @param face    its face
 * @param outline in the piece's coordinates, millimetres
 */
public record GlueArea(PanelRef on, Face face, Polygon outline) {
}

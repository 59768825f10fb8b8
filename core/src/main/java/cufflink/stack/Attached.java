package cufflink.stack;

import cufflink.design.Face;
import cufflink.design.PanelRef;
import cufflink.fold.Assembly;
import cufflink.fold.Decoration;
import cufflink.measure.Length;
import org.locationtech.jts.geom.Polygon;

/**
 * What lies on a panel's face, the lowest first.
 *
 * @param kind      a mat, a soft piece, hardware or an ornament
 * @param id        of the soft piece, fixing or ornament; of a mat its label
 * @param on        the panel
 * @param face      its face
 * @param outline   in the piece's coordinates, millimetres; that of an ornament may reach past the panel
 * @param thickness of it
 * @param label     as shown
 * @param layer     of a mat: 1 lies on the panel; otherwise 0
 */
public record Attached(StackLayer.Kind kind, String id, PanelRef on, Face face, Polygon outline, Length thickness,
        String label,
        int layer) {
    /** An ornament as it is laid on an assembly. */
    Decoration.Laid laid(Assembly assembly) {
        return new Decoration.Laid(id, label, on, face == assembly.pattern(on.piece()).up(), outline);
    }
}

package cufflink.stack;

import cufflink.design.Face;
import cufflink.design.PanelRef;
import cufflink.measure.Length;
import java.util.Optional;
import org.locationtech.jts.geom.Polygon;

/**
 * One layer of the closed card.
 *
 * @param kind      what it is
 * @param id        of the soft piece, fixing or ornament; of anything else its label
 * @param label     as shown
 * @param panel     the panel it is, or lies on; absent for contents
 * @param level     1 and up for mats, otherwise 0
 * @param facing    the face that looks to the front of the card, from wherever the layer is seen
 * @param footprint seen from the front, millimetres
 * @param thickness of the layer
 * @param turned    degrees, 0 to 359 clockwise as seen from the front, by which a pattern that stands upright on the
 *                  piece as it lies flat is turned on the closed card
 */
public record StackLayer(Kind kind, String id, String label, Optional<PanelRef> panel, int level, Face facing,
        Polygon footprint,
        Length thickness, int turned) {
    /** Kinds of layers. */
    public enum Kind { PANEL, MAT, SOFT, HARDWARE, ORNAMENT, CONTENTS }
}

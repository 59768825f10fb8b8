package cufflink.mat;

import cufflink.design.SizedDesign.Mat;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import org.locationtech.jts.geom.Polygon;

/**
 * One layer to cut.
 *
 * @param on        where it goes
 * @param layer     1 lies on the panel, 2 on layer 1
 * @param width     of its bounds
 * @param height    of its bounds
 * @param reveal    the border it leaves of what is under it
 * @param outline   placed on the panel, in the piece's coordinates, millimetres
 * @param underArea bounds of what it lies on
 */
public record MatLayer(Mat on, int layer, Length width, Length height, Length reveal, Polygon outline, Under underArea) {
    /** The bounds of what a layer lies on. */
    public record Under(Length width, Length height) {
    }

    /** For example "centre, layer 1". */
    public String label() {
        return on.label() + ", layer " + layer;
    }

    /** How the width came about: {@code 4 1/4 − 2 × 1/8 = 4}. */
    public String derivation(LengthFormat format) {
        return label() + " = " + format.number(underArea.width()) + " − 2 × " + format.number(reveal) + " = " + format.number(width) + ", "
                + format.number(underArea.height()) + " − 2 × " + format.number(reveal) + " = " + format.text(height);
    }
}

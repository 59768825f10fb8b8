package cufflink.mat;

import cufflink.crease.RobustOverlay;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign.Mat;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import java.util.Optional;
import org.locationtech.jts.geom.Polygon;

/**
 * One layer to cut.
 *
 * @param on      where it goes
 * @param place   the panel's name, or the piece's, with the face if there are layers on both
 * @param layer   1 lies on the panel, 2 on layer 1
 * @param form    by the measures that it is cut with, openings left out
 * @param reveal  the border that was asked for; at least as much shows on every side
 * @param outline with its openings, placed on the panel, in the piece's coordinates, millimetres
 * @param under   the form of what it lies on
 * @param whole   whether that form is all of it but for its openings; a rectangle may stand for a panel with a step
 */
public record MatLayer(Mat on, String place, int layer, LayerForm form, Length reveal, Polygon outline,
        LayerForm under, boolean whole) {
    /** Of the piece that is cut; no other has it. */
    public String id() {
        return place + " layer " + layer;
    }

    /** For example "centre, layer 1". */
    public String label() {
        return on.label() + ", layer " + layer;
    }

    /** What of it lies on a panel of its piece. */
    public Optional<Polygon> on(PanelRef ref, Polygon panel) {
        if (!on.covers(ref)) {
            return Optional.empty();
        }
        return !on.isWhole() ? Optional.of(outline)
                : RobustOverlay.intersection(outline, panel) instanceof Polygon part && !part.isEmpty()
                        ? Optional.of(part)
                : Optional.empty();
    }

    /** Of the rectangle that it is cut as, or from; of a right triangle the first side at the right angle. */
    public Length width() {
        return form.width();
    }

    /** The other side. */
    public Length height() {
        return form.height();
    }

    /** Whether exactly the border that was asked for shows on every side. */
    public boolean isExact() {
        return whole && form.kind() == LayerForm.Kind.RECTANGLE && width().plus(reveal.times(2)).equals(under.width())
                && height().plus(reveal.times(2)).equals(under.height());
    }

    /**
     * How its measures came about: {@code 4 1/4 − 2 × 1/8 = 4}; what falls between the marks of the ruler goes down to
     * the next.
     */
    public String derivation(LengthFormat format) {
        return label() + switch (form.kind()) {
            case RECTANGLE -> " = " + side(under.width(), width(), format) + ", "
                    + side(under.height(), height(), format) + " " + format.unit().symbol();
            case TRIANGLE -> " = a right triangle of " + format.size(under.width(), under.height()) + ", smaller by "
                    + format.text(reveal) + " on every side: " + format.size(width(), height());
            case OUTLINE -> " = the outline under it, smaller by " + format.text(reveal)
                    + " on every side; it is cut from " + format.size(width(), height());
        };
    }

    private String side(Length whole, Length cut, LengthFormat format) {
        Length exact = whole.minus(reveal.times(2));
        return format.number(whole) + " − 2 × " + format.number(reveal) + " = " + format.number(exact)
                + (exact.equals(cut) ? "" : ", on the ruler " + format.number(cut));
    }
}

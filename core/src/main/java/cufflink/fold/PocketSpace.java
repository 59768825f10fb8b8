package cufflink.fold;

import cufflink.design.PanelRef;
import cufflink.design.Side;
import cufflink.measure.Length;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.geom.Envelope;

/**
 * A space between layers of the closed card, as seen from the front.
 *
 * @param front  panels before it
 * @param behind panels behind it
 * @param bounds of the space, millimetres
 * @param closed sides with a fold or glue along most of their length
 * @param open   sides at which something can be put in
 */
public record PocketSpace(List<PanelRef> front, List<PanelRef> behind, Envelope bounds, Set<Side> closed, Set<Side> open) {
    public PocketSpace {
        front = List.copyOf(front);
        behind = List.copyOf(behind);
        closed = Set.copyOf(closed);
        open = Set.copyOf(open);
    }

    /** Across the mouth. */
    public Length width() {
        return Length.nearestToMillimetres(mouthIsUpright() ? bounds.getHeight() : bounds.getWidth());
    }

    /** From the mouth to the closed end. */
    public Length depth() {
        return Length.nearestToMillimetres(mouthIsUpright() ? bounds.getWidth() : bounds.getHeight());
    }

    private boolean mouthIsUpright() {
        return !open.contains(Side.TOP) && !open.contains(Side.BOTTOM);
    }
}

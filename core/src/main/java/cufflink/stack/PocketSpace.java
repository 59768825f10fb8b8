package cufflink.stack;

import cufflink.design.PanelRef;
import cufflink.design.Side;
import cufflink.measure.Length;
import cufflink.problem.Ordered;
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
public record PocketSpace(List<PanelRef> front, List<PanelRef> behind, Envelope bounds, Set<Side> closed,
        Set<Side> open) {
    public PocketSpace {
        front = List.copyOf(front);
        behind = List.copyOf(behind);
        closed = Ordered.set(closed);
        open = Ordered.set(open);
    }

    /** Across the mouth. */
    public Length width() {
        return width(mouth());
    }

    /** From the mouth to the closed end. */
    public Length depth() {
        return depth(mouth());
    }

    private Side mouth() {
        return open.stream().filter(side -> side.y() != 0).findFirst().orElse(Side.LEFT);
    }

    /** Across one of the sides at which it is open. */
    public Length width(Side mouth) {
        return Length.nearestToMillimetres(mouth.x() != 0 ? bounds.getHeight() : bounds.getWidth());
    }

    /** From one of the sides at which it is open to the other end. */
    public Length depth(Side mouth) {
        return Length.nearestToMillimetres(mouth.x() != 0 ? bounds.getWidth() : bounds.getHeight());
    }
}

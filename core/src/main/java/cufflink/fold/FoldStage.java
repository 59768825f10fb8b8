package cufflink.fold;

import cufflink.design.PanelRef;
import cufflink.design.SizedDesign;
import java.util.List;
import java.util.Set;

/**
 * One step of folding, worked out.
 *
 * @param step   what the design says, or what was proposed
 * @param before the piece before it
 * @param after  the piece after it
 * @param moved  the panels that move
 * @param order  panels from the viewer's side down, after it; empty unless it ends flat
 */
public record FoldStage(SizedDesign.FoldStep step, FoldedState before, FoldedState after, Set<PanelRef> moved, List<PanelRef> order) {
    public FoldStage {
        moved = Set.copyOf(moved);
        order = List.copyOf(order);
    }

    /** The way from before to after. */
    public FoldMotion motion() {
        return FoldMotion.between(before, after);
    }
}

package cufflink.fold;

import cufflink.design.PanelRef;
import cufflink.design.SizedDesign;
import cufflink.problem.Ordered;
import java.util.List;
import java.util.Set;

/**
 * One step of folding, worked out.
 *
 * @param step   what the design says, or what was proposed
 * @param motion the way from the state before
 * @param after  the piece after it
 * @param moved  the panels that move
 * @param order  panels from the viewer's side down, after it; empty unless it ends flat
 */
public record FoldStage(SizedDesign.FoldStep step, FoldMotion motion, FoldedState after, Set<PanelRef> moved,
        List<PanelRef> order) {
    public FoldStage {
        moved = Ordered.set(moved);
        order = List.copyOf(order);
    }
}

package cufflink.fold;

import cufflink.design.SizedDesign;
import java.util.List;
import java.util.Set;

/**
 * One step of folding, worked out.
 *
 * @param step   what the design says
 * @param before the piece before it
 * @param after  the piece after it
 * @param moved  ids of the panels that move
 * @param order  panels from the viewer's side down, after it; empty unless it ends flat
 */
public record FoldStage(SizedDesign.FoldStep step, FoldedState before, FoldedState after, Set<String> moved, List<String> order) {
    public FoldStage {
        moved = Set.copyOf(moved);
        order = List.copyOf(order);
    }
}

package cufflink.drawing;

import cufflink.design.CreaseRef;
import cufflink.design.PanelRef;
import cufflink.fold.FoldedState;
import cufflink.mat.MatLayer;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What is to be drawn of folded paper.
 *
 * @param state  where the panels are
 * @param lift   how far each panel is set off its own plane towards its up face so that layers lie apart, millimetres
 * @param papers by piece id
 * @param mats   layers on the panels
 * @param layers papers of the layers, by number
 * @param marked creases that are drawn as "now"
 */
public record FoldScene(FoldedState state, Map<PanelRef, Double> lift, Map<String, Stock> papers, List<MatLayer> mats, Map<Integer, Stock> layers,
                        Set<CreaseRef> marked) {
    /** How far layers are set apart, and how much a whole stack may swell. */
    private static final double APART = 0.5;
    private static final double STACK = 6;

    public FoldScene {
        lift = Map.copyOf(lift);
        papers = Map.copyOf(papers);
        mats = List.copyOf(mats);
        layers = Map.copyOf(layers);
        marked = Set.copyOf(marked);
    }

    /** A state of a plan's paper, with layers in the order of a flat state: panels from its viewer's side down. */
    public static FoldScene of(Plan plan, FoldedState state, Map<PanelRef, Double> lift) {
        Map<String, Stock> papers = new HashMap<>();
        plan.design().pieces().forEach(piece -> papers.put(piece.id(), plan.project().paper(piece.material())));
        Map<Integer, Stock> layers = new HashMap<>();
        plan.mats().forEach(mat -> layers.put(mat.layer(), plan.project().paper("mat " + mat.layer())));
        return new FoldScene(state, lift, papers, plan.mats(), layers, Set.of());
    }

    /** How the layers of a flat state are set apart; nothing for an empty order. */
    public static Map<PanelRef, Double> lift(FoldedState flat, List<PanelRef> order) {
        Map<PanelRef, Double> lift = new LinkedHashMap<>();
        double step = Math.min(APART, STACK / Math.max(1, order.size()));
        for (int i = 0; i < order.size(); i++) {
            lift.put(order.get(i), step * (order.size() - i) * (flat.position().get(order.get(i)).turnsOver() ? -1 : 1));
        }
        return lift;
    }

    /** The same with creases marked. */
    public FoldScene marking(Set<CreaseRef> creases) {
        return new FoldScene(state, lift, papers, mats, layers, creases);
    }
}

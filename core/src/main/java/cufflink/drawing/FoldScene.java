package cufflink.drawing;

import cufflink.design.CreaseRef;
import cufflink.design.PanelRef;
import cufflink.fold.FoldedState;
import cufflink.mat.MatLayer;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
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
 * @param glue   patches of glue that still show
 */
public record FoldScene(FoldedState state, Map<PanelRef, Double> lift, Map<String, Stock> papers, List<MatLayer> mats, Map<Integer, Stock> layers,
                        Set<CreaseRef> marked, List<GlueArea> glue) {
    /** How far layers are set apart, and how much a whole stack may swell. */
    private static final double APART = 0.5;
    private static final double STACK = 6;

    public FoldScene {
        lift = Map.copyOf(lift);
        papers = Map.copyOf(papers);
        mats = List.copyOf(mats);
        layers = Map.copyOf(layers);
        marked = Set.copyOf(marked);
        glue = List.copyOf(glue);
    }

    /** A state of a plan's paper, with layers in the order of a flat state: panels from its viewer's side down. */
    public static FoldScene of(Plan plan, FoldedState state, Map<PanelRef, Double> lift) {
        Map<String, Stock> papers = new HashMap<>();
        plan.design().pieces().forEach(piece -> papers.put(piece.id(), plan.project().paper(piece.material())));
        Map<Integer, Stock> layers = new HashMap<>();
        plan.mats().forEach(mat -> layers.put(mat.layer(), plan.project().paper("mat " + mat.layer())));
        return new FoldScene(state, lift, papers, plan.mats(), layers, Set.of(), List.of());
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

    /** Between two ways of setting layers apart. */
    public static Map<PanelRef, Double> lift(Map<PanelRef, Double> from, Map<PanelRef, Double> to, double share) {
        Map<PanelRef, Double> lift = new LinkedHashMap<>();
        Set<PanelRef> panels = new HashSet<>(from.keySet());
        panels.addAll(to.keySet());
        panels.forEach(panel -> lift.put(panel, from.getOrDefault(panel, 0.0) * (1 - share) + to.getOrDefault(panel, 0.0) * share));
        return lift;
    }

    /** The same with creases marked. */
    public FoldScene marking(Set<CreaseRef> creases) {
        return new FoldScene(state, lift, papers, mats, layers, creases, glue);
    }

    /** The same with glue showing. */
    public FoldScene showing(List<GlueArea> patches) {
        return new FoldScene(state, lift, papers, mats, layers, marked, patches);
    }

    /** The same with bare panels. */
    public FoldScene bare() {
        return new FoldScene(state, lift, papers, new ArrayList<>(), layers, marked, glue);
    }
}

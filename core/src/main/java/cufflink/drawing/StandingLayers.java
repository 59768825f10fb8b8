package cufflink.drawing;

import cufflink.design.PanelRef;
import cufflink.fold.FlatFoldedState;
import cufflink.fold.FoldedState;
import cufflink.fold.Join;
import cufflink.fold.RigidMotion;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The order of a closed card's panels, with those that are glued on when it stands: right before or behind what they
 * are glued on.
 *
 * @param flat  where each panel lies in it
 * @param order from the viewer's side down
 */
record StandingLayers(FoldedState flat, List<PanelRef> order) {
    static StandingLayers of(FlatFoldedState closed, FoldedState standing) {
        List<PanelRef> order = new ArrayList<>(closed.order());
        Map<PanelRef, RigidMotion> places = new LinkedHashMap<>(closed.state().position());
        for (Join join : standing.assembly().joins()) {
            if (places.containsKey(join.onto()) && !places.containsKey(join.part()) && join.place().isPresent()) {
                RigidMotion under = places.get(join.onto());
                order.add(order.indexOf(join.onto()) + (join.above() == under.turnsOver() ? 1 : 0), join.part());
                places.put(join.part(), under.after(join.place().get()));
            }
        }
        return new StandingLayers(new FoldedState(standing.assembly(), closed.state().angles(), places), order);
    }
}

package cufflink.fold;

import cufflink.design.PanelRef;
import java.util.List;
import java.util.Optional;

/**
 * An assembly folded flat whose order of layers has been proved; made only by {@link LayerOrderVerifier}.
 */
public final class FlatFoldedState {
    private final FoldedState state;
    private final LayerRelation relation;
    private final List<PanelRef> order;
    private Optional<Places> places = Optional.empty();

    FlatFoldedState(FoldedState state, LayerRelation relation) {
        this.state = state;
        this.relation = relation;
        this.order = List.copyOf(relation.order());
    }

    public FoldedState state() {
        return state;
    }

    /** Which of two overlapping panels lies nearer to the viewer. */
    public LayerRelation relation() {
        return relation;
    }

    /** All panels from the viewer's side down. */
    public List<PanelRef> order() {
        return order;
    }

    /** The same state, its places known already. */
    FlatFoldedState at(Places known) {
        FlatFoldedState flat = new FlatFoldedState(state, relation);
        flat.places = Optional.of(known);
        return flat;
    }

    /** Which panels lie over each place; worked out when first asked for. */
    public synchronized Places places() {
        if (places.isEmpty()) {
            places = Optional.of(new Places(state));
        }
        return places.get();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof FlatFoldedState flat && state.equals(flat.state) && relation.equals(flat.relation);
    }

    @Override
    public int hashCode() {
        return order.hashCode();
    }
}

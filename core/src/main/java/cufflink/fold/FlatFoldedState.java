package cufflink.fold;

import java.util.List;

/**
 * A piece folded flat whose order of layers has been proved; made only by {@link LayerOrderVerifier}.
 */
public final class FlatFoldedState {
    private final FoldedState state;
    private final List<String> order;

    FlatFoldedState(FoldedState state, List<String> order) {
        this.state = state;
        this.order = List.copyOf(order);
    }

    public FoldedState state() {
        return state;
    }

    /** Panel ids from the viewer's side down. */
    public List<String> order() {
        return order;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof FlatFoldedState flat && state.equals(flat.state) && order.equals(flat.order);
    }

    @Override
    public int hashCode() {
        return order.hashCode();
    }
}

package cufflink.fold;

import cufflink.design.PanelRef;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Which of two overlapping panels lies nearer to the viewer. */
public final class LayerRelation {
    private final List<PanelRef> panels;
    private final Map<PanelRef, Integer> index = new HashMap<>();
    private final byte[][] above;

    /** {@code above[i][j]} is 1 if panel i lies above panel j, −1 if below, 0 if they do not overlap. */
    LayerRelation(List<PanelRef> panels, byte[][] above) {
        this.panels = List.copyOf(panels);
        this.above = above;
        for (int i = 0; i < panels.size(); i++) {
            index.put(panels.get(i), i);
        }
    }

    /** The relation of a plain order from the viewer's side down, every panel taken to overlap every other. */
    static LayerRelation ofOrder(List<PanelRef> order) {
        byte[][] above = new byte[order.size()][order.size()];
        for (int i = 0; i < order.size(); i++) {
            for (int j = 0; j < order.size(); j++) {
                above[i][j] = (byte) Integer.compare(j, i);
            }
        }
        return new LayerRelation(order, above);
    }

    /** The relation of panels that lie side by side. */
    static LayerRelation apart(List<PanelRef> panels) {
        return new LayerRelation(panels, new byte[panels.size()][panels.size()]);
    }

    /** The panels it speaks of. */
    public List<PanelRef> panels() {
        return panels;
    }

    /** Whether the first lies above the second; absent if they do not overlap. */
    public Optional<Boolean> above(PanelRef first, PanelRef second) {
        int side = side(first, second);
        return side == 0 ? Optional.empty() : Optional.of(side > 0);
    }

    /** 1 if the first lies above the second, −1 if below, 0 if they do not overlap. */
    int side(PanelRef first, PanelRef second) {
        return above[index.get(first)][index.get(second)];
    }

    /** Sorts panels that all overlap at some place, the nearest to the viewer first. */
    public List<PanelRef> sorted(List<PanelRef> overlapping) {
        List<PanelRef> sorted = new ArrayList<>(overlapping);
        sorted.sort((a, b) -> a.equals(b) ? 0 : -above[index.get(a)][index.get(b)]);
        return sorted;
    }

    /**
     * All panels in one order from the viewer's side down that agrees with every pair; where panels lie over each other
     * in a ring, so that no such order exists, the ring is broken at its first panel.
     */
    public List<PanelRef> order() {
        List<PanelRef> order = new ArrayList<>();
        boolean[] done = new boolean[panels.size()];
        while (order.size() < panels.size()) {
            int next = -1;
            for (int i = 0; i < panels.size() && next < 0; i++) {
                next = !done[i] && isFree(i, done) ? i : -1;
            }
            for (int i = 0; i < panels.size() && next < 0; i++) {
                next = done[i] ? -1 : i;
            }
            done[next] = true;
            order.add(panels.get(next));
        }
        return order;
    }

    private boolean isFree(int panel, boolean[] done) {
        for (int other = 0; other < done.length; other++) {
            if (!done[other] && above[other][panel] > 0) {
                return false;
            }
        }
        return true;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof LayerRelation relation && panels.equals(relation.panels)
                && Arrays.deepEquals(above, relation.above);
    }

    @Override
    public int hashCode() {
        return Arrays.deepHashCode(above);
    }
}

package cufflink.fold;

import cufflink.design.PanelRef;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;

/**
 * The places of an assembly folded flat: which of its panels lie over each. Panels are numbered in the assembly's
 * order.
 */
public final class Places {
    private final List<PanelRef> panels;
    private final Map<PanelRef, Integer> index = new HashMap<>();
    private final Overlay overlay;
    private final List<BitSet> cellsOf = new ArrayList<>();

    Places(FoldedState flat) {
        panels = flat.assembly().panels();
        overlay = Overlay.of(panels.stream().map(flat::footprint).toList());
        for (int i = 0; i < panels.size(); i++) {
            index.put(panels.get(i), i);
            cellsOf.add(new BitSet());
        }
        for (int cell = 0; cell < overlay.cells().size(); cell++) {
            int at = cell;
            overlay.faces(cell).stream().forEach(face -> cellsOf.get(face).set(at));
        }
    }

    public List<PanelRef> panels() {
        return panels;
    }

    public Overlay overlay() {
        return overlay;
    }

    /** A panel's number; −1 for one that is not here. */
    public int index(PanelRef panel) {
        return index.getOrDefault(panel, -1);
    }

    /** The cells under a panel. */
    public BitSet cellsOf(int panel) {
        return cellsOf.get(panel);
    }

    /** The cells under two panels. */
    public BitSet common(int a, int b) {
        BitSet common = (BitSet) cellsOf.get(a).clone();
        common.and(cellsOf.get(b));
        return common;
    }

    /** Whether two panels overlap; false for one that is not here. */
    public boolean overlap(PanelRef a, PanelRef b) {
        return !a.equals(b) && index(a) >= 0 && index(b) >= 0
                && cellsOf.get(index(a)).intersects(cellsOf.get(index(b)));
    }

    /** A point of each place where both lie. */
    public List<Coordinate> commonPoints(PanelRef a, PanelRef b) {
        return common(index(a), index(b)).stream().mapToObj(cell -> overlay.cells().get(cell).inside()).toList();
    }
}

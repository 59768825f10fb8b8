package cufflink.cut;

import java.util.List;

/**
 * One sheet with what is cut from it.
 *
 * @param cuts in the order of work
 */
public record SheetLayout(StockSheet stock, List<Placement> placements, List<Cut> cuts) {
    public SheetLayout {
        placements = List.copyOf(placements);
        cuts = List.copyOf(cuts);
    }
}

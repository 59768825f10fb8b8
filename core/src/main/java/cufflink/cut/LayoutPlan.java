package cufflink.cut;

import java.util.List;

/**
 * The sheets of a job.
 *
 * @param bound    no plan can do with fewer sheets than this
 * @param unplaced ids of pieces for which there is no paper, once for each copy
 */
public record LayoutPlan(List<SheetLayout> sheets, int bound, List<String> unplaced) {
    public LayoutPlan {
        sheets = List.copyOf(sheets);
        unplaced = List.copyOf(unplaced);
    }

    /** Whether fewer sheets are impossible. */
    public boolean isProved() {
        return unplaced.isEmpty() && sheets.size() <= bound;
    }

    /** Share of the sheets' area that becomes no piece, 0 to 1. */
    public double waste() {
        double sheetArea = 0;
        double pieceArea = 0;
        for (SheetLayout sheet : sheets) {
            sheetArea += sheet.stock().width().toMillimetres() * sheet.stock().height().toMillimetres();
            pieceArea += sheet.placements().stream().mapToDouble(p -> p.width().toMillimetres() * p.height().toMillimetres()).sum();
        }
        return sheetArea == 0 ? 0 : 1 - pieceArea / sheetArea;
    }
}

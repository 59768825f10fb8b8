package cufflink.cut;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The sheets of a job.
 *
 * @param bound    no plan can do with fewer new sheets than this
 * @param unplaced ids of pieces for which there is no paper, once for each copy
 * @param grain    what the fibres would cost where they are not followed; absent where they are, or are of no account
 */
public record LayoutPlan(List<SheetLayout> sheets, int bound, List<String> unplaced, Optional<GrainCost> grain) {
    /** The better plan first: more pieces placed, fewer new sheets, offcuts used before them, less waste, more of each rest left in one piece, fewer settings of the fence. */
    public static final Comparator<LayoutPlan> BETTER = Comparator.comparingInt((LayoutPlan plan) -> plan.unplaced().size()).thenComparingInt(LayoutPlan::newSheets)
            .thenComparingLong(plan -> -Math.round(plan.fromOffcuts())).thenComparingLong(plan -> Math.round(plan.unused())).thenComparingLong(plan -> -Math.round(plan.largestRests()))
            .thenComparingInt(LayoutPlan::settings);

    public LayoutPlan {
        sheets = List.copyOf(sheets);
        unplaced = List.copyOf(unplaced);
    }

    /** A plan that says nothing of the grain. */
    public LayoutPlan(List<SheetLayout> sheets, int bound, List<String> unplaced) {
        this(sheets, bound, unplaced, Optional.empty());
    }

    /** Sheets that are not offcuts. */
    public int newSheets() {
        return (int) sheets.stream().filter(sheet -> !sheet.stock().offcut()).count();
    }

    /** Whether every piece is placed and fewer new sheets are impossible. */
    public boolean isProved() {
        return unplaced.isEmpty() && newSheets() <= bound;
    }

    /** Share of the sheets' area that becomes no piece, 0 to 1. */
    public double waste() {
        double area = sheets.stream().mapToDouble(SheetLayout::area).sum();
        return area == 0 ? 0 : 1 - sheets.stream().mapToDouble(SheetLayout::used).sum() / area;
    }

    /** Square millimetres of pieces that come from offcuts. */
    public double fromOffcuts() {
        return sheets.stream().filter(sheet -> sheet.stock().offcut()).mapToDouble(SheetLayout::used).sum();
    }

    /** Square millimetres of the sheets that become no piece. */
    public double unused() {
        return sheets.stream().mapToDouble(sheet -> sheet.area() - sheet.used()).sum();
    }

    /** Square millimetres of the largest part left over of each sheet, added up. */
    public double largestRests() {
        return sheets.stream().mapToDouble(sheet -> sheet.rest().stream().mapToDouble(SheetLayout.Part::area).max().orElse(0)).sum();
    }

    /** How often the fence is set. */
    public int settings() {
        return sheets.stream().mapToInt(SheetLayout::settings).sum();
    }

    LayoutPlan withBound(int value) {
        return new LayoutPlan(sheets, value, unplaced, grain);
    }

    LayoutPlan withGrain(GrainCost cost) {
        return new LayoutPlan(sheets, bound, unplaced, Optional.of(cost));
    }
}

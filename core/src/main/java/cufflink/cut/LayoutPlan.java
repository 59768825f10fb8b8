package cufflink.cut;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The sheets of a job.
 *
 * @param bounds   why no plan can do with fewer new sheets, for each set of papers that share pieces
 * @param unplaced ids of pieces for which there is no paper, once for each copy
 * @param grain    what the fibres would cost where they are not followed; absent where they are, or are of no account
 */
public record LayoutPlan(List<SheetLayout> sheets, List<Bound> bounds, List<String> unplaced,
        Optional<GrainCost> grain) {
    /**
     * The better plan first: more pieces placed, fewer new sheets, offcuts used before them, less waste, more of each
     * rest left in one piece, fewer settings of the fence.
     */
    public static final Comparator<LayoutPlan> BETTER = Comparator
            .comparingInt((LayoutPlan plan) -> plan.unplaced().size()).thenComparingInt(LayoutPlan::newSheets)
            .thenComparingLong(plan -> -Math.round(plan.fromOffcuts()))
            .thenComparingLong(plan -> Math.round(plan.unused()))
            .thenComparingLong(plan -> -Math.round(plan.largestRests()))
            .thenComparingInt(LayoutPlan::settings);

    public LayoutPlan {
        sheets = List.copyOf(sheets);
        bounds = List.copyOf(bounds);
        unplaced = List.copyOf(unplaced);
    }

    /** A plan that says nothing of the grain. */
    public LayoutPlan(List<SheetLayout> sheets, List<Bound> bounds, List<String> unplaced) {
        this(sheets, bounds, unplaced, Optional.empty());
    }

    /** No plan can do with fewer new sheets than this. */
    public int bound() {
        return Math.min(newSheets(), bounds.stream().mapToInt(Bound::sheets).sum());
    }

    /** Sheets that are not offcuts. */
    public int newSheets() {
        return (int) sheets.stream().filter(sheet -> !sheet.stock().offcut()).count();
    }

    /** Whether every piece is placed and fewer new sheets are impossible. */
    public boolean isProved() {
        return unplaced.isEmpty() && newSheets() <= bound();
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
        return sheets.stream()
                .mapToDouble(sheet -> sheet.rest().stream().mapToDouble(SheetLayout.Part::area).max().orElse(0)).sum();
    }

    /** The sheets alike, in the order of the plan: what they give, and how many there are. */
    public Map<SheetLayout, Integer> alike() {
        Map<List<Object>, SheetLayout> first = new LinkedHashMap<>();
        Map<SheetLayout, Integer> alike = new LinkedHashMap<>();
        for (SheetLayout sheet : sheets) {
            List<Object> key = List.of(sheet.stock(), sheet.placements().stream()
                    .sorted(Comparator.comparing(Placement::x).thenComparing(Placement::y)).toList());
            SheetLayout shown = first.computeIfAbsent(key, none -> sheet);
            alike.merge(shown, 1, Integer::sum);
        }
        return alike;
    }

    /** How often the fence is set. */
    public int settings() {
        return sheets.stream().mapToInt(SheetLayout::settings).sum();
    }

    LayoutPlan withBounds(List<Bound> proved) {
        return new LayoutPlan(sheets, proved, unplaced, grain);
    }

    LayoutPlan withGrain(GrainCost cost) {
        return new LayoutPlan(sheets, bounds, unplaced, Optional.of(cost));
    }
}

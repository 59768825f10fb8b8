package cufflink.cut;

import cufflink.paper.GrainRule;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.function.Function;

/**
 * Plans between the two ends: all along the grain, and as few sheets as possible. A few sheets of the plan along the
 * grain, the emptiest first, are taken apart and their pieces laid however they fit; the others stay. So each sheet
 * saved is told with the pieces that it puts across.
 */
final class GrainTrade {
    /** Sheets taken apart at most. */
    private static final int MOST_APART = 12;

    private final CutJob job;
    private final LayoutPlan along;
    private final Function<CutJob, LayoutPlan> freely;

    /** {@code freely} lays pieces out without regard to the grain. */
    GrainTrade(CutJob job, LayoutPlan along, Function<CutJob, LayoutPlan> freely) {
        this.job = job;
        this.along = along;
        this.freely = freely;
    }

    /**
     * By new sheets, fewest first: the plan found with the fewest pieces across; none needs as many as the plan along
     * the grain, none fewer than {@code least}.
     */
    Map<Integer, LayoutPlan> plans(LayoutPlan least) {
        Map<Integer, LayoutPlan> plans = new TreeMap<>();
        plans.put(least.newSheets(), least);
        List<SheetLayout> sheets = along.sheets().stream()
                .sorted(Comparator.comparingDouble(sheet -> sheet.used() / sheet.area())).toList();
        for (int apart = 2; apart <= Math.min(MOST_APART, sheets.size()); apart++) {
            LayoutPlan again = freely.apply(rest(sheets.subList(0, apart), sheets.subList(apart, sheets.size())));
            List<SheetLayout> all = new ArrayList<>(sheets.subList(apart, sheets.size()));
            all.addAll(again.sheets());
            LayoutPlan plan = new LayoutPlan(all, least.bounds(), along.unplaced());
            if (again.unplaced().isEmpty() && plan.newSheets() < along.newSheets()
                    && plan.newSheets() >= least.newSheets()) {
                plans.merge(plan.newSheets(), plan,
                        (one, other) -> GrainCost.across(job, other) < GrainCost.across(job, one) ? other : one);
            }
        }
        return plans;
    }

    /** The pieces of some sheets, and the paper that others leave. */
    private CutJob rest(List<SheetLayout> apart, List<SheetLayout> kept) {
        Map<String, Integer> counts = new HashMap<>();
        apart.forEach(sheet -> sheet.placements()
                .forEach(placement -> placement.pieces().forEach(piece -> counts.merge(piece, 1, Integer::sum))));
        List<CutPiece> pieces = job.pieces().stream().filter(piece -> counts.containsKey(piece.id()))
                .map(piece -> piece.withQuantity(counts.get(piece.id()))).toList();
        List<StockSheet> stock = job.stock().stream().map(sheet -> sheet.count().isEmpty() ? sheet
                : sheet.withCount(OptionalInt.of(sheet.count().getAsInt()
                        - (int) kept.stream().filter(used -> used.stock().equals(sheet)).count())))
                .toList();
        return new CutJob(pieces, stock, GrainRule.IGNORE, job.blade());
    }
}

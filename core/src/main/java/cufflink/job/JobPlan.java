package cufflink.job;

import cufflink.cut.CutJob;
import cufflink.cut.LayoutPlan;
import cufflink.cut.SheetLayout;
import cufflink.plan.Plan;
import cufflink.stash.Stash;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A job, worked out.
 *
 * @param plans     of the kits' projects, in their order
 * @param stash     as it was when the job was planned
 * @param work      every piece wanted and every sheet that may be used: what is owned, and as many as needed of what
 *                  can be bought
 * @param layout    its bound is that of the sheets that count: new ones out of the stash, or, if something must be
 *                  bought, those to buy
 * @param supply    the sheets of {@code work}, and what each is
 * @param purchases what to buy; empty if the stash has everything
 */
public record JobPlan(Job job, List<Plan> plans, Stash stash, CutJob work, LayoutPlan layout, Supply supply,
        List<Purchase> purchases) {
    public JobPlan {
        plans = List.copyOf(plans);
        purchases = List.copyOf(purchases);
    }

    /** Whether every piece comes out of the stash. */
    public boolean isFromStash() {
        return layout.unplaced().isEmpty() && bought() == 0;
    }

    /** Sheets of the plan that are to be bought, without spares. */
    public int bought() {
        return (int) layout.sheets().stream().filter(sheet -> supply.owned(sheet.stock()).isEmpty()).count();
    }

    /** Whether no plan could do with fewer sheets of those that count. */
    public boolean isProved() {
        return layout.unplaced().isEmpty() && (bought() > 0 ? bought() : layout.newSheets()) <= layout.bound();
    }

    /**
     * The sheets with what each is of, in the order of work: those of one paper and one pattern of cuts follow each
     * other.
     */
    public List<JobSheet> sheets() {
        List<JobSheet> sheets = new ArrayList<>();
        for (SheetLayout layout : layout.sheets()) {
            JobSheet next = JobSheet.of(layout, supply);
            int after = sheets.size();
            while (after > 0 && !sheets.get(after - 1).isAlike(next)) {
                after--;
            }
            sheets.add(after == 0 ? sheets.size() : after, next);
        }
        return sheets;
    }

    /** Ribbons and strings, by material and width. */
    public List<StrandNeed> strands() {
        return StrandNeed.of(job, plans, stash);
    }

    /** What everything to buy costs, as far as prices are known; absent if none is. */
    public Optional<BigDecimal> cost() {
        return purchases.stream().flatMap(purchase -> purchase.cost().stream()).reduce(BigDecimal::add);
    }
}

package cufflink.job;

import cufflink.cut.CutJob;
import cufflink.cut.LayoutPlan;
import cufflink.cut.SheetLayout;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.stash.Stash;
import cufflink.stash.StashPaper;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/**
 * A job, worked out.
 *
 * @param plans      of the kits' projects, in their order
 * @param stash      as it was when the job was planned
 * @param work       every piece wanted and every sheet that may be used: what is owned, and as many as needed of what can be bought
 * @param layout     its bound is that of the sheets that count: new ones out of the stash, or, if something must be bought, those to buy
 * @param supply     the sheets of {@code work}, and what each is
 * @param purchases  what to buy; empty if the stash has everything
 */
public record JobPlan(Job job, List<Plan> plans, Stash stash, CutJob work, LayoutPlan layout, Supply supply, List<Purchase> purchases) {
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

    /** The paper that a sheet is of. */
    public Stock paper(SheetLayout sheet) {
        return supply.paper(sheet.stock());
    }

    /** The entry of the stash that a sheet comes from; absent for one to be bought. */
    public Optional<StashPaper> from(SheetLayout sheet) {
        return supply.owned(sheet.stock());
    }

    /** What everything to buy costs, as far as prices are known; absent if none is. */
    public Optional<BigDecimal> cost() {
        return purchases.stream().flatMap(purchase -> purchase.cost().stream()).reduce(BigDecimal::add);
    }
}

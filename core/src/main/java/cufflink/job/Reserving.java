package cufflink.job;

import cufflink.cut.SheetLayout;
import cufflink.cut.StockSheet;
import cufflink.paper.NamedSize;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.stash.Stash;
import cufflink.stash.StashChange;
import cufflink.stash.StashEdit;
import cufflink.stash.StashReservation;
import cufflink.stash.StashRibbon;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;

/** Sets aside what a planned job needs: sheets, those to buy too, ribbon, envelopes. */
public final class Reserving {
    private Reserving() {
    }

    /**
     * The change that sets it aside in place of what was set aside for the job before; {@code by} is a day or empty.
     */
    public static StashChange change(JobPlan plan, String by, Stash stash) {
        String job = plan.job().name();
        List<StashEdit> edits = new ArrayList<>(released(job, stash));
        wanted(plan, job, by).forEach(one -> edits.add(StashEdit.added(one)));
        return StashChange.of("Set aside for " + job + (by.isEmpty() ? "" : ", wanted by " + by), edits);
    }

    /** The change that gives everything free that was set aside for a job; without edits if that is nothing. */
    public static StashChange release(String job, Stash stash) {
        return StashChange.of("No more set aside for " + job, released(job, stash));
    }

    /** The change under which what is set aside for a job follows its new name. */
    public static StashChange renamed(String before, String after, Stash stash) {
        return StashChange.of("Set aside for " + after + ", until now " + before,
                stash.reservations().stream().filter(one -> one.job().equals(before))
                        .map(one -> StashEdit.altered(one, one.withJob(after))).toList());
    }

    private static List<StashEdit> released(String job, Stash stash) {
        return stash.reservations().stream().filter(one -> one.job().equals(job))
                .map(one -> StashEdit.removed(one)).toList();
    }

    private record Sheets(String name, SheetSize size) {
    }

    private static List<StashReservation> wanted(JobPlan plan, String job, String by) {
        Map<Sheets, Integer> sheets = new LinkedHashMap<>();
        for (SheetLayout layout : plan.layout().sheets()) {
            StockSheet sheet = layout.stock();
            Stock stock = plan.supply().paper(sheet);
            sheets.merge(new Sheets(stock.name(), new SheetSize(stock.width(), stock.height())), 1, Integer::sum);
        }
        List<StashReservation> all = new ArrayList<>();
        sheets.forEach((what, count) -> all.add(
                StashReservation.sheets(what.name(), what.size(), count, job, by)));
        plan.strands().forEach(need -> ribbons(need, plan.stash(), job, by, all));
        Map<String, Integer> envelopes = new LinkedHashMap<>();
        for (int i = 0; i < plan.plans().size(); i++) {
            Plan made = plan.plans().get(i);
            int copies = plan.job().kits().get(i).copies();
            made.project().envelope().map(NamedSize::name)
                    .ifPresent(name -> envelopes.merge(name, copies, Integer::sum));
        }
        envelopes.forEach((name, count) -> all.add(StashReservation.envelopes(name, count, job, by)));
        return all;
    }

    private static void ribbons(StrandNeed need, Stash stash, String job, String by, List<StashReservation> all) {
        for (long id : need.from()) {
            Optional<StashRibbon> reel = stash.ribbons().stream().filter(one -> one.id() == id).findFirst();
            reel.ifPresent(found -> all
                    .add(StashReservation.ribbon(found.name(), need.off(OptionalLong.of(id)), job, by)));
        }
        if (need.lacks().isPositive()) {
            all.add(StashReservation.ribbon(need.material(), need.lacks(), job, by));
        }
    }
}

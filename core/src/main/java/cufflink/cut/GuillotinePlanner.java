package cufflink.cut;

import cufflink.paper.GrainRule;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/** Plans each set of papers that share pieces by itself ({@link PaperSearch}) and puts the plans together. */
public final class GuillotinePlanner implements LayoutPlanner {
    private static final BooleanSupplier AT_ONCE = () -> true;

    @Override
    public LayoutPlan plan(CutJob job) {
        return run(job, AT_ONCE, plan -> {});
    }

    @Override
    public LayoutPlan improve(CutJob job, BooleanSupplier stop, Consumer<LayoutPlan> better) {
        return run(job, stop, better);
    }

    private static LayoutPlan run(CutJob job, BooleanSupplier stop, Consumer<LayoutPlan> better) {
        boolean binds = job.pieces().stream().anyMatch(piece -> piece.fold().isPresent())
                && job.stock().stream().anyMatch(sheet -> sheet.grain().isPresent());
        if (job.grain() != GrainRule.PREFER || !binds) {
            return bound(job, stop, better);
        }
        return alongTheGrain(job, stop, better);
    }

    /**
     * The fibres first: only where they cost sheets that nothing else can save are pieces laid across, and then it is
     * said how many, and what it saves.
     */
    private static LayoutPlan alongTheGrain(CutJob job, BooleanSupplier stop, Consumer<LayoutPlan> better) {
        LayoutPlan atOnce = bound(job.withGrain(GrainRule.IGNORE), AT_ONCE, plan -> {});
        LayoutPlan along = bound(job.withGrain(GrainRule.MUST), stop, plan -> better.accept(chosen(job, plan, atOnce)));
        boolean least = along.unplaced().size() <= atOnce.unplaced().size() && along.newSheets() <= atOnce.bound();
        LayoutPlan free = least ? atOnce
                : bound(job.withGrain(GrainRule.IGNORE), stop, plan -> better.accept(chosen(job, along, plan)));
        LayoutPlan chosen = traded(job, along, chosen(job, along, free));
        better.accept(chosen);
        return chosen;
    }

    /** With what lies between the two ends, and the fewest pieces across that were found for its sheets. */
    private static LayoutPlan traded(CutJob job, LayoutPlan along, LayoutPlan chosen) {
        if (chosen.grain().isEmpty() || chosen.grain().get().moreSheets() < 1 || !chosen.unplaced().isEmpty()
                || !along.unplaced().isEmpty()) {
            return chosen;
        }
        Map<Integer, LayoutPlan> plans = new GrainTrade(job, along,
                part -> stocked(job, bound(part, AT_ONCE, plan -> {}))).plans(chosen);
        LayoutPlan fewest = plans.get(chosen.newSheets());
        int most = GrainCost.across(job, fewest);
        List<GrainCost.Between> between = new ArrayList<>();
        plans.forEach((sheets, plan) -> {
            int across = GrainCost.across(job, plan);
            if (sheets > chosen.newSheets()
                    && across < (between.isEmpty() ? most : between.get(between.size() - 1).across())) {
                between.add(new GrainCost.Between(sheets - chosen.newSheets(), across));
            }
        });
        return fewest.withGrain(new GrainCost(most, along.newSheets() - chosen.newSheets(), between));
    }

    /** A part's plan with the job's own stock, whose counts were less for it. */
    private static LayoutPlan stocked(CutJob job, LayoutPlan part) {
        List<SheetLayout> sheets = part.sheets().stream()
                .map(sheet -> new SheetLayout(
                        job.stock().stream().filter(stock -> stock.id().equals(sheet.stock().id())).findFirst()
                                .orElseThrow(),
                        sheet.placements(), sheet.cuts()))
                .toList();
        return new LayoutPlan(sheets, part.bounds(), part.unplaced());
    }

    /** The plan along the fibres unless it costs more; what is proved of any plan is proved of it. */
    private static LayoutPlan chosen(CutJob job, LayoutPlan along, LayoutPlan free) {
        // What gives fewer of the pieces tells nothing of how many sheets they would take.
        boolean givesAsMany = along.unplaced().size() <= free.unplaced().size();
        boolean costsNothing = givesAsMany && along.newSheets() <= free.newSheets();
        int across = GrainCost.across(job, free);
        return costsNothing ? along.withBounds(free.bounds()) : across == 0 ? free
                : free.withGrain(
                        new GrainCost(across, givesAsMany ? along.newSheets() - free.newSheets() : 0, List.of()));
    }

    private static LayoutPlan bound(CutJob job, BooleanSupplier stop, Consumer<LayoutPlan> better) {
        List<PaperSearch> searches = parts(job).stream().map(part -> new PaperSearch(part)).toList();
        if (!stop.getAsBoolean()) {
            for (PaperSearch search : searches) {
                search.improve(stop, () -> better.accept(together(searches)));
            }
        }
        return together(searches);
    }

    private static LayoutPlan together(List<PaperSearch> searches) {
        List<SheetLayout> sheets = new ArrayList<>();
        List<String> unplaced = new ArrayList<>();
        List<Bound> bounds = new ArrayList<>();
        for (PaperSearch search : searches) {
            LayoutPlan plan = search.best();
            sheets.addAll(plan.sheets());
            unplaced.addAll(plan.unplaced());
            bounds.addAll(plan.bounds());
        }
        return new LayoutPlan(sheets, bounds, unplaced);
    }

    /** The job divided so that no piece of one part can come from the paper of another. */
    private static List<CutJob> parts(CutJob job) {
        List<CutJob> parts = new ArrayList<>();
        List<CutPiece> left = new ArrayList<>(job.pieces());
        while (!left.isEmpty()) {
            Set<String> materials = new LinkedHashSet<>(left.get(0).materials());
            Set<CutPiece> own = new LinkedHashSet<>();
            int before;
            do {
                before = own.size();
                left.stream().filter(piece -> piece.materials().stream().anyMatch(materials::contains))
                        .forEach(piece -> {
                            own.add(piece);
                            materials.addAll(piece.materials());
                        });
            } while (own.size() > before);
            left.removeAll(new HashSet<>(own));
            List<CutPiece> pieces = own.isEmpty() ? List.of(left.remove(0))
                    : job.pieces().stream().filter(own::contains).toList();
            parts.add(new CutJob(pieces,
                    job.stock().stream().filter(sheet -> materials.contains(sheet.material())).toList(), job.grain(),
                    job.blade()));
        }
        return parts;
    }
}

package cufflink.job;

import cufflink.cut.CutJob;
import cufflink.cut.CutPiece;
import cufflink.cut.GuillotinePlanner;
import cufflink.cut.LayoutPlan;
import cufflink.cut.LayoutPlanner;
import cufflink.cut.SheetLayout;
import cufflink.cut.StockSheet;
import cufflink.cut.TrimmerThenKnife;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.plan.PlanPapers;
import cufflink.plan.Planner;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stash.Stash;
import cufflink.words.SupplyWords;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/**
 * Lays a job out. First from the stash alone, with as few of its sheets as possible; if that does not give everything,
 * all that is owned may be used freely and as few sheets as possible are bought. Pure: the same job and stash always
 * get the same plan.
 */
public final class JobPlanner {
    /** Pieces of a job at most, all copies counted. */
    public static final int MOST_PIECES = 20_000;
    private static final LayoutPlanner LAYOUTS = new TrimmerThenKnife(new GuillotinePlanner());

    private final Job job;
    private final List<Plan> plans;
    private final Stash stash;
    private final Supply supply;
    private final CutJob work;

    private JobPlanner(Job job, List<Plan> plans, Stash stash) {
        this.job = job;
        this.plans = plans;
        this.stash = stash;
        List<Stock> papers = plans.stream().flatMap(plan -> PlanPapers.of(plan).values().stream()).toList();
        this.supply = Supply.of(stash, materials(papers), papers);
        this.work = new CutJob(pieces(), supply.all(), job.tools().grain(), Optional.of(job.tools().trimmerLength()));
    }

    /** A good plan at once, or every reason why there is none. */
    public static Outcome<JobPlan> plan(Job job, Stash stash) {
        if (job.kits().isEmpty()) {
            return Outcome.failed(Problem.error(job.name(), SupplyWords.EMPTY.of()));
        }
        List<Problem> problems = new ArrayList<>();
        List<Plan> plans = new ArrayList<>();
        for (Kit kit : job.kits()) {
            Outcome<Plan> plan = Planner.plan(kit.project());
            plan.value().ifPresentOrElse(plans::add,
                    () -> plan.problems().forEach(problem -> problems.add(problem.fault().isPresent() ? problem
                            : Problem.error(kit.project().name(),
                                    SupplyWords.KIT_AT_FAULT.of("problem", problem.text())))));
        }
        if (!problems.isEmpty()) {
            return Outcome.failed(problems);
        }
        JobPlanner planner = new JobPlanner(job, plans, stash);
        int pieces = planner.work.pieces().stream().mapToInt(CutPiece::quantity).sum();
        if (pieces > MOST_PIECES) {
            return Outcome.failed(Problem.error(job.name(),
                    SupplyWords.TOO_MANY_PIECES.of("pieces", pieces, "most", MOST_PIECES)));
        }
        return Outcome.of(planner.laidOut(LAYOUTS::plan));
    }

    /**
     * Looks for a better plan.
     *
     * @param stop   asked often; true ends the search
     * @param better told of every better plan or bound on the way
     */
    public static JobPlan improve(JobPlan plan, BooleanSupplier stop, Consumer<JobPlan> better) {
        JobPlanner planner = new JobPlanner(plan.job(), plan.plans(), plan.stash());
        return planner.laidOut(job -> LAYOUTS.improve(job, stop, found -> {
            if (found.unplaced().isEmpty()) {
                better.accept(planner.complete(found));
            }
        }));
    }

    /** One way of answering a cutting job: at once, or as well as can be. */
    private interface Way {
        LayoutPlan layOut(CutJob job);
    }

    private List<CutPiece> pieces() {
        List<CutPiece> pieces = new ArrayList<>();
        for (int i = 0; i < plans.size(); i++) {
            String mark = job.mark(i).isEmpty() ? "" : job.mark(i) + " ";
            for (CutPiece piece : Planner.cutPieces(plans.get(i), job.kits().get(i).copies(), mark)) {
                Set<String> materials = new LinkedHashSet<>(piece.materials());
                piece.materials()
                        .forEach(material -> materials.addAll(job.alternatives().getOrDefault(material, List.of())));
                int left = piece.quantity() - job.made().getOrDefault(piece.id(), 0);
                if (left > 0) {
                    pieces.add(piece.withQuantity(left).withMaterials(List.copyOf(materials)));
                }
            }
        }
        return pieces;
    }

    private Set<String> materials(List<Stock> papers) {
        Set<String> materials = new LinkedHashSet<>();
        papers.forEach(paper -> {
            materials.add(PlanPapers.material(paper));
            materials.addAll(job.alternatives().getOrDefault(PlanPapers.material(paper), List.of()));
        });
        return materials;
    }

    private JobPlan laidOut(Way way) {
        LayoutPlan owned = way.layOut(new CutJob(work.pieces(), supply.ownedSheets(), work.grain(), work.blade()));
        if (owned.unplaced().isEmpty()) {
            return complete(owned);
        }
        List<StockSheet> free = new ArrayList<>(supply.ownedSheets().stream().map(StockSheet::asOffcut).toList());
        free.addAll(supply.sheetsToBuy());
        return complete(way.layOut(new CutJob(work.pieces(), free, work.grain(), work.blade())));
    }

    /** The plan of a layout, in which owned sheets may have been counted as free. */
    private JobPlan complete(LayoutPlan found) {
        Map<String, StockSheet> own = new HashMap<>();
        work.stock().forEach(sheet -> own.put(sheet.id(), sheet));
        List<SheetLayout> sheets = found.sheets().stream()
                .map(sheet -> new SheetLayout(own.get(sheet.stock().id()), sheet.placements(), sheet.cuts())).toList();
        LayoutPlan layout = new LayoutPlan(sheets, found.bounds(), found.unplaced(), found.grain());
        return new JobPlan(job, plans, stash, work, layout, supply,
                new ShoppingList(job, stash, supply, layout).purchases());
    }
}

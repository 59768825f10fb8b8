package cufflink.job;

import cufflink.cut.CutJob;
import cufflink.cut.CutPiece;
import cufflink.cut.GuillotinePlanner;
import cufflink.cut.LayoutPlanner;
import cufflink.cut.StockSheet;
import cufflink.cut.TrimmerThenKnife;
import cufflink.fit.SheetUse;
import cufflink.fit.Wish;
import cufflink.paper.BenchTools;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.plan.PlanPapers;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stash.Stash;
import cufflink.stash.StashPaper;
import cufflink.words.SupplyWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntPredicate;

/**
 * Questions about what is in the stash. The answers are those of the planner's first plan: at least so many can be
 * made.
 */
public final class WhatIf {
    private static final LayoutPlanner LAYOUTS = new TrimmerThenKnife(new GuillotinePlanner());

    /**
     * A paper and how many copies of the card itself it gives.
     *
     * @param copies up to {@value cufflink.plan.Project#MOST_COPIES}
     */
    public record Gives(String paper, int copies) {
    }

    private WhatIf() {
    }

    /**
     * How many copies of a project come out of the stash, every layer from its own paper; up to
     * {@value cufflink.plan.Project#MOST_COPIES}.
     */
    public static int howMany(Plan plan, Stash stash, BenchTools tools) {
        List<Stock> papers = List.copyOf(PlanPapers.of(plan).values());
        Supply supply = Supply.of(stash, papers.stream().map(PlanPapers::material).toList(), List.of());
        return most(copies -> fits(Planner.cutPieces(plan, copies, ""), supply.ownedSheets(), tools));
    }

    /**
     * The papers of the stash that give at least one copy of the card itself, without its layers; the most copies
     * first.
     */
    public static List<Gives> whichPapers(Plan plan, Stash stash, BenchTools tools) {
        String card = PlanPapers.material(plan.project().card());
        Map<String, List<StashPaper>> byName = new LinkedHashMap<>();
        stash.papers().forEach(paper -> byName.computeIfAbsent(paper.name(), none -> new ArrayList<>()).add(paper));
        List<Gives> gives = new ArrayList<>();
        byName.forEach((name, papers) -> {
            String material = PlanPapers.material(papers.get(0).stock());
            Supply supply = Supply.of(new Stash(List.copyOf(papers)), List.of(material), List.of());
            int copies = most(count -> fits(ofCard(plan, count, card, material), supply.ownedSheets(), tools));
            if (copies > 0) {
                gives.add(new Gives(name, copies));
            }
        });
        gives.sort(Comparator.comparingInt(Gives::copies).reversed());
        return gives;
    }

    /** The largest size of a project out of one sheet of a paper or one offcut. */
    public static Outcome<Plan> sizeFrom(Project project, StashPaper paper) {
        Project alone = project.withCopies(1).withWish(
                new Wish.FromSheet(paper.name(), paper.size().width(), paper.size().height(), 1, new SheetUse.Whole()));
        return Planner.plan(alone).then(plan -> plan.layout().unplaced().isEmpty() ? Outcome.of(plan, List.of())
                : Outcome.failed(
                        Problem.error(paper.name(), SupplyWords.TOO_SMALL_A_PIECE.of())));
    }

    private static List<CutPiece> ofCard(Plan plan, int copies, String card, String material) {
        return Planner.cutPieces(plan, copies, "").stream().filter(piece -> piece.materials().contains(card))
                .map(piece -> piece.withMaterials(List.of(material))).toList();
    }

    /** Whether the planner's first answer cuts all pieces from these sheets. */
    static boolean fits(List<CutPiece> pieces, List<StockSheet> sheets, BenchTools tools) {
        return LAYOUTS.plan(new CutJob(pieces, sheets, tools.grain(), Optional.of(tools.trimmerLength()))).unplaced()
                .isEmpty();
    }

    /** Whether the planner's first answer cuts all pieces from the sheets and offcuts of a paper in a stash. */
    public static boolean fits(List<CutPiece> pieces, String material, Stash stash, BenchTools tools) {
        return fits(pieces, Supply.of(stash, List.of(material), List.of()).ownedSheets(), tools);
    }

    /**
     * The largest number up to a limit that is possible, found by doubling and halving: what holds for so many holds
     * for fewer.
     */
    public static int most(int limit, IntPredicate possible) {
        return most(number -> number <= limit && possible.test(number));
    }

    private static int most(IntPredicate possible) {
        int yes = 0;
        int no = 1;
        while (no <= Project.MOST_COPIES && possible.test(no)) {
            yes = no;
            no *= 2;
        }
        no = Math.min(no, Project.MOST_COPIES + 1);
        while (no - yes > 1) {
            int middle = (yes + no) / 2;
            if (possible.test(middle)) {
                yes = middle;
            } else {
                no = middle;
            }
        }
        return yes;
    }
}

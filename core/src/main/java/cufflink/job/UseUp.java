package cufflink.job;

import cufflink.cut.CutPiece;
import cufflink.design.DesignDefinition;
import cufflink.mat.MatSettings;
import cufflink.measure.RulerStep;
import cufflink.paper.BenchTools;
import cufflink.paper.PaperRole;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.plan.PlanPapers;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.stash.Stash;
import cufflink.stash.StashItem;
import cufflink.stash.StashPaper;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What can be made out of offcuts alone: of a design, the largest card without layers whose main piece comes out of one
 * offcut and all its other pieces out of the offcuts of the same paper. What is answered has been planned and laid out.
 */
public final class UseUp {
    private static final int MOST_TRIED = 12;

    /**
     * The largest of a design.
     *
     * @param offcut that the card is fitted to
     * @param plan   of it, without layers
     */
    public record Answer(DesignDefinition design, StashPaper offcut, Plan plan) {
        /** Square millimetres of the closed card. */
        public double area() {
            return plan.closedWidth().orElseThrow().toMillimetres() * plan.closedHeight().orElseThrow().toMillimetres();
        }
    }

    private final Stash stash;
    private final RulerStep ruler;
    private final BenchTools tools;
    private final List<StashPaper> offcuts;

    /** The offcuts of a stash, the largest first; of many the largest are tried. */
    public UseUp(Stash stash, RulerStep ruler, BenchTools tools) {
        this.stash = stash;
        this.ruler = ruler;
        this.tools = tools;
        this.offcuts = stash.papers().stream().filter(paper -> paper.offcut() && paper.count() > 0)
                .sorted(Comparator.comparing((StashPaper paper) -> -area(paper))).limit(MOST_TRIED).toList();
    }

    private static double area(StashPaper paper) {
        return paper.size().width().toMillimetres() * paper.size().height().toMillimetres();
    }

    /** Whether there are offcuts. */
    public boolean hasOffcuts() {
        return !offcuts.isEmpty();
    }

    /** The largest of a design; none if no offcut gives one. */
    public Optional<Answer> largest(DesignDefinition design) {
        return offcuts.stream().flatMap(offcut -> of(design, offcut).stream())
                .max(Comparator.comparing(Answer::area));
    }

    private Optional<Answer> of(DesignDefinition design, StashPaper offcut) {
        Project plain = Project.of(design, ruler).withTools(tools)
                .withMats(new MatSettings(0, MatSettings.usual(ruler.unit()).reveal(), Map.of()));
        Stock paper = offcut.stock().inSheets(offcut.size().width(), offcut.size().height());
        for (PaperRole role : design.materials()) {
            plain = plain.withPaper(role, paper);
        }
        return WhatIf.sizeFrom(plain, offcut).value().filter(plan -> plan.stack().isPresent())
                .filter(this::isCutFromOffcuts).map(plan -> new Answer(design, offcut, plan));
    }

    private boolean isCutFromOffcuts(Plan plan) {
        List<String> materials = PlanPapers.of(plan).values().stream().map(PlanPapers::material).distinct().toList();
        List<CutPiece> pieces = Planner.cutPieces(plan, 1, "");
        Stash only = new Stash(stash.papers().stream().filter(StashPaper::offcut).<StashItem>map(one -> one).toList());
        return WhatIf.fits(pieces, Supply.of(only, materials, List.of()).ownedSheets(), tools);
    }
}

package cufflink.plan;

import cufflink.cut.Along;
import cufflink.cut.CutJob;
import cufflink.cut.CutPiece;
import cufflink.cut.LayoutPlan;
import cufflink.cut.LayoutPlanner;
import cufflink.cut.StockSheet;
import cufflink.design.Given;
import cufflink.design.SizedDesign;
import cufflink.fit.FitContext;
import cufflink.fit.Wish;
import cufflink.paper.GrainRule;
import cufflink.paper.PaperRole;
import cufflink.paper.Stock;
import cufflink.problem.Outcome;
import cufflink.stack.ClosedSize;
import cufflink.stack.PartSizes;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** A project as fitting sees it: its card paper is what the sheets are of. */
record ProjectFit(Project project, Stages stages, Given given, LayoutPlanner planner) implements FitContext {
    @Override
    public Outcome<SizedDesign> sized(Given other) {
        return stages.sized(other);
    }

    @Override
    public Outcome<SizedDesign> tried(Given other) {
        return stages.tried(other);
    }

    @Override
    public int copies() {
        return project.copies();
    }

    @Override
    public CutJob job(SizedDesign design, Wish.FromSheet sheet, int copies, OptionalInt count) {
        PaperRole card = project.cardRole();
        Stock paper = project.card();
        List<CutPiece> pieces = new ProjectPieces(project, design, List.of(), PaperRole::toString).pieces(copies, "")
                .stream()
                .filter(piece -> piece.materials().contains(card.toString())).toList();
        StockSheet stock = new StockSheet(sheet.name(), paper.name(), card.toString(), sheet.width(), sheet.height(),
                count, false,
                paper.directional(), Along.of(paper.grain()));
        // What is only preferred forbids nothing, and looking for it would take each of many layouts several times
        // over.
        GrainRule grain = project.tools().grain() == GrainRule.MUST ? GrainRule.MUST : GrainRule.IGNORE;
        return new CutJob(pieces, List.of(stock), grain, Optional.of(project.tools().trimmerLength()));
    }

    @Override
    public LayoutPlan layout(CutJob job) {
        return planner.plan(job);
    }

    @Override
    public Optional<ClosedSize> closed(SizedDesign design) {
        return stages.stacked(design).value().flatMap(stacked -> PartSizes.of(stacked).whole());
    }
}

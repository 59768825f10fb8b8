package cufflink.plan;

import cufflink.cut.Along;
import cufflink.cut.CutJob;
import cufflink.cut.CutPiece;
import cufflink.cut.LayoutPlan;
import cufflink.cut.LayoutPlanner;
import cufflink.cut.StockSheet;
import cufflink.design.Given;
import cufflink.design.SizedDesign;
import cufflink.fit.ClosedSize;
import cufflink.fit.FitContext;
import cufflink.fit.Wish;
import cufflink.paper.GrainRule;
import cufflink.paper.Stock;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** A project as fitting sees it: its card paper is what the sheets are of. */
record ProjectFit(Project project, Given given, LayoutPlanner planner) implements FitContext {
    @Override
    public int copies() {
        return project.copies();
    }

    @Override
    public CutJob job(SizedDesign design, Wish.FromSheet sheet, int copies, OptionalInt count) {
        String card = project.cardRole();
        Stock paper = project.paper(card);
        List<CutPiece> pieces = new ProjectPieces(project, design, List.of(), role -> role).pieces(copies, "").stream()
                .filter(piece -> piece.materials().contains(card)).toList();
        StockSheet stock = new StockSheet(sheet.name(), paper.name(), card, sheet.width(), sheet.height(), count, false,
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
        boolean turned = design.definition().held().isTurned();
        return FoldedDesign.of(design, project).value().flatMap(FoldedDesign::stack)
                .map(stack -> new ClosedSize(turned ? stack.height() : stack.width(),
                        turned ? stack.width() : stack.height(), stack.thickness()));
    }
}

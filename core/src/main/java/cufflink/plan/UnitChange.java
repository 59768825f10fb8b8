package cufflink.plan;

import cufflink.fit.Wish;
import cufflink.mat.MatSettings;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.paper.BenchTools;
import cufflink.paper.PaperRole;
import cufflink.paper.Papers;
import cufflink.paper.Stock;
import java.util.Map;

/**
 * A project on another ruler. What the maker never set is what a new project in that unit has: border, ease, tools,
 * plain papers; the design's measures follow by themselves. What was set stays exactly what it was, on the new ruler or
 * not.
 */
final class UnitChange {
    private UnitChange() {
    }

    static Project to(Project project, RulerStep step) {
        LengthUnit from = project.unit();
        LengthUnit unit = step.unit();
        Project changed = project.onRuler(step);
        if (from == unit) {
            return changed;
        }
        if (project.mats().reveal().equals(MatSettings.usual(from).reveal())) {
            changed = changed.withMats(project.mats().withReveal(MatSettings.usual(unit).reveal()));
        }
        if (project.tools().equals(BenchTools.usual(from))) {
            changed = changed.withTools(BenchTools.usual(unit));
        }
        if (project.wish() instanceof Wish.InEnvelope in && in.ease().equals(Wish.InEnvelope.usualEase(from))) {
            changed = changed.withWish(new Wish.InEnvelope(in.envelope(), Wish.InEnvelope.usualEase(unit)));
        }
        return changed.withPapers(papers(project, step));
    }

    private static Papers papers(Project project, RulerStep step) {
        Papers before = Project.of(project.design(), RulerStep.usual(project.unit())).papers();
        Papers after = Project.of(project.design(), step).papers();
        Papers papers = project.papers();
        for (Map.Entry<PaperRole, Stock> entry : project.papers().chosen().entrySet()) {
            if (entry.getValue().equals(before.chosen().get(entry.getKey()))) {
                papers = papers.with(entry.getKey(), after.of(entry.getKey()));
            }
        }
        return papers;
    }
}

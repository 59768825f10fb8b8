package cufflink.plan;

import cufflink.paper.PaperRole;
import cufflink.paper.Stock;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;

/** The papers that a plan is made of, and what they are known by. */
public final class PlanPapers {
    private PlanPapers() {
    }

    /** The papers that a plan's pieces and layers are cut from, by role. */
    public static Map<PaperRole, Stock> of(Plan plan) {
        Map<PaperRole, Stock> papers = new LinkedHashMap<>();
        new ProjectPieces(plan.project(), plan.design(), plan.mats(), PaperRole::toString).roles().keySet()
                .forEach(role -> papers.put(role, plan.project().paper(role)));
        return papers;
    }

    /** What a paper is known by where sheets of any size will do: its name, whatever its case. */
    public static String material(Stock stock) {
        return stock.name().strip().toLowerCase(Locale.ROOT);
    }
}

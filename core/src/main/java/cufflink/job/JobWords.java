package cufflink.job;

import cufflink.cut.LayoutPlan;

/** A job in a maker's words. */
public final class JobWords {
    private JobWords() {
    }

    /** How far the stash goes, and how far from the least possible the plan is. */
    public static String headline(JobPlan plan) {
        LayoutPlan layout = plan.layout();
        if (!layout.unplaced().isEmpty()) {
            return layout.unplaced().size() + " pieces fit on no sheet. Take larger paper, or make the card smaller.";
        }
        if (plan.bought() > 0) {
            String buy = "Buy " + sheets(plan.bought()) + ": " + least(plan.bought(), layout.bound());
            return plan.layout().sheets().size() == plan.bought() ? buy : buy + " The stash gives " + sheets(layout.sheets().size() - plan.bought()) + " besides.";
        }
        int offcuts = layout.sheets().size() - layout.newSheets();
        String from = layout.newSheets() == 0 ? (offcuts == 1 ? "1 offcut" : offcuts + " offcuts") : sheets(layout.newSheets()) + (offcuts == 0 ? "" : " and " + (offcuts == 1 ? "1 offcut" : offcuts + " offcuts"));
        return "The stash has it all: " + from + (layout.newSheets() == 0 ? ", and no whole sheet." : "; " + least(layout.newSheets(), layout.bound()));
    }

    private static String sheets(int count) {
        return count + (count == 1 ? " sheet" : " sheets");
    }

    private static String least(int count, int bound) {
        return count <= bound ? count + " is the least possible." : "at least " + bound + ".";
    }
}

package cufflink.job;

import cufflink.cut.LayoutPlan;
import cufflink.cut.LayoutWords;

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
        int offcuts = layout.sheets().size() - layout.newSheets();
        String grain = layout.grain().isPresent() ? LayoutWords.grain(layout.grain().get()) : "";
        if (plan.bought() > 0) {
            String buy = "Buy " + LayoutWords.counted(plan.bought(), 0) + ": " + least(plan.bought(), layout.bound());
            int owned = layout.newSheets() - plan.bought();
            return (owned + offcuts == 0 ? buy
                    : buy + " The stash gives " + LayoutWords.counted(owned, offcuts) + " besides.") + grain;
        }
        return "The stash has it all: " + LayoutWords.counted(layout.newSheets(), offcuts)
                + (layout.newSheets() == 0 ? ", and no whole sheet." : "; " + least(layout.newSheets(), layout.bound()))
                + grain;
    }

    private static String least(int count, int bound) {
        return count <= bound ? count + " is the least possible." : "at least " + bound + ".";
    }
}

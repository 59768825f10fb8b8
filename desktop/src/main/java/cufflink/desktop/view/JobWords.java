package cufflink.desktop.view;

import cufflink.cut.Cut;
import cufflink.cut.LayoutPlan;
import cufflink.cut.LayoutWords;
import cufflink.cut.Placement;
import cufflink.job.JobPlan;
import cufflink.job.JobSheet;
import cufflink.measure.LengthFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;

/** What is said of a job and its sheets. */
final class JobWords {
    private final LengthFormat format;

    JobWords(LengthFormat format) {
        this.format = format;
    }

    /** How far the stash goes, and how far from the least possible the plan is. */
    static String headline(JobPlan plan) {
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

    /** What a sheet is. */
    String sheet(JobSheet sheet) {
        return sheet.paper().name() + ", " + format.size(sheet.layout().stock().width(), sheet.layout().stock().height()) + (sheet.layout().stock().offcut() ? ", offcut" : "");
    }

    /** What it gives, and what is left of it. */
    String gives(JobSheet sheet) {
        String pieces = sheet.layout().placements().stream().collect(Collectors.groupingBy(Placement::label, LinkedHashMap::new, Collectors.counting())).entrySet().stream()
                .map(entry -> entry.getValue() + " × " + entry.getKey()).collect(Collectors.joining(", "));
        String keep = sheet.layout().offcuts().stream().map(part -> format.size(part.width(), part.height())).collect(Collectors.joining(", "));
        String whole = LayoutWords.whole(sheet.layout());
        return "It gives " + pieces + "." + (whole.isEmpty() ? "" : " " + whole) + (keep.isEmpty() ? "" : " Keep " + keep + ".");
    }

    /** Each setting of the fence. */
    List<String> settings(JobSheet sheet) {
        return LayoutWords.cuts(sheet.layout(), format);
    }

    /** Which cut, and from where its fence counts. */
    static String cut(Cut cut) {
        return "cut " + cut.number() + ", from the " + (cut.upright() ? "left" : "top") + " edge";
    }
}

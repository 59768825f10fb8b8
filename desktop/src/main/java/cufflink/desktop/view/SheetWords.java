package cufflink.desktop.view;

import cufflink.cut.Cut;
import cufflink.cut.LayoutWords;
import cufflink.cut.Placement;
import cufflink.job.JobSheet;
import cufflink.measure.LengthFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;

/** What is said of the sheets of a job. */
final class SheetWords {
    private final LengthFormat format;

    SheetWords(LengthFormat format) {
        this.format = format;
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

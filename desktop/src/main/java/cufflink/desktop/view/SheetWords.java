package cufflink.desktop.view;

import cufflink.cut.CutList;
import cufflink.cut.LayoutWords;
import cufflink.job.JobSheet;
import cufflink.measure.LengthFormat;
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
        return sheet.paper().name() + ", "
                + format.size(sheet.layout().stock().width(), sheet.layout().stock().height())
                + (sheet.layout().stock().offcut() ? ", offcut" : "");
    }

    /** What it gives, and what is left of it. */
    String gives(JobSheet sheet) {
        String keep = sheet.layout().offcuts().stream().map(part -> format.size(part.width(), part.height()))
                .collect(Collectors.joining(", "));
        String whole = LayoutWords.whole(sheet.layout());
        return "It gives " + LayoutWords.gives(sheet.layout()) + "." + (whole.isEmpty() ? "" : " " + whole)
                + LayoutWords.diagonals(sheet.layout()) + (keep.isEmpty() ? "" : " Keep " + keep + ".");
    }

    /** Each setting of the fence. */
    List<String> settings(JobSheet sheet) {
        return LayoutWords.cuts(sheet.layout(), format);
    }

    /** Which cut, and from which edge of what its fence counts. */
    static String cut(JobSheet sheet, int index) {
        return LayoutWords.from(CutList.of(sheet.layout()).get(index));
    }
}

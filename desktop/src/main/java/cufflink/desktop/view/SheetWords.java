package cufflink.desktop.view;

import cufflink.cut.CutList;
import cufflink.cut.LayoutMessages;
import cufflink.job.JobSheet;
import cufflink.measure.LengthFormat;
import cufflink.words.Message;
import cufflink.words.Vocabulary;
import java.util.ArrayList;
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
        List<Message> cuts = new ArrayList<>();
        LayoutMessages.whole(sheet.layout()).ifPresent(cuts::add);
        cuts.addAll(LayoutMessages.diagonals(sheet.layout()));
        return "It gives " + LayoutMessages.gives(sheet.layout()) + "."
                + (cuts.isEmpty() ? "" : " " + Vocabulary.sentences(cuts))
                + (keep.isEmpty() ? "" : " Keep " + keep + ".");
    }

    /** Each setting of the fence. */
    List<String> settings(JobSheet sheet) {
        return LayoutMessages.cuts(sheet.layout(), format).stream().map(Message::sentence).toList();
    }

    /** Which cut, and from which edge of what its fence counts. */
    static String cut(JobSheet sheet, int index) {
        return LayoutMessages.from(CutList.of(sheet.layout()).get(index)).sentence();
    }
}

package cufflink.files.handout;

import cufflink.cut.LayoutMessages;
import cufflink.drawing.Picture;
import cufflink.drawing.SheetDrawing;
import cufflink.job.JobSheet;
import cufflink.job.Purchase;
import cufflink.measure.LengthFormat;
import cufflink.paper.NamedSize;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;

/**
 * The cutting of a job on paper: what to buy, then every kind of sheet with its numbered cuts, each setting of the
 * fence, and a box to tick for each sheet.
 */
public final class JobHandOut {
    private static final double TEXT = 11;
    private static final double BOX = 168;
    private static final double INDENT = BOX + 26;

    /**
     * What is printed.
     *
     * @param made      a line for each kit: "24 × Comet night invitation"
     * @param headline  how far the stash goes
     * @param purchases what to buy
     * @param strands   ribbon and string, a line for each kind
     */
    public record Content(String name, List<String> made, String headline, List<Purchase> purchases,
            List<String> strands, List<JobSheet> sheets) {
        public Content {
            made = List.copyOf(made);
            purchases = List.copyOf(purchases);
            strands = List.copyOf(strands);
            sheets = List.copyOf(sheets);
        }
    }

    private final Content content;
    private final LengthFormat format;
    private final PageFlow flow;

    private JobHandOut(Content content, LengthFormat format, PageFlow flow) {
        this.content = content;
        this.format = format;
        this.flow = flow;
    }

    /** The PDF. */
    public static byte[] write(Content content, LengthFormat format, NamedSize page) {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(content.name());
            document.getDocumentInformation().setCreator("Cufflink");
            String foot = "Guard down, fingers behind it; lock the blade when you leave it. " + content.name();
            try (PageFlow flow = new PageFlow(document, new Typesetter(document), page.width(), page.height(), foot)) {
                new JobHandOut(content, format, flow).write();
            }
            return Typesetter.bytes(document);
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    private void write() throws IOException {
        flow.title(content.name(), 24);
        for (String line : content.made()) {
            flow.text(line, TEXT, 0, false);
        }
        flow.skip(6);
        flow.text(content.headline(), 13, 0, true);
        if (!content.purchases().isEmpty()) {
            flow.heading("To buy", 14, 40);
            for (Purchase purchase : content.purchases()) {
                String spare = purchase.spare() > 0 ? ", " + purchase.spare() + " of them spare" : "";
                flow.text(purchase.count() + " × " + purchase.stock().name() + ", "
                        + format.size(purchase.stock().width(), purchase.stock().height()) + spare
                        + purchase.cost().map(cost -> ": " + cost.toPlainString()).orElse(""), TEXT, 0, false);
            }
        }
        if (!content.strands().isEmpty()) {
            flow.heading("Ribbon and string", 14, 40);
            for (String line : content.strands()) {
                flow.text(line, TEXT, 0, false);
            }
        }
        flow.heading("Cut", 14, BOX);
        for (Map.Entry<JobSheet, Integer> kind : kinds().entrySet()) {
            sheet(kind.getKey(), kind.getValue());
        }
    }

    private Map<JobSheet, Integer> kinds() {
        Map<JobSheet, Integer> kinds = new LinkedHashMap<>();
        for (JobSheet sheet : content.sheets()) {
            JobSheet first = kinds.keySet().stream().filter(sheet::isAlike).findFirst().orElse(sheet);
            kinds.merge(first, 1, Integer::sum);
        }
        return kinds;
    }

    private void sheet(JobSheet sheet, int count) throws IOException {
        double width = sheet.layout().stock().width().toMillimetres();
        double height = sheet.layout().stock().height().toMillimetres();
        double scale = Math.min(BOX / width, BOX / height);
        List<String> lines = lines(sheet);
        flow.ensure(Math.max(BOX + 30, 90 + lines.size() * 34 + (count / 18 + 1) * 16));
        flow.skip(12);
        double top = flow.y();
        Picture picture = SheetDrawing.draw(sheet.layout(), 0, "#FFFFFF", format, 0.75 / scale);
        flow.picture(picture, 0, scale);
        flow.text(count + " × " + sheet.paper().name() + ", "
                + format.size(sheet.layout().stock().width(), sheet.layout().stock().height())
                + (sheet.layout().stock().offcut() ? ", offcut" : ""), 12.5, INDENT, true);
        flow.tickBoxes(count, INDENT, 11);
        for (String line : lines) {
            flow.text(line, TEXT, INDENT, false);
        }
        flow.skip(Math.max(0, height * scale + 8 - (top - flow.y())));
    }

    private List<String> lines(JobSheet sheet) {
        List<String> lines = new ArrayList<>();
        LayoutMessages.cuts(sheet.layout(), format).forEach(setting -> lines.add(setting.sentence()));
        LayoutMessages.diagonals(sheet.layout()).forEach(cut -> lines.add(cut.sentence()));
        lines.add("Gives " + LayoutMessages.gives(sheet.layout()) + ".");
        LayoutMessages.whole(sheet.layout()).ifPresent(whole -> lines.add(whole.sentence()));
        String keep = sheet.layout().offcuts().stream().map(part -> format.size(part.width(), part.height()))
                .collect(Collectors.joining(", "));
        if (!keep.isEmpty()) {
            lines.add("Keep " + keep + ".");
        }
        return lines;
    }
}

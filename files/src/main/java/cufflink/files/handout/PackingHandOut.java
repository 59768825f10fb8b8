package cufflink.files.handout;

import cufflink.packing.PackItem;
import cufflink.packing.Packing;
import cufflink.packing.Station;
import cufflink.measure.LengthFormat;
import cufflink.paper.NamedSize;
import cufflink.words.Message;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;

/** The packing list of kits to tick: station by station, or kit by kit. */
public final class PackingHandOut {
    private static final double TEXT = 11;
    private static final double BOX = 11;
    /** After so many kits the rest is counted. */
    private static final int COUNTED = 5;

    private final Packing packing;
    private final LengthFormat format;
    private final PageFlow flow;

    private PackingHandOut(Packing packing, LengthFormat format, PageFlow flow) {
        this.packing = packing;
        this.format = format;
        this.flow = flow;
    }

    /** The PDF. */
    public static byte[] write(Packing packing, boolean byKit, LengthFormat format, NamedSize page) {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle("Packing list");
            document.getDocumentInformation().setCreator("Cufflink");
            try (PageFlow flow = new PageFlow(document, new Typesetter(document), page.width(), page.height(),
                    "Count what is left before you close a box.")) {
                new PackingHandOut(packing, format, flow).write(byKit);
            }
            return Typesetter.bytes(document);
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    private void write(boolean byKit) throws IOException {
        int kits = packing.wishes().kits();
        flow.title(kits == 1 ? "Packing list, 1 kit" : "Packing list, " + kits + " kits", 24);
        flow.text(packing.wishes().scored() ? "Pieces are scored and punched before they are packed."
                : "Pieces go in loose, as they are cut.", TEXT, 0, false);
        for (Message other : packing.substitutions()) {
            flow.text(other.sentence(), TEXT, 0, true);
        }
        if (byKit) {
            byKit(kits);
        } else {
            byStation(kits);
        }
    }

    private void byKit(int kits) throws IOException {
        flow.columns(2);
        for (int kit = 1; kit <= kits; kit++) {
            String name = packing.name(kit);
            List<String> lines = new ArrayList<>();
            for (PackItem item : packing.items()) {
                int its = kit;
                String paper = packing.ranges(item).isEmpty() ? ""
                        : packing.paper(item, its).map(one -> ", " + one).orElse("");
                lines.add(item.perKit() + " × " + item.text(format) + paper);
            }
            flow.ensure(TEXT * 1.6 * (lines.size() + 2));
            flow.heading("Kit " + kit + (name.isEmpty() ? "" : ", " + name), 12, 40);
            for (String line : lines) {
                flow.ticks(List.of(line), TEXT * 0.86, 0);
            }
        }
    }

    private void byStation(int kits) throws IOException {
        double[] starts = {0, 0.56 * flow.width(), 0.7 * flow.width(), 0.84 * flow.width()};
        for (Station station : Station.values()) {
            List<PackItem> items = packing.items().stream().filter(item -> item.station() == station).toList();
            if (items.isEmpty()) {
                continue;
            }
            flow.heading(station.title(), 14, 60);
            flow.row(List.of("What", "In each kit", "In all", "Paper"), starts, TEXT * 0.86, true);
            for (PackItem item : items) {
                int rows = (int) Math.ceil(kits * BOX * 1.5 / flow.width());
                flow.ensure(TEXT * 3 + rows * BOX * 1.6);
                flow.row(List.of(item.text(format), String.valueOf(item.perKit()),
                        String.valueOf(item.perKit() * kits), packing.called(item.paper())), starts, TEXT, false);
                flow.tickBoxes(kits, 0, BOX);
                flow.text(left(item, kits), TEXT * 0.8, 0, false);
                flow.skip(4);
            }
        }
    }

    /** What must be left after every few kits. */
    private static String left(PackItem item, int kits) {
        List<String> counts = new ArrayList<>();
        for (int kit = COUNTED; kit < kits; kit += COUNTED) {
            counts.add("after kit " + kit + ": " + item.left(kits, kit));
        }
        return counts.isEmpty() ? "" : "Left " + String.join(", ", counts);
    }
}

package cufflink.files.handout;

import cufflink.paper.NamedSize;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;

/** A shopping list to take along, with a box to tick for each line. */
public final class ShoppingHandOut {
    private static final double TEXT = 13;

    private ShoppingHandOut() {
    }

    /** The PDF. */
    public static byte[] write(List<String> lines, NamedSize page) {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle("To buy");
            document.getDocumentInformation().setCreator("Cufflink");
            try (PageFlow flow = new PageFlow(document, new Typesetter(document), page.width(), page.height(),
                    "Prices are those you gave.")) {
                flow.title("To buy", 24);
                flow.skip(6);
                if (lines.isEmpty()) {
                    flow.text("Nothing is short.", TEXT, 0, false);
                }
                flow.ticks(lines, TEXT, 0);
            }
            return Typesetter.bytes(document);
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }
}

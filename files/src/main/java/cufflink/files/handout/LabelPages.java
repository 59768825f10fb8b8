package cufflink.files.handout;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import cufflink.files.CufflinkFonts;
import cufflink.measure.Length;
import cufflink.paper.NamedSize;
import java.awt.Color;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Labels on sheets of labels, row by row: a title, a line, a short text, and a code (ISO/IEC 18004) where it fits. */
public final class LabelPages {
    private static final double PADDING = 6;
    private static final double TITLE = 11;
    private static final double LINE = 9;
    private static final double TEXT = 8;
    private static final double LEADING = 1.25;
    /** Points; a telephone's camera reads dots of a third of a millimetre (common practice, no source). */
    private static final double SMALLEST_DOT = 0.33 * PicturePainter.TRUE_TO_SIZE;
    private static final double MOST_OF_WIDTH = 0.46;
    private static final int QUIET = 2;

    /**
     * A sheet of labels.
     *
     * @param left      from the sheet's left edge to the first label, and from the last to the right edge
     * @param top       from the sheet's top edge to the first label, and from the last to the bottom edge
     * @param gapAcross between two labels side by side
     * @param gapDown   between two labels one above the other
     */
    public record Sheet(NamedSize page, int rows, int columns, Length left, Length top, Length gapAcross,
            Length gapDown) {
        /** Millimetres; 0 or less if there is no room. */
        public double width() {
            return (page.width().toMillimetres() - 2 * left.toMillimetres()
                    - (columns - 1) * gapAcross.toMillimetres()) / columns;
        }

        /** Millimetres; 0 or less if there is no room. */
        public double height() {
            return (page.height().toMillimetres() - 2 * top.toMillimetres()
                    - (rows - 1) * gapDown.toMillimetres()) / rows;
        }
    }

    /**
     * A label.
     *
     * @param code what its code says; none if it is empty
     */
    public record Label(String title, String line, String text, String code) {
    }

    /**
     * The labels.
     *
     * @param withoutCode how many have none because it would be too fine to read
     */
    public record Printed(byte[] pdf, int withoutCode) {
    }

    private final Sheet sheet;
    private final PDDocument document;
    private final Typesetter type;
    private int withoutCode;

    private LabelPages(Sheet sheet, PDDocument document) throws IOException {
        this.sheet = sheet;
        this.document = document;
        this.type = new Typesetter(document);
    }

    /** The PDF, to be printed at its true size. */
    public static Printed write(List<Label> labels, Sheet sheet) {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle("Labels");
            document.getDocumentInformation().setCreator("Cufflink");
            LabelPages pages = new LabelPages(sheet, document);
            int each = sheet.rows() * sheet.columns();
            for (int first = 0; first < labels.size(); first += each) {
                pages.page(labels.subList(first, Math.min(labels.size(), first + each)));
            }
            return new Printed(Typesetter.bytes(document), pages.withoutCode);
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    private static double points(double millimetres) {
        return millimetres * PicturePainter.TRUE_TO_SIZE;
    }

    private void page(List<Label> labels) throws IOException {
        PDRectangle paper = new PDRectangle((float) points(sheet.page().width().toMillimetres()),
                (float) points(sheet.page().height().toMillimetres()));
        PDPage page = new PDPage(paper);
        document.addPage(page);
        try (PDPageContentStream stream = new PDPageContentStream(document, page)) {
            for (int i = 0; i < labels.size(); i++) {
                int row = i / sheet.columns();
                double x = points(sheet.left().toMillimetres()
                        + i % sheet.columns() * (sheet.width() + sheet.gapAcross().toMillimetres()));
                double y = paper.getHeight() - points(sheet.top().toMillimetres()
                        + row * (sheet.height() + sheet.gapDown().toMillimetres()));
                label(stream, labels.get(i), x, y);
            }
        }
    }

    private void label(PDPageContentStream stream, Label label, double x, double top) throws IOException {
        double width = points(sheet.width()) - 2 * PADDING;
        double height = points(sheet.height()) - 2 * PADDING;
        double side = Math.min(height, width * MOST_OF_WIDTH);
        Optional<BitMatrix> code = label.code().isEmpty() ? Optional.empty() : code(label.code())
                .filter(dots -> side / dots.getWidth() >= SMALLEST_DOT);
        withoutCode += code.isEmpty() && !label.code().isEmpty() ? 1 : 0;
        if (code.isPresent()) {
            dots(stream, code.get(), x + PADDING + width - side, top - PADDING, side);
        }
        double measure = code.isPresent() ? width - side - PADDING : width;
        double y = top - PADDING;
        y = lines(stream, CufflinkFonts.BOLD, TITLE, label.title(), x + PADDING, y, measure, top - PADDING - height);
        y = lines(stream, CufflinkFonts.TEXT, LINE, label.line(), x + PADDING, y, measure, top - PADDING - height);
        lines(stream, CufflinkFonts.TEXT, TEXT, label.text(), x + PADDING, y - 2, measure, top - PADDING - height);
    }

    /** As many lines as there is room for, the last with a mark if there are more; answers where the next begins. */
    private double lines(PDPageContentStream stream, CufflinkFonts face, double size, String text, double x,
            double from,
            double measure, double lowest) throws IOException {
        double y = from;
        List<String> lines = text.isEmpty() ? List.of() : type.lines(face, size, measure, text);
        int room = (int) Math.max(0, Math.floor((from - lowest) / (size * LEADING)));
        stream.setNonStrokingColor(Color.BLACK);
        stream.setStrokingColor(Color.BLACK);
        for (int i = 0; i < Math.min(room, lines.size()); i++) {
            y -= size * LEADING;
            boolean cut = i == room - 1 && lines.size() > room;
            type.set(stream, face, size, x, y, cut ? shortened(face, size, measure, lines.get(i)) : lines.get(i));
        }
        return y;
    }

    private String shortened(CufflinkFonts face, double size, double measure, String line) throws IOException {
        String shown = line;
        while (!shown.isEmpty() && type.width(face, size, shown + " …") > measure) {
            shown = shown.substring(0, shown.length() - 1).stripTrailing();
        }
        return shown + " …";
    }

    /** None for more than a code can say. */
    private static Optional<BitMatrix> code(String text) {
        try {
            return Optional.of(new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0,
                    Map.of(EncodeHintType.CHARACTER_SET, "UTF-8", EncodeHintType.MARGIN, QUIET,
                            EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M)));
        } catch (WriterException tooLong) {
            return Optional.empty();
        }
    }

    private static void dots(PDPageContentStream stream, BitMatrix code, double x, double top, double side)
            throws IOException {
        double dot = side / code.getWidth();
        stream.setNonStrokingColor(Color.BLACK);
        for (int row = 0; row < code.getHeight(); row++) {
            for (int column = 0; column < code.getWidth(); column++) {
                if (code.get(column, row)) {
                    stream.addRect((float) (x + column * dot), (float) (top - (row + 1) * dot), (float) dot,
                            (float) dot);
                }
            }
        }
        stream.fill();
    }
}

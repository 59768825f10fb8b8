package cufflink.files.handout;

import cufflink.drawing.Ink;
import cufflink.drawing.Picture;
import cufflink.files.CufflinkFonts;
import cufflink.measure.Length;
import java.awt.Color;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * Fills pages from the top down, in columns if asked: headings, text, rows and pictures, a new column and then a new
 * page when one is full. Sizes in points.
 */
final class PageFlow implements AutoCloseable {
    private static final double MARGIN = 36;
    private static final double GUTTER = 18;
    /** From one line of a paragraph to the next, in its size. */
    private static final double LEADING = 1.32;
    private static final double FOOT = 40;
    private static final double FOOT_SIZE = 8.5;

    private final PDDocument document;
    private final Typesetter type;
    private final FaceImages images;
    private final PDRectangle paper;
    private final String foot;
    private PDPageContentStream stream;
    private double y;
    private int pages;
    private int columns = 1;
    private int column;
    private double columnTop;

    PageFlow(PDDocument document, Typesetter type, Length width, Length height, String foot) throws IOException {
        this.document = document;
        this.type = type;
        this.images = new FaceImages(document);
        this.paper = new PDRectangle((float) (width.toMillimetres() * PicturePainter.TRUE_TO_SIZE),
                (float) (height.toMillimetres() * PicturePainter.TRUE_TO_SIZE));
        this.foot = foot;
        newPage();
    }

    void newPage() throws IOException {
        close();
        PDPage page = new PDPage(paper);
        document.addPage(page);
        stream = new PDPageContentStream(document, page);
        pages++;
        y = paper.getHeight() - MARGIN;
        column = 0;
        columnTop = y;
        ink(Ink.SOFT_TEXT);
        String number = "page " + pages;
        double right = paper.getWidth() - MARGIN - type.width(CufflinkFonts.TEXT, FOOT_SIZE, number);
        type.set(stream, CufflinkFonts.TEXT, FOOT_SIZE, right, FOOT - 14, number);
        type.set(stream, CufflinkFonts.TEXT, FOOT_SIZE, MARGIN, FOOT - 14,
                oneLine(foot, right - MARGIN - 2 * FOOT_SIZE));
    }

    /** As much of the foot as stands beside the page's number. */
    private String oneLine(String text, double measure) throws IOException {
        List<String> lines = type.lines(CufflinkFonts.TEXT, FOOT_SIZE, measure, text);
        return lines.size() == 1 ? text : lines.get(0) + " …";
    }

    /** From here down so many columns, on this page and those that follow. */
    void columns(int count) {
        columns = count;
        column = 0;
        columnTop = y;
    }

    int pages() {
        return pages;
    }

    /** Of a column. */
    double width() {
        return (paper.getWidth() - 2 * MARGIN - (columns - 1) * GUTTER) / columns;
    }

    /** Of the column that is being filled. */
    double left() {
        return MARGIN + column * (width() + GUTTER);
    }

    /** Height left on this page. */
    double room() {
        return y - FOOT;
    }

    double y() {
        return y;
    }

    void skip(double height) {
        y -= height;
    }

    void ensure(double height) throws IOException {
        if (room() >= height) {
            return;
        } else if (column + 1 < columns) {
            column++;
            y = columnTop;
        } else {
            newPage();
        }
    }

    private void ink(Ink ink) throws IOException {
        stream.setNonStrokingColor(Color.decode(ink.colour()));
        stream.setStrokingColor(Color.decode(ink.colour()));
    }

    /** In as many lines as it takes. */
    void title(String text, double size) throws IOException {
        for (String line : type.lines(CufflinkFonts.TITLE, size, width(), text)) {
            ink(Ink.TEXT);
            y -= size * 1.1;
            type.set(stream, CufflinkFonts.TITLE, size, left(), y, line);
        }
        y -= size / 3;
    }

    /** A heading that stays with at least {@code keep} points of what follows. */
    void heading(String text, double size, double keep) throws IOException {
        ensure(size * 2.4 + keep);
        y -= size * 1.7;
        ink(Ink.TEXT);
        type.set(stream, CufflinkFonts.TITLE, size, left(), y, text);
        y -= size * 0.35;
        rule();
    }

    private void rule() throws IOException {
        stream.setStrokingColor(Color.decode(Ink.MAT.colour()));
        stream.setLineWidth(0.6f);
        stream.moveTo((float) left(), (float) y);
        stream.lineTo((float) (left() + width()), (float) y);
        stream.stroke();
        y -= 4;
    }

    /** A paragraph, broken into lines. */
    void text(String text, double size, double indent, boolean bold) throws IOException {
        CufflinkFonts face = bold ? CufflinkFonts.BOLD : CufflinkFonts.TEXT;
        for (String line : type.lines(face, size, width() - indent, text)) {
            ensure(size * LEADING * 1.1);
            y -= size * LEADING;
            ink(Ink.TEXT);
            type.set(stream, face, size, left() + indent, y, line);
        }
    }

    /** How high a paragraph is. */
    double height(String text, double size, double indent, boolean bold) throws IOException {
        return text.isEmpty() ? 0 : type.lines(bold ? CufflinkFonts.BOLD : CufflinkFonts.TEXT, size, width() - indent,
                text).size() * size * LEADING;
    }

    /** Short texts one beside the other, each with a small square to tick before it, in as many lines as they take. */
    void ticks(List<String> texts, double size, double indent) throws IOException {
        double x = indent;
        double box = size * 0.8;
        boolean first = true;
        for (String text : texts) {
            double wide = box * 1.5 + type.width(CufflinkFonts.BOLD, size, text) + size;
            if (first || x + wide > width() + size) {
                ensure(size * 1.6);
                y -= size * 1.5;
                x = indent;
                first = false;
            }
            ink(Ink.TEXT);
            stream.setLineWidth(0.8f);
            stream.addRect((float) (left() + x), (float) (y - size * 0.08), (float) box, (float) box);
            stream.stroke();
            type.set(stream, CufflinkFonts.BOLD, size, left() + x + box * 1.5, y, text);
            x += wide;
        }
    }

    /**
     * A row of a table; {@code starts} are where its cells begin, the first cell is bold if asked. Long cells are
     * broken.
     */
    void row(List<String> cells, double[] starts, double size, boolean bold) throws IOException {
        double tallest = 0;
        for (int i = 0; i < cells.size(); i++) {
            tallest = Math.max(tallest,
                    type.lines(CufflinkFonts.TEXT, size, cellWidth(starts, i), cells.get(i)).size());
        }
        ensure(tallest * size * LEADING + 4);
        double top = y;
        for (int i = 0; i < cells.size(); i++) {
            CufflinkFonts face = bold ? CufflinkFonts.BOLD : CufflinkFonts.TEXT;
            double line = top;
            for (String part : type.lines(face, size, cellWidth(starts, i), cells.get(i))) {
                line -= size * LEADING;
                ink(Ink.TEXT);
                type.set(stream, face, size, left() + starts[i], line, part);
            }
        }
        y = top - tallest * size * LEADING - 2;
    }

    private double cellWidth(double[] starts, int cell) {
        return (cell + 1 < starts.length ? starts[cell + 1] : width()) - starts[cell] - 6;
    }

    /** Small squares to tick, one beside the other, in as many lines as they take. */
    void tickBoxes(int count, double indent, double size) throws IOException {
        int across = Math.max(1, (int) ((width() - indent) / (size * 1.5)));
        stream.setStrokingColor(Color.decode(Ink.TEXT.colour()));
        stream.setLineWidth(0.8f);
        for (int i = 0; i < count; i++) {
            y -= i % across == 0 ? size * 1.6 : 0;
            stream.addRect((float) (left() + indent + i % across * size * 1.5), (float) y, (float) size, (float) size);
            stream.stroke();
        }
        y -= 4;
    }

    /**
     * A picture with its top left corner at x points from the column's edge and the flow's height; the flow does not
     * move.
     */
    void picture(Picture picture, double x, double scale) throws IOException {
        new PicturePainter(stream, type, images).paint(picture, left() + x, y, scale);
    }

    /** A picture at an absolute place, y from the page's top. */
    void pictureAt(Picture picture, double x, double fromTop, double scale) throws IOException {
        new PicturePainter(stream, type, images).paint(picture, x, paper.getHeight() - fromTop, scale);
    }

    /** Text at an absolute place, y from the page's top. */
    void textAt(String text, double size, double x, double fromTop) throws IOException {
        ink(Ink.TEXT);
        type.set(stream, CufflinkFonts.TEXT, size, x, paper.getHeight() - fromTop, text);
    }

    /** Only what lies in a rectangle is painted from here on, until {@link #endClip}. */
    void clip(double x, double fromTop, double width, double height) throws IOException {
        stream.saveGraphicsState();
        stream.addRect((float) x, (float) (paper.getHeight() - fromTop - height), (float) width, (float) height);
        stream.clip();
    }

    void endClip() throws IOException {
        stream.restoreGraphicsState();
    }

    double pageWidth() {
        return paper.getWidth();
    }

    double pageHeight() {
        return paper.getHeight();
    }

    @Override
    public void close() throws IOException {
        if (stream != null) {
            stream.close();
            stream = null;
        }
    }
}

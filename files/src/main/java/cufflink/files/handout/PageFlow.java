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

/** Fills pages from the top down: headings, text, rows and pictures, a new page when one is full. Sizes in points. */
final class PageFlow implements AutoCloseable {
    private static final double MARGIN = 42;
    private static final double FOOT = 40;

    private final PDDocument document;
    private final Typesetter type;
    private final FaceImages images;
    private final PDRectangle paper;
    private final String foot;
    private PDPageContentStream stream;
    private double y;
    private int pages;

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
        ink(Ink.SOFT_TEXT);
        type.set(stream, CufflinkFonts.TEXT, 8.5, MARGIN, FOOT - 14, foot);
        String number = "page " + pages;
        type.set(stream, CufflinkFonts.TEXT, 8.5,
                paper.getWidth() - MARGIN - type.width(CufflinkFonts.TEXT, 8.5, number), FOOT - 14, number);
    }

    double width() {
        return paper.getWidth() - 2 * MARGIN;
    }

    double left() {
        return MARGIN;
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
        if (room() < height) {
            newPage();
        }
    }

    private void ink(Ink ink) throws IOException {
        stream.setNonStrokingColor(Color.decode(ink.colour()));
        stream.setStrokingColor(Color.decode(ink.colour()));
    }

    void title(String text) throws IOException {
        ink(Ink.TEXT);
        y -= 22;
        type.set(stream, CufflinkFonts.TITLE, 24, MARGIN, y, text);
        y -= 8;
    }

    /** A heading that stays with at least {@code keep} points of what follows. */
    void heading(String text, double keep) throws IOException {
        ensure(34 + keep);
        y -= 26;
        ink(Ink.TEXT);
        type.set(stream, CufflinkFonts.TITLE, 14, MARGIN, y, text);
        y -= 5;
        rule();
    }

    private void rule() throws IOException {
        stream.setStrokingColor(Color.decode(Ink.MAT.colour()));
        stream.setLineWidth(0.6f);
        stream.moveTo((float) MARGIN, (float) y);
        stream.lineTo((float) (paper.getWidth() - MARGIN), (float) y);
        stream.stroke();
        y -= 4;
    }

    /** A paragraph, broken into lines. */
    void text(String text, double size, double indent, boolean bold) throws IOException {
        CufflinkFonts face = bold ? CufflinkFonts.BOLD : CufflinkFonts.TEXT;
        for (String line : type.lines(face, size, width() - indent, text)) {
            ensure(size * 1.6);
            y -= size * 1.45;
            ink(Ink.TEXT);
            type.set(stream, face, size, MARGIN + indent, y, line);
        }
    }

    /**
     * A row of a table; {@code columns} are the columns' starts, the first cell is bold if asked. Long cells are
     * broken.
     */
    void row(List<String> cells, double[] columns, double size, boolean bold) throws IOException {
        double tallest = 0;
        for (int i = 0; i < cells.size(); i++) {
            tallest = Math.max(tallest,
                    type.lines(CufflinkFonts.TEXT, size, cellWidth(columns, i), cells.get(i)).size());
        }
        ensure(tallest * size * 1.4 + 6);
        double top = y;
        for (int i = 0; i < cells.size(); i++) {
            CufflinkFonts face = bold ? CufflinkFonts.BOLD : CufflinkFonts.TEXT;
            double line = top;
            for (String part : type.lines(face, size, cellWidth(columns, i), cells.get(i))) {
                line -= size * 1.4;
                ink(Ink.TEXT);
                type.set(stream, face, size, MARGIN + columns[i], line, part);
            }
        }
        y = top - tallest * size * 1.4 - 4;
    }

    private double cellWidth(double[] columns, int column) {
        return (column + 1 < columns.length ? columns[column + 1] : width()) - columns[column] - 8;
    }

    /** A small square to tick, at the left of the next text. */
    void tickBox(double size) throws IOException {
        stream.setStrokingColor(Color.decode(Ink.TEXT.colour()));
        stream.setLineWidth(0.8f);
        stream.addRect((float) MARGIN, (float) (y - size * 1.45), (float) (size * 0.85), (float) (size * 0.85));
        stream.stroke();
    }

    /** Small squares to tick, one beside the other, in as many lines as they take. */
    void tickBoxes(int count, double indent, double size) throws IOException {
        int across = Math.max(1, (int) ((width() - indent) / (size * 1.5)));
        stream.setStrokingColor(Color.decode(Ink.TEXT.colour()));
        stream.setLineWidth(0.8f);
        for (int i = 0; i < count; i++) {
            y -= i % across == 0 ? size * 1.6 : 0;
            stream.addRect((float) (MARGIN + indent + i % across * size * 1.5), (float) y, (float) size, (float) size);
            stream.stroke();
        }
        y -= 4;
    }

    /** A picture with its top left corner at x points from the margin and the flow's height; the flow does not move. */
    void picture(Picture picture, double x, double scale) throws IOException {
        new PicturePainter(stream, type, images).paint(picture, MARGIN + x, y, scale);
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

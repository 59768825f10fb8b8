package cufflink.files.handout;

import cufflink.design.Ornament;
import cufflink.design.SizedDesign;
import cufflink.drawing.Ink;
import cufflink.drawing.LayerDrawing;
import cufflink.drawing.OrnamentDrawing;
import cufflink.drawing.Picture;
import cufflink.drawing.PictureTurn;
import cufflink.drawing.PieceDrawing;
import cufflink.drawing.Shape;
import cufflink.mat.MatLayer;
import cufflink.measure.LengthUnit;
import cufflink.plan.Plan;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;

/**
 * Every piece true to size, and every layer that is no rectangle or right triangle, on as many pages as it takes, each
 * with a bar to measure after printing.
 */
final class TemplatePages {
    private static final double MARGIN_MM = 12;
    private static final double HEAD_MM = 26;
    private static final double OVERLAP_MM = 10;
    private static final double POINT = 25.4 / 72;

    private final Plan plan;
    private final PageFlow flow;

    TemplatePages(Plan plan, PageFlow flow) {
        this.plan = plan;
        this.flow = flow;
    }

    void write() throws IOException {
        for (SizedDesign.Piece piece : plan.design().pieces()) {
            Picture picture = PieceDrawing.draw(piece, plan.pieces().get(piece.id()).pattern(), false, POINT,
                    Optional.empty(), Optional.of(PieceDrawing.Naming.of(plan)));
            tiles(piece.label() + ", true to size, " + piece.up().word() + " face up", upright(picture));
        }
        for (MatLayer layer : LayerDrawing.traced(plan)) {
            tiles(layer.label() + ", true to size, pattern up", upright(LayerDrawing.draw(plan, layer, POINT)));
        }
        List<Ornament> ornaments = OrnamentDrawing.traced(plan);
        if (!ornaments.isEmpty()) {
            tiles("Ornaments, true to size, face up", OrnamentDrawing.draw(plan, ornaments, paperWidth(), POINT));
        }
    }

    private double paperWidth() {
        return flow.pageWidth() / PicturePainter.TRUE_TO_SIZE - 2 * MARGIN_MM;
    }

    private double paperHeight() {
        return flow.pageHeight() / PicturePainter.TRUE_TO_SIZE - 2 * MARGIN_MM - HEAD_MM;
    }

    /** Turned a quarter where that takes fewer pages. */
    private Picture upright(Picture picture) {
        return pages(picture.height(), picture.width()) < pages(picture.width(), picture.height())
                ? PictureTurn.quarter(picture) : picture;
    }

    private int pages(double width, double height) {
        return count(width, paperWidth()) * count(height, paperHeight());
    }

    private static int count(double extent, double page) {
        return extent <= page ? 1 : (int) Math.ceil((extent - OVERLAP_MM) / (page - OVERLAP_MM));
    }

    private void tiles(String heading, Picture picture) throws IOException {
        int across = count(picture.width(), paperWidth());
        int down = count(picture.height(), paperHeight());
        for (int row = 0; row < down; row++) {
            for (int column = 0; column < across; column++) {
                flow.newPage();
                String part = across * down == 1 ? "" : ", part " + (row * across + column + 1) + " of " + across * down
                        + "; join the parts on the dashed lines, " + (int) OVERLAP_MM + " mm over each other";
                tile(heading + part, picture, row, column);
            }
        }
    }

    private void tile(String heading, Picture picture, int row, int column) throws IOException {
        double mm = PicturePainter.TRUE_TO_SIZE;
        flow.textAt(heading, 10.5, MARGIN_MM * mm, (MARGIN_MM + 4) * mm);
        boolean inch = plan.project().unit() == LengthUnit.INCH;
        flow.pictureAt(bar(inch), MARGIN_MM * mm, (MARGIN_MM + 8) * mm, mm);
        flow.textAt("Print at 100 %. This bar measures " + (inch ? "4 in" : "100 mm") + ",", 9, (MARGIN_MM + 106) * mm,
                (MARGIN_MM + 10.5) * mm);
        flow.textAt("or do not cut from this page.", 9, (MARGIN_MM + 106) * mm, (MARGIN_MM + 14.5) * mm);
        double left = column * (paperWidth() - OVERLAP_MM);
        double top = row * (paperHeight() - OVERLAP_MM);
        List<Shape> marks = new ArrayList<>();
        if (column > 0) {
            marks.add(Shape.line("join", Ink.HIDDEN, left + OVERLAP_MM, 0, left + OVERLAP_MM, picture.height()));
        }
        if (row > 0) {
            marks.add(Shape.line("join", Ink.HIDDEN, 0, top + OVERLAP_MM, picture.width(), top + OVERLAP_MM));
        }
        flow.clip((MARGIN_MM - 1) * mm, (MARGIN_MM + HEAD_MM - 1) * mm, (paperWidth() + 2) * mm,
                (paperHeight() + 2) * mm);
        flow.pictureAt(picture.with(marks), (MARGIN_MM - left) * mm, (MARGIN_MM + HEAD_MM - top) * mm, mm);
        flow.endClip();
    }

    private static Picture bar(boolean inch) {
        double length = inch ? 101.6 : 100;
        List<Shape> shapes = new ArrayList<>();
        shapes.add(Shape.line("bar", Ink.CUT, 0, 3, length, 3));
        int parts = inch ? 4 : 10;
        for (int i = 0; i <= parts; i++) {
            shapes.add(Shape.line("bar", Ink.CUT, length * i / parts, i % parts == 0 ? 0 : 1.5, length * i / parts, 6));
        }
        return new Picture(new Envelope(0, length, 0, 6), POINT, shapes);
    }
}

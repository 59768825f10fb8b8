package cufflink.stack;

import cufflink.crease.CreasedDesign;
import cufflink.crease.Panel;
import cufflink.crease.RobustOverlay;
import cufflink.design.Face;
import cufflink.design.Fixing;
import cufflink.design.LaidContents;
import cufflink.design.Ornament;
import cufflink.design.PanelRef;
import cufflink.design.PieceParts;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.Offset;
import cufflink.design.Soft;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.paper.PaperRole;
import cufflink.paper.Papers;
import cufflink.paper.Stock;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** What lies on the panels of a design: layers, soft pieces along their ways, heads of fixings, ornaments. */
final class Attachments {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final BufferParameters FLAT_ENDS = new BufferParameters(8, BufferParameters.CAP_FLAT);

    private final CreasedDesign creased;
    private final List<Attached> all = new ArrayList<>();

    private Attachments(CreasedDesign creased) {
        this.creased = creased;
    }

    /** The lowest on each face first. */
    static List<Attached> of(CreasedDesign creased, List<MatLayer> mats, Papers papers) {
        Attachments attachments = new Attachments(creased);
        mats.forEach(mat -> attachments.mat(mat, papers.of(PaperRole.layer(mat.layer())).caliper()));
        creased.sized().pieces().forEach(piece -> attachments.laps(piece, papers.of(piece.material())));
        creased.sized().laid().forEach(attachments::laid);
        creased.sized().soft().forEach(soft -> attachments.soft(soft, soft.way()));
        creased.sized().fixings().forEach(attachments::fixing);
        creased.sized().ornaments().forEach(attachments::ornament);
        return attachments.all;
    }

    /** Where on its piece a place from the corner of a panel is, millimetres. */
    static Coordinate place(Panel panel, Offset at) {
        return new Coordinate(panel.bounds().getMinX() + at.x().toMillimetres(),
                panel.bounds().getMinY() + at.y().toMillimetres());
    }

    /** Over a whole piece it lies on every panel. */
    private void mat(MatLayer mat, Length thickness) {
        String piece = mat.on().on().piece();
        for (Panel panel : creased.patterns().get(piece).panels()) {
            PanelRef ref = new PanelRef(piece, panel.id());
            mat.on(ref, panel.outline()).ifPresent(there -> all.add(new Attached(StackLayer.Kind.MAT, mat.label(), ref,
                    mat.on().face(), there, thickness, mat.label(), mat.layer())));
        }
    }

    /** Where the parts of a piece that is too long for its sheets lie over one another, its paper is double. */
    private void laps(SizedDesign.Piece piece, Stock stock) {
        for (SizedDesign.Lap lap : PieceParts.of(piece, stock.longest()).laps()) {
            Geometry over = FACTORY.toGeometry(new Envelope(lap.from().toMillimetres(), lap.to().toMillimetres(), 0,
                    piece.height().length().toMillimetres()));
            creased.patterns().get(piece.id()).panels()
                    .forEach(panel -> add(StackLayer.Kind.PANEL, piece.label(), new PanelRef(piece.id(), panel.id()),
                            piece.up(), panel, over, stock.caliper(), piece.label() + ", lapped"));
        }
    }

    /** Contents that no pocket holds lie in the middle of their panel, under what holds them there. */
    private void laid(LaidContents laid) {
        creased.panel(laid.on())
                .ifPresent(panel -> creased.sized().contents(laid).ifPresent(item -> {
                    Coordinate c = panel.bounds().centre();
                    double w = item.width().toMillimetres() / 2;
                    double h = item.height().toMillimetres() / 2;
                    all.add(new Attached(StackLayer.Kind.CONTENTS, item.name(), laid.on(), laid.face(),
                            (Polygon) FACTORY.toGeometry(new Envelope(c.x - w, c.x + w, c.y - h, c.y + h)),
                            item.thickness(), item.name(), 0));
                }));
    }

    /** What a soft piece has on panels when it goes this way. */
    static List<Attached> along(CreasedDesign creased, Soft soft, List<Soft.Stay> way) {
        Attachments attachments = new Attachments(creased);
        attachments.soft(soft, way);
        return attachments.all;
    }

    /** Each stretch on one face of one panel is a strip there. */
    private void soft(Soft soft, List<Soft.Stay> way) {
        for (int i = 0; i + 1 < way.size(); i++) {
            Soft.Stay from = way.get(i);
            Soft.Stay to = way.get(i + 1);
            if (from.isBeside(to)) {
                creased.panel(from.panel()).ifPresent(panel -> {
                    Geometry line = FACTORY.createLineString(
                            new Coordinate[] {place(panel, from.at()), place(panel, to.at())});
                    add(StackLayer.Kind.SOFT, soft.id(), from.panel(), from.face(), panel,
                            BufferOp.bufferOp(line, soft.strand().width().toMillimetres() / 2, FLAT_ENDS),
                            soft.strand().caliper(), soft.label());
                });
            }
        }
    }

    private void fixing(Fixing fixing) {
        creased.panel(fixing.panel()).ifPresent(panel -> {
            Geometry head = FACTORY.createPoint(place(panel, fixing.at()))
                    .buffer(fixing.sizes().head().toMillimetres() / 2);
            add(StackLayer.Kind.HARDWARE, fixing.id(), fixing.panel(), fixing.face(), panel, head,
                    fixing.sizes().height(),
                    fixing.label());
            add(StackLayer.Kind.HARDWARE, fixing.id(), fixing.panel(), fixing.face().other(), panel, head,
                    fixing.sizes().behind(), fixing.label());
        });
    }

    private void ornament(Ornament ornament) {
        creased.panel(ornament.on()).ifPresent(panel -> all.add(new Attached(StackLayer.Kind.ORNAMENT, ornament.id(),
                ornament.on(), ornament.face(),
                OrnamentOutlines.on(ornament, creased.patterns().get(ornament.on().piece()), panel), ornament.height(),
                ornament.label(), 0)));
    }

    /** What of a shape lies on the panel, its openings not minded. */
    private void add(StackLayer.Kind kind, String id, PanelRef on, Face face, Panel panel, Geometry shape,
            Length thickness,
            String label) {
        Polygon whole = FACTORY.createPolygon(panel.outline().getExteriorRing().getCoordinates());
        if (thickness.isPositive() && RobustOverlay.intersection(whole, shape) instanceof Polygon there
                && there.getArea() > 0) {
            all.add(new Attached(kind, id, on, face, there, thickness, label, 0));
        }
    }
}

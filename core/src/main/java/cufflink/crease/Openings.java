package cufflink.crease;

import cufflink.design.SizedDesign.CutOut;
import cufflink.design.SizedDesign.Piece;
import cufflink.design.SizedDesign.Slit;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/**
 * Where a piece is open: windows, notches and slots, in its coordinates, millimetres. Waste that is cut away at the
 * outside is none.
 */
public final class Openings {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private Openings() {
    }

    /** The outline of a cut-out. */
    public static Polygon of(CutOut cutOut) {
        return CutShapes.polygon(cutOut, FACTORY);
    }

    /** The cut-outs that are cut when the layers are on, through both. */
    public static Stream<CutOut> through(Piece piece) {
        return piece.cutOuts().stream().filter(CutOut::through);
    }

    /** Every cut-out and slot. */
    public static Stream<Geometry> all(Piece piece) {
        return Stream.concat(piece.cutOuts().stream().filter(cut -> !cut.outside()).map(Openings::of),
                piece.slits().stream().filter(slit -> slit.width().isPositive()).map(Openings::of));
    }

    /** An area of a piece with what is cut through the layers, too, still closed: as it is while its layers go on. */
    public static Polygon closed(Polygon area, Piece piece) {
        Geometry box = area.getEnvelope();
        Geometry whole = area;
        for (CutOut cut : through(piece).toList()) {
            whole = RobustOverlay.union(whole, RobustOverlay.intersection(of(cut), box));
        }
        return whole instanceof Polygon polygon ? polygon : area;
    }

    /** The gap of a slit that has a width. */
    public static Polygon of(Slit slit) {
        LineSegment line = new LineSegment(slit.line().x1().toMillimetres(), slit.line().y1().toMillimetres(),
                slit.line().x2().toMillimetres(), slit.line().y2().toMillimetres());
        return CutShapes.gap(line, slit.width().toMillimetres(), FACTORY);
    }
}

package cufflink.mat;

import cufflink.crease.CreasePattern;
import cufflink.crease.Openings;
import cufflink.crease.Panel;
import cufflink.crease.RobustOverlay;
import cufflink.design.SizedDesign.CutOut;
import cufflink.design.SizedDesign.Piece;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.Mat;
import cufflink.measure.Length;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** Sizes the layers of a design: each takes the outline of its panel, openings and notches too, moved inwards by the reveal. */
public final class MatSizer {
    private static final BufferParameters MITRED = new BufferParameters(8, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 20);
    private static final GeometryFactory FACTORY = new GeometryFactory();
    /** Square millimetres below which there is nothing to cut. */
    private static final double LEAST_AREA = 1;

    private final MatSettings settings;
    private final List<Problem> problems;

    private MatSizer(MatSettings settings, List<Problem> problems) {
        this.settings = settings;
        this.problems = problems;
    }

    /** All layers, panel by panel from the lowest up; a layer with no room left is a notice in {@code problems}. */
    public static List<MatLayer> size(SizedDesign design, Map<String, CreasePattern> patterns, MatSettings settings, List<Problem> problems) {
        MatSizer sizer = new MatSizer(settings, problems);
        List<MatLayer> layers = new ArrayList<>();
        for (Mat mat : design.mats()) {
            Optional<Panel> panel = Optional.ofNullable(patterns.get(mat.on().piece())).flatMap(pattern -> pattern.panel(mat.on().panel()));
            if (panel.isPresent()) {
                layers.addAll(sizer.onPanel(mat, panel.get(), design.piece(mat.on().piece())));
            }
        }
        return layers;
    }

    private List<MatLayer> onPanel(Mat mat, Panel panel, Piece piece) {
        MatSettings.OnPanel exception = settings.byPanel().getOrDefault(mat.on().toString(),
                new MatSettings.OnPanel(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty()));
        int count = exception.layers().orElse(settings.layers());
        Length reveal = exception.reveal().orElse(settings.reveal());
        Panel closed = new Panel(panel.id(), panel.label(), withoutThrough(panel, piece));
        List<MatLayer> layers = new ArrayList<>();
        MatLayer.Under under = new MatLayer.Under(panel.width(), panel.height());
        for (int layer = 1; layer <= count; layer++) {
            boolean readyCut = layer == 1 && exception.width().isPresent() && exception.height().isPresent();
            Length width = readyCut ? exception.width().get() : under.width().minus(reveal.times(2));
            Length height = readyCut ? exception.height().get() : under.height().minus(reveal.times(2));
            Optional<Polygon> outline = width.isPositive() && height.isPositive() ? outline(closed, width, height, readyCut ? Length.ZERO : reveal.times(layer), piece) : Optional.empty();
            if (outline.isEmpty()) {
                problems.add(Problem.notice(mat.label(), "There is no room for layer " + layer + ".", "Use fewer layers or a smaller border there."));
                break;
            }
            layers.add(new MatLayer(mat, layer, width, height, reveal, outline.get(), under));
            under = new MatLayer.Under(width, height);
        }
        return layers;
    }

    /** A panel as it is while its layers go on: what is cut through both later is still closed. */
    private static Polygon withoutThrough(Panel panel, Piece piece) {
        Geometry whole = panel.outline();
        Geometry box = FACTORY.toGeometry(panel.bounds());
        for (CutOut cut : Openings.through(piece).toList()) {
            whole = RobustOverlay.union(whole, RobustOverlay.intersection(Openings.of(cut), box));
        }
        return whole instanceof Polygon polygon ? polygon : panel.outline();
    }

    /**
     * The layer with the border kept along every edge of its panel, those of openings and notches too; then what is cut through both is cut out of it. Empty if
     * nothing is left, or if an opening parts it in two.
     */
    private static Optional<Polygon> outline(Panel panel, Length width, Length height, Length border, Piece piece) {
        Polygon rectangle = centred(panel.bounds(), width, height);
        boolean plain = panel.hasUprightSides() && panel.outline().getNumPoints() == rectangle.getNumPoints();
        Geometry layer = plain ? rectangle : inwards(panel, rectangle, border);
        for (CutOut cut : Openings.through(piece).toList()) {
            layer = RobustOverlay.difference(layer, Openings.of(cut));
        }
        return layer instanceof Polygon polygon && polygon.getArea() > LEAST_AREA ? Optional.of(polygon) : Optional.empty();
    }

    private static Polygon centred(Envelope on, Length width, Length height) {
        double w = width.toMillimetres() / 2;
        double h = height.toMillimetres() / 2;
        Coordinate c = on.centre();
        return FACTORY.createPolygon(new Coordinate[] {new Coordinate(c.x - w, c.y - h), new Coordinate(c.x + w, c.y - h),
            new Coordinate(c.x + w, c.y + h), new Coordinate(c.x - w, c.y + h), new Coordinate(c.x - w, c.y - h)});
    }

    /** With upright sides the measured rectangle is exact; only openings are moved inwards. */
    private static Geometry inwards(Panel panel, Polygon rectangle, Length by) {
        Geometry smaller = BufferOp.bufferOp(panel.outline(), -by.toMillimetres(), MITRED);
        return panel.hasUprightSides() ? RobustOverlay.intersection(smaller, rectangle) : smaller;
    }
}

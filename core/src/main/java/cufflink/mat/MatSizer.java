package cufflink.mat;

import cufflink.crease.CreasePattern;
import cufflink.crease.Panel;
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

/** Sizes the layers of a design: each takes the outline of its panel, moved inwards by the reveal. */
public final class MatSizer {
    private static final BufferParameters MITRED = new BufferParameters(8, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 20);
    private static final GeometryFactory FACTORY = new GeometryFactory();

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
                layers.addAll(sizer.onPanel(mat, panel.get()));
            }
        }
        return layers;
    }

    private List<MatLayer> onPanel(Mat mat, Panel panel) {
        MatSettings.OnPanel exception = settings.byPanel().getOrDefault(mat.on().toString(),
                new MatSettings.OnPanel(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty()));
        int count = exception.layers().orElse(settings.layers());
        Length reveal = exception.reveal().orElse(settings.reveal());
        List<MatLayer> layers = new ArrayList<>();
        MatLayer.Under under = new MatLayer.Under(panel.width(), panel.height());
        for (int layer = 1; layer <= count; layer++) {
            boolean readyCut = layer == 1 && exception.width().isPresent() && exception.height().isPresent();
            Length width = readyCut ? exception.width().get() : under.width().minus(reveal.times(2));
            Length height = readyCut ? exception.height().get() : under.height().minus(reveal.times(2));
            if (!width.isPositive() || !height.isPositive()) {
                problems.add(Problem.notice(mat.label(), "There is no room for layer " + layer + ".", "Use fewer layers or a smaller border there."));
                break;
            }
            Polygon outline = panel.hasUprightSides() || readyCut ? centred(panel.bounds(), width, height) : inwards(panel.outline(), reveal.times(layer));
            layers.add(new MatLayer(mat, layer, width, height, reveal, outline, under));
            under = new MatLayer.Under(width, height);
        }
        return layers;
    }

    private static Polygon centred(Envelope on, Length width, Length height) {
        double w = width.toMillimetres() / 2;
        double h = height.toMillimetres() / 2;
        Coordinate c = on.centre();
        return FACTORY.createPolygon(new Coordinate[] {new Coordinate(c.x - w, c.y - h), new Coordinate(c.x + w, c.y - h),
            new Coordinate(c.x + w, c.y + h), new Coordinate(c.x - w, c.y + h), new Coordinate(c.x - w, c.y - h)});
    }

    private static Polygon inwards(Polygon outline, Length by) {
        Geometry smaller = BufferOp.bufferOp(FACTORY.createPolygon(outline.getExteriorRing()), -by.toMillimetres(), MITRED);
        return smaller instanceof Polygon polygon ? polygon : (Polygon) smaller.getGeometryN(0);
    }
}

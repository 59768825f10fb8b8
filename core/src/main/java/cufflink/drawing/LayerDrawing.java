package cufflink.drawing;

import cufflink.mat.LayerForm;
import cufflink.mat.MatLayer;
import cufflink.plan.Plan;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/** A layer as it is cut: pattern up, its own width level. */
public final class LayerDrawing {
    private LayerDrawing() {
    }

    /** The layers that no two measures describe, each shape once. */
    public static List<MatLayer> traced(Plan plan) {
        return plan.mats().stream().filter(layer -> layer.form().kind() == LayerForm.Kind.OUTLINE).toList();
    }

    /** One layer with the lengths of its edges. */
    public static Picture draw(Plan plan, MatLayer layer, double point) {
        Polygon outline = (Polygon) lying(plan, layer).transform(layer.outline());
        Envelope box = outline.getEnvelopeInternal();
        Polygon placed = (Polygon) AffineTransformation.translationInstance(-box.getMinX(), -box.getMinY())
                .transform(outline);
        Envelope bounds = placed.getEnvelopeInternal();
        List<Shape> edges = EdgeLengths.of(placed, plan.project().step(), Ink.SOFT_TEXT, point);
        Shape paper = new Shape.Area("layer", Ink.PAPER, Outlines.spots(placed), Outlines.openings(placed),
                Optional.empty(), Optional.of(Ink.CUT));
        return new Picture(bounds, point, Stream.concat(Stream.of(paper), edges.stream()).toList());
    }

    /**
     * Turns layers that lie slanting on their panel, or on the face that lies down, so that they lie as they are cut;
     * no further than it takes, so that their top stays at the top.
     */
    static AffineTransformation lying(Plan plan, MatLayer lowest) {
        double quarters = Math.rint(lowest.form().turn() / (Math.PI / 2)) * (Math.PI / 2);
        AffineTransformation turn = AffineTransformation.rotationInstance(quarters - lowest.form().turn(),
                lowest.form().at().x, lowest.form().at().y);
        boolean mirrored = lowest.on().face() != plan.design().piece(lowest.on().on().piece()).up();
        return mirrored ? turn.scale(-1, 1) : turn;
    }
}

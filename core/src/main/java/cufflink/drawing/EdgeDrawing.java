package cufflink.drawing;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.crease.Panel;
import cufflink.design.PanelRef;
import cufflink.drawing.Shape.Spot;
import cufflink.fold.FoldedState;
import cufflink.fold.Point3;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;

/**
 * Draws a piece with parallel creases as seen along them, from its edge: every panel a line, layers set apart, joined
 * at the folds. Down on the picture is away from the viewer of the bench.
 */
public final class EdgeDrawing {
    private static final double GAP = 7;

    private EdgeDrawing() {
    }

    /**
     * The view along the creases of the first piece; absent where they are not parallel.
     *
     * @param end   the flat state whose layers are set apart
     * @param order of its layers from the viewer's side down; may be empty
     * @param moved panels drawn as "now"
     */
    public static Optional<Picture> draw(FoldedState state, FoldedState end, List<PanelRef> order, Set<PanelRef> moved,
            double point) {
        CreasePattern pattern = state.assembly().pieces().get(0);
        if (pattern.hinges().isEmpty() || !pattern.isParallel()) {
            return Optional.empty();
        }
        LineSegment along = pattern.hinges().get(0).at();
        boolean upright = Math.abs(along.p1.x - along.p0.x) < Math.abs(along.p1.y - along.p0.y);
        Map<PanelRef, Double> lift = LayerLift.of(state, end, order, GAP * point, Double.MAX_VALUE);
        List<Shape> shapes = new ArrayList<>();
        for (Hinge hinge : pattern.hinges()) {
            shapes.add(new Shape.Path("fold", Ink.EDGE,
                    List.of(spot(state, new PanelRef(pattern.piece(), hinge.first()), hinge.at().midPoint(), lift,
                            upright),
                            spot(state, new PanelRef(pattern.piece(), hinge.second()), hinge.beyond().midPoint(), lift,
                                    upright))));
        }
        for (Panel panel : pattern.panels()) {
            PanelRef ref = new PanelRef(pattern.piece(), panel.id());
            Envelope box = panel.bounds();
            Coordinate start = upright ? new Coordinate(box.getMinX(), box.centre().y)
                    : new Coordinate(box.centre().x, box.getMinY());
            Coordinate stop = upright ? new Coordinate(box.getMaxX(), box.centre().y)
                    : new Coordinate(box.centre().x, box.getMaxY());
            shapes.add(new Shape.Path(ref.toString(), moved.contains(ref) ? Ink.NOW : Ink.EDGE,
                    List.of(spot(state, ref, start, lift, upright), spot(state, ref, stop, lift, upright))));
        }
        Envelope bounds = new Envelope();
        shapes.forEach(shape -> ((Shape.Path) shape).points().forEach(p -> bounds.expandToInclude(p.x(), p.y())));
        bounds.expandBy(6 * point);
        return Optional.of(new Picture(bounds, point, shapes));
    }

    private static Spot spot(FoldedState state, PanelRef panel, Coordinate at, Map<PanelRef, Double> lift,
            boolean upright) {
        Point3 place = state.position().get(panel).apply(at.x, at.y, lift.getOrDefault(panel, 0.0));
        return new Spot(upright ? place.x() : place.y(), -place.z());
    }
}

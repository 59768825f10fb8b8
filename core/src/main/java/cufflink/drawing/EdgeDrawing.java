package cufflink.drawing;

import cufflink.crease.Hinge;
import cufflink.crease.Panel;
import cufflink.drawing.Shape.Spot;
import cufflink.fold.FoldedState;
import cufflink.fold.Point3;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;

/**
 * Draws a piece with parallel creases as seen along them, from its edge: every panel a line, layers set apart, joined at the folds. Down on the
 * picture is away from the viewer of the bench.
 */
public final class EdgeDrawing {
    private static final double GAP = 7;

    private EdgeDrawing() {
    }

    /**
     * The view along the creases; absent where they are not parallel.
     *
     * @param order layers from the viewer's side down, to set flat layers apart; may be empty
     * @param moved ids of panels drawn as "now"
     */
    public static Optional<Picture> draw(FoldedState state, FoldedState end, List<String> order, List<String> moved, double point) {
        if (state.pattern().hinges().isEmpty() || !state.pattern().isParallel()) {
            return Optional.empty();
        }
        LineSegment along = state.pattern().hinges().get(0).at();
        boolean upright = Math.abs(along.p1.x - along.p0.x) < Math.abs(along.p1.y - along.p0.y);
        Map<String, Double> lift = new HashMap<>();
        for (int i = 0; i < order.size(); i++) {
            lift.put(order.get(i), (order.size() - i) * GAP * point * (end.position().get(order.get(i)).turnsOver() ? -1 : 1));
        }
        List<Shape> shapes = new ArrayList<>();
        for (Hinge hinge : state.pattern().hinges()) {
            Coordinate middle = hinge.at().pointAlong(0.5);
            shapes.add(new Shape.Path("fold", Ink.EDGE, List.of(spot(state, hinge.first(), middle, lift, upright), spot(state, hinge.second(), middle, lift, upright))));
        }
        for (Panel panel : state.pattern().panels()) {
            Envelope box = panel.bounds();
            Coordinate start = upright ? new Coordinate(box.getMinX(), box.centre().y) : new Coordinate(box.centre().x, box.getMinY());
            Coordinate stop = upright ? new Coordinate(box.getMaxX(), box.centre().y) : new Coordinate(box.centre().x, box.getMaxY());
            shapes.add(new Shape.Path(panel.id(), moved.contains(panel.id()) ? Ink.NOW : Ink.EDGE,
                    List.of(spot(state, panel.id(), start, lift, upright), spot(state, panel.id(), stop, lift, upright))));
        }
        Envelope bounds = new Envelope();
        shapes.forEach(shape -> ((Shape.Path) shape).points().forEach(p -> bounds.expandToInclude(p.x(), p.y())));
        bounds.expandBy(6 * point);
        return Optional.of(new Picture(bounds, point, shapes));
    }

    private static Spot spot(FoldedState state, String panel, Coordinate at, Map<String, Double> lift, boolean upright) {
        Point3 place = state.position().get(panel).apply(at.x, at.y, lift.getOrDefault(panel, 0.0));
        return new Spot(upright ? place.x() : place.y(), -place.z());
    }
}

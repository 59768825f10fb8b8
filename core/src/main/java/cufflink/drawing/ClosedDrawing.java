package cufflink.drawing;

import cufflink.design.Face;
import cufflink.drawing.Shape.Spot;
import cufflink.fold.ClosedStack;
import cufflink.fold.StackLayer;
import cufflink.plan.Plan;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/** Draws the closed card from the front or the back, as it is held. */
public final class ClosedDrawing {
    private ClosedDrawing() {
    }

    /** The closed card; absent while it does not close. */
    public static Optional<Picture> draw(Plan plan, boolean fromBack, double point) {
        return plan.stack().map(stack -> draw(plan, stack, fromBack, point));
    }

    /** The place on the card, seen from the front, at which a spot of its picture lies. */
    public static Coordinate place(Plan plan, boolean fromBack, Spot spot) {
        boolean turned = plan.design().definition().turned();
        double x = turned ? (fromBack ? spot.y() : -spot.y()) : spot.x();
        double y = turned ? (fromBack ? -spot.x() : spot.x()) : spot.y();
        return new Coordinate(fromBack ? -x : x, y);
    }

    private static Picture draw(Plan plan, ClosedStack stack, boolean fromBack, double point) {
        List<StackLayer> layers = new ArrayList<>(stack.layers());
        if (!fromBack) {
            Collections.reverse(layers);
        }
        boolean turned = plan.design().definition().turned();
        List<Shape> shapes = new ArrayList<>();
        Envelope bounds = new Envelope();
        for (StackLayer layer : layers) {
            List<Spot> corners = Arrays.stream(layer.footprint().getExteriorRing().getCoordinates()).map(corner -> {
                double x = fromBack ? -corner.x : corner.x;
                return turned ? new Spot(fromBack ? -corner.y : corner.y, fromBack ? x : -x) : new Spot(x, corner.y);
            }).toList();
            corners.forEach(corner -> bounds.expandToInclude(corner.x(), corner.y()));
            Face facing = fromBack ? layer.facing().other() : layer.facing();
            shapes.add(new Shape.Area(layer.label(), Ink.PAPER, corners, Optional.of(colour(plan, layer, facing)), Optional.of(Ink.PAPER_EDGE)));
        }
        return new Picture(bounds, point, shapes);
    }

    private static String colour(Plan plan, StackLayer layer, Face facing) {
        return switch (layer.kind()) {
            case CONTENTS -> Ink.CONTENTS.colour();
            case MAT -> plan.project().paper("mat " + layer.level()).face();
            case PANEL -> {
                var stock = plan.project().paper(plan.design().piece(layer.panel().orElseThrow().piece()).material());
                yield facing == Face.OUTSIDE ? stock.face() : stock.back();
            }
        };
    }
}

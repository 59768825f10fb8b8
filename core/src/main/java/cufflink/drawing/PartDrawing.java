package cufflink.drawing;

import cufflink.design.Held;
import cufflink.design.PartDefinition;
import cufflink.drawing.Shape.Spot;
import cufflink.plan.Plan;
import cufflink.stack.ClosedStack;
import cufflink.stack.StackLayer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;

/** Draws a part by itself, or on the panel that it sits on, as it is seen when the card is opened there. */
public final class PartDrawing {
    private PartDrawing() {
    }

    /** The part of a plan; absent while it does not close. */
    public static Optional<Picture> draw(Plan plan, PartDefinition part, double point) {
        if (part.isApart()) {
            return plan.design().main(part).flatMap(piece -> ClosedDrawing.draw(plan, piece.id(), point));
        }
        return plan.design().main(part).flatMap(piece -> plan.workings().stacked().stack(piece.id()))
                .map(stack -> onPanel(plan, stack, part, point));
    }

    private static Picture onPanel(Plan plan, ClosedStack stack, PartDefinition part, double point) {
        List<StackLayer> layers = new ArrayList<>();
        int host = -1;
        int first = -1;
        for (StackLayer layer : stack.layers()) {
            boolean isHost = layer.kind() == StackLayer.Kind.PANEL && layer.panel().equals(part.seat().on());
            boolean isPart = layer.panel().filter(panel -> part.has(panel.piece())).isPresent();
            if (isHost) {
                host = layers.size();
            } else if (isPart && first < 0) {
                first = layers.size();
            }
            if (isHost || isPart) {
                layers.add(layer);
            }
        }
        boolean fromBack = host >= 0 && host < first;
        if (!fromBack) {
            Collections.reverse(layers);
        }
        Held held = plan.design().held(layers.get(0).panel().orElseThrow().piece());
        Envelope bounds = new Envelope();
        List<Shape> shapes = new ArrayList<>();
        for (StackLayer layer : layers) {
            Shape.Area area = ClosedDrawing.area(plan, layer, held, fromBack);
            for (Spot corner : area.corners()) {
                bounds.expandToInclude(corner.x(), corner.y());
            }
            shapes.add(area);
        }
        return new Picture(bounds, point, shapes);
    }
}

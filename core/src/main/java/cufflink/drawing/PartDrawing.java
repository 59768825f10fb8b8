package cufflink.drawing;

import cufflink.design.Fixing;
import cufflink.design.Held;
import cufflink.design.PanelRef;
import cufflink.design.PartDefinition;
import cufflink.design.SizedDesign;
import cufflink.design.Soft;
import cufflink.drawing.Shape.Spot;
import cufflink.plan.Plan;
import cufflink.stack.ClosedStack;
import cufflink.stack.StackLayer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
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
        return plan.design().main(part).map(SizedDesign.Piece::id).or(() -> part.seat().on().map(PanelRef::piece))
                .flatMap(piece -> plan.workings().stacked().stack(piece))
                .map(stack -> onPanel(plan, stack, part, point));
    }

    private static Picture onPanel(Plan plan, ClosedStack stack, PartDefinition part, double point) {
        List<StackLayer> layers = new ArrayList<>();
        List<String> trim = Stream.concat(
                plan.design().soft().stream().filter(soft -> part.has(soft.id())).map(Soft::label),
                plan.design().fixings().stream().filter(fixing -> part.has(fixing.id())).map(Fixing::label)).toList();
        int host = -1;
        int first = -1;
        for (StackLayer layer : stack.layers()) {
            boolean isHost = layer.kind() == StackLayer.Kind.PANEL && layer.panel().equals(part.seat().on());
            boolean isPart = layer.panel().filter(panel -> part.has(panel.piece())).isPresent()
                    || layer.panel().equals(part.seat().on()) && trim.contains(layer.label());
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

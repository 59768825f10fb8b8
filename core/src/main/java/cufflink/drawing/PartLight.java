package cufflink.drawing;

import cufflink.design.PartDefinition;
import cufflink.plan.Plan;
import cufflink.stack.ClosedStack;
import cufflink.stack.StackLayer;
import java.util.ArrayList;
import java.util.List;

/** Marks a part in a picture of the card or of what it is made from. */
public final class PartLight {
    private PartLight() {
    }

    /** In a picture whose shapes are named as their pieces or panels: sheets, glue. */
    public static Picture on(Picture picture, PartDefinition part) {
        List<Shape> marks = new ArrayList<>();
        for (Shape shape : picture.shapes()) {
            if (shape instanceof Shape.Area area && part.has(area.id())) {
                marks.add(ring(area));
            }
        }
        return picture.with(marks);
    }

    /** On the closed card, whether it is seen there or lies inside. */
    public static Picture onClosed(Plan plan, boolean fromBack, Picture card, PartDefinition part) {
        List<Shape> marks = new ArrayList<>();
        for (StackLayer layer : plan.stack().map(ClosedStack::layers).orElse(List.of())) {
            if (layer.panel().filter(panel -> part.has(panel.piece())).isPresent()) {
                marks.add(ring(ClosedDrawing.area(plan, layer, plan.design().definition().held(), fromBack)));
            }
        }
        return card.with(marks);
    }

    private static Shape ring(Shape.Area area) {
        List<Shape.Spot> ring = new ArrayList<>(area.corners());
        ring.add(area.corners().get(0));
        return new Shape.Path("", Ink.NOW, ring);
    }
}

package cufflink.drawing;

import cufflink.design.PageDefinition;
import cufflink.fold.PosedCard;
import cufflink.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;

/** All pages in a row as they are laid out flat, from above, and under them the same turned over. */
public final class PagesDrawing {
    private static final View TURNED_OVER = new View(0, 0, 180);
    /** Between the two rows, points. */
    private static final double GAP = 14;

    private PagesDrawing() {
    }

    /** Both rows; absent for what has no pages, and where it cannot be laid out. */
    static Optional<Picture> draw(Plan plan, double point) {
        Optional<PosedCard> laidOut = plan.poses().stream()
                .filter(posed -> posed.name().equals(PageDefinition.LAID_OUT))
                .findFirst();
        return laidOut.flatMap(posed -> PoseDrawing.between(plan, posed, 1)).map(scene -> {
            Picture above = FoldDrawing.draw(scene, View.ABOVE, point);
            Picture under = FoldDrawing.draw(scene, TURNED_OVER, point);
            double right = above.bounds().getMinX() - under.bounds().getMinX();
            double down = above.bounds().getMaxY() + GAP * point - under.bounds().getMinY();
            List<Shape> shapes = new ArrayList<>(above.shapes());
            under.shapes().forEach(shape -> shapes.add(shape.moved(spot -> spot.plus(right, down))));
            Envelope bounds = new Envelope(above.bounds());
            bounds.expandToInclude(above.bounds().getMinX() + under.width(), above.bounds().getMaxY() + GAP * point
                    + under.height());
            return new Picture(bounds, point, shapes);
        });
    }
}

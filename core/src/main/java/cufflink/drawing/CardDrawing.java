package cufflink.drawing;

import cufflink.plan.Plan;
import java.util.Optional;

/** Draws the finished card: closed, from the front, or as it stands where it has no flat form. */
public final class CardDrawing {
    private CardDrawing() {
    }

    /** The card; absent while it does not close, or cannot stand. */
    public static Optional<Picture> draw(Plan plan, double point) {
        View view = View.of(plan.design().definition().shown().angle());
        return plan.design().definition().stands().map(pose -> PoseDrawing.draw(plan, pose, view, point))
                .orElseGet(() -> ClosedDrawing.draw(plan, false, point));
    }
}

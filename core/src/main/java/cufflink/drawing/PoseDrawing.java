package cufflink.drawing;

import cufflink.design.Page;
import cufflink.design.SizedDesign;
import cufflink.fold.FoldedState;
import cufflink.fold.PosedCard;
import cufflink.plan.Plan;
import java.util.List;
import java.util.Optional;

/** Draws the whole card in one of its named poses, or on the way there. */
public final class PoseDrawing {
    /** The pose the shelf shows. */
    public static final String HALF_OPEN = "half open";

    private PoseDrawing() {
    }

    /** The pose; absent if the card cannot take it. */
    public static Optional<Picture> draw(Plan plan, String pose, View view, double point) {
        return plan.poses().stream().filter(posed -> posed.name().equals(pose)).findFirst()
                .flatMap(posed -> posed.state().value().map(state -> scene(plan, posed, state)))
                .map(scene -> FoldDrawing.draw(scene, view, point));
    }

    /** The card part of the way to a pose, 0 to 1; absent if the loops do not close there. */
    public static Optional<FoldScene> between(Plan plan, PosedCard posed, double share) {
        return posed.motion().at(share).value().map(state -> scene(plan, posed, state));
    }

    /**
     * What shows of the card in a pose, seen square on from where its front is when it is closed, or its back; of a
     * spread, as its pages look up or from beneath. Nothing if it cannot take the pose.
     */
    public static List<Shown> shown(Plan plan, PosedCard posed, boolean fromBack) {
        return posed.state().value()
                .map(state -> FoldDrawing.shown(scene(plan, posed, state), fromBack ? View.BEHIND : View.ABOVE))
                .orElse(List.of());
    }

    private static FoldScene scene(Plan plan, PosedCard posed, FoldedState state) {
        StandingLayers layers = StandingLayers.of(plan.closed().orElseThrow(), state);
        // Twisted paper is drawn where it is: nothing lies flat on anything.
        return FoldScene.of(plan, lying(plan, posed.name(), state), layers.flat(),
                state.twisted().isEmpty() ? layers.order() : List.of()).trimmed(plan, posed.name());
    }

    /** What is leafed through lies with the page up that stays where it is. */
    private static FoldedState lying(Plan plan, String pose, FoldedState state) {
        return Optional.ofNullable(plan.design().poses().get(pose)).flatMap(SizedDesign.Pose::spread)
                .map(Page.Spread::still)
                .map(still -> state.laid(still.panel(),
                        still.face() != plan.design().piece(still.panel().piece()).up()))
                .orElse(state);
    }
}

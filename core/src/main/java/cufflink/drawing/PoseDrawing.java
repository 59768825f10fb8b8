package cufflink.drawing;

import cufflink.fold.FoldedPiece;
import cufflink.fold.FoldedState;
import cufflink.fold.Folder;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Draws the main piece of a design in one of its named poses. */
public final class PoseDrawing {
    /** The pose the shelf shows; creases that a pose leaves out stand at a right angle. */
    public static final String HALF_OPEN = "half open";

    private PoseDrawing() {
    }

    /** The pose; absent if the piece cannot take it. */
    public static Optional<Picture> draw(Plan plan, String pose, View view, double point) {
        FoldedPiece piece = plan.pieces().values().iterator().next();
        Map<String, Double> stated = plan.design().poses().getOrDefault(pose, Map.of());
        Map<String, Double> angles = new LinkedHashMap<>();
        piece.pattern().hinges().forEach(hinge -> angles.put(hinge.crease(), stated.getOrDefault(hinge.crease(), 90.0)));
        Optional<FoldedState> state = Folder.fold(piece.pattern(), piece.anchor(), angles).value();
        Stock stock = plan.project().paper(plan.design().piece(piece.pattern().piece()).material());
        return state.map(folded -> FoldDrawing.draw(piece, folded, List.of(), view, stock, plan.mats(), StepDrawing.matPapers(plan), point));
    }
}

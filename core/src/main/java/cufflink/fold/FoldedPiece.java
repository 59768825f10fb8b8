package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.problem.Problem;
import java.util.List;
import java.util.Optional;

/**
 * A piece from flat to folded.
 *
 * @param pattern  the piece
 * @param anchor   the panel that stays on the table
 * @param stages   the steps in order
 * @param flat     the last state, if it lies flat and its order was proved
 * @param problems why it does not fold, in the order found
 */
public record FoldedPiece(CreasePattern pattern, String anchor, List<FoldStage> stages, Optional<FlatFoldedState> flat, List<Problem> problems) {
    public FoldedPiece {
        stages = List.copyOf(stages);
        problems = List.copyOf(problems);
    }
}

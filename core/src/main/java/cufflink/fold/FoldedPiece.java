package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.problem.Problem;
import java.util.List;
import java.util.Optional;

/**
 * A piece from flat to folded.
 *
 * @param assembly the piece by itself
 * @param stages   the steps in order
 * @param flat     the last state, if it lies flat and its order was proved
 * @param problems why it does not fold, in the order found
 * @param proposed whether the steps were proposed because the design gives none
 */
public record FoldedPiece(Assembly assembly, List<FoldStage> stages, Optional<FlatFoldedState> flat, List<Problem> problems, boolean proposed) {
    public FoldedPiece {
        stages = List.copyOf(stages);
        problems = List.copyOf(problems);
    }

    public CreasePattern pattern() {
        return assembly.pieces().get(0);
    }

    /** The panel that stays on the table. */
    public String anchor() {
        return assembly.anchor().panel();
    }

    /** The state after the last step. */
    public FoldedState last() {
        return stages.isEmpty() ? new Folder(assembly).unfolded() : stages.get(stages.size() - 1).after();
    }
}

package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.problem.Problem;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A piece from flat to folded.
 *
 * @param assembly the piece by itself
 * @param stages   the steps in order
 * @param flat     the last state, if it lies flat and its order was proved
 * @param problems why it does not fold, in the order found
 * @param proposed whether the steps were proposed because the design gives none
 */
public record FoldedPiece(Assembly assembly, List<FoldStage> stages, Optional<FlatFoldedState> flat,
        List<Problem> problems, boolean proposed) {
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

    /** Whether a step only creases: the next one opens it again. */
    public boolean isCreasing(int stage) {
        return stage + 1 < stages.size() && stages.get(stage + 1).step().opens() && !stages.get(stage).step().opens();
    }

    /** How many steps fold and stay folded. */
    public int folds() {
        return (int) IntStream.range(0, stages.size())
                .filter(stage -> !isCreasing(stage) && !stages.get(stage).step().opens()).count();
    }

    /** The state after the last step. */
    public FoldedState last() {
        return stages.isEmpty() ? new Folder(assembly).unfolded() : stages.get(stages.size() - 1).after();
    }

    /** The same with another problem. */
    FoldedPiece but(Problem problem) {
        return new FoldedPiece(assembly, stages, flat, Stream.concat(problems.stream(), Stream.of(problem)).toList(),
                proposed);
    }
}

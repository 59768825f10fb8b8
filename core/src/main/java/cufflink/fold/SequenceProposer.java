package cufflink.fold;

import cufflink.crease.Hinge;
import cufflink.design.SizedDesign.FoldStep;
import cufflink.design.SizedDesign.Said;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Proposes a sequence for a piece whose design gives none: one crease after the other, tried depth first in the order
 * of the score lines, each state proved; if no such sequence is found, all creases at once.
 */
final class SequenceProposer {
    /** States tried before giving up on single folds. */
    private static final int MOST_TRIES = 300;

    private final Folder folder;
    private final String piece;
    private int tries;

    private SequenceProposer(Folder folder) {
        this.folder = folder;
        this.piece = folder.assembly().anchor().piece();
    }

    static FoldedPiece propose(Folder folder) {
        Set<String> creases = new LinkedHashSet<>();
        folder.assembly().pieces().get(0).hinges().stream().filter(Hinge::folds)
                .forEach(hinge -> creases.add(hinge.crease()));
        SequenceProposer proposer = new SequenceProposer(folder);
        List<FoldStep> none = List.of();
        return proposer.extend(none, new ArrayList<>(creases))
                .orElseGet(() -> FoldSequencer.fold(folder, List.of(new FoldStep(proposer.piece, List.copyOf(creases),
                        180, Said.of("Bring all creases together."), false, false, List.of())), true));
    }

    private Optional<FoldedPiece> extend(List<FoldStep> steps, List<String> rest) {
        if (rest.isEmpty()) {
            FoldedPiece folded = FoldSequencer.fold(folder, steps, true);
            return folded.problems().isEmpty() ? Optional.of(folded) : Optional.empty();
        }
        for (String next : rest) {
            if (++tries > MOST_TRIES) {
                return Optional.empty();
            }
            List<FoldStep> longer = new ArrayList<>(steps);
            longer.add(new FoldStep(piece, List.of(next), 180, Said.of("Fold crease " + next + "."), false, false,
                    List.of()));
            if (FoldSequencer.fold(folder, longer, true).problems().isEmpty()) {
                Optional<FoldedPiece> found = extend(longer,
                        rest.stream().filter(crease -> !crease.equals(next)).toList());
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }
}

package cufflink.fold;

import cufflink.crease.CreasedDesign;
import cufflink.problem.Ordered;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The third stage of a plan: every piece folded by itself. A piece that does not fold says so; the design is folded all
 * the same, so that it can be shown how far it comes.
 *
 * @param creased with the creases that folding folded paper adds
 * @param pieces  by id, in the order of the design
 */
public record FoldedDesign(CreasedDesign creased, Map<String, FoldedPiece> pieces) {
    public FoldedDesign {
        pieces = Ordered.map(pieces);
    }

    /** The pieces folded; problems only where an added crease cannot be made. */
    public static Outcome<FoldedDesign> of(CreasedDesign creased) {
        return Refolding.complete(creased).map(FoldedDesign::folded);
    }

    private static FoldedDesign folded(CreasedDesign creased) {
        Map<String, FoldedPiece> pieces = new LinkedHashMap<>();
        creased.patterns().forEach((id, pattern) -> pieces.put(id, FoldSequencer.foldAll(pattern,
                Anchor.of(creased.sized(), pattern), creased.sized().folding())));
        return new FoldedDesign(creased, pieces);
    }

    /** Why pieces do not fold. */
    public List<Problem> faults() {
        List<Problem> faults = new ArrayList<>();
        pieces.values().forEach(piece -> faults.addAll(piece.problems()));
        return List.copyOf(faults);
    }
}

package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.CreasedDesign;
import cufflink.design.SizedDesign;
import cufflink.problem.Ordered;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.problem.Remembered;
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
    /** Pieces are big, and few change at a time. */
    private static final Remembered<Flat, FoldedPiece> PIECES = new Remembered<>(64,
            flat -> FoldSequencer.foldAll(flat.pattern(), flat.anchor(), flat.steps()));

    /** A piece before it is folded, with its own steps. */
    private record Flat(CreasePattern pattern, String anchor, List<SizedDesign.FoldStep> steps) {
    }

    public FoldedDesign {
        pieces = Ordered.map(pieces);
    }

    /** The pieces folded; problems only where an added crease cannot be made. */
    public static Outcome<FoldedDesign> of(CreasedDesign creased) {
        return Refolding.complete(creased).map(FoldedDesign::folded);
    }

    private static FoldedDesign folded(CreasedDesign creased) {
        Map<String, FoldedPiece> pieces = new LinkedHashMap<>();
        creased.patterns()
                .forEach((id, pattern) -> pieces.put(id, PIECES.of(new Flat(pattern, Anchor.of(creased.sized(),
                        pattern),
                        creased.sized().folding().stream().filter(step -> step.piece().equals(id)).toList()))));
        return new FoldedDesign(creased, pieces);
    }

    /** Why pieces do not fold. */
    public List<Problem> faults() {
        List<Problem> faults = new ArrayList<>();
        pieces.values().forEach(piece -> faults.addAll(piece.problems()));
        return List.copyOf(faults);
    }
}

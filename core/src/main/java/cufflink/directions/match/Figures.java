package cufflink.directions.match;

import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * A text's figures beside those of a design that was worked out for them.
 *
 * @param folds scores folded as the text says, less those that are not
 */
record Figures(List<DesignMatch.Figure> agrees, List<DesignMatch.Figure> differs, int folds) {
    static Figures of(List<Wanted> wanted, Solver.Solved solved) {
        List<DesignMatch.Figure> agrees = new ArrayList<>();
        List<DesignMatch.Figure> differs = new ArrayList<>();
        int folds = 0;
        for (int i = 0; i < wanted.size(); i++) {
            Lie.Pair pair = wanted.get(i).pair();
            DesignPiece piece = solved.shape().pieces().get(wanted.get(i).piece());
            if (piece != null && pair.isIn(piece)) {
                (solved.agreed().get(i) ? agrees : differs).add(new DesignMatch.Figure(piece.label(),
                        pair.what(), pair.said(), told(pair, pair.of(piece)), pair.isPossible()));
                folds += pair.fold().flatMap(fold -> pair.foldOf(piece).map(fold::equals))
                        .map(same -> same ? 1 : -1).orElse(0);
            }
        }
        return new Figures(agrees, differs, folds);
    }

    /** A score that the text counts from the other end is told from there. */
    private static Length told(Lie.Pair pair, Length design) {
        Length off = design.minus(pair.text());
        boolean mirrored = !pair.said().length().equals(pair.text());
        return mirrored ? pair.said().length().minus(off) : pair.said().length().plus(off);
    }
}

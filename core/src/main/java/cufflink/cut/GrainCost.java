package cufflink.cut;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What keeping every long fold along the fibres would cost, where a plan does not keep it.
 *
 * @param across     pieces whose long fold lies across the fibres
 * @param moreSheets new sheets that would be needed besides, as far as was found, to have none; 0 where there is not
 *                   the paper for it
 * @param between    what fewer sheets more would do, from the fewest up
 */
public record GrainCost(int across, int moreSheets, List<Between> between) {
    /** So many sheets more, and so many pieces still across. */
    public record Between(int moreSheets, int across) {
    }

    public GrainCost {
        between = List.copyOf(between);
    }

    /** How many pieces of a plan lie across the fibres. */
    static int across(CutJob job, LayoutPlan plan) {
        return piecesAcross(job, plan).size();
    }

    /** The ids of the pieces of a plan that lie with their long fold across the fibres, once for each sheet's piece. */
    public static List<String> piecesAcross(CutJob job, LayoutPlan plan) {
        Map<String, CutPiece> pieces = new HashMap<>();
        job.pieces().forEach(piece -> pieces.put(piece.id(), piece));
        return plan.sheets().stream()
                .flatMap(sheet -> sheet.placements().stream()
                        .filter(placement -> isAcross(pieces.get(placement.piece()), placement, sheet.stock())))
                .map(Placement::piece).toList();
    }

    /** Whether a piece lies with its long fold across the fibres of its sheet. */
    static boolean isAcross(CutPiece piece, Placement placement, StockSheet stock) {
        boolean square = placement.width().equals(placement.height());
        return piece.fold().isPresent() && stock.grain().isPresent() && !square
                && piece.fold().map(fold -> placement.turned() ? fold.turned() : fold)
                        .equals(stock.grain().map(Along::turned));
    }
}

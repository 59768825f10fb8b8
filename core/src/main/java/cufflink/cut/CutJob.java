package cufflink.cut;

import cufflink.measure.Length;
import cufflink.paper.GrainRule;
import java.util.List;
import java.util.Optional;

/**
 * What to cut, and from what.
 *
 * @param blade the longest cut the trimmer makes; absent if any
 */
public record CutJob(List<CutPiece> pieces, List<StockSheet> stock, GrainRule grain, Optional<Length> blade) {
    public CutJob {
        pieces = List.copyOf(pieces);
        stock = List.copyOf(stock);
    }

    /** A job for any trimmer, whatever the grain. */
    public CutJob(List<CutPiece> pieces, List<StockSheet> stock) {
        this(pieces, stock, GrainRule.IGNORE, Optional.empty());
    }

    public CutJob withGrain(GrainRule rule) {
        return new CutJob(pieces, stock, rule, blade);
    }
}

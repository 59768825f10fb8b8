package cufflink.cut;

import java.util.List;

/** What to cut, and from what. */
public record CutJob(List<CutPiece> pieces, List<StockSheet> stock) {
    public CutJob {
        pieces = List.copyOf(pieces);
        stock = List.copyOf(stock);
    }
}

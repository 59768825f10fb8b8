package cufflink.cut;

import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * One sheet filled, before anybody's pieces are told apart.
 *
 * @param stock  its index
 * @param counts of each kind
 * @param cuts   each after the one that frees its part
 */
record Fill(int stock, int[] counts, List<Spot> spots, List<Cut> cuts) {
    /** A rectangle on the sheet, nanometres. */
    record Spot(int kind, boolean turned, long x, long y) {
    }

    /** Collects the spots and cuts of a sheet. */
    static final class Builder {
        private final int stock;
        private final int[] counts;
        private final List<Spot> spots = new ArrayList<>();
        private final List<Cut> cuts = new ArrayList<>();

        Builder(int stock, int kinds) {
            this.stock = stock;
            this.counts = new int[kinds];
        }

        void put(int kind, boolean turned, long x, long y) {
            counts[kind]++;
            spots.add(new Spot(kind, turned, x, y));
        }

        /** A cut of a part; none if the fence stands at the part's other edge. */
        void cut(boolean upright, long at, long x, long y, long width, long height) {
            if (at < (upright ? width : height)) {
                cuts.add(new Cut(cuts.size() + 1, upright, new Length(at), new Length(x), new Length(y), new Length(width), new Length(height)));
            }
        }

        boolean isEmpty() {
            return spots.isEmpty();
        }

        Fill done() {
            return new Fill(stock, counts, List.copyOf(spots), List.copyOf(cuts));
        }
    }
}

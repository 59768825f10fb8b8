package cufflink.cut;

import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * One sheet filled, before anybody's pieces are told apart. What follows from the cuts is worked out when it is first
 * asked for.
 */
final class Fill {
    /** A rectangle on the sheet, nanometres. */
    record Spot(int kind, boolean turned, long x, long y) {
    }

    private final int stock;
    private final int[] counts;
    private final List<Spot> spots;
    private final SheetLayout cut;
    private double largest = -1;
    private List<Cut> ordered = List.of();

    private Fill(int stock, int[] counts, List<Spot> spots, SheetLayout cut) {
        this.stock = stock;
        this.counts = counts;
        this.spots = spots;
        this.cut = cut;
    }

    /** The index of its stock. */
    int stock() {
        return stock;
    }

    /** How many of each kind; not to be changed. */
    int[] counts() {
        return counts;
    }

    List<Spot> spots() {
        return spots;
    }

    /** The cuts in the order of work. */
    List<Cut> cuts() {
        if (ordered.size() < cut.cuts().size()) {
            ordered = FenceOrder.order(cut.cuts(), cut.stock().width(), cut.stock().height());
        }
        return ordered;
    }

    /** How often the fence is set. */
    int settings() {
        return new SheetLayout(cut.stock(), List.of(), cuts()).settings();
    }

    /** Square millimetres that become pieces. */
    double used() {
        return cut.used();
    }

    /** Square millimetres that become no piece. */
    double unused() {
        return cut.area() - cut.used();
    }

    /** Square millimetres of the largest part left over. */
    double largestRest() {
        if (largest < 0) {
            largest = cut.rest().stream().mapToDouble(SheetLayout.Part::area).max().orElse(0);
        }
        return largest;
    }

    /** Collects the spots and cuts of a sheet; each cut after the one that frees its part. */
    static final class Builder {
        private final Demand demand;
        private final int stock;
        private final int[] counts;
        private final List<Spot> spots = new ArrayList<>();
        private final List<Cut> cuts = new ArrayList<>();

        Builder(Demand demand, int stock) {
            this.demand = demand;
            this.stock = stock;
            this.counts = new int[demand.kinds.size()];
        }

        void put(int kind, boolean turned, long x, long y) {
            counts[kind]++;
            spots.add(new Spot(kind, turned, x, y));
        }

        /** A cut of a part; none if the fence stands at the part's other edge. */
        void cut(boolean upright, long at, long x, long y, long width, long height) {
            if (at < (upright ? width : height)) {
                cuts.add(new Cut(cuts.size() + 1, upright, new Length(at), new Length(x), new Length(y),
                        new Length(width), new Length(height)));
            }
        }

        Fill done() {
            return new Fill(stock, counts, List.copyOf(spots),
                    new SheetLayout(demand.stock.get(stock), spots.stream().map(demand::unnamed).toList(), cuts));
        }
    }
}

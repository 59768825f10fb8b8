package cufflink.cut;

import java.util.Optional;
import java.util.TreeSet;

/**
 * The block of most value that edge-to-edge cuts take from a sheet when every kind may be taken any number of times:
 * dynamic programming over the places that sums of the rectangles' sides can reach (Gilmore and Gomory 1965; normal
 * patterns after Herz 1972; from memory).
 */
final class SheetKnapsack {
    /** Sums of sides along a sheet that are looked at. */
    private static final int MOST_PLACES = 4_000;

    private final Demand demand;
    private final int stock;
    private final long[] xs;
    private final long[] ys;
    private final boolean complete;
    private long[][] best;
    /** The same with its indices exchanged, to be read in order. */
    private long[][] across;
    private Block[][] block;

    private SheetKnapsack(Demand demand, int stock, long[] xs, long[] ys, boolean complete) {
        this.demand = demand;
        this.stock = stock;
        this.xs = xs;
        this.ys = ys;
        this.complete = complete;
    }

    /** Absent if there are too many places for a quick answer. */
    static Optional<SheetKnapsack> of(Demand demand, int stock, long mostSteps) {
        long[] xs = places(demand, stock, true);
        long[] ys = places(demand, stock, false);
        boolean complete = xs.length <= MOST_PLACES && ys.length <= MOST_PLACES;
        return (long) xs.length * ys.length * (xs.length + ys.length) / 4 > mostSteps ? Optional.empty()
                : Optional.of(new SheetKnapsack(demand, stock, xs, ys, complete));
    }

    /**
     * Whether every place is among those that are looked at, so that no block is worth more than the one that is found.
     */
    boolean isComplete() {
        return complete;
    }

    /** Sums of sides that fit along the sheet, from 0; one more than {@link #MOST_PLACES} if there are more. */
    private static long[] places(Demand demand, int stock, boolean across) {
        long room = across ? demand.sheetWidth(stock) : demand.sheetHeight(stock);
        TreeSet<Long> sides = new TreeSet<>();
        for (int kind = 0; kind < demand.kinds.size(); kind++) {
            for (boolean turned : new boolean[] {false, true}) {
                if (demand.may(kind, stock, turned)) {
                    sides.add(across == turned ? demand.kinds.get(kind).height() : demand.kinds.get(kind).width());
                }
            }
        }
        TreeSet<Long> places = new TreeSet<>();
        places.add(0L);
        for (Long from = 0L; from != null && places.size() <= MOST_PLACES; from = places.higher(from)) {
            for (long side : sides) {
                if (from + side <= room) {
                    places.add(from + side);
                }
            }
        }
        return places.stream().limit(MOST_PLACES + 1).mapToLong(place -> place).toArray();
    }

    /** A quick, not always best answer for the same places. */
    StripKnapsack strips() {
        return new StripKnapsack(demand, stock, xs, ys);
    }

    /**
     * The block of most value, by kind and in whole numbers, whatever the blade; absent if no kind has a value here.
     */
    Optional<Block> most(long[] values) {
        return most(values, Long.MAX_VALUE);
    }

    /** The same with cuts that a blade can make. */
    Optional<Block> most(long[] values, long blade) {
        best = new long[xs.length][ys.length];
        across = new long[ys.length][xs.length];
        block = new Block[xs.length][ys.length];
        for (int i = 1; i < xs.length; i++) {
            for (int j = 1; j < ys.length; j++) {
                ones(i, j, values);
                halves(i, j, blade);
                across[j][i] = best[i][j];
            }
        }
        return Optional.ofNullable(block[xs.length - 1][ys.length - 1]);
    }

    private void ones(int i, int j, long[] values) {
        if (best[i - 1][j] >= best[i][j - 1]) {
            best[i][j] = best[i - 1][j];
            block[i][j] = block[i - 1][j];
        } else {
            best[i][j] = best[i][j - 1];
            block[i][j] = block[i][j - 1];
        }
        for (int kind = 0; kind < values.length; kind++) {
            if (values[kind] > best[i][j]) {
                one(i, j, kind, false, values[kind]);
                one(i, j, kind, true, values[kind]);
            }
        }
    }

    private void one(int i, int j, int kind, boolean turned, long value) {
        long w = turned ? demand.kinds.get(kind).height() : demand.kinds.get(kind).width();
        long h = turned ? demand.kinds.get(kind).width() : demand.kinds.get(kind).height();
        if (value > best[i][j] && demand.may(kind, stock, turned) && w <= xs[i] && h <= ys[j]) {
            best[i][j] = value;
            block[i][j] = new Block.One(kind, turned, w, h);
        }
    }

    private void halves(int i, int j, long blade) {
        if (ys[j] <= blade) {
            int at = halved(across[j], xs, i, best[i][j]);
            if (at > 0) {
                int rest = floor(xs, i, xs[i] - xs[at]);
                best[i][j] = across[j][at] + across[j][rest];
                block[i][j] = Block.Two.of(true, block[at][j], block[rest][j]);
            }
        }
        if (xs[i] <= blade) {
            int at = halved(best[i], ys, j, best[i][j]);
            if (at > 0) {
                int rest = floor(ys, j, ys[j] - ys[at]);
                best[i][j] = best[i][at] + best[i][rest];
                block[i][j] = Block.Two.of(false, block[i][at], block[i][rest]);
            }
        }
    }

    /**
     * The place at which two parts have the most value together, if that is more than is known; 0 if not. The smaller
     * part comes first.
     */
    private static int halved(long[] values, long[] places, int whole, long known) {
        int found = 0;
        long most = known;
        int rest = whole;
        for (int at = 1; at < whole && places[at] <= places[whole] / 2; at++) {
            long room = places[whole] - places[at];
            while (places[rest] > room) {
                rest--;
            }
            long value = values[at] + values[rest];
            if (value > most && values[at] > 0 && values[rest] > 0) {
                most = value;
                found = at;
            }
        }
        return found;
    }

    /** The last place not beyond {@code at}, looked for downwards. */
    private static int floor(long[] places, int from, long at) {
        int index = from;
        while (places[index] > at) {
            index--;
        }
        return index;
    }
}

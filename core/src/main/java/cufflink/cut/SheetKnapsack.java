package cufflink.cut;

import java.util.Optional;
import java.util.TreeSet;

/**
 * The block of most value that edge-to-edge cuts take from a sheet when every kind may be taken any number of times: dynamic programming over the places that sums of the
 * rectangles' sides can reach (Gilmore and Gomory 1965; normal patterns after Herz 1972; from memory).
 */
final class SheetKnapsack {
    private static final double LEAST = 1e-9;

    private final Demand demand;
    private final int stock;
    private final long[] xs;
    private final long[] ys;
    private double[][] best;
    private Block[][] block;

    private SheetKnapsack(Demand demand, int stock, long[] xs, long[] ys) {
        this.demand = demand;
        this.stock = stock;
        this.xs = xs;
        this.ys = ys;
    }

    /** Absent if there are too many places for a quick answer. */
    static Optional<SheetKnapsack> of(Demand demand, int stock, long mostSteps) {
        long[] xs = places(demand, stock, true);
        long[] ys = places(demand, stock, false);
        return (long) xs.length * ys.length * (xs.length + ys.length) / 4 > mostSteps ? Optional.empty() : Optional.of(new SheetKnapsack(demand, stock, xs, ys));
    }

    /** Sums of sides that fit along the sheet, from 0; at most a few thousand are looked at. */
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
        for (Long from = 0L; from != null && places.size() < 4000; from = places.higher(from)) {
            for (long side : sides) {
                if (from + side <= room) {
                    places.add(from + side);
                }
            }
        }
        return places.stream().mapToLong(place -> place).toArray();
    }

    /** The block of most value, by kind; absent if no kind has a value here. */
    Optional<Block> most(double[] values) {
        best = new double[xs.length][ys.length];
        block = new Block[xs.length][ys.length];
        for (int i = 1; i < xs.length; i++) {
            for (int j = 1; j < ys.length; j++) {
                ones(i, j, values);
                halves(i, j);
            }
        }
        return Optional.ofNullable(block[xs.length - 1][ys.length - 1]);
    }

    private void ones(int i, int j, double[] values) {
        if (best[i - 1][j] >= best[i][j - 1]) {
            best[i][j] = best[i - 1][j];
            block[i][j] = block[i - 1][j];
        } else {
            best[i][j] = best[i][j - 1];
            block[i][j] = block[i][j - 1];
        }
        for (int kind = 0; kind < values.length; kind++) {
            if (values[kind] > best[i][j] + LEAST) {
                for (boolean turned : new boolean[] {false, true}) {
                    long w = turned ? demand.kinds.get(kind).height() : demand.kinds.get(kind).width();
                    long h = turned ? demand.kinds.get(kind).width() : demand.kinds.get(kind).height();
                    if (demand.may(kind, stock, turned) && w <= xs[i] && h <= ys[j]) {
                        best[i][j] = values[kind];
                        block[i][j] = new Block.One(kind, turned, w, h);
                    }
                }
            }
        }
    }

    private void halves(int i, int j) {
        if (ys[j] <= demand.blade) {
            for (int at = 1, rest = i; at < i && xs[at] <= xs[i] / 2; at++) {
                rest = floor(xs, rest, xs[i] - xs[at]);
                join(i, j, true, at, j, rest, j);
            }
        }
        if (xs[i] <= demand.blade) {
            for (int at = 1, rest = j; at < j && ys[at] <= ys[j] / 2; at++) {
                rest = floor(ys, rest, ys[j] - ys[at]);
                join(i, j, false, i, at, i, rest);
            }
        }
    }

    private void join(int i, int j, boolean upright, int ia, int ja, int ib, int jb) {
        double value = best[ia][ja] + best[ib][jb];
        if (value > best[i][j] + LEAST && block[ia][ja] != null && block[ib][jb] != null) {
            best[i][j] = value;
            block[i][j] = Block.Two.of(upright, block[ia][ja], block[ib][jb]);
        }
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

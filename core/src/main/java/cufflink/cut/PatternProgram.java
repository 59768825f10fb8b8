package cufflink.cut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.IntFunction;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;

/**
 * How many sheets of which pattern, in fractions: the linear programme of Gilmore and Gomory (1961, 1965), solved by
 * the simplex method with patterns found as they are needed ({@link SheetKnapsack}). Its dual values, rounded to whole
 * numbers, are prices of the rectangles; {@link PriceProof} makes a bound on the new sheets of any prices (Farley
 * 1990), exactly. All from memory.
 */
final class PatternProgram {
    /** A piece without paper weighs more than any number of sheets. */
    private static final double SHORT = 1e4;
    private static final double LEAST = 1e-7;
    /** What a pattern found quickly must gain at least to be taken. */
    private static final double QUICK_GAIN = -1e-2;
    private static final int MOST_ROUNDS = 6000;
    /** What a sheet costs in the whole numbers of the exact look. */
    private static final double SCALE = 1e9;

    /**
     * A pattern and how often it is used.
     *
     * @param stock its index
     */
    record Share(int stock, Block block, double times) {
    }

    /** A column: a pattern, or (without a block) a surplus, shortage or sheets not used. */
    private record Column(double[] entries, double cost, int stock, Optional<Block> block) {
    }

    private final Demand demand;
    private final List<SheetKnapsack> knapsacks;
    private final List<StripKnapsack> strips;
    private final int kinds;
    /** By stock: its row, or −1 for one without end. */
    private final int[] supplyRow;
    private final double[] right;
    private final Column[] basis;
    private final DMatrixRMaj inverse;
    private PriceProof proof;
    private boolean exact;

    private PatternProgram(Demand demand, int[] left, int[] supply, List<SheetKnapsack> knapsacks) {
        this.demand = demand;
        this.knapsacks = knapsacks;
        this.strips = knapsacks.stream().map(SheetKnapsack::strips).toList();
        kinds = demand.kinds.size();
        supplyRow = new int[supply.length];
        int rows = kinds;
        for (int stock = 0; stock < supply.length; stock++) {
            supplyRow[stock] = supply[stock] == Integer.MAX_VALUE ? -1 : rows++;
        }
        right = new double[rows];
        basis = new Column[rows];
        inverse = CommonOps_DDRM.identity(rows);
        proof = PriceProof.nothing(kinds);
        for (int kind = 0; kind < kinds; kind++) {
            right[kind] = left[kind];
            basis[kind] = unit(kind, 1, SHORT);
        }
        for (int stock = 0; stock < supply.length; stock++) {
            if (supplyRow[stock] >= 0) {
                right[supplyRow[stock]] = supply[stock];
                basis[supplyRow[stock]] = unit(supplyRow[stock], 1, 0);
            }
        }
    }

    /** A programme for what is left, not yet solved. */
    static PatternProgram of(Demand demand, int[] left, int[] supply, List<SheetKnapsack> knapsacks) {
        return new PatternProgram(demand, left, supply, knapsacks);
    }

    /** Goes on as far as {@code stop} lets it; {@code step} is told whenever the bound may have grown. */
    void solve(BooleanSupplier stop, Runnable step) {
        exact = true;
        for (int round = 0; round < MOST_ROUNDS && proof.bound() < rounded(cost()) && !stop.getAsBoolean() && improve();
                round++) {
            step.run();
        }
    }

    /** Goes on only while patterns are found quickly, and proves nothing. */
    void solveQuickly(BooleanSupplier stop) {
        exact = false;
        int rounds = 0;
        while (rounds < MOST_ROUNDS && !stop.getAsBoolean() && improve()) {
            rounds++;
        }
    }

    /** Why no plan does with fewer new sheets than its bound. */
    PriceProof proof() {
        return proof;
    }

    private static int rounded(double sheets) {
        return (int) Math.ceil(sheets - 1e-5);
    }

    /** Sheets in fractions as the programme stands: never less than the bound. */
    private double cost() {
        double[] amounts = amounts();
        double cost = 0;
        for (int row = 0; row < amounts.length; row++) {
            cost += amounts[row] * basis[row].cost();
        }
        return cost;
    }

    /** The patterns used, the most used first. */
    List<Share> shares() {
        double[] amounts = amounts();
        List<Share> shares = new ArrayList<>();
        for (int row = 0; row < basis.length; row++) {
            if (basis[row].block().isPresent() && amounts[row] > LEAST) {
                shares.add(new Share(basis[row].stock(), basis[row].block().get(), amounts[row]));
            }
        }
        shares.sort((a, b) -> Double.compare(b.times(), a.times()));
        return shares;
    }

    private Column unit(int row, double sign, double cost) {
        double[] entries = new double[right.length];
        entries[row] = sign;
        return new Column(entries, cost, -1, Optional.empty());
    }

    private double[] amounts() {
        double[] amounts = new double[right.length];
        for (int i = 0; i < amounts.length; i++) {
            for (int k = 0; k < amounts.length; k++) {
                amounts[i] += inverse.get(i, k) * right[k];
            }
        }
        return amounts;
    }

    /** One step of the simplex method; false at the end. */
    private boolean improve() {
        double[] prices = new double[right.length];
        for (int row = 0; row < prices.length; row++) {
            for (int k = 0; k < prices.length; k++) {
                prices[k] += basis[row].cost() * inverse.get(row, k);
            }
        }
        Optional<Column> entering = entering(prices);
        return entering.isPresent() && exchange(entering.get());
    }

    /**
     * The column that gains the most, looked for quickly first; the exact look, which also bounds, when nothing is
     * found so.
     */
    private Optional<Column> entering(double[] prices) {
        Column best = null;
        double least = -LEAST;
        for (int row = 0; row < prices.length; row++) {
            double gain = row < kinds ? prices[row] : -prices[row];
            if (gain < least) {
                least = gain;
                best = unit(row, row < kinds ? -1 : 1, 0);
            }
        }
        double[] values = Arrays.stream(prices, 0, kinds).map(price -> Math.max(price, 0)).toArray();
        for (boolean stacked : new boolean[] {false, true}) {
            Optional<Column> quick = pattern(stock -> strips.get(stock).much(values, stacked), prices,
                    Math.min(least, QUICK_GAIN));
            if (quick.isPresent()) {
                return quick;
            }
        }
        if (!exact) {
            return Optional.ofNullable(best);
        }
        long[] whole = Arrays.stream(values).mapToLong(value -> Math.round(value * SCALE)).toArray();
        List<Optional<Block>> blocks = knapsacks.stream().map(knapsack -> knapsack.most(whole)).toList();
        prove(whole, blocks);
        Optional<Column> most = pattern(
                stock -> demand.isBladeShort() ? knapsacks.get(stock).most(whole, demand.blade) : blocks.get(stock),
                prices, least);
        return most.isPresent() ? most : Optional.ofNullable(best);
    }

    /** Keeps the proof that these prices give, if it is better. */
    private void prove(long[] prices, List<Optional<Block>> blocks) {
        if (knapsacks.stream().allMatch(SheetKnapsack::isComplete)) {
            int[] quantities = Arrays.stream(right, 0, kinds).mapToInt(wanted -> (int) wanted).toArray();
            PriceProof found = PriceProof.of(demand, quantities, prices, blocks);
            proof = found.bound() > proof.bound() ? found : proof;
        }
    }

    /** The pattern, one for each stock, that gains the most and more than {@code least}. */
    private Optional<Column> pattern(IntFunction<Optional<Block>> blocks, double[] prices, double least) {
        Optional<Column> best = Optional.empty();
        double most = least;
        for (int stock = 0; stock < supplyRow.length; stock++) {
            Optional<Block> block = blocks.apply(stock);
            if (block.isPresent() && isWhole(block.get(), stock)) {
                Column column = column(stock, block.get());
                double gain = column.cost() - worth(block.get(), prices)
                        - (supplyRow[stock] < 0 ? 0 : prices[supplyRow[stock]]);
                if (gain < most) {
                    most = gain;
                    best = Optional.of(column);
                }
            }
        }
        return best;
    }

    private double worth(Block block, double[] values) {
        double[] entries = new double[kinds];
        count(block, entries);
        double sum = 0;
        for (int kind = 0; kind < kinds; kind++) {
            sum += entries[kind] * values[kind];
        }
        return sum;
    }

    private boolean isWhole(Block block, int stock) {
        return Block.isCut(block, demand.sheetWidth(stock), demand.sheetHeight(stock), demand.blade);
    }

    private double cost(int stock) {
        return demand.stock.get(stock).offcut() ? 0 : 1;
    }

    private Column column(int stock, Block block) {
        double[] entries = new double[right.length];
        count(block, entries);
        if (supplyRow[stock] >= 0) {
            entries[supplyRow[stock]] = 1;
        }
        return new Column(entries, cost(stock), stock, Optional.of(block));
    }

    private static void count(Block block, double[] into) {
        if (block instanceof Block.One one) {
            into[one.kind()]++;
        } else if (block instanceof Block.Two two) {
            count(two.first(), into);
            count(two.second(), into);
        }
    }

    /** Brings a column into the basis; false if nothing bounds it. */
    private boolean exchange(Column entering) {
        int rows = right.length;
        double[] amounts = amounts();
        double[] direction = new double[rows];
        for (int i = 0; i < rows; i++) {
            for (int k = 0; k < rows; k++) {
                direction[i] += inverse.get(i, k) * entering.entries()[k];
            }
        }
        int leaving = -1;
        for (int i = 0; i < rows; i++) {
            if (direction[i] > 1e-9
                    && (leaving < 0 || amounts[i] / direction[i] < amounts[leaving] / direction[leaving])) {
                leaving = i;
            }
        }
        if (leaving < 0) {
            return false;
        }
        basis[leaving] = entering;
        for (int k = 0; k < rows; k++) {
            inverse.set(leaving, k, inverse.get(leaving, k) / direction[leaving]);
        }
        for (int i = 0; i < rows; i++) {
            if (i != leaving && direction[i] != 0) {
                for (int k = 0; k < rows; k++) {
                    inverse.add(i, k, -direction[i] * inverse.get(leaving, k));
                }
            }
        }
        return true;
    }
}

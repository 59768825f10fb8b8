package cufflink.cut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;

/**
 * Fills sheet after sheet, each with the best of many tries in orders of chance. Large rectangles count for more than
 * their area, so that small ones are left to fill the gaps. Cost: sheets × tries × the cost of one {@link Greedy}
 * sheet.
 */
final class SheetBySheet {
    /** Tries for a sheet: fewer where each looks at many kinds. */
    private static final int MOST_TRIES = 40;
    private static final int FEWEST_TRIES = 4;
    private static final int TRIES_BY_KINDS = 20_000;

    private final Demand demand;
    private final Random random;
    private final int tries;
    private final BooleanSupplier stop;
    /** What a rectangle of area a counts: a to this power. */
    private final double power;

    /** {@code stop} is asked before each sheet; true leaves the rest unfilled. */
    SheetBySheet(Demand demand, Random random, BooleanSupplier stop) {
        this.demand = demand;
        this.random = random;
        this.stop = stop;
        this.tries = Math.max(FEWEST_TRIES, Math.min(MOST_TRIES, TRIES_BY_KINDS / Math.max(1, demand.kinds.size())));
        this.power = 1 + random.nextDouble() * 0.3;
    }

    /**
     * Fills sheets, offcuts first, until nothing is left, nothing more fits, or more new sheets are needed than
     * {@code newSheets}; takes what it uses from both arrays.
     */
    List<Fill> fill(int[] left, int[] supply, int newSheets) {
        List<Fill> fills = new ArrayList<>();
        int fresh = 0;
        for (int stock = 0; stock < demand.stock.size(); stock++) {
            boolean offcut = demand.stock.get(stock).offcut();
            while (supply[stock] > 0 && !stop.getAsBoolean() && !Demand.isNone(left) && (offcut || fresh < newSheets)) {
                Fill fill = best(stock, left);
                if (fill.spots().isEmpty()) {
                    break;
                }
                for (int kind = 0; kind < left.length; kind++) {
                    left[kind] -= fill.counts()[kind];
                }
                supply[stock] -= supply[stock] == Integer.MAX_VALUE ? 0 : 1;
                fresh += offcut ? 0 : 1;
                fills.add(fill);
            }
        }
        return fills;
    }

    private Fill best(int stock, int[] left) {
        Fill best = null;
        double most = -1;
        for (int i = 0; i < tries; i++) {
            Fill fill = Greedy.one(demand, stock, left.clone(), order(left), Greedy.Split.values()[random.nextInt(3)]);
            double worth = worth(fill);
            if (worth > most) {
                most = worth;
                best = fill;
            }
        }
        return best;
    }

    /** Kinds still wanted, the larger ones rather sooner. */
    private List<Integer> order(int[] left) {
        double[] places = new double[left.length];
        double spread = random.nextDouble();
        for (int kind = 0; kind < places.length; kind++) {
            places[kind] = -demand.kinds.get(kind).area() * (1 - spread * random.nextDouble());
        }
        return IntStream.range(0, left.length).filter(kind -> left[kind] > 0).boxed()
                .sorted(Comparator.comparingDouble(kind -> places[kind])).toList();
    }

    private double worth(Fill fill) {
        double worth = 0;
        for (int kind = 0; kind < fill.counts().length; kind++) {
            worth += fill.counts()[kind] == 0 ? 0
                    : fill.counts()[kind] * Math.pow(demand.kinds.get(kind).area(), power);
        }
        return worth;
    }
}

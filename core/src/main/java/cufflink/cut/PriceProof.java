package cufflink.cut;

import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A bound on the new sheets with its reason: every rectangle has a price, and no sheet holds more than so much by any
 * cuts from edge to edge. What all are worth, less what the offcuts may hold, is then more than fewer sheets hold.
 * Whole numbers throughout; the blade is left out of account, which only lowers the bound.
 *
 * @param prices by kind
 * @param most   what a stock holds at most, by stock
 * @param bound  no plan does with fewer new sheets
 */
record PriceProof(long[] prices, long[] most, int bound) {
    /** The proof that says nothing. */
    static PriceProof nothing(int kinds) {
        return new PriceProof(new long[kinds], new long[0], 0);
    }

    /** What prices prove; {@code blocks} are of most value at these prices, by stock. */
    static PriceProof of(Demand demand, int[] quantities, long[] prices, List<Optional<Block>> blocks) {
        long[] most = blocks.stream().mapToLong(block -> block.map(found -> worth(found, prices)).orElse(0L)).toArray();
        return new PriceProof(prices, most, bound(demand, quantities, prices, most));
    }

    /** The same as a reason that can be passed on. */
    Bound.Prices reason(Demand demand) {
        List<Bound.Priced> rectangles = new ArrayList<>();
        for (int kind = 0; kind < prices.length; kind++) {
            Demand.Kind of = demand.kinds.get(kind);
            rectangles.add(
                    new Bound.Priced(new Length(of.width()), new Length(of.height()), of.slots().size(), prices[kind]));
        }
        List<Bound.Held> sheets = new ArrayList<>();
        for (int stock = 0; stock < most.length; stock++) {
            sheets.add(new Bound.Held(demand.stock.get(stock).id(), most[stock]));
        }
        return new Bound.Prices(rectangles, sheets);
    }

    private static int bound(Demand demand, int[] quantities, long[] prices, long[] most) {
        long all = 0;
        long sheet = 0;
        for (int kind = 0; kind < prices.length; kind++) {
            all = Math.addExact(all, Math.multiplyExact(prices[kind], quantities[kind]));
        }
        for (int stock = 0; stock < most.length; stock++) {
            if (demand.stock.get(stock).offcut()) {
                all -= Math.min(all, most[stock] > Long.MAX_VALUE / Math.max(1, demand.supply()[stock]) ? all
                        : most[stock] * demand.supply()[stock]);
            } else {
                sheet = Math.max(sheet, most[stock]);
            }
        }
        return sheet == 0 ? 0 : (int) Math.min(Integer.MAX_VALUE, (all + sheet - 1) / sheet);
    }

    private static long worth(Block block, long[] prices) {
        return block instanceof Block.One one ? prices[one.kind()]
                : worth(((Block.Two) block).first(), prices) + worth(((Block.Two) block).second(), prices);
    }
}

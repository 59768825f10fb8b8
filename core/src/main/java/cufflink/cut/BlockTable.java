package cufflink.cut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/**
 * Every selection of rectangles that edge-to-edge cuts can take from one sheet, with the smallest blocks that hold it
 * (none of them both narrower and lower than another). A selection of n is joined from two smaller ones, beside or
 * above each other, so that the table is complete for a blade that is as long as the sheet: a selection that is not in
 * it cannot be cut. With a shorter blade it holds what was found. For few rectangles only: the work is bounded.
 */
final class BlockTable {
    /** How many of each kind. */
    record Selection(int[] counts, List<Block> blocks) {
    }

    private record Key(int[] counts) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Key key && Arrays.equals(counts, key.counts);
        }

        @Override
        public int hashCode() {
            return Arrays.hashCode(counts);
        }
    }

    /** Areas are beyond what a double holds exactly: they only rule out what is too large by more than this share. */
    static final double ROUNDING = 1e-12;

    private final Demand demand;
    private final int stock;
    private final long blade;
    private final int[] most;
    private final Map<Key, List<Block>> blocks = new LinkedHashMap<>();
    private final double room;
    private final List<Selection> selections = new ArrayList<>();
    private final BooleanSupplier stop;
    private long work;

    private BlockTable(Demand demand, int stock, long blade, int[] most, long work, BooleanSupplier stop) {
        this.demand = demand;
        this.blade = blade;
        this.stock = stock;
        this.most = most;
        this.work = work;
        this.stop = stop;
        this.room = (double) demand.sheetWidth(stock) * demand.sheetHeight(stock) * (1 + ROUNDING);
    }

    /**
     * The table of one stock and a blade, for at most so many of each kind; absent if that takes more than so many
     * joins, or it is stopped.
     */
    static Optional<BlockTable> of(Demand demand, int stock, long blade, int[] most, long work, BooleanSupplier stop) {
        BlockTable table = new BlockTable(demand, stock, blade, most, work, stop);
        return table.build() ? Optional.of(table) : Optional.empty();
    }

    /** All selections, the smaller ones first. */
    List<Selection> selections() {
        return selections;
    }

    /** The smallest blocks of a selection; empty if it does not fit. */
    List<Block> blocks(int[] counts) {
        return blocks.getOrDefault(new Key(counts), List.of());
    }

    private boolean build() {
        List<List<Selection>> bySize = new ArrayList<>(List.of(List.of(), ones()));
        int total = Arrays.stream(most).sum();
        for (int size = 2; size <= total && !bySize.get(size - 1).isEmpty(); size++) {
            Map<Key, List<Block>> level = new LinkedHashMap<>();
            for (int small = 1; small <= size / 2; small++) {
                for (Selection a : bySize.get(small)) {
                    if (stop.getAsBoolean()) {
                        return false;
                    }
                    for (Selection b : bySize.get(size - small)) {
                        work -= 1 + (long) a.blocks().size() * b.blocks().size();
                        if (work < 0) {
                            return false;
                        }
                        join(a, b, level);
                    }
                }
            }
            List<Selection> found = new ArrayList<>();
            level.forEach((key, kept) -> {
                if (!kept.isEmpty()) {
                    blocks.put(key, kept);
                    found.add(new Selection(key.counts(), kept));
                }
            });
            bySize.add(found);
        }
        bySize.forEach(selections::addAll);
        return true;
    }

    private List<Selection> ones() {
        List<Selection> ones = new ArrayList<>();
        for (int kind = 0; kind < most.length; kind++) {
            List<Block> lying = new ArrayList<>();
            long w = demand.kinds.get(kind).width();
            long h = demand.kinds.get(kind).height();
            if (most[kind] > 0 && demand.may(kind, stock, false)) {
                keep(new Block.One(kind, false, w, h), lying);
            }
            if (most[kind] > 0 && demand.may(kind, stock, true)) {
                keep(new Block.One(kind, true, h, w), lying);
            }
            if (!lying.isEmpty()) {
                int[] counts = new int[most.length];
                counts[kind] = 1;
                ones.add(new Selection(counts, lying));
                blocks.put(new Key(counts), lying);
            }
        }
        return ones;
    }

    private void join(Selection a, Selection b, Map<Key, List<Block>> level) {
        int[] counts = new int[most.length];
        double area = 0;
        for (int kind = 0; kind < counts.length; kind++) {
            counts[kind] = a.counts()[kind] + b.counts()[kind];
            area += counts[kind] * demand.kinds.get(kind).area();
            if (counts[kind] > most[kind] || area > room) {
                return;
            }
        }
        List<Block> kept = null;
        for (Block first : a.blocks()) {
            for (Block second : b.blocks()) {
                for (boolean upright : new boolean[] {true, false}) {
                    Block.Two two = Block.Two.of(upright, first, second);
                    if (Block.isCut(two, demand.sheetWidth(stock), demand.sheetHeight(stock), blade)) {
                        kept = kept == null ? level.computeIfAbsent(new Key(counts), none -> new ArrayList<>()) : kept;
                        keep(two, kept);
                    }
                }
            }
        }
    }

    private void keep(Block block, List<Block> kept) {
        for (Block other : kept) {
            if (other.width() <= block.width() && other.height() <= block.height()) {
                return;
            }
        }
        kept.removeIf(other -> block.width() <= other.width() && block.height() <= other.height());
        kept.add(block);
    }
}

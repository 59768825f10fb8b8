package cufflink.cut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A block of much value from a sheet, quickly: strips across it, in each strip stacks of one kind side by side, every
 * kind any number of times (the staged patterns of Gilmore and Gomory 1965, from memory). Not always the block of most
 * value; for that see {@link SheetKnapsack}.
 */
final class StripKnapsack {
    /** A kind as it lies; the width runs along the strip. */
    private record Lying(int kind, boolean turned, long width, long height, double value) {
        int times(long room) {
            return (int) (room / height);
        }
    }

    /**
     * What a strip of a height holds: indices of what lies in it, on each other as often as there is room and
     * {@code most} allows.
     */
    private record Strip(long height, int most, double value, List<Integer> stacks) {
    }

    private record Staged(Block block, double value) {
    }

    private static final double LEAST = 1e-12;

    private final Demand demand;
    private final int stock;
    private final long[] xs;
    private final long[] ys;

    /** For the places that sums of sides reach across and down the sheet, as {@link SheetKnapsack} finds them. */
    StripKnapsack(Demand demand, int stock, long[] xs, long[] ys) {
        this.demand = demand;
        this.stock = stock;
        this.xs = xs;
        this.ys = ys;
    }

    /**
     * A block of much value, by kind; absent if no kind has a value here. Without stacks it is found a hundred times as
     * fast.
     */
    Optional<Block> much(double[] values, boolean stacked) {
        Optional<Staged> across = staged(values, stacked, false);
        Optional<Staged> down = staged(values, stacked, true);
        return across.filter(one -> down.isEmpty() || one.value() >= down.get().value()).or(() -> down)
                .map(Staged::block);
    }

    /** @param down whether the strips run down the sheet; then width and height change places throughout */
    private Optional<Staged> staged(double[] values, boolean stacked, boolean down) {
        List<Lying> lying = lying(values, down);
        List<Strip> strips = stacked ? ofStacks(lying, down ? ys : xs) : ofSingles(lying, down ? ys : xs);
        Filling filling = new Filling(down ? xs : ys);
        strips.forEach(strip -> filling.add(strip.height(), strip.value()));
        List<Integer> chosen = filling.parts();
        Optional<Block> block = chosen.stream().map(index -> block(strips.get(index), lying, down))
                .reduce((first, second) -> Block.Two.of(down, first, second));
        return block
                .map(whole -> new Staged(whole, chosen.stream().mapToDouble(index -> strips.get(index).value()).sum()));
    }

    /**
     * For every height the strip of most value in which nothing lies on another; the lower ones are part of the higher
     * ones.
     */
    private static List<Strip> ofSingles(List<Lying> lying, long[] along) {
        List<Strip> strips = new ArrayList<>();
        Filling filling = new Filling(along);
        for (int i = 0; i < lying.size(); i++) {
            filling.add(lying.get(i).width(), lying.get(i).value());
            if (i + 1 == lying.size() || lying.get(i + 1).height() > lying.get(i).height()) {
                List<Integer> parts = filling.parts();
                strips.add(new Strip(lying.get(i).height(), 1,
                        parts.stream().mapToDouble(part -> lying.get(part).value()).sum(), parts));
            }
        }
        return strips;
    }

    private static List<Strip> ofStacks(List<Lying> lying, long[] along) {
        List<Strip> strips = new ArrayList<>();
        for (long height : lying.stream().mapToLong(Lying::height).distinct().toArray()) {
            Filling filling = new Filling(along);
            lying.stream().filter(one -> one.height() <= height)
                    .forEach(one -> filling.add(one.width(), one.times(height) * one.value()));
            List<Integer> parts = filling.parts();
            strips.add(new Strip(height, Integer.MAX_VALUE,
                    parts.stream().mapToDouble(part -> lying.get(part).times(height) * lying.get(part).value()).sum(),
                    parts));
        }
        return strips;
    }

    private static Block block(Strip strip, List<Lying> lying, boolean down) {
        return strip.stacks().stream().map(lying::get)
                .map(one -> stack(one, Math.min(strip.most(), one.times(strip.height())), down))
                .reduce((first, second) -> Block.Two.of(!down, first, second)).orElseThrow();
    }

    private static Block stack(Lying one, int times, boolean down) {
        Block single = new Block.One(one.kind(), one.turned(), down ? one.height() : one.width(),
                down ? one.width() : one.height());
        Block block = single;
        for (int i = 1; i < times; i++) {
            block = Block.Two.of(down, block, single);
        }
        return block;
    }

    private List<Lying> lying(double[] values, boolean down) {
        List<Lying> lying = new ArrayList<>();
        for (int kind = 0; kind < values.length; kind++) {
            for (boolean turned : new boolean[] {false, true}) {
                Demand.Kind of = demand.kinds.get(kind);
                if (values[kind] > 0 && demand.may(kind, stock, turned)) {
                    lying.add(new Lying(kind, turned, turned == down ? of.width() : of.height(),
                            turned == down ? of.height() : of.width(), values[kind]));
                }
            }
        }
        lying.sort(Comparator.comparingLong(Lying::height));
        return lying;
    }

    /**
     * The parts of most value that fit together along places, each any number of times; parts are added one after the
     * other.
     */
    private static final class Filling {
        private final long[] places;
        private final double[] best;
        private final int[] last;
        private final int[] before;
        private int count;

        Filling(long[] places) {
            this.places = places;
            best = new double[places.length];
            last = new int[places.length];
            before = new int[places.length];
            Arrays.fill(last, -1);
        }

        void add(long takes, double value) {
            int rest = 0;
            for (int at = 1; at < places.length; at++) {
                if (best[at - 1] > best[at]) {
                    best[at] = best[at - 1];
                    last[at] = last[at - 1];
                    before[at] = before[at - 1];
                }
                long room = places[at] - takes;
                if (room >= 0) {
                    while (places[rest + 1] <= room) {
                        rest++;
                    }
                    if (best[rest] + value > best[at] + LEAST) {
                        best[at] = best[rest] + value;
                        last[at] = count;
                        before[at] = rest;
                    }
                }
            }
            count++;
        }

        /** What was added first is 0; the order of the answer is of no meaning. */
        List<Integer> parts() {
            List<Integer> parts = new ArrayList<>();
            for (int at = places.length - 1; last[at] >= 0; at = before[at]) {
                parts.add(last[at]);
            }
            return parts;
        }
    }
}

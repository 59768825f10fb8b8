package cufflink.cut;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;

/**
 * Finds the sheets for pieces that share their papers: a first answer at once, then better ones until fewest new sheets
 * are proved and nothing more helps, or it is stopped. Without a stop the same job always gets the same answer. Every
 * step up the ladder is tried only while fewer sheets are possible: orders of {@link Greedy}, exact tables
 * ({@link SheetSearch}) for few pieces, sheets chosen out of many tries ({@link SheetBySheet}), the linear programme
 * ({@link PatternProgram}), and at last a few sheets at a time taken apart and laid anew.
 */
final class PaperSearch {
    /** How far tables and searches may go. */
    private record Effort(long joins, long looks) {
    }

    private static final Effort QUICK = new Effort(8_000, 60_000);
    private static final Effort THOROUGH = new Effort(12_000_000, 60_000_000);
    private static final Effort REPAIR = new Effort(300_000, 1_500_000);
    /** Kinds above which only three orders are tried at first, and sheets stay as they came. */
    private static final int MANY_KINDS = 600;
    /**
     * Kinds that the linear programme takes: with many more, nearly every piece is one of its kind and its patterns
     * round badly.
     */
    private static final int MOST_ROWS = 150;
    private static final long KNAPSACK_STEPS = 25_000_000;
    /** Joins of a table that lays one sheet out again, in the first answer and later. */
    private static final long TIDY_QUICK = 250;
    private static final long TIDY = 60_000;
    /** Ways in which the linear programme is rounded to whole sheets. */
    private static final int DIVES = 8;
    /** How often all sheets are filled, each with the best of many tries. */
    private static final int REFILLS = 12;
    /**
     * Rounds of taking sheets apart without a gain after which it ends: while fewer sheets are possible, and when they
     * are not.
     */
    private static final int MOST_IDLE = 150;
    private static final int MOST_IDLE_WHEN_PROVED = 12;
    /** Rectangles that a search of all sheets takes, and one of a few of them. */
    private static final int MOST_EXACT = 60;
    private static final int FEW = 24;

    private final CutJob job;
    private final Demand demand;
    private final Random random = new Random(7);
    private FillPlan best;
    private Bound bound;

    PaperSearch(CutJob job) {
        this.job = job;
        this.demand = new Demand(job);
        this.bound = simpleBound();
        this.best = new FillPlan(demand, List.of());
        first();
    }

    LayoutPlan best() {
        return best.layout(bound);
    }

    private void first() {
        for (int order = 0; order < Greedy.ORDERS.size(); order++) {
            for (Greedy.Split split : demand.kinds.size() > MANY_KINDS ? List.of(Greedy.Split.LARGEST_REST)
                    : List.of(Greedy.Split.values())) {
                int[] left = demand.quantities();
                offer(Greedy.fill(demand, left, demand.supply(), Greedy.ordered(demand, Greedy.ORDERS.get(order)),
                        split));
            }
        }
        if (!isSettled()) {
            exact(QUICK, () -> false);
        }
        tidy(TIDY_QUICK, () -> false);
    }

    /**
     * Goes on until it is proved and nothing more helps, or {@code stop} says so; tells whenever the plan or the bound
     * is better.
     */
    void improve(BooleanSupplier stop, Runnable better) {
        if (!isSettled()) {
            refill(isRepeated() ? 1 : REFILLS, stop, better);
        }
        if (!isSettled() && !stop.getAsBoolean()) {
            program(stop, better);
        }
        if (!isSettled() && !stop.getAsBoolean()) {
            exact(THOROUGH, stop);
            better.run();
        }
        for (int idle = 0; !stop.getAsBoolean() && idle < (isSettled() ? MOST_IDLE_WHEN_PROVED : MOST_IDLE); idle++) {
            if (best.fills().size() > 0 && repair(stop)) {
                idle = 0;
                better.run();
            }
        }
        tidy(TIDY, stop);
        better.run();
    }

    private boolean isSettled() {
        return best.unplaced() == 0 && best.newSheets() <= bound.sheets();
    }

    /** The most new sheets that would still be a gain. */
    private int aim() {
        return best.unplaced() == 0 ? best.newSheets() - 1 : Integer.MAX_VALUE;
    }

    /** Keeps these sheets if they make the better plan. */
    private boolean offer(List<Fill> candidate) {
        FillPlan plan = new FillPlan(demand, candidate);
        if (FillPlan.BETTER.compare(plan, best) < 0) {
            best = plan;
            return true;
        }
        return false;
    }

    /** Nothing is left to be found with fewer sheets. */
    private void settle(SheetSearch search) {
        bound = best.unplaced() == 0 ? new Bound(job, best.newSheets(), new Bound.Search(search.looked())) : bound;
    }

    /** Takes what prices prove, if that is more, and holds when it is worked out again plainly. */
    private void raiseBound(PriceProof proof) {
        if (proof.bound() > bound.sheets() && best.unplaced() == 0) {
            Bound found = new Bound(job, proof.bound(), proof.reason(demand));
            bound = BoundChecker.verdict(found) == BoundChecker.Verdict.HOLDS ? found : bound;
        }
    }

    /**
     * The area left over by the offcuts on the largest sheet, and one sheet for each piece of which no two go on one.
     */
    private Bound simpleBound() {
        BigInteger area = BigInteger.ZERO;
        BigInteger largest = BigInteger.ZERO;
        long longSide = 0;
        int offcuts = 0;
        for (int stock = 0; stock < demand.stock.size(); stock++) {
            BigInteger room = area(demand.sheetWidth(stock), demand.sheetHeight(stock));
            longSide = Math.max(longSide, Math.max(demand.sheetWidth(stock), demand.sheetHeight(stock)));
            if (demand.stock.get(stock).offcut()) {
                int count = demand.supply()[stock];
                offcuts = (int) Math.min(Integer.MAX_VALUE, (long) offcuts + count);
                area = area.subtract(room.multiply(BigInteger.valueOf(count)));
            } else {
                largest = largest.max(room);
            }
        }
        int alone = 0;
        for (Demand.Kind kind : demand.kinds) {
            area = area.add(area(kind.width(), kind.height()).multiply(BigInteger.valueOf(kind.slots().size())));
            alone += Math.min(kind.width(), kind.height()) * 2 > longSide ? kind.slots().size() : 0;
        }
        int byArea = largest.signum() == 0 || area.signum() <= 0 ? 0
                : area.add(largest).subtract(BigInteger.ONE).divide(largest).intValueExact();
        return alone - offcuts > byArea ? new Bound(job, alone - offcuts, new Bound.Alone())
                : new Bound(job, byArea, new Bound.Area());
    }

    private static BigInteger area(long width, long height) {
        return BigInteger.valueOf(width).multiply(BigInteger.valueOf(height));
    }

    /**
     * Tries every way with fewer new sheets, and again, as far as tables of so many joins reach. That there is none is
     * proved only for a blade that forbids nothing.
     */
    private void exact(Effort effort, BooleanSupplier stop) {
        if (Arrays.stream(demand.quantities()).sum() > MOST_EXACT) {
            return;
        }
        Optional<SheetSearch> search = SheetSearch.of(demand, demand.blade, demand.quantities(), effort.joins(), stop);
        boolean found = true;
        while (search.isPresent() && !isSettled() && found) {
            SheetSearch.Answer answer = search.get().run(demand.quantities(), demand.supply(), aim(), effort.looks());
            if (answer == SheetSearch.Answer.NONE && !demand.isBladeShort()) {
                settle(search.get());
            }
            found = answer == SheetSearch.Answer.FOUND && offer(search.get().found());
        }
        if (demand.isBladeShort() && !isSettled()) {
            Optional<SheetSearch> anyBlade = SheetSearch.of(demand, Long.MAX_VALUE, demand.quantities(), effort.joins(),
                    stop);
            if (anyBlade.isPresent() && anyBlade.get().run(demand.quantities(), demand.supply(), aim(), effort.looks())
                    == SheetSearch.Answer.NONE) {
                settle(anyBlade.get());
            }
        }
    }

    /** Whether most kinds are wanted several times, so that the patterns of the linear programme round well. */
    private boolean isRepeated() {
        return demand.kinds.size() <= MOST_ROWS && Arrays.stream(demand.quantities()).sum() >= 4 * demand.kinds.size();
    }

    /** Fills all sheets several times over, each with the best of many tries. */
    private void refill(int times, BooleanSupplier stop, Runnable better) {
        for (int i = 0; i < times && !isSettled() && !stop.getAsBoolean(); i++) {
            if (offer(new SheetBySheet(demand, random, stop).fill(demand.quantities(), demand.supply(), aim()))) {
                better.run();
            }
        }
    }

    /** The bound of the linear programme, and its patterns rounded to whole sheets in several ways. */
    private void program(BooleanSupplier stop, Runnable better) {
        if (demand.kinds.size() > MOST_ROWS) {
            return;
        }
        List<SheetKnapsack> knapsacks = new ArrayList<>();
        for (int stock = 0; stock < demand.stock.size(); stock++) {
            Optional<SheetKnapsack> knapsack = SheetKnapsack.of(demand, stock, KNAPSACK_STEPS);
            if (knapsack.isEmpty()) {
                return;
            }
            knapsacks.add(knapsack.get());
        }
        PatternProgram program = PatternProgram.of(demand, demand.quantities(), demand.supply(), knapsacks);
        program.solveQuickly(stop);
        dive(program, 0, knapsacks, stop);
        better.run();
        program.solve(() -> isSettled() || stop.getAsBoolean(), () -> {
            int before = bound.sheets();
            raiseBound(program.proof());
            if (bound.sheets() > before) {
                better.run();
            }
        });
        raiseBound(program.proof());
        for (int first = 0; first < DIVES && !isSettled() && !stop.getAsBoolean(); first++) {
            dive(program, first, knapsacks, stop);
            better.run();
        }
    }

    /**
     * Whole sheets of every pattern; then one of another pattern, and the programme again for what is left, until
     * nothing is. On the way the rest is tried in other ways.
     *
     * @param first which of the patterns that are cut off is taken first, so that every dive is another
     */
    private void dive(PatternProgram solved, int first, List<SheetKnapsack> knapsacks, BooleanSupplier stop) {
        int[] left = demand.quantities();
        int[] supply = demand.supply();
        List<Fill> chosen = new ArrayList<>();
        PatternProgram program = solved;
        int more = first;
        while (!Demand.isNone(left) && !isSettled() && !stop.getAsBoolean()) {
            int before = chosen.size();
            for (PatternProgram.Share share : program.shares()) {
                use(share, (int) Math.floor(share.times() + 1e-6), left, supply, chosen);
            }
            List<PatternProgram.Share> cutOff = program.shares().stream()
                    .sorted(Comparator.comparingDouble(PaperSearch::fraction).reversed()).toList();
            if (!cutOff.isEmpty()) {
                use(cutOff.get(Math.min(more, cutOff.size() - 1)), 1, left, supply, chosen);
            }
            complete(chosen, left.clone(), supply.clone(), stop);
            if (chosen.size() == before || new FillPlan(demand, chosen).newSheets() > aim()) {
                return;
            }
            more = 0;
            program = PatternProgram.of(demand, left, supply, knapsacks);
            program.solveQuickly(stop);
        }
    }

    private static double fraction(PatternProgram.Share share) {
        return share.times() - Math.floor(share.times() + 1e-6);
    }

    private void use(PatternProgram.Share share, int times, int[] left, int[] supply, List<Fill> chosen) {
        for (int i = 0; i < times && supply[share.stock()] > 0; i++) {
            Optional<Block> block = Block.within(share.block(), left);
            if (block.isEmpty()) {
                return;
            }
            supply[share.stock()] -= supply[share.stock()] == Integer.MAX_VALUE ? 0 : 1;
            chosen.add(Block.fill(block.get(), demand, share.stock()));
        }
    }

    /**
     * Some sheets are chosen; the rest exactly if it is little, and in any case by tries: with no more new sheets than
     * are known, or as many as there are while pieces lack paper.
     */
    private boolean complete(List<Fill> chosen, int[] left, int[] supply, BooleanSupplier stop) {
        int used = new FillPlan(demand, chosen).newSheets();
        if (aim() >= used && Arrays.stream(left).sum() <= FEW) {
            Optional<SheetSearch> search = SheetSearch.of(demand, demand.blade, left, REPAIR.joins(), stop);
            if (search.isPresent()
                    && search.get().run(left, supply, aim() - used, REPAIR.looks()) == SheetSearch.Answer.FOUND) {
                return offer(both(chosen, search.get().found()));
            }
        }
        return offer(both(chosen, new SheetBySheet(demand, random, stop).fill(left, supply,
                best.unplaced() == 0 ? best.newSheets() - used : Integer.MAX_VALUE)));
    }

    private static List<Fill> both(List<Fill> chosen, List<Fill> more) {
        List<Fill> whole = new ArrayList<>(chosen);
        whole.addAll(more);
        return whole;
    }

    /**
     * Takes a few sheets apart, the emptier ones rather, and lays them anew: with fewer new sheets, or with as many and
     * less waste.
     */
    private boolean repair(BooleanSupplier stop) {
        List<Fill> mixed = emptierFirst();
        int apart = Math.min(mixed.size(), 2 + random.nextInt(4));
        List<Fill> kept = new ArrayList<>(mixed.subList(apart, mixed.size()));
        int[] left = demand.quantities();
        int[] supply = demand.supply();
        for (Fill fill : kept) {
            for (int kind = 0; kind < left.length; kind++) {
                left[kind] -= fill.counts()[kind];
            }
            supply[fill.stock()] -= supply[fill.stock()] == Integer.MAX_VALUE ? 0 : 1;
        }
        return complete(kept, left, supply, stop);
    }

    /** The sheets in an order of chance in which emptier ones come sooner. */
    private List<Fill> emptierFirst() {
        record Drawn(Fill fill, double place) {
        }
        return best.fills().stream().map(fill -> new Drawn(fill, share(fill) + random.nextDouble() * 0.5))
                .sorted(Comparator.comparingDouble(Drawn::place)).map(Drawn::fill).toList();
    }

    private double share(Fill fill) {
        StockSheet sheet = demand.stock.get(fill.stock());
        return fill.used() / (sheet.width().toMillimetres() * sheet.height().toMillimetres());
    }

    /**
     * Lays each sheet out again with the same pieces, on a smaller one if there is one, for less waste, a larger offcut
     * and fewer settings.
     */
    private void tidy(long joins, BooleanSupplier stop) {
        if (demand.kinds.size() > MANY_KINDS) {
            return;
        }
        int[] supply = demand.supply();
        best.fills().forEach(fill -> supply[fill.stock()] -= supply[fill.stock()] == Integer.MAX_VALUE ? 0 : 1);
        Map<List<Integer>, Fill> known = new HashMap<>();
        List<Fill> tidied = new ArrayList<>();
        for (Fill fill : best.fills()) {
            List<Integer> key = IntStream.concat(IntStream.of(fill.stock()), Arrays.stream(fill.counts())).boxed()
                    .toList();
            Fill tidy = known.containsKey(key)
                    && (known.get(key).stock() == fill.stock() || supply[known.get(key).stock()] > 0) ? known.get(key)
                    : stop.getAsBoolean() ? fill : tidied(fill, supply, joins);
            known.put(key, tidy);
            if (tidy.stock() != fill.stock()) {
                supply[tidy.stock()] -= supply[tidy.stock()] == Integer.MAX_VALUE ? 0 : 1;
                supply[fill.stock()] += supply[fill.stock()] == Integer.MAX_VALUE ? 0 : 1;
            }
            tidied.add(tidy);
        }
        offer(tidied);
    }

    private Fill tidied(Fill fill, int[] supply, long joins) {
        Fill tidy = fill;
        for (int stock = 0; stock < demand.stock.size(); stock++) {
            if (stock == fill.stock() || supply[stock] > 0 && room(stock) < room(fill.stock())) {
                Optional<BlockTable> table = BlockTable.of(demand, stock, demand.blade, fill.counts(), joins,
                        () -> false);
                for (Block block : table.map(built -> built.blocks(fill.counts())).orElse(List.of())) {
                    Fill other = Block.fill(block, demand, stock);
                    tidy = FillPlan.BETTER.compare(alone(other), alone(tidy)) < 0 ? other : tidy;
                }
            }
        }
        return tidy;
    }

    private double room(int stock) {
        return (double) demand.sheetWidth(stock) * demand.sheetHeight(stock);
    }

    private FillPlan alone(Fill fill) {
        return new FillPlan(demand, List.of(fill));
    }
}

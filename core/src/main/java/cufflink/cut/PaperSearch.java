package cufflink.cut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/**
 * Finds the sheets for pieces that share their papers: a first answer at once, then better ones until fewest new sheets are proved, nothing more helps, or it is stopped.
 * Without a stop the same job always gets the same answer.
 */
final class PaperSearch {
    /** Joins that a table may take for the first answer, and later. */
    private static final long QUICK = 60_000;
    private static final long THOROUGH = 12_000_000;
    private static final long REPAIR = 300_000;
    private static final long KNAPSACK_STEPS = 25_000_000;
    /** Rounds of taking sheets apart without a gain after which it ends. */
    private static final int MOST_IDLE = 150;

    private final Demand demand;
    private LayoutPlan best;
    private List<Fill> fills = List.of();
    private int bound;

    PaperSearch(Demand demand) {
        this.demand = demand;
        this.bound = simpleBound();
        first();
    }

    LayoutPlan best() {
        return best;
    }

    private void first() {
        for (int order = 0; order < Greedy.ORDERS.size(); order++) {
            for (Greedy.Split split : Greedy.Split.values()) {
                int[] left = demand.quantities();
                offer(Greedy.fill(demand, left, demand.supply(), Greedy.ordered(demand, Greedy.ORDERS.get(order)), split));
            }
        }
        if (best.unplaced().isEmpty() && !best.isProved()) {
            exact(QUICK, () -> false);
        }
        tidy();
    }

    /** Goes on until it is proved, nothing more helps, or {@code stop} says so; tells of every better plan or bound. */
    void improve(BooleanSupplier stop, Consumer<LayoutPlan> better) {
        LayoutPlan known = best;
        if (!isSettled()) {
            program(stop);
            known = tell(known, better);
        }
        if (!isSettled() && !stop.getAsBoolean()) {
            exact(THOROUGH, stop);
            known = tell(known, better);
        }
        Random random = new Random(7);
        int idle = 0;
        while (!isSettled() && !stop.getAsBoolean() && idle < MOST_IDLE) {
            repair(random, stop);
            LayoutPlan before = known;
            known = tell(known, better);
            idle = known == before ? idle + 1 : 0;
        }
        if (!stop.getAsBoolean()) {
            tidy();
            tell(known, better);
        }
    }

    private LayoutPlan tell(LayoutPlan known, Consumer<LayoutPlan> better) {
        if (!best.equals(known)) {
            better.accept(best);
        }
        return best.equals(known) ? known : best;
    }

    private boolean isSettled() {
        return best.isProved();
    }

    /** Keeps these sheets if they make the better plan. */
    private boolean offer(List<Fill> candidate) {
        FillPlan filled = new FillPlan(demand, candidate);
        LayoutPlan plan = filled.layout(bound);
        if (best == null || LayoutPlan.BETTER.compare(plan, best) < 0) {
            best = plan;
            fills = filled.fills();
            return true;
        }
        return false;
    }

    private void raiseBound(int proved) {
        if (proved > bound && best.unplaced().isEmpty()) {
            bound = Math.min(proved, best.newSheets());
            best = best.withBound(bound);
        }
    }

    /** The area left over by the offcuts on the largest sheet, and one sheet for each piece of which no two go on one. */
    private int simpleBound() {
        double area = 0;
        double largest = 0;
        long longSide = 0;
        int offcuts = 0;
        for (int stock = 0; stock < demand.stock.size(); stock++) {
            double room = (double) demand.sheetWidth(stock) * demand.sheetHeight(stock);
            longSide = Math.max(longSide, Math.max(demand.sheetWidth(stock), demand.sheetHeight(stock)));
            if (demand.stock.get(stock).offcut()) {
                int count = demand.supply()[stock];
                offcuts = (int) Math.min(Integer.MAX_VALUE, (long) offcuts + count);
                area -= room * count;
            } else {
                largest = Math.max(largest, room);
            }
        }
        int alone = 0;
        for (Demand.Kind kind : demand.kinds) {
            area += kind.area() * kind.slots().size();
            alone += Math.min(kind.width(), kind.height()) * 2 > longSide ? kind.slots().size() : 0;
        }
        return Math.max(Math.max(0, alone - offcuts), largest == 0 ? 0 : (int) Math.ceil(area / largest - 1e-9));
    }

    /** Tries every way with one new sheet fewer, and again, as far as tables of so many joins reach. */
    private void exact(long work, BooleanSupplier stop) {
        Optional<SheetSearch> search = SheetSearch.of(demand, demand.quantities(), work, stop);
        while (search.isPresent() && best.unplaced().isEmpty() && !best.isProved()) {
            SheetSearch.Answer answer = search.get().run(demand.quantities(), demand.supply(), best.newSheets() - 1);
            if (answer == SheetSearch.Answer.NONE) {
                raiseBound(best.newSheets());
            }
            if (answer != SheetSearch.Answer.FOUND || !offer(search.get().found())) {
                return;
            }
        }
    }

    /** The bound of the linear programme, and its patterns rounded to whole sheets in several ways. */
    private void program(BooleanSupplier stop) {
        List<Optional<SheetKnapsack>> knapsacks = new ArrayList<>();
        for (int stock = 0; stock < demand.stock.size(); stock++) {
            knapsacks.add(SheetKnapsack.of(demand, stock, KNAPSACK_STEPS));
        }
        Optional<PatternProgram> solved = PatternProgram.solve(demand, demand.quantities(), demand.supply(), knapsacks, stop);
        solved.ifPresent(program -> {
            raiseBound(program.bound());
            List<PatternProgram.Share> shares = program.shares();
            for (int extra = 0; extra <= shares.size() && !isSettled() && !stop.getAsBoolean(); extra++) {
                round(shares, extra, stop);
            }
        });
    }

    /** Whole sheets of every pattern, one more of the first few that are cut off the most, the rest as it comes. */
    private void round(List<PatternProgram.Share> shares, int extra, BooleanSupplier stop) {
        List<PatternProgram.Share> byFraction = new ArrayList<>(shares);
        byFraction.sort((a, b) -> Double.compare(fraction(b), fraction(a)));
        int[] left = demand.quantities();
        int[] supply = demand.supply();
        List<Fill> chosen = new ArrayList<>();
        for (PatternProgram.Share share : shares) {
            use(share, (int) Math.floor(share.times() + 1e-6), left, supply, chosen);
        }
        for (PatternProgram.Share share : byFraction.subList(0, extra)) {
            use(share, 1, left, supply, chosen);
        }
        for (Greedy.Split split : Greedy.Split.values()) {
            for (var order : Greedy.ORDERS) {
                List<Fill> whole = new ArrayList<>(chosen);
                whole.addAll(Greedy.fill(demand, left.clone(), supply.clone(), Greedy.ordered(demand, order), split));
                offer(whole);
            }
        }
        finish(chosen, left, supply, stop);
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
            supply[share.stock()]--;
            chosen.add(Block.fill(block.get(), demand, share.stock()));
        }
    }

    /** Some sheets are chosen; the rest exactly, with fewer new sheets in all than are known. */
    private boolean finish(List<Fill> chosen, int[] left, int[] supply, BooleanSupplier stop) {
        int used = (int) chosen.stream().filter(fill -> !demand.stock.get(fill.stock()).offcut()).count();
        int allowed = best.newSheets() - 1 - used;
        if (allowed < 0 || Arrays.stream(left).sum() > 24) {
            return false;
        }
        Optional<SheetSearch> search = SheetSearch.of(demand, left, REPAIR, stop);
        if (search.isPresent() && search.get().run(left, supply, allowed) == SheetSearch.Answer.FOUND) {
            List<Fill> whole = new ArrayList<>(chosen);
            whole.addAll(search.get().found());
            return offer(whole);
        }
        return false;
    }

    /** Takes a few sheets apart, the emptier ones rather, and tries to do with one new sheet fewer; or with the same and less waste. */
    private void repair(Random random, BooleanSupplier stop) {
        List<Fill> mixed = new ArrayList<>(fills);
        Collections.shuffle(mixed, random);
        mixed.sort((a, b) -> Double.compare(share(a) + random.nextInt(2) * 0.5, share(b)));
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
        if (finish(kept, left, supply, stop)) {
            return;
        }
        List<Integer> order = new ArrayList<>(Greedy.ordered(demand, Greedy.ORDERS.get(0)));
        Collections.shuffle(order, random);
        List<Fill> whole = new ArrayList<>(kept);
        whole.addAll(Greedy.fill(demand, left, supply, order, Greedy.Split.values()[random.nextInt(3)]));
        offer(whole);
    }

    private double share(Fill fill) {
        double used = 0;
        for (int kind = 0; kind < fill.counts().length; kind++) {
            used += fill.counts()[kind] * demand.kinds.get(kind).area();
        }
        return used / ((double) demand.sheetWidth(fill.stock()) * demand.sheetHeight(fill.stock()));
    }

    /** Lays each sheet out again with the same pieces, for less waste, a larger offcut and fewer settings. */
    private void tidy() {
        List<Fill> tidied = new ArrayList<>();
        for (Fill fill : fills) {
            tidied.add(tidied(fill));
        }
        offer(tidied);
    }

    private Fill tidied(Fill fill) {
        Fill tidy = fill;
        LayoutPlan known = alone(fill);
        Optional<BlockTable> table = Arrays.stream(fill.counts()).sum() > 12 ? Optional.empty() : BlockTable.of(demand, fill.stock(), fill.counts(), QUICK);
        for (Block block : table.map(built -> built.blocks(fill.counts())).orElse(List.of())) {
            Fill other = Block.fill(block, demand, fill.stock());
            LayoutPlan plan = alone(other);
            if (LayoutPlan.BETTER.compare(plan, known) < 0) {
                tidy = other;
                known = plan;
            }
        }
        return tidy;
    }

    private LayoutPlan alone(Fill fill) {
        return new FillPlan(demand, List.of(fill)).layout(0);
    }
}

package cufflink.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.measure.Length;
import cufflink.paper.GrainRule;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;

/** The methods for one sheet and for a bound, each held against another that works in a different way. */
class SheetMethodsTest {
    private static final int MOST_OF_A_KIND = 3;

    private static Demand random(long seed, int kinds, int quantity, boolean blade) {
        return new Demand(job(seed, kinds, quantity, blade));
    }

    private static int[] counts(Demand demand, Block block) {
        return Block.fill(block, demand, stockOf(demand)).counts();
    }

    /** The index of the sheets without end. */
    private static int stockOf(Demand demand) {
        for (int stock = 0; stock < demand.stock.size(); stock++) {
            if (!demand.stock.get(stock).offcut()) {
                return stock;
            }
        }
        throw new IllegalStateException("no sheets");
    }

    private static double worth(int[] counts, double[] values) {
        double worth = 0;
        for (int kind = 0; kind < counts.length; kind++) {
            worth += counts[kind] * values[kind];
        }
        return worth;
    }

    private static long[] whole(double[] values) {
        return Arrays.stream(values).mapToLong(Math::round).toArray();
    }

    private static double[] values(Demand demand, long seed) {
        Random random = new Random(seed * 31);
        return demand.kinds.stream().mapToDouble(kind -> kind.area() * (0.5 + random.nextDouble())).toArray();
    }

    /**
     * Dynamic programming over sums of sides against a table of everything that can be joined; so few fit that the
     * table's limit does not bind.
     */
    @Property(tries = 30)
    void blockOfMostValue_isThatOfTheTableOfAllBlocks(@ForAll @LongRange(min = 1, max = 100_000) long seed) {
        Demand demand = random(seed, 3, 9, false);
        int stock = stockOf(demand);
        double[] values = values(demand, seed);
        int[] most = new int[demand.kinds.size()];
        Arrays.fill(most, 16);
        Optional<BlockTable> table = BlockTable.of(demand, stock, demand.blade, most, 300_000, () -> false);
        Assume.that(table.isPresent());
        double best = table.orElseThrow().selections().stream()
                .mapToDouble(selection -> worth(selection.counts(), values)).max().orElse(0);
        Block found = SheetKnapsack.of(demand, stock, 25_000_000).orElseThrow().most(whole(values)).orElseThrow();
        assertEquals(best, worth(counts(demand, found), values), best * 1e-9);
    }

    @Property(tries = 30)
    void strips_areCuttable_andNeverWorthMoreThanTheBestBlock(@ForAll @LongRange(min = 1, max = 100_000) long seed) {
        Demand demand = random(seed, 4, 9, false);
        int stock = stockOf(demand);
        double[] values = values(demand, seed);
        SheetKnapsack knapsack = SheetKnapsack.of(demand, stock, 25_000_000).orElseThrow();
        double best = worth(counts(demand, knapsack.most(whole(values)).orElseThrow()), values);
        for (boolean stacked : new boolean[] {false, true}) {
            Block strips = knapsack.strips().much(values, stacked).orElseThrow();
            assertTrue(strips.width() <= demand.sheetWidth(stock) && strips.height() <= demand.sheetHeight(stock));
            double worth = worth(counts(demand, strips), values);
            assertTrue(worth <= best * (1 + 1e-9) && worth >= best / 2, worth + " of " + best);
        }
    }

    private static PatternProgram solved(Demand demand) {
        List<SheetKnapsack> knapsacks = new ArrayList<>();
        for (int stock = 0; stock < demand.stock.size(); stock++) {
            knapsacks.add(SheetKnapsack.of(demand, stock, 25_000_000).orElseThrow());
        }
        PatternProgram program = PatternProgram.of(demand, demand.quantities(), demand.supply(), knapsacks);
        program.solve(() -> false, () -> {});
        return program;
    }

    private static CutJob job(long seed, int kinds, int quantity, boolean blade) {
        Random random = new Random(seed);
        List<CutPiece> pieces = new ArrayList<>();
        for (int i = 0; i < kinds; i++) {
            pieces.add(new CutPiece("piece" + i, "piece " + i, quantity, Length.ofMillimetres(60 + random.nextInt(90)),
                    Length.ofMillimetres(60 + random.nextInt(90)), "card", random.nextBoolean()));
        }
        List<StockSheet> stock = new ArrayList<>(List.of(new StockSheet("sheet", "card",
                Length.ofMillimetres(150 + random.nextInt(60)), Length.ofMillimetres(150 + random.nextInt(60)),
                OptionalInt.empty(), false)));
        if (random.nextBoolean()) {
            stock.add(new StockSheet("left", "card", Length.ofMillimetres(80 + random.nextInt(60)),
                    Length.ofMillimetres(80 + random.nextInt(60)), OptionalInt.of(1), true));
        }
        return new CutJob(pieces, stock, GrainRule.IGNORE,
                blade ? Optional.of(Length.ofMillimetres(180)) : Optional.empty());
    }

    /** What the linear programme proves, the exact search over all sheets does not contradict. */
    @Property(tries = 30)
    void boundOfTheProgramme_isNeverAboveTheLeastNumberOfSheets(@ForAll @LongRange(min = 1, max = 100_000) long seed) {
        Demand demand = random(seed, 3, MOST_OF_A_KIND, seed % 2 == 0);
        PatternProgram program = solved(demand);
        SheetSearch search = SheetSearch.of(demand, demand.blade, demand.quantities(), 5_000_000, () -> false)
                .orElseThrow();
        int all = Arrays.stream(demand.quantities()).sum();
        int least = 0;
        while (least <= all
                && search.run(demand.quantities(), demand.supply(), least, 50_000_000) != SheetSearch.Answer.FOUND) {
            least++;
        }
        Assume.that(least <= all);
        assertTrue(program.proof().bound() <= least, program.proof().bound() + " above " + least);
    }

    /** While the fence stands, everything is cut that can be cut at that setting. */
    @Property(tries = 100)
    void fence_isMovedOnlyWhenNoCutWaitsAtItsSetting(@ForAll @LongRange(min = 1, max = 100_000) long seed) {
        Demand demand = random(seed, 4, 4, false);
        Fill fill = new SheetBySheet(demand, new Random(seed), () -> false)
                .fill(demand.quantities(), demand.supply(), 1).get(0);
        List<Cut> cuts = fill.cuts();
        for (int i = 1; i < cuts.size(); i++) {
            Cut before = cuts.get(i - 1);
            if (!cuts.get(i).at().equals(before.at())) {
                List<Cut> done = cuts.subList(0, i);
                boolean waits = cuts.subList(i, cuts.size()).stream()
                        .anyMatch(cut -> cut.at().equals(before.at()) && isFreed(cut, done, demand, fill));
                assertTrue(!waits, "cut " + (i + 1));
            }
        }
    }

    private static boolean isFreed(Cut cut, List<Cut> done, Demand demand, Fill fill) {
        SheetLayout.Part whole = new SheetLayout.Part(cut.x(), cut.y(), cut.width(), cut.height());
        boolean sheet = cut.width().nanometres() == demand.sheetWidth(fill.stock())
                && cut.height().nanometres() == demand.sheetHeight(fill.stock());
        return sheet || done.stream().anyMatch(earlier -> earlier.near().equals(whole) || earlier.far().equals(whole));
    }
}

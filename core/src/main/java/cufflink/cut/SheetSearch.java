package cufflink.cut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;

/**
 * Whether what is left comes out of a number of new sheets and the offcuts: every way is tried, sheet by sheet, with
 * what a {@link BlockTable} holds for each.
 */
final class SheetSearch {
    /** What the search found out. */
    enum Answer { FOUND, NONE, UNKNOWN }

    private record Failed(List<Integer> left, List<Integer> supply, int sheets) {
    }

    private final Demand demand;
    private final List<BlockTable> tables;
    private final BooleanSupplier stop;
    private final List<Fill> found = new ArrayList<>();
    private final Set<Failed> failed = new HashSet<>();
    private long looks;
    private long mostLooks;

    private SheetSearch(Demand demand, List<BlockTable> tables, BooleanSupplier stop) {
        this.demand = demand;
        this.tables = tables;
        this.stop = stop;
    }

    /**
     * A search with a blade over the tables of all stocks, in the order of the demand; absent if they would take more
     * than so many joins.
     */
    static Optional<SheetSearch> of(Demand demand, long blade, int[] left, long work, BooleanSupplier stop) {
        List<BlockTable> tables = new ArrayList<>();
        for (int stock = 0; stock < demand.stock.size(); stock++) {
            Optional<BlockTable> table = BlockTable.of(demand, stock, blade, left, work, stop);
            if (table.isEmpty()) {
                return Optional.empty();
            }
            tables.add(table.get());
        }
        return Optional.of(new SheetSearch(demand, tables, stop));
    }

    /** Looks for a way with at most so many new sheets, at so many selections at most. */
    Answer run(int[] left, int[] supply, int newSheets, long mostLooks) {
        found.clear();
        failed.clear();
        looks = mostLooks;
        this.mostLooks = mostLooks;
        boolean yes = place(left.clone(), supply.clone(), newSheets);
        return yes ? Answer.FOUND : looks > 0 ? Answer.NONE : Answer.UNKNOWN;
    }

    /** Selections for one sheet that the last run looked at. */
    long looked() {
        return mostLooks - looks;
    }

    /** The sheets found. */
    List<Fill> found() {
        return List.copyOf(found);
    }

    private boolean place(int[] left, int[] supply, int newSheets) {
        int kind = 0;
        while (kind < left.length && left[kind] == 0) {
            kind++;
        }
        if (kind == left.length) {
            return true;
        }
        if (!isRoom(left, supply, newSheets)) {
            return false;
        }
        Failed state = new Failed(Arrays.stream(left).boxed().toList(), Arrays.stream(supply).boxed().toList(),
                newSheets);
        if (failed.contains(state)) {
            return false;
        }
        for (int stock = 0; stock < tables.size(); stock++) {
            boolean offcut = demand.stock.get(stock).offcut();
            if (supply[stock] > 0 && (offcut || newSheets > 0)) {
                for (BlockTable.Selection selection : fullest(stock, kind, left)) {
                    if (looks <= 0) {
                        return false;
                    }
                    change(left, selection.counts(), -1);
                    supply[stock]--;
                    found.add(Block.fill(selection.blocks().get(0), demand, stock));
                    if (place(left, supply, offcut ? newSheets : newSheets - 1)) {
                        return true;
                    }
                    found.remove(found.size() - 1);
                    supply[stock]++;
                    change(left, selection.counts(), 1);
                }
            }
        }
        if (looks > 0) {
            failed.add(state);
        }
        return false;
    }

    private static void change(int[] left, int[] counts, int sign) {
        for (int kind = 0; kind < left.length; kind++) {
            left[kind] += sign * counts[kind];
        }
    }

    private boolean isRoom(int[] left, int[] supply, int newSheets) {
        double room = 0;
        double largest = 0;
        for (int stock = 0; stock < supply.length; stock++) {
            double area = (double) demand.sheetWidth(stock) * demand.sheetHeight(stock);
            if (demand.stock.get(stock).offcut()) {
                room += area * supply[stock];
            } else if (supply[stock] > 0) {
                largest = Math.max(largest, area);
            }
        }
        room += largest * newSheets;
        double all = room;
        for (int kind = 0; kind < left.length; kind++) {
            room -= left[kind] * demand.kinds.get(kind).area();
        }
        return room >= -all * BlockTable.ROUNDING;
    }

    /** The selections with a kind that nothing left could be added to, the largest first. */
    private List<BlockTable.Selection> fullest(int stock, int kind, int[] left) {
        looks = stop.getAsBoolean() ? 0 : looks - tables.get(stock).selections().size();
        List<BlockTable.Selection> with = tables.get(stock).selections().stream()
                .filter(selection -> selection.counts()[kind] > 0 && isWithin(selection.counts(), left)).toList();
        List<BlockTable.Selection> fullest = new ArrayList<>(
                with.stream().filter(selection -> isFull(stock, selection, left)).toList());
        fullest.sort((a, b) -> Double.compare(area(b), area(a)));
        return fullest;
    }

    private static boolean isWithin(int[] counts, int[] left) {
        for (int kind = 0; kind < counts.length; kind++) {
            if (counts[kind] > left[kind]) {
                return false;
            }
        }
        return true;
    }

    private boolean isFull(int stock, BlockTable.Selection selection, int[] left) {
        int[] more = selection.counts().clone();
        for (int kind = 0; kind < more.length; kind++) {
            if (more[kind] < left[kind]) {
                more[kind]++;
                if (!tables.get(stock).blocks(more).isEmpty()) {
                    return false;
                }
                more[kind]--;
            }
        }
        return true;
    }

    private double area(BlockTable.Selection selection) {
        double area = 0;
        for (int kind = 0; kind < selection.counts().length; kind++) {
            area += selection.counts()[kind] * demand.kinds.get(kind).area();
        }
        return area;
    }
}

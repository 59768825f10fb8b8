package cufflink.cut;

import cufflink.measure.Length;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Sheets filled for a demand, and what became of everybody's pieces. */
final class FillPlan {
    private final Demand demand;
    private final List<Fill> fills;

    FillPlan(Demand demand, List<Fill> fills) {
        this.demand = demand;
        this.fills = fills.stream().sorted(Comparator.comparingInt(Fill::stock).thenComparing(fill -> Arrays.toString(fill.counts()), Comparator.reverseOrder())).toList();
    }

    List<Fill> fills() {
        return fills;
    }

    /** Tells the pieces apart, in their order in the job, and puts the cuts in an order of work. */
    LayoutPlan layout(int bound) {
        List<Deque<Demand.Slot>> slots = demand.kinds.stream().<Deque<Demand.Slot>>map(kind -> new ArrayDeque<>(kind.slots())).toList();
        List<SheetLayout> sheets = new ArrayList<>();
        for (Fill fill : fills) {
            StockSheet stock = demand.stock.get(fill.stock());
            List<Placement> placements = fill.spots().stream().map(spot -> place(spot, slots.get(spot.kind()).remove())).toList();
            sheets.add(new SheetLayout(stock, placements, FenceOrder.order(fill.cuts(), stock.width(), stock.height())));
        }
        List<String> unplaced = slots.stream().flatMap(Deque::stream).flatMap(slot -> Stream.concat(Stream.of(slot.piece().id()), slot.other().stream())).sorted().toList();
        LayoutPlan plan = new LayoutPlan(sheets, bound, unplaced);
        return plan.withBound(Math.min(bound, plan.newSheets()));
    }

    private Placement place(Fill.Spot spot, Demand.Slot slot) {
        Demand.Kind kind = demand.kinds.get(spot.kind());
        Length width = new Length(spot.turned() ? kind.height() : kind.width());
        Length height = new Length(spot.turned() ? kind.width() : kind.height());
        CutPiece piece = slot.piece();
        Optional<String> other = slot.other();
        return new Placement(piece.id(), piece.label(), new Length(spot.x()), new Length(spot.y()), width, height, !width.equals(piece.width()), other);
    }
}

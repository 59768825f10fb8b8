package cufflink.cut;

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
    /** The order of {@link LayoutPlan#BETTER}, worked out from what each sheet knows of itself. */
    static final Comparator<FillPlan> BETTER = Comparator.comparingInt(FillPlan::unplaced)
            .thenComparingInt(FillPlan::newSheets)
            .thenComparingLong(plan -> -Math.round(plan.fromOffcuts()))
            .thenComparingLong(plan -> Math.round(plan.unused()))
            .thenComparingLong(plan -> -Math.round(plan.largestRests())).thenComparingInt(FillPlan::settings);

    private final Demand demand;
    private final List<Fill> fills;

    FillPlan(Demand demand, List<Fill> fills) {
        this.demand = demand;
        this.fills = fills.stream().sorted(
                Comparator.comparingInt(Fill::stock).thenComparing((a, b) -> Arrays.compare(b.counts(), a.counts())))
                .toList();
    }

    List<Fill> fills() {
        return fills;
    }

    /** Pieces for which there is no paper, besides those that fit on none; two halves of one rectangle are two. */
    int unplaced() {
        int[] left = demand.quantities();
        fills.forEach(fill -> fill.spots().forEach(spot -> left[spot.kind()]--));
        int pieces = 0;
        for (int kind = 0; kind < left.length; kind++) {
            List<Demand.Slot> slots = demand.kinds.get(kind).slots();
            for (Demand.Slot slot : slots.subList(slots.size() - left[kind], slots.size())) {
                pieces += slot.other().isPresent() ? 2 : 1;
            }
        }
        return pieces;
    }

    int newSheets() {
        return (int) fills.stream().filter(fill -> !isOffcut(fill)).count();
    }

    private boolean isOffcut(Fill fill) {
        return demand.stock.get(fill.stock()).offcut();
    }

    private double fromOffcuts() {
        return fills.stream().filter(this::isOffcut).mapToDouble(Fill::used).sum();
    }

    private double unused() {
        return fills.stream().mapToDouble(Fill::unused).sum();
    }

    private double largestRests() {
        return fills.stream().mapToDouble(Fill::largestRest).sum();
    }

    private int settings() {
        return fills.stream().mapToInt(Fill::settings).sum();
    }

    /** Tells the pieces apart, in their order in the job. */
    LayoutPlan layout(Bound bound) {
        List<Deque<Demand.Slot>> slots = demand.kinds
                .stream().<Deque<Demand.Slot>>map(kind -> new ArrayDeque<>(kind.slots())).toList();
        List<SheetLayout> sheets = new ArrayList<>();
        for (Fill fill : fills) {
            List<Placement> placements = fill.spots().stream().map(spot -> place(spot, slots.get(spot.kind()).remove()))
                    .toList();
            sheets.add(new SheetLayout(demand.stock.get(fill.stock()), placements, fill.cuts()));
        }
        Stream<Demand.Slot> left = Stream.concat(slots.stream().flatMap(Deque::stream), demand.impossible.stream());
        List<String> unplaced = left
                .flatMap(slot -> Stream.concat(Stream.of(slot.piece().id()), slot.other().stream().map(CutPiece::id)))
                .sorted().toList();
        return new LayoutPlan(sheets, List.of(bound), unplaced);
    }

    private Placement place(Fill.Spot spot, Demand.Slot slot) {
        CutPiece piece = slot.piece();
        Optional<Placement.Other> other = slot.other().map(second -> new Placement.Other(second.id(), second.label()));
        Placement at = demand.unnamed(spot);
        boolean turned = !at.width().equals(piece.width());
        return new Placement(piece.id(), piece.label(), at.x(), at.y(), at.width(), at.height(), turned,
                turned ? piece.half().turned() : piece.half(), other);
    }
}

package cufflink.cut;

import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Lays the largest pieces first, each into the free part that it fits closest, splitting that part with one or two edge-to-edge
 * cuts; tries several orders and ways to split, and keeps the plan with the fewest unplaced pieces, then sheets, then least paper. Cost: n pieces on
 * s sheets, O(n · free parts) for each of the twelve tries.
 */
public final class GreedyLayoutPlanner implements LayoutPlanner {
    private static final List<Comparator<CutPiece>> ORDERS = List.of(
            Comparator.comparing((CutPiece piece) -> Length.longer(piece.width(), piece.height())).thenComparing(piece -> Length.shorter(piece.width(), piece.height())).reversed(),
            Comparator.comparing(CutPiece::width).thenComparing(CutPiece::height).reversed(),
            Comparator.comparing(CutPiece::height).thenComparing(CutPiece::width).reversed(),
            Comparator.comparingDouble((CutPiece piece) -> piece.width().toMillimetres() * piece.height().toMillimetres()).reversed());

    @Override
    public LayoutPlan plan(CutJob job) {
        Map<String, List<CutPiece>> byMaterial = new LinkedHashMap<>();
        job.pieces().forEach(piece -> byMaterial.computeIfAbsent(piece.material(), material -> new ArrayList<>()).add(piece));
        List<SheetLayout> sheets = new ArrayList<>();
        List<String> unplaced = new ArrayList<>();
        int bound = 0;
        for (Map.Entry<String, List<CutPiece>> group : byMaterial.entrySet()) {
            List<StockSheet> stock = job.stock().stream().filter(sheet -> sheet.material().equals(group.getKey()))
                    .sorted(Comparator.comparing(sheet -> !sheet.offcut())).toList();
            LayoutPlan plan = best(group.getValue(), stock);
            sheets.addAll(plan.sheets());
            unplaced.addAll(plan.unplaced());
            bound += plan.bound();
        }
        return new LayoutPlan(sheets, bound, unplaced);
    }

    private static LayoutPlan best(List<CutPiece> pieces, List<StockSheet> stock) {
        LayoutPlan best = null;
        for (Comparator<CutPiece> order : ORDERS) {
            List<CutPiece> sorted = pieces.stream().sorted(order).toList();
            for (SheetPacker.Split split : SheetPacker.Split.values()) {
                LayoutPlan plan = attempt(sorted, stock, split);
                if (best == null || COMPARE.compare(plan, best) < 0) {
                    best = plan;
                }
            }
        }
        return best;
    }

    private static final Comparator<LayoutPlan> COMPARE = Comparator.comparingInt((LayoutPlan plan) -> plan.unplaced().size())
            .thenComparingInt(plan -> plan.sheets().size()).thenComparingDouble(LayoutPlan::waste)
            .thenComparingInt(plan -> plan.sheets().stream().mapToInt(sheet -> sheet.cuts().size()).sum());

    private static LayoutPlan attempt(List<CutPiece> sorted, List<StockSheet> stock, SheetPacker.Split split) {
        List<CutPiece> left = new ArrayList<>();
        for (CutPiece piece : sorted) {
            for (int i = 0; i < piece.quantity(); i++) {
                left.add(piece);
            }
        }
        int bound = bound(left, stock);
        List<SheetLayout> sheets = new ArrayList<>();
        for (StockSheet sheet : stock) {
            int most = sheet.count().orElse(Integer.MAX_VALUE);
            for (int used = 0; used < most && !left.isEmpty(); used++) {
                SheetLayout layout = SheetPacker.pack(sheet, left, split);
                if (layout.placements().isEmpty()) {
                    break;
                }
                sheets.add(layout);
            }
        }
        return new LayoutPlan(sheets, bound, left.stream().map(CutPiece::id).toList());
    }

    /** Area of all pieces over the largest sheet's, and one piece a sheet for those that are over half of it both ways. */
    private static int bound(List<CutPiece> pieces, List<StockSheet> stock) {
        double largest = stock.stream().mapToDouble(sheet -> sheet.width().toMillimetres() * sheet.height().toMillimetres()).max().orElse(1);
        double area = pieces.stream().mapToDouble(piece -> piece.width().toMillimetres() * piece.height().toMillimetres()).sum();
        Length longSide = stock.stream().map(sheet -> Length.longer(sheet.width(), sheet.height())).max(Comparator.naturalOrder()).orElse(Length.ZERO);
        long alone = pieces.stream().filter(piece -> Length.shorter(piece.width(), piece.height()).times(2).isLongerThan(longSide)).count();
        return Math.max((int) alone, (int) Math.ceil(area / largest - 1e-9));
    }
}

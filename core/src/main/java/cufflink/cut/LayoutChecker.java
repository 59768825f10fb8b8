package cufflink.cut;

import cufflink.measure.Length;
import cufflink.paper.GrainRule;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Verifies a layout by carrying out its cuts: starting from the whole sheet, every cut must divide an existing part
 * from edge to edge, and in the end every placement must be exactly one part. Counts must come out.
 */
public final class LayoutChecker {
    private LayoutChecker() {
    }

    /** What is wrong with the plan; empty if nothing is. */
    public static List<String> faults(CutJob job, LayoutPlan plan) {
        List<String> faults = new ArrayList<>();
        Map<String, Integer> count = new HashMap<>();
        Map<String, CutPiece> pieces = new HashMap<>();
        job.pieces().forEach(piece -> pieces.put(piece.id(), piece));
        job.stock().forEach(stock -> {
            long used = plan.sheets().stream().filter(sheet -> sheet.stock().equals(stock)).count();
            if (stock.count().isPresent() && used > stock.count().getAsInt()) {
                faults.add(used + " of " + stock.count().getAsInt() + " sheets " + stock.id());
            }
        });
        for (SheetLayout sheet : plan.sheets()) {
            if (!job.stock().contains(sheet.stock())) {
                faults.add("unknown sheet " + sheet.stock().id());
            }
            carryOut(sheet, faults);
            sheet.placements()
                    .forEach(placement -> lies(job, sheet.stock(), placement, pieces.get(placement.piece()), faults));
            job.blade().ifPresent(blade -> sheet.cuts().stream().filter(cut -> cut.length().isLongerThan(blade))
                    .forEach(cut -> faults.add("cut " + cut.number() + " is longer than the blade")));
            sheet.placements().forEach(placement -> {
                placement.pieces().forEach(piece -> count.merge(piece, 1, Integer::sum));
            });
        }
        plan.unplaced().forEach(id -> count.merge(id, 1, Integer::sum));
        for (CutPiece piece : job.pieces()) {
            if (count.getOrDefault(piece.id(), 0) != piece.quantity()) {
                faults.add(piece.id() + ": " + count.getOrDefault(piece.id(), 0) + " instead of " + piece.quantity());
            }
        }
        return faults;
    }

    /** Paper, size, direction and grain of one piece. */
    private static void lies(CutJob job, StockSheet stock, Placement placement, CutPiece piece, List<String> faults) {
        if (piece == null) {
            faults.add("unknown piece " + placement.piece());
            return;
        }
        Length width = placement.turned() ? piece.height() : piece.width();
        Length height = placement.turned() ? piece.width() : piece.height();
        if (!placement.width().equals(width) || !placement.height().equals(height)) {
            faults.add(piece.id() + " has another size");
        }
        if (!piece.materials().contains(stock.material())) {
            faults.add(piece.id() + " is cut from " + stock.material());
        }
        boolean square = width.equals(height);
        if (placement.turned() && !square && (!piece.mayTurn() || stock.directional())) {
            faults.add(piece.id() + " is turned against its direction");
        }
        if (job.grain() == GrainRule.MUST && GrainCost.isAcross(piece, placement, stock)) {
            faults.add(piece.id() + " lies across the grain");
        }
    }

    private static void carryOut(SheetLayout sheet, List<String> faults) {
        List<SheetLayout.Part> parts = new ArrayList<>();
        parts.add(new SheetLayout.Part(Length.ZERO, Length.ZERO, sheet.stock().width(), sheet.stock().height()));
        for (Cut cut : sheet.cuts()) {
            Length extent = cut.upright() ? cut.width() : cut.height();
            if (!parts.remove(new SheetLayout.Part(cut.x(), cut.y(), cut.width(), cut.height()))
                    || !cut.at().isPositive() || !extent.isLongerThan(cut.at())) {
                faults.add("cut " + cut.number() + " does not divide a part from edge to edge");
                return;
            }
            Length rest = extent.minus(cut.at());
            parts.add(cut.upright() ? new SheetLayout.Part(cut.x(), cut.y(), cut.at(), cut.height())
                    : new SheetLayout.Part(cut.x(), cut.y(), cut.width(), cut.at()));
            parts.add(cut.upright() ? new SheetLayout.Part(cut.x().plus(cut.at()), cut.y(), rest, cut.height())
                    : new SheetLayout.Part(cut.x(), cut.y().plus(cut.at()), cut.width(), rest));
        }
        double slivers = 0;
        for (Placement placement : sheet.placements()) {
            Optional<SheetLayout.Part> taken = parts.stream().filter(part -> part.isFor(placement)).findFirst();
            taken.ifPresentOrElse(parts::remove, () -> faults.add(placement.piece() + " is not one of the parts"));
            slivers += taken
                    .map(part -> part.area() - placement.width().toMillimetres() * placement.height().toMillimetres())
                    .orElse(0.0);
        }
        double accounted = sheet.used() + slivers + parts.stream().mapToDouble(SheetLayout.Part::area).sum();
        if (Math.abs(accounted - sheet.area()) > 1e-6 * sheet.area() || !List.copyOf(parts).equals(sheet.rest())) {
            faults.add("the area of " + sheet.stock().name() + " is not accounted for");
        }
    }
}

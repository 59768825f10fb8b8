package cufflink.cut;

import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Verifies a layout by carrying out its cuts: starting from the whole sheet, every cut must divide an existing part from edge to
 * edge, and in the end every placement must be exactly one part. Counts must come out.
 */
public final class LayoutChecker {
    private record Part(Length x, Length y, Length width, Length height) {
    }

    private LayoutChecker() {
    }

    /** What is wrong with the plan; empty if nothing is. */
    public static List<String> faults(CutJob job, LayoutPlan plan) {
        List<String> faults = new ArrayList<>();
        Map<String, Integer> count = new HashMap<>();
        for (SheetLayout sheet : plan.sheets()) {
            carryOut(sheet, faults);
            sheet.placements().forEach(placement -> {
                count.merge(placement.piece(), 1, Integer::sum);
                placement.other().ifPresent(other -> count.merge(other, 1, Integer::sum));
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

    private static void carryOut(SheetLayout sheet, List<String> faults) {
        List<Part> parts = new ArrayList<>();
        parts.add(new Part(Length.ZERO, Length.ZERO, sheet.stock().width(), sheet.stock().height()));
        for (Cut cut : sheet.cuts()) {
            Part whole = new Part(cut.x(), cut.y(), cut.width(), cut.height());
            Length extent = cut.upright() ? cut.width() : cut.height();
            if (!parts.remove(whole) || !cut.at().isPositive() || !extent.isLongerThan(cut.at())) {
                faults.add("cut " + cut.number() + " does not divide a part from edge to edge");
                return;
            }
            Length rest = extent.minus(cut.at());
            parts.add(cut.upright() ? new Part(cut.x(), cut.y(), cut.at(), cut.height()) : new Part(cut.x(), cut.y(), cut.width(), cut.at()));
            parts.add(cut.upright() ? new Part(cut.x().plus(cut.at()), cut.y(), rest, cut.height())
                    : new Part(cut.x(), cut.y().plus(cut.at()), cut.width(), rest));
        }
        for (Placement placement : sheet.placements()) {
            if (!parts.remove(new Part(placement.x(), placement.y(), placement.width(), placement.height()))) {
                faults.add(placement.piece() + " is not one of the parts");
            }
        }
    }
}

package cufflink.fit;

import cufflink.cut.CutJob;
import cufflink.cut.Half;
import cufflink.cut.LayoutPlan;
import cufflink.design.SizedDesign;
import cufflink.measure.Length;
import java.util.OptionalInt;

/** The sheets of a wish, and whether they give the copies of a design. */
final class SheetRoom {
    private final FitContext context;
    private final Wish.FromSheet wanted;
    private final int copies;
    private final int sheets;

    SheetRoom(FitContext context, Wish.FromSheet wanted) {
        this.context = context;
        this.wanted = wanted;
        this.copies = wanted.use() instanceof SheetUse.Cards cards ? cards.count() : context.copies();
        this.sheets = wanted.use() instanceof SheetUse.Cards ? 1 : wanted.sheets();
    }

    /** What is cut from the sheets. */
    CutJob job(SizedDesign design) {
        return context.job(design, wanted, copies, OptionalInt.of(sheets));
    }

    boolean gives(SizedDesign design) {
        return gives(design, wanted, sheets);
    }

    /** Whether one sheet more would do. */
    boolean givesWithOneMore(SizedDesign design) {
        return !(wanted.use() instanceof SheetUse.Cards) && gives(design, wanted, sheets + 1);
    }

    /** Whether sheets that are a quarter longer each way would do. */
    boolean givesLarger(SizedDesign design) {
        return gives(design, new Wish.FromSheet(wanted.name(), quarterMore(wanted.width()),
                quarterMore(wanted.height()), wanted.sheets(), wanted.use()), sheets);
    }

    private static Length quarterMore(Length length) {
        return Length.ofNanometres(length.nanometres() / 4 * 5);
    }

    /**
     * Many copies from many sheets come out if a sheet's share of them comes out of one; where a card is one piece,
     * only then, since some sheet must give that many.
     */
    private boolean gives(SizedDesign design, Wish.FromSheet from, int count) {
        if (copies > 1 && count > 1) {
            CutJob share = context.job(design, from, (copies + count - 1) / count, OptionalInt.of(1));
            boolean shared = isGiven(share);
            if (shared || share.pieces().size() == 1) {
                return shared;
            }
        }
        return isGiven(context.job(design, from, copies, OptionalInt.of(count)));
    }

    private boolean isGiven(CutJob job) {
        return isRoom(job) && context.layout(job).unplaced().isEmpty();
    }

    /**
     * Whether it is proved that the sheets do not give a design: a piece or all of them are too large, or the cutting
     * plan's bound is above their number.
     */
    boolean isRuledOut(SizedDesign design) {
        if (!isRoom(job(design))) {
            return true;
        }
        LayoutPlan endless = context.layout(context.job(design, wanted, copies, OptionalInt.empty()));
        return !endless.unplaced().isEmpty() || endless.bound() > sheets;
    }

    /**
     * Whether every piece goes on a sheet one way or the other, and all of them together are no larger than the sheets.
     */
    private static boolean isRoom(CutJob job) {
        double room = job.stock().stream()
                .mapToDouble(sheet -> area(sheet.width(), sheet.height()) * sheet.count().orElse(Integer.MAX_VALUE))
                .sum();
        double pieces = job.pieces().stream()
                .mapToDouble(piece -> area(piece.width(), piece.height()) * piece.quantity()
                        * (piece.half() == Half.WHOLE ? 1 : 0.5))
                .sum();
        return pieces <= room * (1 + 1e-9) && job.pieces().stream()
                .allMatch(piece -> job.stock().stream()
                        .anyMatch(sheet -> !Length.longer(piece.width(), piece.height())
                                .isLongerThan(Length.longer(sheet.width(), sheet.height()))
                                && !Length.shorter(piece.width(), piece.height())
                                        .isLongerThan(Length.shorter(sheet.width(), sheet.height()))));
    }

    private static double area(Length width, Length height) {
        return width.toMillimetres() * height.toMillimetres();
    }
}

package cufflink.job;

import cufflink.cut.SheetLayout;
import cufflink.paper.Stock;
import cufflink.stash.StashPaper;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * One sheet of a job with all that is needed to cut it, whatever becomes of the stash meanwhile.
 *
 * @param paper what it is of
 * @param stash the id of the entry that it is taken from; absent for a sheet to be bought
 */
public record JobSheet(SheetLayout layout, Stock paper, OptionalLong stash) {
    static JobSheet of(SheetLayout layout, Supply supply) {
        Optional<StashPaper> from = supply.owned(layout.stock());
        return new JobSheet(layout, supply.paper(layout.stock()),
                from.map(entry -> OptionalLong.of(entry.id())).orElse(OptionalLong.empty()));
    }

    /** An offcut of this sheet, new to the stash. */
    StashPaper offcut(SheetLayout.Part part) {
        return StashPaper.sheets(paper, 0).offcut(part.width(), part.height(), 1);
    }

    /** Whether two sheets are cut in the same way from the same paper. */
    public boolean isAlike(JobSheet other) {
        return layout.stock().equals(other.layout.stock()) && layout.cuts().equals(other.layout.cuts())
                && layout.placements().equals(other.layout.placements());
    }
}

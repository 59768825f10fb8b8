package cufflink.job;

import cufflink.cut.SheetLayout;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A job that is being cut: its sheets, fixed from the first cut on, and which of them are done.
 *
 * @param done  by sheet
 * @param taken by sheet: whether it was taken out of the stash
 */
public record JobCutting(List<JobSheet> sheets, List<Boolean> done, List<Boolean> taken) {
    public JobCutting {
        sheets = List.copyOf(sheets);
        done = List.copyOf(done);
        taken = List.copyOf(taken);
        if (done.size() != sheets.size() || taken.size() != sheets.size()) {
            throw new IllegalArgumentException("done and taken must be as many as sheets: " + sheets.size() + ", " + done.size() + ", " + taken.size());
        }
    }

    /** Nothing cut yet. */
    public static JobCutting begin(List<JobSheet> sheets) {
        return new JobCutting(sheets, Collections.nCopies(sheets.size(), false), Collections.nCopies(sheets.size(), false));
    }

    /** The same with one sheet done, or not done after all. */
    public JobCutting withDone(int sheet, boolean value) {
        List<Boolean> next = new ArrayList<>(done);
        next.set(sheet, value);
        return new JobCutting(sheets, next, taken);
    }

    /** The sheets that are done and still in the stash. */
    public List<JobSheet> toTake() {
        return IntStream.range(0, sheets.size()).filter(sheet -> done.get(sheet) && !taken.get(sheet)).mapToObj(sheets::get).toList();
    }

    /** The same after what is done was taken out of the stash. */
    public JobCutting withTaken() {
        return new JobCutting(sheets, done, IntStream.range(0, sheets.size()).mapToObj(sheet -> taken.get(sheet) || done.get(sheet)).toList());
    }

    public int doneCount() {
        return (int) done.stream().filter(value -> value).count();
    }

    /** The first sheet after a place that is not done, round from the end to the beginning; the place itself if all are. */
    public int nextOpen(int after) {
        for (int step = 1; step <= sheets.size(); step++) {
            int sheet = (after + step) % sheets.size();
            if (!done.get(sheet)) {
                return sheet;
            }
        }
        return after;
    }

    public SheetLayout layout(int sheet) {
        return sheets.get(sheet).layout();
    }
}

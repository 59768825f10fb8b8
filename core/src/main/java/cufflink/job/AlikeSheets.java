package cufflink.job;

import java.util.ArrayList;
import java.util.List;

/**
 * Sheets that follow one another and are cut in the same way.
 *
 * @param first index of the first, from 0
 * @param count at least 1
 * @param sheet what each of them is
 */
public record AlikeSheets(int first, int count, JobSheet sheet) {
    /** All sheets in their order; every one is in exactly one entry. */
    public static List<AlikeSheets> of(List<JobSheet> sheets) {
        List<AlikeSheets> entries = new ArrayList<>();
        for (int i = 0; i < sheets.size(); i++) {
            int last = entries.size() - 1;
            if (last >= 0 && entries.get(last).sheet().isAlike(sheets.get(i))) {
                AlikeSheets before = entries.get(last);
                entries.set(last, new AlikeSheets(before.first(), before.count() + 1, before.sheet()));
            } else {
                entries.add(new AlikeSheets(i, 1, sheets.get(i)));
            }
        }
        return entries;
    }

    /** Whether a sheet, by its index, is one of them. */
    public boolean has(int index) {
        return first <= index && index < first + count;
    }

    /** Their numbers, counted from 1: {@code 3} or {@code 1–24}. */
    public String numbers() {
        return count == 1 ? String.valueOf(first + 1) : (first + 1) + "–" + (first + count);
    }
}

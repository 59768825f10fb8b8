package cufflink.job;

import cufflink.cut.SheetLayout;
import cufflink.stash.StashRibbon;
import cufflink.stash.Taken;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.IntPredicate;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A job that is being cut: its sheets and ribbons, fixed from the first cut on, and which of them are done.
 *
 * @param id      by which the stash knows it; empty for one that is not known there
 * @param done    by sheet
 * @param taken   by sheet: whether it was out of the stash when the stash was last asked
 * @param strands ribbon and string, one for each kind
 */
public record JobCutting(String id, List<JobSheet> sheets, List<Boolean> done, List<Boolean> taken,
        List<JobStrand> strands) {
    public JobCutting {
        sheets = List.copyOf(sheets);
        done = List.copyOf(done);
        taken = List.copyOf(taken);
        strands = List.copyOf(strands);
        if (done.size() != sheets.size() || taken.size() != sheets.size()) {
            throw new IllegalArgumentException("done and taken must be as many as sheets: " + sheets.size() + ", "
                    + done.size() + ", " + taken.size());
        }
    }

    /** Nothing cut yet. */
    public static JobCutting begin(String id, List<JobSheet> sheets, List<StrandNeed> strands) {
        return new JobCutting(id, sheets, Collections.nCopies(sheets.size(), false),
                Collections.nCopies(sheets.size(), false), open(strands));
    }

    private static List<JobStrand> open(List<StrandNeed> strands) {
        return strands.stream().map(need -> new JobStrand(need, false, false)).toList();
    }

    /** The same with one sheet done, or not done after all. */
    public JobCutting withDone(int sheet, boolean value) {
        List<Boolean> next = new ArrayList<>(done);
        next.set(sheet, value);
        return new JobCutting(id, sheets, next, taken, strands);
    }

    /** The same with one kind of ribbon changed. */
    private JobCutting withStrand(String strand, UnaryOperator<JobStrand> change) {
        return new JobCutting(id, sheets, done, taken,
                strands.stream().map(each -> each.id().equals(strand) ? change.apply(each) : each).toList());
    }

    /** The same with one kind of ribbon done, or not done after all. */
    public JobCutting withStrandDone(String strand, boolean value) {
        return withStrand(strand, each -> each.withDone(value));
    }

    /** The same with one kind of ribbon cut from other reels; one that is out of the stash stays as it is. */
    public JobCutting withReels(String strand, List<StashRibbon> reels) {
        return withStrand(strand, each -> each.taken() ? each : each.withNeed(each.need().cutFrom(reels)));
    }

    /** What is done and still in the stash. */
    public Taken toTake() {
        return new Taken(sheets(sheet -> done.get(sheet) && !taken.get(sheet)),
                strands(strand -> strand.done() && !strand.taken()));
    }

    private Set<Integer> sheets(IntPredicate which) {
        return IntStream.range(0, sheets.size()).filter(which).boxed().collect(Collectors.toSet());
    }

    private Set<String> strands(Predicate<JobStrand> which) {
        return strands.stream().filter(which).map(JobStrand::id).collect(Collectors.toSet());
    }

    /** The same with what is out of the stash now. What is out of it was cut. */
    public JobCutting withTaken(Taken out) {
        return new JobCutting(id, sheets,
                IntStream.range(0, sheets.size()).mapToObj(sheet -> done.get(sheet) || out.sheets().contains(sheet))
                        .toList(),
                IntStream.range(0, sheets.size()).mapToObj(out.sheets()::contains).toList(),
                strands.stream().map(strand -> strand.withTaken(out.strands().contains(strand.id()))).toList());
    }

    /** What is out of the stash. */
    public Taken out() {
        return new Taken(sheets(taken::get), strands(JobStrand::taken));
    }

    /** Some of the kinds of ribbon. */
    List<StrandNeed> strands(Taken what) {
        return strands.stream().filter(strand -> what.strands().contains(strand.id())).map(JobStrand::need).toList();
    }

    /** How many of each piece have come out of the sheets that are done, by the piece's id. */
    public Map<String, Integer> made() {
        Map<String, Integer> made = new TreeMap<>();
        IntStream.range(0, sheets.size()).filter(done::get).forEach(sheet -> layout(sheet).placements()
                .forEach(placement -> placement.pieces().forEach(piece -> made.merge(piece, 1, Integer::sum))));
        return made;
    }

    /**
     * The sheets and ribbons that are done with others to cut instead of those that are not. A sheet that is out of the
     * stash keeps its place, by which the stash knows it; empty if there are too few others to fill the places before
     * it.
     *
     * @param needed of all kits; kinds that are cut stay as they are
     */
    public Optional<JobCutting> withRest(List<JobSheet> rest, List<StrandNeed> needed) {
        Deque<JobSheet> still = new ArrayDeque<>();
        IntStream.range(0, sheets.size()).filter(sheet -> done.get(sheet) && !taken.get(sheet))
                .forEach(sheet -> still.add(sheets.get(sheet)));
        int doneBesides = still.size();
        still.addAll(rest);
        List<JobSheet> next = new ArrayList<>();
        List<Boolean> nextDone = new ArrayList<>();
        List<Boolean> nextTaken = new ArrayList<>();
        int used = 0;
        int lastOut = out().sheets().stream().max(Integer::compare).orElse(-1);
        for (int place = 0; place <= lastOut || !still.isEmpty(); place++) {
            boolean out = place < sheets.size() && taken.get(place);
            if (!out && still.isEmpty()) {
                return Optional.empty();
            }
            next.add(out ? sheets.get(place) : still.remove());
            nextDone.add(out || used++ < doneBesides);
            nextTaken.add(out);
        }
        return Optional.of(new JobCutting(id, next, nextDone, nextTaken, strandsWith(needed)));
    }

    private List<JobStrand> strandsWith(List<StrandNeed> needed) {
        List<JobStrand> next = new ArrayList<>(strands.stream().filter(JobStrand::done).toList());
        Set<String> cut = strands(JobStrand::done);
        next.addAll(open(needed.stream().filter(need -> !cut.contains(need.id())).toList()));
        return next;
    }

    /** The same, known to the stash by another id. */
    public JobCutting withId(String value) {
        return new JobCutting(value, sheets, done, taken, strands);
    }

    public int doneCount() {
        return (int) done.stream().filter(value -> value).count();
    }

    /**
     * The first sheet after a place that is not done, round from the end to the beginning; the place itself if all are.
     */
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

package cufflink.job;

import cufflink.cut.SheetLayout;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A job that is being cut: its sheets, fixed from the first cut on, and which of them are done.
 *
 * @param id    by which the stash knows it; empty for one that is not known there
 * @param done  by sheet
 * @param taken by sheet: whether it was out of the stash when the stash was last asked
 */
public record JobCutting(String id, List<JobSheet> sheets, List<Boolean> done, List<Boolean> taken) {
    public JobCutting {
        sheets = List.copyOf(sheets);
        done = List.copyOf(done);
        taken = List.copyOf(taken);
        if (done.size() != sheets.size() || taken.size() != sheets.size()) {
            throw new IllegalArgumentException("done and taken must be as many as sheets: " + sheets.size() + ", "
                    + done.size() + ", " + taken.size());
        }
    }

    /** Nothing cut yet. */
    public static JobCutting begin(String id, List<JobSheet> sheets) {
        return new JobCutting(id, sheets, Collections.nCopies(sheets.size(), false),
                Collections.nCopies(sheets.size(), false));
    }

    /** The same with one sheet done, or not done after all. */
    public JobCutting withDone(int sheet, boolean value) {
        List<Boolean> next = new ArrayList<>(done);
        next.set(sheet, value);
        return new JobCutting(id, sheets, next, taken);
    }

    /** The sheets that are done and still in the stash, from 0. */
    public List<Integer> toTake() {
        return IntStream.range(0, sheets.size()).filter(sheet -> done.get(sheet) && !taken.get(sheet)).boxed().toList();
    }

    /** The same with what is out of the stash now. What is out of it was cut. */
    public JobCutting withTaken(Set<Integer> out) {
        return new JobCutting(id, sheets,
                IntStream.range(0, sheets.size()).mapToObj(sheet -> done.get(sheet) || out.contains(sheet)).toList(),
                IntStream.range(0, sheets.size()).mapToObj(out::contains).toList());
    }

    /** The sheets that are out of the stash, from 0. */
    public Set<Integer> out() {
        return IntStream.range(0, sheets.size()).filter(taken::get).boxed()
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** How many of each piece have come out of the sheets that are done, by the piece's id. */
    public Map<String, Integer> made() {
        Map<String, Integer> made = new TreeMap<>();
        IntStream.range(0, sheets.size()).filter(done::get).forEach(sheet -> layout(sheet).placements()
                .forEach(placement -> placement.pieces().forEach(piece -> made.merge(piece, 1, Integer::sum))));
        return made;
    }

    /**
     * The sheets that are done with others to cut instead of those that are not. A sheet that is out of the stash keeps
     * its place, by which the stash knows it; empty if there are too few others to fill the places before it.
     */
    public Optional<JobCutting> withRest(List<JobSheet> rest) {
        Deque<JobSheet> still = new ArrayDeque<>();
        IntStream.range(0, sheets.size()).filter(sheet -> done.get(sheet) && !taken.get(sheet))
                .forEach(sheet -> still.add(sheets.get(sheet)));
        int doneBesides = still.size();
        still.addAll(rest);
        List<JobSheet> next = new ArrayList<>();
        List<Boolean> nextDone = new ArrayList<>();
        List<Boolean> nextTaken = new ArrayList<>();
        int used = 0;
        int lastOut = out().stream().max(Integer::compare).orElse(-1);
        for (int place = 0; place <= lastOut || !still.isEmpty(); place++) {
            boolean out = place < sheets.size() && taken.get(place);
            if (!out && still.isEmpty()) {
                return Optional.empty();
            }
            next.add(out ? sheets.get(place) : still.remove());
            nextDone.add(out || used++ < doneBesides);
            nextTaken.add(out);
        }
        return Optional.of(new JobCutting(id, next, nextDone, nextTaken));
    }

    /** The same, known to the stash by another id. */
    public JobCutting withId(String value) {
        return new JobCutting(value, sheets, done, taken);
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

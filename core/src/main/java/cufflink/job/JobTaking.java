package cufflink.job;

import cufflink.cut.SheetLayout;
import cufflink.measure.Length;
import cufflink.paper.SheetSize;
import cufflink.stash.Stash;
import cufflink.stash.StashChange;
import cufflink.stash.StashEdit;
import cufflink.stash.StashPaper;
import cufflink.stash.StashReservation;
import cufflink.stash.StashRibbon;
import cufflink.stash.StashTaking;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Takes the sheets and ribbons of a job out of the stash and puts the offcuts worth keeping into it, as one change.
 */
public final class JobTaking {
    private final Stash stash;
    private final Map<Long, StashPaper> before = new LinkedHashMap<>();
    private final Map<Long, Integer> counts = new LinkedHashMap<>();
    private final List<StashPaper> fresh = new ArrayList<>();
    private final List<StashEdit> reels = new ArrayList<>();

    private JobTaking(Stash stash) {
        this.stash = stash;
        stash.papers().forEach(paper -> {
            before.put(paper.id(), paper);
            counts.put(paper.id(), paper.count());
        });
    }

    /**
     * The change for what has been cut. An entry that no longer holds enough goes to 0, never below: somebody cut from
     * it meanwhile. Sheets that were to be bought are not in the stash; their offcuts are put there.
     */
    public static StashChange change(String job, JobCutting cutting, StashTaking what, Stash stash) {
        JobTaking taking = new JobTaking(stash);
        List<JobSheet> cut = what.what().sheets().stream().map(cutting.sheets()::get).toList();
        cut.forEach(taking::take);
        cut.forEach(taking::putBack);
        List<StrandNeed> strands = cutting.strands(what.what());
        stash.ribbons().forEach(reel -> taking.unwind(reel, strands));
        List<StashEdit> edits = taking.edits();
        stash.reservations().stream().filter(one -> one.job().equals(job))
                .forEach(one -> used(one, cut, strands, stash).ifPresent(edits::add));
        return StashChange.of("Cut for " + job + ": " + said(cut.size(), strands), edits).with(what);
    }

    /** What was set aside and is cut now is set aside no more. */
    private static Optional<StashEdit> used(StashReservation one, List<JobSheet> cut, List<StrandNeed> strands,
            Stash stash) {
        StashReservation left = switch (one.ware()) {
            case SHEETS -> one.withCount((int) Math.max(0, one.count() - cut.stream().map(JobSheet::paper)
                    .filter(stock -> stock.name().equals(one.name()) && one.size()
                            .equals(Optional.of(new SheetSize(stock.width(), stock.height()))))
                    .count()));
            case RIBBON -> one.withLength(Length.longer(Length.ZERO, one.length().minus(off(one, strands, stash))));
            case ENVELOPES -> one;
        };
        return left.equals(one) ? Optional.empty()
                : Optional.of(left.count() == 0 && !left.length().isPositive() ? StashEdit.removed(one)
                        : StashEdit.altered(one, left));
    }

    private static Length off(StashReservation one, List<StrandNeed> strands, Stash stash) {
        return stash.ribbons().stream().filter(reel -> reel.name().equals(one.name()))
                .flatMap(reel -> strands.stream().map(need -> need.off(OptionalLong.of(reel.id()))))
                .reduce(Length.ZERO, Length::plus);
    }

    private static String said(int sheets, List<StrandNeed> strands) {
        int lengths = strands.stream().mapToInt(need -> need.cuts().size()).sum();
        return Stream.of(counted(sheets, "sheet"), counted(lengths, "length") + " of ribbon or string")
                .filter(part -> !part.startsWith("0 ")).collect(Collectors.joining(", "));
    }

    private static String counted(int count, String what) {
        return count + " " + what + (count == 1 ? "" : "s");
    }

    private void unwind(StashRibbon reel, List<StrandNeed> strands) {
        Length off = strands.stream().map(need -> need.off(OptionalLong.of(reel.id()))).reduce(Length.ZERO,
                Length::plus);
        if (off.isPositive()) {
            reels.add(StashEdit.altered(reel,
                    reel.withLeft(off.isLongerThan(reel.left()) ? Length.ZERO : reel.left().minus(off))));
        }
    }

    private void take(JobSheet sheet) {
        sheet.stash().ifPresent(entry -> counts.computeIfPresent(entry, (id, count) -> Math.max(0, count - 1)));
    }

    private void putBack(JobSheet sheet) {
        for (SheetLayout.Part part : sheet.layout().offcuts()) {
            StashPaper offcut = sheet.offcut(part);
            Optional<StashPaper> here = stash.papers().stream().filter(offcut::isLike).findFirst();
            Optional<StashPaper> alike = fresh.stream().filter(offcut::isLike).findFirst();
            if (here.isPresent()) {
                counts.merge(here.get().id(), 1, Integer::sum);
            } else if (alike.isPresent()) {
                fresh.set(fresh.indexOf(alike.get()), alike.get().withCount(alike.get().count() + 1));
            } else {
                fresh.add(offcut);
            }
        }
    }

    private List<StashEdit> edits() {
        List<StashEdit> edits = new ArrayList<>();
        before.forEach((id, paper) -> {
            int count = counts.get(id);
            if (count == 0 && paper.offcut() && paper.count() > 0) {
                edits.add(StashEdit.removed(paper));
            } else if (count != paper.count()) {
                edits.add(StashEdit.altered(paper, paper.withCount(count)));
            }
        });
        fresh.forEach(offcut -> edits.add(StashEdit.added(offcut)));
        edits.addAll(reels);
        return edits;
    }
}

package cufflink.stash;

import cufflink.measure.Length;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.SupplyWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Takes edits back after other changes were made. Counts, and lengths on reels, go back by as much as the edits had
 * moved them, whatever came and went since; everything else must be as the edits left it.
 */
public final class StashReversal {
    private final Stash now;
    private final List<Problem> problems = new ArrayList<>();

    private StashReversal(Stash now) {
        this.now = now;
    }

    /** The edits that take {@code made} back from the stash as it is now, or the entries that stand in the way. */
    public static Outcome<List<StashEdit>> of(List<StashEdit> made, Stash now) {
        StashReversal reversal = new StashReversal(now);
        List<StashEdit> edits = made.stream().flatMap(edit -> reversal.reversed(edit).stream()).toList();
        return reversal.problems.isEmpty() ? Outcome.of(edits) : Outcome.failed(reversal.problems);
    }

    private Optional<StashEdit> reversed(StashEdit edit) {
        if (edit.after().isEmpty()) {
            return putBack(edit.before().orElseThrow());
        }
        StashItem left = edit.after().get();
        Optional<StashItem> here = now.items().stream()
                .filter(item -> item.id() == left.id() && item.getClass() == left.getClass()).findFirst();
        if (here.isEmpty()) {
            return refused(left, SupplyWords.GONE);
        } else if (here.get() instanceof StashPaper paper && left instanceof StashPaper was
                && paper.withCount(was.count()).equals(was)) {
            return counted(paper, was, edit.before().map(StashPaper.class::cast));
        } else if (here.get() instanceof StashRibbon reel && left instanceof StashRibbon was
                && edit.before().isPresent() && reel.withLeft(was.left()).equals(was)) {
            return wound(reel, was, (StashRibbon) edit.before().get());
        }
        return here.get().equals(left) ? Optional.of(edit.reversed()) : refused(left, SupplyWords.CHANGED);
    }

    /** What was taken out entirely comes back, with what has been put there since. */
    private Optional<StashEdit> putBack(StashItem gone) {
        return now.items().stream().anyMatch(item -> item.id() == gone.id() && item.getClass() == gone.getClass())
                ? refused(gone, SupplyWords.THERE_AGAIN)
                : Optional.of(StashEdit.added(gone));
    }

    private Optional<StashEdit> counted(StashPaper here, StashPaper left, Optional<StashPaper> before) {
        int count = here.count() - left.count() + before.map(StashPaper::count).orElse(0);
        if (count < 0) {
            return refused(left, SupplyWords.USED);
        } else if (before.isEmpty() && count == 0) {
            return Optional.of(StashEdit.removed(here));
        }
        return Optional.of(StashEdit.altered(here, before.orElse(here).withCount(count)));
    }

    private Optional<StashEdit> wound(StashRibbon here, StashRibbon left, StashRibbon before) {
        Length length = here.left().minus(left.left()).plus(before.left());
        return length.isNegative() ? refused(left, SupplyWords.USED)
                : Optional.of(StashEdit.altered(here, before.withLeft(length)));
    }

    private Optional<StashEdit> refused(StashItem item, SupplyWords why) {
        problems.add(Problem.error("", why.of("item", item.name())));
        return Optional.empty();
    }
}

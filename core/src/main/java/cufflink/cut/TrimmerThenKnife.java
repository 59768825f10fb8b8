package cufflink.cut;

import cufflink.measure.Length;
import java.util.Comparator;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Plans with the trimmer's length. Where that leaves pieces without paper, cuts as long as the longest piece are
 * allowed, and if need be any: those that are too long for the trimmer are made with a knife.
 */
public final class TrimmerThenKnife implements LayoutPlanner {
    private final LayoutPlanner planner;

    public TrimmerThenKnife(LayoutPlanner planner) {
        this.planner = planner;
    }

    @Override
    public LayoutPlan plan(CutJob job) {
        return first(job, planner::plan);
    }

    @Override
    public LayoutPlan improve(CutJob job, BooleanSupplier stop, Consumer<LayoutPlan> better) {
        return first(job, each -> planner.improve(each, stop, better));
    }

    /** The answer with the shortest blade that leaves the fewest pieces without paper. */
    private static LayoutPlan first(CutJob job, Function<CutJob, LayoutPlan> by) {
        LayoutPlan best = by.apply(job);
        if (job.blade().isEmpty()) {
            return best;
        }
        Optional<Length> longest = job.pieces().stream().flatMap(piece -> Stream.of(piece.width(), piece.height()))
                .max(Comparator.naturalOrder());
        for (Optional<Length> blade : Stream
                .of(longest.filter(side -> side.isLongerThan(job.blade().get())), Optional.<Length>empty()).distinct()
                .toList()) {
            if (best.unplaced().isEmpty()) {
                return best;
            }
            LayoutPlan other = by.apply(new CutJob(job.pieces(), job.stock(), job.grain(), blade));
            best = other.unplaced().size() < best.unplaced().size() ? other : best;
        }
        return best;
    }
}

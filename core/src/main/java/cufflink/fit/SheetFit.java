package cufflink.fit;

import cufflink.design.Given;
import cufflink.design.Measure.Role;
import cufflink.design.SizedDesign;
import cufflink.measure.Length;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongFunction;
import java.util.function.Predicate;

/**
 * The largest card out of some sheets. Paper alone is monotone: where a size does not come out, no larger one does, so
 * that what the paper gives is found by halving; among the sizes below, every one is looked at until one keeps all
 * rules and numbers of the design, however few of them do.
 */
final class SheetFit {
    /** No finished size beyond this is looked for. */
    static final Length FARTHEST = Length.ofMillimetres(3_000);
    /** A card this close to the largest area is as good if its shape is nearer to the design's. */
    private static final double AS_GOOD = 0.98;
    /**
     * While no size is known that keeps the rules: widths so many steps apart are tried, and so many heights for each.
     */
    private static final int COARSE = 6;
    private static final int MOST_TRIES = 40;

    /** A finished size in steps of the ruler. */
    record Steps(long across, long down) {
        double area() {
            return (double) across * down;
        }
    }

    private final Sizing sizing;
    private final SheetRoom room;
    private final Wish.FromSheet wanted;
    private final SizedDesign usual;
    private final Map<Steps, Boolean> comesOut = new HashMap<>();
    /** Whether only sizes that break no rule count. */
    private boolean sound = true;

    SheetFit(Sizing sizing, SheetRoom room, Wish.FromSheet wanted, SizedDesign usual) {
        this.sizing = sizing;
        this.room = room;
        this.wanted = wanted;
        this.usual = usual;
    }

    /** The largest size; empty if none comes out. */
    Optional<Steps> largest() {
        Optional<Steps> found = search();
        if (found.isEmpty()) {
            sound = false;
            found = search();
        }
        return found.map(this::climbed);
    }

    /** From a size to the last that comes out a step at a time: what parts are rounded to may leave room above. */
    private Steps climbed(Steps size) {
        Steps at = size;
        Optional<Steps> up = Optional.of(size);
        while (up.isPresent()) {
            at = up.get();
            up = next(at).stream().filter(this::isWithin).filter(this::fits).findFirst();
        }
        return at;
    }

    private boolean isWithin(Steps size) {
        return Math.max(size.across(), size.down()) <= farthest();
    }

    private Optional<Steps> search() {
        return wanted.use() instanceof SheetUse.Shape || sizing.free().size() < 2 ? along(this::inShape, farthest())
                : widest();
    }

    private long farthest() {
        return Length.shorter(FARTHEST, Length.longer(wanted.width(), wanted.height()).times(2)).nanometres()
                / sizing.step().length().nanometres();
    }

    Length length(long steps) {
        return sizing.step().length().times(steps);
    }

    Outcome<SizedDesign> sized(Steps size) {
        return sizing.size(length(size.across()), length(size.down()));
    }

    private long steps(Length length) {
        return sizing.step().nearest(length).nanometres() / sizing.step().length().nanometres();
    }

    /**
     * The size whose leading side is so many steps, in the proportions of the design; a side that is set by hand stays
     * what it is.
     */
    private Steps inShape(long leading) {
        Length w = sizing.width(usual);
        Length h = sizing.height(usual);
        double ratio = acrossLeads() ? h.toMillimetres() / w.toMillimetres() : w.toMillimetres() / h.toMillimetres();
        long other = Math.max(1, steps(Length.nearestToMillimetres(length(leading).toMillimetres() * ratio)));
        return acrossLeads() ? new Steps(leading, other) : new Steps(other, leading);
    }

    /** Whether the width is the side that is sought: the only one that is open, or the longer one. */
    private boolean acrossLeads() {
        return sizing.free().size() < 2 ? sizing.free().get(0).role() == Role.FINISHED_WIDTH
                : sizing.width(usual).isLongerThan(sizing.height(usual));
    }

    /** The largest of a row of sizes that grow. */
    private Optional<Steps> along(LongFunction<Steps> row, long farthest) {
        for (long at = paperGives(row, farthest); at > 0; at--) {
            if (fits(row.apply(at))) {
                return Optional.of(row.apply(at));
            }
        }
        return Optional.empty();
    }

    /** The last of a row of sizes that the paper gives, whatever the rules say; found by halving. */
    private long paperGives(LongFunction<Steps> row, long farthest) {
        long low = 0;
        long high = farthest;
        while (low < high) {
            long middle = (low + high + 1) / 2;
            if (isGiven(row.apply(middle))) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }

    /** Whether the numbers are right and the paper gives it. */
    boolean fits(Steps size) {
        Outcome<SizedDesign> sized = sized(size);
        return (sound ? Sizing.isSound(sized) : Sizing.isExact(sized)) && isGiven(size);
    }

    /**
     * A size that has no numbers at all is too small if it is smaller than the design's own, and too large otherwise.
     */
    private boolean isGiven(Steps size) {
        return comesOut.computeIfAbsent(size, none -> sized(size).value().map(room::gives)
                .orElse(size.across() <= steps(sizing.width(usual)) && size.down() <= steps(sizing.height(usual))));
    }

    /**
     * The largest area over all shapes: widths are parted as long as a wider card of the greater height could be as
     * good as the best.
     */
    private Optional<Steps> widest() {
        long farthest = farthest();
        long last = lastWidth(farthest);
        Map<Long, Long> tops = new HashMap<>();
        List<Steps> found = new ArrayList<>();
        along(this::inShape, farthest).ifPresent(found::add);
        if (found.isEmpty()) {
            part(1, last, farthest, COARSE, tops, found);
        }
        if (!found.isEmpty()) {
            tops.clear();
            part(1, last, farthest, 2, tops, found);
        }
        double best = found.stream().mapToDouble(Steps::area).max().orElse(0);
        double shape = sizing.width(usual).toMillimetres() / sizing.height(usual).toMillimetres();
        return found.stream().filter(
                size -> size.area() >= AS_GOOD * best && found.stream().noneMatch(other -> isLarger(other, size)))
                .min(Comparator
                        .comparingDouble(
                                (Steps size) -> Math.abs(Math.log((double) size.across() / size.down() / shape)))
                        .thenComparing(Steps::across));
    }

    private static boolean isLarger(Steps one, Steps other) {
        return one.across() >= other.across() && one.down() >= other.down() && !one.equals(other);
    }

    /**
     * The greatest width that the paper gives, and that the design does not limit to less even at the greatest height.
     */
    private long lastWidth(long farthest) {
        long low = 0;
        long high = paperGives(across -> new Steps(across, 1), farthest);
        while (low < high) {
            long middle = (low + high + 1) / 2;
            if (isTooWide(new Steps(middle, paperGives(down -> new Steps(middle, down), farthest)))) {
                high = middle - 1;
            } else {
                low = middle;
            }
        }
        return low;
    }

    /** Whether the design limits the width of a size to less. */
    private boolean isTooWide(Steps size) {
        return sized(size).value().filter(design -> length(size.across()).isLongerThan(sizing.width(design)))
                .isPresent();
    }

    /** @param gap widths closer than this are not parted */
    private void part(long low, long high, long farthest, int gap, Map<Long, Long> tops, List<Steps> found) {
        if (low > high) {
            return;
        }
        long lowTop = top(low, farthest, tops, found);
        long highTop = top(high, farthest, tops, found);
        double best = found.stream().mapToDouble(Steps::area).max().orElse(0);
        boolean flat = lowTop == highTop && found.contains(new Steps(high, highTop));
        if (high - low < gap || flat || (double) (high - 1) * lowTop < AS_GOOD * best) {
            return;
        }
        long middle = (low + high) / 2;
        part(middle, high, lowTop, gap, tops, found);
        part(low, middle, farthest, gap, tops, found);
    }

    /**
     * The greatest height that the paper gives for a width; on the way the greatest that also keeps the rules is noted.
     */
    private long top(long across, long farthest, Map<Long, Long> tops, List<Steps> found) {
        Long known = tops.get(across);
        if (known != null) {
            return known;
        }
        long top = paperGives(down -> new Steps(across, down), farthest);
        tops.put(across, top);
        double best = found.stream().mapToDouble(Steps::area).max().orElse(0);
        long lowest = best > 0 ? 1 : Math.max(1, top - MOST_TRIES);
        for (long down = top; down >= lowest && (double) across * down >= AS_GOOD * best; down--) {
            Steps size = new Steps(across, down);
            if (fits(size)) {
                found.add(size);
                break;
            }
        }
        return top;
    }

    /** The sizes next to one: each free side a step longer, or in shape both. */
    List<Steps> next(Steps size) {
        if (wanted.use() instanceof SheetUse.Shape || sizing.free().size() < 2) {
            return List.of(inShape((acrossLeads() ? size.across() : size.down()) + 1));
        }
        return List.of(new Steps(size.across() + 1, size.down()), new Steps(size.across(), size.down() + 1));
    }

    /** Whether it is proved that the paper does not give a size. */
    boolean isRuledOut(Steps size) {
        return sized(size).value().map(room::isRuledOut).orElse(true);
    }

    /** Whether a size that keeps all rules comes out of paper that may be changed. */
    boolean comesOut(Steps size, Predicate<SizedDesign> given) {
        return Sizing.isSound(sized(size)) && given.test(sized(size).value().orElseThrow());
    }

    /** Whether a size comes out with other measures. */
    boolean comesOutWith(Steps size, Given other) {
        Outcome<SizedDesign> sized = sizing.with(other).size(length(size.across()),
                length(size.down()));
        return Sizing.isSound(sized) && room.gives(sized.value().orElseThrow());
    }

    /** Whether anything at all comes out with other measures. */
    boolean isPossibleWith(Given other) {
        Sizing sized = sizing.with(other);
        return sized.usual().value().map(design -> sized.free().isEmpty() ? room.gives(design)
                : new SheetFit(sized, room, wanted, design).search().isPresent()).orElse(false);
    }

    /** The problems of a size that no sheet can help: limits of the design. */
    List<Problem> limits(Steps size) {
        return sized(size).problems();
    }
}

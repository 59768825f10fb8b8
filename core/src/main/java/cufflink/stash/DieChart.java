package cufflink.stash;

import cufflink.die.Die;
import cufflink.die.DieShape;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.paper.SheetSize;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What fits into and round each die and punch of a stash, with a border. */
public final class DieChart {
    /**
     * One of them.
     *
     * @param rectangle the largest plain one inside, worked out from the outline
     * @param circle    the largest inside, across
     * @param around    the plain layer that shows round it
     * @param reveals   what shows of it when one of its set lies on it, the nearest first
     */
    public record Line(StashPunch punch, Optional<SheetSize> rectangle, Optional<Length> circle, SheetSize around,
            List<Reveal> reveals) {
    }

    /** How much shows on each side when the smaller lies on the larger, both in the middle. */
    public record Reveal(String smaller, Length sideways, Length upwards) {
    }

    private final List<StashPunch> punches;
    private final Length border;

    /** {@code border} is left all round. */
    public DieChart(List<StashPunch> punches, Length border) {
        this.punches = List.copyOf(punches);
        this.border = border;
    }

    /** All that are so called, the smallest first. */
    public List<Line> lines(String name) {
        String part = name.strip().toLowerCase(Locale.ROOT);
        return punches.stream().filter(punch -> punch.name().toLowerCase(Locale.ROOT).contains(part))
                .sorted(Comparator.comparing((StashPunch punch) -> punch.cuts().width())
                        .thenComparing(punch -> punch.cuts().height()))
                .map(this::line).toList();
    }

    /** What is known of one. */
    public Line line(StashPunch punch) {
        return new Line(punch, punch.die().largestRectangle(border), punch.die().largestCircle(border),
                punch.die().around(border), reveals(punch));
    }

    private List<Reveal> reveals(StashPunch larger) {
        List<Reveal> reveals = new ArrayList<>();
        punches.stream().filter(other -> !larger.set().isEmpty() && other.set().equalsIgnoreCase(larger.set()))
                .filter(other -> larger.cuts().width().isLongerThan(other.cuts().width())
                        && larger.cuts().height().isLongerThan(other.cuts().height()))
                .sorted(Comparator.comparing((StashPunch other) -> other.cuts().width()).reversed())
                .forEach(other -> reveals.add(new Reveal(other.name(),
                        half(larger.cuts().width().minus(other.cuts().width())),
                        half(larger.cuts().height().minus(other.cuts().height())))));
        return reveals;
    }

    private static Length half(Length length) {
        return Length.ofNanometres(length.nanometres() / 2);
    }

    /** A few plain shapes to begin with: the usual sizes of a unit, nobody's in particular. */
    public static List<StashPunch> startingSet(LengthUnit unit) {
        boolean inch = unit == LengthUnit.INCH;
        List<StashPunch> set = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            Length across = inch ? Length.ofInches(3 + i, 2) : Length.ofMillimetres(38 + 12L * i);
            set.add(StashPunch.of("Circle " + name(inch, across), Die.of(DieShape.CIRCLE, across, across))
                    .inSet("Plain circles"));
        }
        for (int i = 0; i < 4; i++) {
            Length width = inch ? Length.ofInches(11 + i, 4) : Length.ofMillimetres(70 + 6L * i);
            Length height = inch ? Length.ofInches(15 + i, 4) : Length.ofMillimetres(95 + 6L * i);
            set.add(StashPunch.of("Rectangle " + name(inch, width), Die.of(DieShape.RECTANGLE, width, height))
                    .inSet("Plain rectangles"));
        }
        Length hole = inch ? Length.ofInches(1, 4) : Length.ofMillimetres(6);
        Length thumb = inch ? Length.ofInches(1) : Length.ofMillimetres(26);
        Length corner = inch ? Length.ofInches(1, 2) : Length.ofMillimetres(10);
        Length tag = inch ? Length.ofInches(2) : Length.ofMillimetres(50);
        set.add(StashPunch.of("Hole punch " + name(inch, hole), Die.of(DieShape.CIRCLE, hole, hole)));
        set.add(StashPunch.of("Thumb notch " + name(inch, thumb),
                Die.of(DieShape.HALF_CIRCLE, thumb, half(thumb))));
        set.add(StashPunch.of("Corner rounder " + name(inch, half(corner)),
                Die.of(DieShape.CORNER, corner, corner)));
        set.add(StashPunch.of("Tag end " + name(inch, tag), Die.of(DieShape.TAG_END, tag, tag.times(2))));
        return List.copyOf(set);
    }

    private static String name(boolean inch, Length length) {
        return LengthFormat.of(inch ? LengthUnit.INCH : LengthUnit.MILLIMETRE).text(length);
    }
}

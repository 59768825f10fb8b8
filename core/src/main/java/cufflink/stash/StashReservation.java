package cufflink.stash;

import cufflink.measure.Length;
import cufflink.paper.SheetSize;
import java.util.Optional;

/**
 * Something that is set aside for a job.
 *
 * @param name   of the paper, ribbon or envelope
 * @param size   of the sheets
 * @param count  of what is counted; 0 otherwise
 * @param length of what is measured; 0 otherwise
 * @param job    what it is for
 * @param by     the day on which it is wanted, {@code 2026-12-12}; empty if that is open
 */
public record StashReservation(long id, String name, Ware ware, Optional<SheetSize> size, int count, Length length,
        String job, String by) implements StashItem {
    public StashReservation {
        StashItem.requireCount(count, name);
        if (length.isNegative() || !by.matches("|\\d{4}-\\d\\d-\\d\\d") || size.isPresent() != (ware == Ware.SHEETS)) {
            throw new IllegalArgumentException("nothing is set aside so: " + length + ", " + by + ", " + size);
        }
    }

    /** Sheets of a paper. */
    public static StashReservation sheets(String name, SheetSize size, int count, String job, String by) {
        return new StashReservation(0, name, Ware.SHEETS, Optional.of(size), count, Length.ZERO, job, by);
    }

    /** A length of ribbon. */
    public static StashReservation ribbon(String name, Length length, String job, String by) {
        return new StashReservation(0, name, Ware.RIBBON, Optional.empty(), 0, length, job, by);
    }

    /** Envelopes. */
    public static StashReservation envelopes(String name, int count, String job, String by) {
        return new StashReservation(0, name, Ware.ENVELOPES, Optional.empty(), count, Length.ZERO, job, by);
    }

    /** Whether it is of the same thing. */
    boolean isOf(Availability.Thing thing) {
        return ware == thing.ware() && name.equalsIgnoreCase(thing.name()) && size.equals(thing.size());
    }

    /** The same with another count. */
    public StashReservation withCount(int value) {
        return new StashReservation(id, name, ware, size, value, length, job, by);
    }

    /** The same for another job. */
    public StashReservation withJob(String value) {
        return new StashReservation(id, name, ware, size, count, length, value, by);
    }

    /** The same with another length. */
    public StashReservation withLength(Length value) {
        return new StashReservation(id, name, ware, size, count, value, job, by);
    }

    @Override
    public StashReservation withId(long value) {
        return new StashReservation(value, name, ware, size, count, length, job, by);
    }

    @Override
    public <R> R accept(Cases<R> cases) {
        return cases.reservation(this);
    }
}

package cufflink.stash;

import cufflink.measure.Length;
import cufflink.paper.SheetSize;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What is there of each thing, what of it is set aside, from when it is short, and what is to be bought. */
public final class Availability {
    /** Reservations without a day come last. */
    private static final Comparator<StashReservation> IN_TURN = Comparator
            .comparing((StashReservation one) -> one.by().isEmpty()).thenComparing(StashReservation::by)
            .thenComparing(StashReservation::id);

    /**
     * Something of which there is an amount.
     *
     * @param size of sheets
     */
    public record Thing(Ware ware, String name, Optional<SheetSize> size) {
    }

    /**
     * How much: nanometres of what is measured, otherwise a count.
     *
     * @param value negative for what is lacking
     */
    public record Amount(Ware ware, long value) {
        /** As a length. */
        public Length length() {
            return Length.ofNanometres(value);
        }

        Amount minus(Amount other) {
            return new Amount(ware, value - other.value);
        }

        Amount plus(Amount other) {
            return new Amount(ware, value + other.value);
        }
    }

    /**
     * One thing.
     *
     * @param has      in the stash
     * @param reserved in all
     * @param by       in the order of their days
     * @param shortOf  the first reservation that cannot be met in full, if there is one
     * @param limit    how much the maker wants to have at least
     */
    public record Line(Thing thing, Amount has, Amount reserved, List<StashReservation> by,
            Optional<StashReservation> shortOf, Optional<StashLimit> limit) {
        /** What nobody has set aside; negative if more is wanted than there is. */
        public Amount free() {
            return has.minus(reserved);
        }

        /** What is to be bought: for what is set aside, and to have as much as is wanted at least. */
        public Amount toBuy() {
            long least = limit.map(one -> one.ware().isMeasured() ? one.length().nanometres() : one.count()).orElse(0L);
            return new Amount(thing.ware(), Math.max(0, least - free().value()));
        }

        /** Whether there is less than the maker wants to have, when what is set aside is gone. */
        public boolean isLow() {
            return limit.isPresent() && toBuy().value() > 0;
        }
    }

    private final Stash stash;

    private Availability(Stash stash) {
        this.stash = stash;
    }

    /** Every thing that is in the stash, set aside or limited; what is short first. */
    public static List<Line> of(Stash stash) {
        Availability all = new Availability(stash);
        return all.things().stream().map(all::line)
                .sorted(Comparator.comparing((Line line) -> line.shortOf().isEmpty())
                        .thenComparing(line -> !line.isLow())
                        .thenComparing(line -> line.shortOf().map(StashReservation::by).orElse("")))
                .toList();
    }

    private Set<Thing> things() {
        Set<Thing> things = new LinkedHashSet<>();
        stash.papers().forEach(paper -> things
                .add(new Thing(Ware.SHEETS, paper.name(), Optional.of(sheet(paper)))));
        stash.ribbons().forEach(reel -> things.add(new Thing(Ware.RIBBON, reel.name(), Optional.empty())));
        stash.envelopes().forEach(one -> things.add(new Thing(Ware.ENVELOPES, one.name(), Optional.empty())));
        List<Thing> known = List.copyOf(things);
        stash.reservations().stream().filter(one -> known.stream().noneMatch(one::isOf))
                .forEach(one -> things.add(new Thing(one.ware(), one.name(), one.size())));
        return things;
    }

    /** Reservations are of sheets as they are sold. */
    private static SheetSize sheet(StashPaper paper) {
        return new SheetSize(paper.stock().width(), paper.stock().height());
    }

    private Line line(Thing thing) {
        List<StashReservation> by = stash.reservations().stream().filter(one -> one.isOf(thing)).sorted(IN_TURN)
                .toList();
        Amount has = has(thing);
        Amount reserved = new Amount(thing.ware(), 0);
        Optional<StashReservation> lacking = Optional.empty();
        for (StashReservation one : by) {
            reserved = reserved.plus(amount(one));
            if (lacking.isEmpty() && reserved.value() > has.value()) {
                lacking = Optional.of(one);
            }
        }
        return new Line(thing, has, reserved, by, lacking, limit(thing));
    }

    private static Amount amount(StashReservation one) {
        return new Amount(one.ware(), one.ware().isMeasured() ? one.length().nanometres() : one.count());
    }

    /** Of papers, the limit is that of the first size in which whole sheets lie there. */
    private Optional<StashLimit> limit(Thing thing) {
        boolean counts = thing.ware() != Ware.SHEETS || stash.named(thing.name()).stream()
                .filter(paper -> !paper.offcut()).findFirst().map(Availability::sheet).equals(thing.size());
        return stash.limits().stream().filter(
                one -> counts && one.ware() == thing.ware() && one.name().equalsIgnoreCase(thing.name())).findFirst();
    }

    private Amount has(Thing thing) {
        return new Amount(thing.ware(), switch (thing.ware()) {
            case SHEETS -> stash.named(thing.name()).stream()
                    .filter(paper -> Optional.of(sheet(paper)).equals(thing.size())).mapToLong(StashPaper::count).sum();
            case RIBBON -> stash.ribbons().stream().filter(reel -> reel.name().equalsIgnoreCase(thing.name()))
                    .mapToLong(reel -> reel.left().nanometres()).sum();
            case ENVELOPES -> stash.envelopes().stream().filter(one -> one.name().equalsIgnoreCase(thing.name()))
                    .mapToLong(StashEnvelope::count).sum();
        });
    }

    /**
     * Something to buy.
     *
     * @param cost of all of it, where the price of a sheet is known
     */
    public record Purchase(Line line, Amount amount, Optional<BigDecimal> cost) {
    }

    /** What to buy so that everything that is set aside is there, and nothing is below its limit. */
    public static List<Purchase> toBuy(Stash stash) {
        List<Purchase> all = new ArrayList<>();
        for (Line line : of(stash)) {
            Amount amount = line.toBuy();
            if (amount.value() > 0) {
                all.add(new Purchase(line, amount, price(stash, line.thing())
                        .map(each -> each.multiply(BigDecimal.valueOf(amount.value())))));
            }
        }
        return all;
    }

    private static Optional<BigDecimal> price(Stash stash, Thing thing) {
        return thing.ware() != Ware.SHEETS ? Optional.empty()
                : stash.named(thing.name()).stream()
                        .filter(paper -> !paper.offcut() && Optional.of(sheet(paper)).equals(thing.size()))
                        .flatMap(paper -> paper.price().stream()).findFirst();
    }
}

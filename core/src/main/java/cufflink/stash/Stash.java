package cufflink.stash;

import cufflink.paper.BenchTools;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Everything in the stash, in the order in which it came. */
public record Stash(List<StashItem> items) {
    public static final Stash EMPTY = new Stash(List.of());

    public Stash {
        items = List.copyOf(items);
    }

    private <T extends StashItem> List<T> of(Class<T> kind) {
        return items.stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    /** Papers and offcuts. */
    public List<StashPaper> papers() {
        return of(StashPaper.class);
    }

    public List<StashRibbon> ribbons() {
        return of(StashRibbon.class);
    }

    public List<StashEnvelope> envelopes() {
        return of(StashEnvelope.class);
    }

    public List<StashPunch> punches() {
        return of(StashPunch.class);
    }

    /** What is set aside. */
    public List<StashReservation> reservations() {
        return of(StashReservation.class);
    }

    /** What the maker wants to have at least. */
    public List<StashLimit> limits() {
        return of(StashLimit.class);
    }

    /** The maker's tools, if they were ever stated. */
    public Optional<BenchTools> tools() {
        return of(StashTools.class).stream().findFirst().map(StashTools::tools);
    }

    public Optional<StashPaper> paper(long id) {
        return papers().stream().filter(paper -> paper.id() == id).findFirst();
    }

    /** Papers and offcuts of a name, whatever its case. */
    public List<StashPaper> named(String name) {
        String wanted = name.strip().toLowerCase(Locale.ROOT);
        return papers().stream().filter(paper -> paper.name().strip().toLowerCase(Locale.ROOT).equals(wanted)).toList();
    }

    /**
     * Adds paper: to sheets alike that are here, otherwise as a new entry.
     *
     * @param more its count is how many come
     */
    public StashEdit added(StashPaper more) {
        return papers().stream().filter(more::isLike).findFirst()
                .<StashEdit>map(here -> StashEdit.altered(here, here.withCount(here.count() + more.count())))
                .orElseGet(() -> StashEdit.added(more));
    }
}

package cufflink.desktop.view;

import cufflink.stash.Stash;
import cufflink.stash.StashItem;
import cufflink.stash.StashPaper;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/** The kinds of things that the stash shows, one at a time. */
public enum StashKind {
    PAPER("Sheets", "No sheets yet. Add one, or take over a CSV table.", stash -> papers(stash, false)),
    OFFCUT("Offcuts", "No offcuts yet. Type one in the line on the left: a paper, then its size.",
            stash -> papers(stash, true)),
    RIBBON("Ribbons", "No ribbons yet.", stash -> stash.ribbons().stream()),
    ENVELOPE("Envelopes", "No envelopes yet. Measure one; the packet's size is nominal.",
            stash -> stash.envelopes().stream()),
    PUNCH("Punches and dies", "No punches or dies yet. Keep the size of layer that fits inside each.",
            stash -> stash.punches().stream()),
    NEEDS("Set aside and short", "", stash -> Stream.of()), USE_UP("Use up offcuts", "", stash -> Stream.of());

    private final String plural;
    private final String empty;
    private final Function<Stash, Stream<? extends StashItem>> items;

    StashKind(String plural, String empty, Function<Stash, Stream<? extends StashItem>> items) {
        this.plural = plural;
        this.empty = empty;
        this.items = items;
    }

    private static Stream<StashPaper> papers(Stash stash, boolean offcuts) {
        return stash.papers().stream().filter(paper -> paper.offcut() == offcuts);
    }

    /** Whether it shows entries, not something worked out of them. */
    boolean isOfEntries() {
        return this != NEEDS && this != USE_UP;
    }

    String plural() {
        return plural;
    }

    /** What is shown where there are none. */
    String empty() {
        return empty;
    }

    /** The things of this kind. */
    List<StashItem> of(Stash stash) {
        return items.apply(stash).<StashItem>map(item -> item).toList();
    }
}

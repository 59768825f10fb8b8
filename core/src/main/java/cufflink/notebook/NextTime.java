package cufflink.notebook;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** Corrections that are noted in one go, each with a key of its own. */
public final class NextTime {
    private final String design;
    private final Instant at;
    private final List<Correction> corrections = new ArrayList<>();

    /**
     * None yet.
     *
     * @param design the id of the design that they are learned of
     * @param at     when they are noted; no two goes of one design at the same moment
     */
    public NextTime(String design, Instant at) {
        this.design = design;
        this.at = at;
    }

    /** One more, which is offered. */
    public void add(Target target, String text) {
        corrections.add(new Correction(at + "/" + design + "/" + (corrections.size() + 1), design, text.strip(), target,
                Correction.Standing.OFFERED));
    }

    public List<Correction> corrections() {
        return List.copyOf(corrections);
    }
}

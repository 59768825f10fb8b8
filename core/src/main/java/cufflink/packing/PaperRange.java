package cufflink.packing;

/**
 * The paper of some kits, one after the other: within a kit it is everywhere in the place of the project's own.
 *
 * @param own     the paper of the project, as {@link cufflink.plan.PlanPapers#material} has it
 * @param from    the first kit, from 1
 * @param to      the last kit
 * @param uses    the paper that these kits get
 * @param inStash whether the stash has it; otherwise it is to be bought
 */
public record PaperRange(String own, int from, int to, String uses, boolean inStash) {
    public PaperRange {
        if (from < 1 || to < from) {
            throw new IllegalArgumentException("no kits from " + from + " to " + to);
        }
    }

    /** Whether it is the project's own paper. */
    public boolean isOwn() {
        return own.equals(uses);
    }

    boolean has(int kit) {
        return kit >= from && kit <= to;
    }
}

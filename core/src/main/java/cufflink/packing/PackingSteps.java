package cufflink.packing;

import java.util.Optional;

/**
 * A packing as single steps: station by station, an item into one kit after the other, or kit by kit.
 *
 * @param byKit kit by kit
 */
public record PackingSteps(Packing packing, boolean byKit) {
    /**
     * One step.
     *
     * @param kit  from 1
     * @param item what goes into it; absent where everything does
     */
    public record Step(int kit, Optional<PackItem> item) {
    }

    /** How many there are. */
    public int size() {
        return byKit ? packing.wishes().kits() : packing.items().size() * packing.wishes().kits();
    }

    /** A step, from 0. */
    public Step step(int index) {
        int kits = packing.wishes().kits();
        return byKit ? new Step(index + 1, Optional.empty())
                : new Step(index % kits + 1, Optional.of(packing.items().get(index / kits)));
    }

    /** How many of an item are in their kits when so many steps are done. */
    public int packed(PackItem item, int done) {
        int kits = packing.wishes().kits();
        int before = byKit ? done : done - packing.items().indexOf(item) * kits;
        return Math.max(0, Math.min(kits, before));
    }

    /** How many of an item must be left when so many steps are done. */
    public int left(PackItem item, int done) {
        return item.left(packing.wishes().kits(), packed(item, done));
    }
}

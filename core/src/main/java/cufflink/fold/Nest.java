package cufflink.fold;

import cufflink.design.PanelRef;
import cufflink.problem.Ordered;
import java.util.Set;

/**
 * A part that is glued on a panel. Folding might lay some of its panels elsewhere in the closed card, under a host's
 * leaf that closes later; hands that fold the part first keep it together where it is glued.
 *
 * @param host   the panel
 * @param pieces of the part, with those of its own parts
 */
public record Nest(PanelRef host, Set<String> pieces) {
    public Nest {
        pieces = Ordered.set(pieces);
    }

    boolean has(PanelRef panel) {
        return pieces.contains(panel.piece());
    }
}

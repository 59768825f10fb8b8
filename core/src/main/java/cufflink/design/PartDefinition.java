package cufflink.design;

import cufflink.problem.Ordered;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A design used as a part of another: on a panel of it.
 *
 * @param name   stands before the names of its pieces and measures: {@code sleeve}
 * @param label  as shown: {@code Sleeve}
 * @param design what it is; its own parts are worked into it already
 * @param bound  formulas, in the host's measures and its panel's {@code panel.width} and {@code panel.height}, for
 *               measures of the part
 * @param when   whether it is there; always if absent
 */
public record PartDefinition(String name, String label, DesignDefinition design, Seat seat, Map<String, Formula> bound,
        Optional<Formula> when) {
    public PartDefinition {
        bound = Ordered.map(bound);
    }

    /** Whether a measure or a piece of the whole belongs to it, by its name. */
    public boolean has(String name) {
        return name.startsWith(this.name + ".");
    }

    /**
     * Where a part sits.
     *
     * @param on        the panel of the host
     * @param face      of that panel; the one that the part's own joints name if absent
     * @param at        where its top left corner lies from the panel's, and how it is turned; in the middle if absent,
     *                  or where the piece that stands for the panel has it
     * @param mountings what of the part is put on the panel, one of them at a time; none for a design with a piece that
     *                  stands for the panel
     */
    public record Seat(PanelRef on, Optional<Face> face, Optional<DesignDefinition.Placing> at,
            List<Occurs<Mounting>> mountings) {
        public Seat {
            mountings = List.copyOf(mountings);
        }
    }

    /**
     * How a part without a piece that stands for its host's panel is put on it.
     *
     * @param panel  of the part
     * @param turned how the part is turned over, so that the right face of the panel lies down
     * @param inset  where the panel's top left corner lies from that of the part's outline, which is what the hands see
     *               and the file places; in the part's measures; in the same place if absent
     * @param edges  of the panel, those that take glue and those that must not
     * @param said   what the hands are told; absent for what is always told
     */
    public record Mounting(PanelRef panel, DesignDefinition.Turned turned, Optional<DesignDefinition.Spot> inset,
            DesignDefinition.Edges edges, Optional<DesignDefinition.Said> said) {
    }
}

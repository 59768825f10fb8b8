package cufflink.design;

import cufflink.design.DesignDefinition.PanelPlace;
import cufflink.design.DesignDefinition.Said;
import cufflink.design.DesignDefinition.Spot;
import cufflink.problem.Ordered;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Ribbon, string, elastic or thread as a design file describes it: cut to a length, not from a sheet.
 *
 * @param wind how it goes round the closed card, if it does
 */
public record SoftDefinition(Template id, Template label, Strand strand, Ways ways, Optional<Wind> wind, Ends ends,
        Said said) {
    /**
     * From point to point.
     *
     * @param usual  closed, and in every pose that is not named
     * @param inPose by name of a pose in which it lies otherwise
     */
    public record Ways(List<Stay> usual, Map<String, List<Stay>> inPose) {
        public Ways {
            usual = List.copyOf(usual);
            inPose = Ordered.map(inPose);
        }
    }

    /**
     * How it goes round the closed card.
     *
     * @param round comes to one of the words of {@link Soft.Round}
     * @param under panels that lie over it
     */
    public record Wind(Formula round, List<PanelPlace> under) {
        public Wind {
            under = List.copyOf(under);
        }
    }

    /** What it is of: a word, how wide and how thick. */
    public record Strand(String material, Formula width, Formula caliper) {
    }

    /**
     * A point of its way.
     *
     * @param face   the face of the panel on which it lies; the inside if absent
     * @param at     from the top left corner of the panel
     * @param slides whether it only passes there; otherwise it is fixed
     */
    public record Stay(PanelPlace panel, Optional<Face> face, Spot at, boolean slides) {
    }

    /**
     * What it has beside its way.
     *
     * @param tails  beyond either end of the way
     * @param bow    for a bow or knot
     * @param length of the whole; worked out from the way if absent
     * @param tied   whether it is untied before the card opens
     */
    public record Ends(Optional<Formula> tails, Optional<Formula> bow, Optional<Formula> length, boolean tied) {
    }

    /** Small hardware that is put through a panel, with a hole or without. */
    public record Fixing(Template id, Template label, FixingKind kind, Seat seat, Sizes sizes, Said said) {
    }

    /** Where a fixing sits: on a face of a panel, from its top left corner. */
    public record Seat(PanelPlace panel, Optional<Face> face, Spot at) {
    }

    /**
     * How large a fixing is; that of its kind where absent.
     *
     * @param hole   across
     * @param head   across, on both faces
     * @param height above the face
     * @param behind above the other face
     */
    public record Sizes(Optional<Formula> hole, Optional<Formula> head, Optional<Formula> height,
            Optional<Formula> behind) {
    }
}

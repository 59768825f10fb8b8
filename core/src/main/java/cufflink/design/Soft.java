package cufflink.design;

import cufflink.design.SizedDesign.Offset;
import cufflink.design.SizedDesign.Said;
import cufflink.measure.Length;
import cufflink.problem.Ordered;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Ribbon, string, elastic or thread, every number worked out.
 *
 * @param way    from point to point; empty where it goes round the card, or where only a length is said
 * @param inPose by name of a pose in which it lies otherwise: its way there
 * @param wind   how it goes round the closed card, if it does
 */
public record Soft(String id, String label, Strand strand, List<Stay> way, Map<String, List<Stay>> inPose,
        Optional<Wind> wind, Ends ends,
        Said said) {
    /** Round the closed card, across its shorter or its longer side. */
    public enum Round {
        SHORT_WAY("short way"), LONG_WAY("long way");

        private final String word;

        Round(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /**
     * How it goes round the closed card.
     *
     * @param under panels that lie over it
     */
    public record Wind(Round round, List<PanelRef> under) {
        public Wind {
            under = List.copyOf(under);
        }
    }

    public Soft {
        way = List.copyOf(way);
        inPose = Ordered.map(inPose);
    }

    /** Whether it is wide and long at all, and nothing of it less than nothing. */
    boolean isSized() {
        return strand.width().isPositive() && !strand.caliper().isNegative() && !ends.bow().isNegative()
                && !ends.tails().isNegative() && ends.length().map(Length::isPositive).orElse(true);
    }

    /** All points of all its ways. */
    public List<Stay> stays() {
        return Stream.concat(way.stream(), inPose.values().stream().flatMap(List::stream)).toList();
    }

    /** What it is of: a word, how wide and how thick. */
    public record Strand(String material, Length width, Length caliper) {
    }

    /**
     * A point of its way.
     *
     * @param at     from the top left corner of the panel
     * @param slides whether it only passes there; otherwise it is fixed
     */
    public record Stay(PanelRef panel, Face face, Offset at, boolean slides) {
        /** Whether the way stays on one face of one panel up to another point. */
        public boolean isBeside(Stay other) {
            return panel.equals(other.panel) && face == other.face;
        }

        /** Whether it goes to the other face of the same panel. */
        public boolean isThrough(Stay other) {
            return panel.equals(other.panel) && face != other.face;
        }
    }

    /**
     * What it has beside its way.
     *
     * @param tails  beyond either end of the way
     * @param bow    for a bow or knot
     * @param length of the whole, where the design says it
     * @param tied   whether it is untied before the card opens, so that only the closed card must have room in it
     */
    public record Ends(Length tails, Length bow, Optional<Length> length, boolean tied) {
    }
}

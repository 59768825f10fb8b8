package cufflink.stack;

import cufflink.design.Ornament;
import cufflink.design.PanelRef;
import cufflink.measure.Length;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;

/**
 * The ornaments of a card.
 *
 * @param lies     those that lie on a panel, in the order of the design
 * @param lost     those whose panel is not there
 * @param meetings those of which one lies over another in the closed card
 * @param free     the largest place on the front that nothing covers; absent where there is none, or no ornament
 */
public record Adornment(List<OrnamentLie> lies, List<Ornament> lost, List<Meeting> meetings,
        Optional<FreePlace> free) {
    public static final Adornment NONE = new Adornment(List.of(), List.of(), List.of(), Optional.empty());

    public Adornment {
        lies = List.copyOf(lies);
        lost = List.copyOf(lost);
        meetings = List.copyOf(meetings);
    }

    /**
     * Two ornaments over one another.
     *
     * @param thickness of the closed card where they do, at the thickest place
     */
    public record Meeting(Ornament one, Ornament other, Length thickness) {
    }

    /**
     * A rectangle of one panel that can be seen in the closed card and is covered by nothing: the largest that takes a
     * few words, or else the largest of all.
     *
     * @param bounds seen from the front, millimetres
     * @param width  as the card is held
     */
    public record FreePlace(PanelRef panel, Envelope bounds, Length width, Length height) {
        /** So much room a few words take, at least (common practice, no source). */
        static final Length WIDE = Length.ofInches(3, 2);
        static final Length HIGH = Length.ofInches(1, 2);

        /** Whether a few words go there. */
        public boolean takesWords() {
            return !WIDE.isLongerThan(width) && !HIGH.isLongerThan(height);
        }
    }

    /** How an ornament lies; absent for one that is lost. */
    public Optional<OrnamentLie> lie(String id) {
        return lies.stream().filter(lie -> lie.ornament().id().equals(id)).findFirst();
    }
}

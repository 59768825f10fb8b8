package cufflink.stack;

import cufflink.design.PartDefinition;
import cufflink.design.SizedDesign;
import cufflink.measure.Length;
import java.util.List;
import java.util.Optional;

/**
 * How large the things are that a design comes to: the card, and each part that lies in a pocket or goes round
 * something, closed, with what they hold and with what goes round them. Empty where something does not close.
 */
public final class PartSizes {
    /** The name of the card, which is no part. */
    private static final String CARD = "";

    /** How large one thing is that pieces are joined to, closed; of the card without what stands out of it. */
    public interface Sizes {
        Optional<ClosedSize> card();

        Optional<ClosedSize> part(PartDefinition part);
    }

    private final SizedDesign design;
    private final Sizes sizes;
    private final List<PartDefinition> parts;

    public PartSizes(SizedDesign design, Sizes sizes) {
        this.design = design;
        this.sizes = sizes;
        this.parts = design.puts().stream().map(SizedDesign.PutStep::part).toList();
    }

    /** Of a design that has gone through all stages. */
    public static PartSizes of(StackedDesign stacked) {
        return new PartSizes(stacked.design(), new Sizes() {
            @Override
            public Optional<ClosedSize> card() {
                return stacked.adornedSize();
            }

            @Override
            public Optional<ClosedSize> part(PartDefinition part) {
                return stacked.design().main(part).flatMap(piece -> stacked.wholeSize(piece.id()));
            }
        });
    }

    /** The card with everything that goes round it. */
    public Optional<ClosedSize> whole() {
        return outer(CARD, rounds(CARD));
    }

    /** A part that lies in a pocket or goes round something, with what goes round it in turn. */
    public Optional<ClosedSize> folded(PartDefinition part) {
        return outer(part.name(), rounds(part.name()));
    }

    /** What a part goes round: its host with what went round that before. */
    public Optional<ClosedSize> inside(PartDefinition part) {
        String host = part.host();
        List<PartDefinition> rounds = rounds(host);
        return outer(host, rounds.subList(0, rounds.indexOf(part)));
    }

    private List<PartDefinition> rounds(String host) {
        return parts.stream().filter(part -> part.isAround() && part.host().equals(host)).toList();
    }

    private Optional<ClosedSize> outer(String host, List<PartDefinition> rounds) {
        Optional<ClosedSize> size = host.equals(CARD) ? sizes.card()
                : parts.stream().filter(part -> part.name().equals(host)).findFirst().flatMap(sizes::part);
        for (PartDefinition round : rounds) {
            size = size.flatMap(inside -> folded(round).map(own -> around(round, own, inside)));
        }
        return size;
    }

    /**
     * Something with a part round it. A part with a pocket for it is as large as it is with that in its pocket, where
     * it lies with its longer side along the longer one; any other, a band, adds its own thickness in every direction,
     * which is no less than it does.
     */
    private ClosedSize around(PartDefinition round, ClosedSize own, ClosedSize inside) {
        boolean holds = design.pockets().stream()
                .anyMatch(pocket -> round.seat() instanceof PartDefinition.Around seat
                        && pocket.definition().holds().equals(seat.holds()));
        Length more = own.thickness();
        ClosedSize lying = own.isWide() == inside.isWide() ? inside
                : inside.turned();
        return holds ? new ClosedSize(Length.longer(own.width(), lying.width()),
                Length.longer(own.height(), lying.height()), Length.longer(own.thickness(), lying.thickness()),
                Length.longer(own.rim(), lying.rim()))
                : new ClosedSize(inside.width().plus(more), inside.height().plus(more),
                        inside.thickness().plus(more), inside.rim().plus(more));
    }
}

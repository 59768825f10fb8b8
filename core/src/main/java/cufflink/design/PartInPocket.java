package cufflink.design;

import cufflink.design.DesignDefinition.Pocket;
import cufflink.design.Expression.Name;
import cufflink.design.Measure.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A part that lies in a pocket of its host. It takes the place of what the pocket holds otherwise; a second part in the
 * same pocket lies there beside it.
 */
final class PartInPocket extends PartSeat {
    /** The part by itself, folded, with what it holds. */
    private static final String CLOSED = "closed";

    private final DesignDefinition host;
    private final PartDefinition.InPocket seat;
    private final Pocket pocket;

    PartInPocket(DesignDefinition host, PartDefinition part, PartNames names, PartDefinition.InPocket seat) {
        super(part, names);
        this.host = host;
        this.seat = seat;
        this.pocket = host.claims().pockets().stream().map(Occurs::what).filter(this::isMine).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("pocket: the host has none called " + seat.pocket()));
    }

    private boolean isMine(Pocket candidate) {
        return candidate.id().equals(seat.pocket());
    }

    @Override
    Optional<Expression> told(Name name) {
        return switch (name.name()) {
            case "pocket.width" -> Optional.of(pocket.space().width().expression());
            case "pocket.depth" -> Optional.of(pocket.space().depth().expression());
            case "pocket.room" -> Optional.of(pocket.space().room().expression());
            default -> Optional.empty();
        };
    }

    @Override
    Map<String, Formula> bound() {
        return part.design().asPart().inPocket().map(inside -> bound(inside.bound())).orElse(Map.of());
    }

    @Override
    PartDefinition.Seat inWhole() {
        return new PartDefinition.InPocket(seat.pocket(), seat.said().map(names::said));
    }

    @Override
    List<Measure> measures() {
        return List.of(measure(CLOSED, "Closed size", Role.RESULT, found(Facts.folded(part.name()))));
    }

    @Override
    List<Occurs<Pocket>> pockets(List<Occurs<Pocket>> hosts) {
        List<Occurs<Pocket>> pockets = new ArrayList<>();
        hosts.forEach(other -> {
            boolean isEmptied = isMine(other.what()) && !holdsPart(other.what());
            if (!isEmptied) {
                pockets.add(other);
            } else if (part.when().isPresent()) {
                pockets.add(new Occurs<>(other.what(),
                        Formula.both(other.when(), part.when().map(Formula::not)), other.repeat()));
            }
        });
        boolean isTaken = pockets.stream().map(Occurs::what).anyMatch(this::isMine);
        String id = isTaken ? seat.pocket() + "-" + part.name() : seat.pocket();
        hosts.stream().filter(other -> isMine(other.what()))
                .forEach(other -> pockets.add(new Occurs<>(holding(other.what(), id),
                        Formula.both(other.when(), part.when()), other.repeat())));
        return pockets;
    }

    private boolean holdsPart(Pocket other) {
        return host.measure(other.holds()).filter(measure -> measure.role() == Role.RESULT).isPresent();
    }

    /** The same pocket with the part in it: formulas that ask for what it held ask for the part. */
    private Pocket holding(Pocket other, String id) {
        String mine = names.id(CLOSED);
        Rewriting instead = new Rewriting(name -> name.name().startsWith(other.holds() + ".")
                ? Optional.of(new Name(name.position(), mine + name.name().substring(other.holds().length())))
                : Optional.empty());
        DesignDefinition.Space space = other.space();
        return new Pocket(id, other.label(), other.front(), other.back(),
                new DesignDefinition.Space(space.open(), space.width(), space.depth(), space.room(),
                        instead.formula(space.turned()), space.flap(), space.stuck(), space.corner()),
                mine, new DesignDefinition.Reach(instead.formula(other.reach().here()), other.reach().wanted()),
                other.change());
    }
}

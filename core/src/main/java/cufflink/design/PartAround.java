package cufflink.design;

import cufflink.design.Expression.Name;
import java.util.Map;
import java.util.Optional;

/** A part that goes round its closed host: a band, an envelope, a bag. */
final class PartAround extends PartSeat {
    private static final String CLOSED = "closed.";

    private final PartDefinition.Around seat;

    PartAround(PartDefinition part, PartNames names, PartDefinition.Around seat) {
        super(part, names);
        this.seat = seat;
    }

    /** In bindings of the host, the closed card is the one that the part goes round. */
    @Override
    Optional<Expression> told(Name name) {
        return name.name().startsWith(CLOSED)
                ? Optional.of(new Name(name.position(),
                        names.id(seat.holds()) + "." + name.name().substring(CLOSED.length())))
                : Optional.empty();
    }

    @Override
    PartDefinition.Seat inWhole() {
        return new PartDefinition.Around(names.id(seat.holds()), seat.posted(), seat.said().map(names::said));
    }

    @Override
    Map<String, Formula> bound() {
        return Map.of(seat.holds(), formula(new Name(0, Facts.inside(part.name()))));
    }
}

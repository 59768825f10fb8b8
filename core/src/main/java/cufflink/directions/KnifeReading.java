package cufflink.directions;

import java.util.Optional;

/** Reads a clause about slits, holes, notches: kept as said; nothing of it is cut as a piece or scored. */
final class KnifeReading {
    private final ReadingState state;
    private final Clause clause;

    KnifeReading(ReadingState state, Clause clause) {
        this.state = state;
        this.clause = clause;
    }

    void read() {
        state.take(clause.body());
        Attributes said = Attributes.of(state, clause);
        said.on.or(() -> said.name).flatMap(state::named)
                .ifPresent(piece -> state.current = Optional.of(piece));
        UsedCount.claim(state, clause);
    }
}

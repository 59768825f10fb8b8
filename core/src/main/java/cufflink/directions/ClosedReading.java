package cufflink.directions;

import cufflink.directions.Phrase.Kind;

/** Reads what the closed card measures. */
final class ClosedReading {
    private final ReadingState state;
    private final Clause clause;

    ClosedReading(ReadingState state, Clause clause) {
        this.state = state;
        this.clause = clause;
    }

    void read() {
        clause.of(Kind.SIZE).stream().findFirst().ifPresent(size -> state.claims.add(new Claim.Closed(
                state.said(size, 0, clause), state.said(size, size.amounts().size() > 1 ? 1 : 0, clause),
                size.span())));
        state.take(clause.body());
    }
}

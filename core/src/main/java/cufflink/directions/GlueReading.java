package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Reads a clause that says what is glued on what; sizes and counts in it are held against what is cut. */
final class GlueReading {
    private final ReadingState state;
    private final Clause clause;

    GlueReading(ReadingState state, Clause clause) {
        this.state = state;
        this.clause = clause;
    }

    void read() {
        Attributes said = Attributes.of(state, clause);
        Optional<PieceDraft> named = said.name.flatMap(state::named)
                .or(() -> said.on.isPresent() ? state.current : state.spokenOf(clause));
        List<Phrase> sizes = clause.of(Kind.SIZE);
        Optional<PieceDraft> piece = sizes.isEmpty() ? named : sized(sizes.get(0), named);
        piece.filter(one -> one.on.isEmpty()).ifPresent(one -> one.on = said.on.or(this::paper));
        piece.ifPresent(one -> state.current = piece);
        UsedCount.claim(state, clause);
        // how wide a strip of glue is, how far from the edge: nothing that is cut or scored
        state.take(clause.body());
    }

    /** "To the navy": a paper that is called by its colour. */
    private Optional<String> paper() {
        List<Phrase> body = clause.body();
        return IntStream.range(0, body.size()).filter(i -> body.get(i).is(Kind.MATERIAL)
                && Attributes.relation(body, i).filter(word -> word.matches("to|on|onto")).isPresent())
                .mapToObj(i -> body.get(i).detail()).findFirst();
    }

    private Optional<PieceDraft> sized(Phrase size, Optional<PieceDraft> named) {
        Said width = state.said(size, 0, clause);
        Said height = state.said(size, size.amounts().size() > 1 ? 1 : 0, clause);
        Optional<PieceDraft> sized = state.ofSize(width, height);
        if (sized.isEmpty() && named.isPresent()) {
            state.claims.add(new Claim.SizeAgain(state.index(named.get()), width, height, size.span()));
        }
        return sized.or(() -> named);
    }
}

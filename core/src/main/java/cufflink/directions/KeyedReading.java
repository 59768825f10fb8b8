package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import java.util.Optional;

/** Reads lines of one figure each, "Width: 11 in", "Height: 4 in", "Quantity: 2", under the name of a piece. */
final class KeyedReading {
    private final ReadingState state;
    /** The side that waits for the other one; with it whether it is the width. */
    private Optional<Said> waiting = Optional.empty();
    private boolean isWidth;

    KeyedReading(ReadingState state) {
        this.state = state;
    }

    /** Tells whether a clause is such a line; then it is read. */
    boolean read(Clause clause) {
        Optional<Phrase> figure = clause.body().stream().filter(phrase -> phrase.is(Kind.LENGTH)).findFirst();
        if (!clause.startsLine() || clause.label().size() != 1 || figure.isEmpty() || clause.has(Kind.SIZE)) {
            return false;
        }
        String key = clause.label().get(0).detail();
        if (key.matches("width|length|height")) {
            state.take(clause.label());
            side(state.said(figure.get(), 0, clause), !key.equals("height"));
            return true;
        }
        boolean counts = key.matches("quantity|qty|number|pieces|copies") && figure.get().amounts().get(0).plain();
        if (counts && state.current.isPresent()) {
            state.take(figure.get());
            state.current.get().quantity = Math.max(1, figure.get().amounts().get(0).count());
            state.current.get().counted = Optional.of(figure.get().span());
        }
        return counts;
    }

    /** The first of two sides is the width, unless it is told to be the height; "length" and "width" are as told. */
    private void side(Said said, boolean wide) {
        if (waiting.isEmpty()) {
            waiting = Optional.of(said);
            isWidth = wide;
            return;
        }
        Said width = isWidth ? waiting.get() : said;
        Said height = isWidth ? said : waiting.get();
        PieceDraft piece = new PieceDraft(state.heading.orElse("Piece " + (state.pieces.size() + 1)),
                state.heading.isPresent(), width, height, width.span().through(height.span()));
        state.heading = Optional.empty();
        waiting = Optional.empty();
        state.add(piece);
    }
}

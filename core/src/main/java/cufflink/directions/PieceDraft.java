package cufflink.directions;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A piece while its directions are read. */
final class PieceDraft {
    final String name;
    /** The name as people vary it. */
    final PieceName called;
    /** Whether the text gives it the name, or only its place in the list. */
    final boolean named;
    final Span span;
    final List<ReadScore> scores = new ArrayList<>();
    Said width;
    Said height;
    int quantity = 1;
    int diagonals;
    /** Whether its size comes of halving something. */
    boolean halved;
    Optional<Span> counted = Optional.empty();
    Optional<String> material = Optional.empty();
    Optional<ReadSheet> sheet = Optional.empty();
    Optional<String> on = Optional.empty();

    PieceDraft(String name, boolean named, Said width, Said height, Span span) {
        this.name = name;
        this.called = PieceName.of(name);
        this.named = named;
        this.width = width;
        this.height = height;
        this.span = span;
    }

    boolean isOfSize(Said one, Said other) {
        return isSide(width, one) && isSide(height, other) || isSide(width, other) && isSide(height, one);
    }

    private static boolean isSide(Said side, Said said) {
        return side.length().equals(said.length());
    }

    ReadPiece piece() {
        return new ReadPiece(name, quantity, counted, width, height, material, scores, diagonals, sheet, on, span);
    }
}

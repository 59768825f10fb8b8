package cufflink.directions;

import cufflink.design.Side;
import java.util.Arrays;
import java.util.Optional;

/** The edge that words mean. */
final class EdgeWords {
    private EdgeWords() {
    }

    /** The one that is named. */
    static Side named(String detail) {
        return find(detail).orElseThrow(() -> new IllegalArgumentException("no edge: " + detail));
    }

    private static Optional<Side> find(String detail) {
        return Arrays.stream(Side.values()).filter(side -> detail.contains(side.word())).findFirst();
    }

    /** From where "from the left", "from one short end" and "from one end" measure: an end is short. */
    static Side from(PieceDraft piece, Phrase phrase) {
        boolean wider = piece.width.length().isLongerThan(piece.height.length());
        boolean ofLong = phrase.detail().matches(".*\\blong.*");
        return find(phrase.detail()).orElse(wider != ofLong ? Side.LEFT : Side.TOP);
    }
}

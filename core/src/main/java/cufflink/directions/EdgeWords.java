package cufflink.directions;

import cufflink.design.Side;

/** The edge that words mean. */
final class EdgeWords {
    private EdgeWords() {
    }

    /** The one that is named. */
    static Side named(String detail) {
        for (Side side : Side.values()) {
            if (detail.contains(side.word())) {
                return side;
            }
        }
        throw new IllegalArgumentException("no edge: " + detail);
    }

    /** From where "from one short end" and "from the left" measure. */
    static Side from(PieceDraft piece, Phrase phrase) {
        boolean wider = piece.width.length().isLongerThan(piece.height.length());
        String detail = phrase.detail();
        return detail.contains("short") ? wider ? Side.LEFT : Side.TOP
                : detail.contains("long") ? wider ? Side.TOP : Side.LEFT : named(detail);
    }

    /** The one across. */
    static Side opposite(Side edge) {
        return switch (edge) {
            case LEFT -> Side.RIGHT;
            case RIGHT -> Side.LEFT;
            case TOP -> Side.BOTTOM;
            case BOTTOM -> Side.TOP;
        };
    }
}

package cufflink.files.corpus;

import cufflink.design.Side;
import cufflink.measure.Length;
import java.util.List;
import java.util.Optional;

/**
 * One set of directions with what they say.
 *
 * @param design  the design that they are for; empty where no design of the shelf is meant
 * @param hand    how it is written
 * @param planted a fault that was put in
 * @param aside   whether it was kept aside while the reader was built
 */
record CorpusSet(String name, Optional<String> design, String hand, String text, List<Piece> pieces,
        Optional<Planted> planted, boolean aside) {
    /** A piece as the text says it, faults and all. */
    record Piece(String name, int quantity, Length width, Length height, List<At> scores) {
        int numbers() {
            return 2 + scores.size();
        }
    }

    /** A score, from an edge. */
    record At(Side edge, Length length) {
    }

    /**
     * A fault.
     *
     * @param from where it stands in the text, to {@code to}
     */
    record Planted(String kind, int from, int to) {
    }

    /** Whether somebody wrote it, not a rule. */
    boolean isByHand() {
        return !name.contains("/");
    }

    @Override
    public String toString() {
        return name;
    }
}

package cufflink.design;

import cufflink.design.SizedDesign.Along;
import cufflink.design.SizedDesign.Line;
import cufflink.measure.Length;
import java.util.List;
import java.util.Optional;

/**
 * A line along which a piece is folded, or scored for show. With a width it is two lines and the spine between them,
 * one crease all the same: in the closed card the spine has no width.
 *
 * @param second the line on the other side of the spine
 */
public record Score(String id, Line line, Fold fold, Making making, Optional<Line> second) {
    /** How the hands make it. */
    public enum Making {
        /** Scored from end to end and folded there. */
        SCORED,
        /** Not scored, but pinched round what the piece goes round. */
        PINCHED,
        /** Scored and folded; it ends inside the paper, which bends there. No panel ends at it. */
        BENT
    }

    private static final String SECOND = ", second line";

    /** A scored line. */
    public Score(String id, Line line, Fold fold) {
        this(id, line, fold, Making.SCORED, Optional.empty());
    }

    /** The id of the second line of a spine. */
    public static String second(String id) {
        return id + SECOND;
    }

    /** The crease that a line belongs to, by the line's id. */
    public static String crease(String id) {
        return id.endsWith(SECOND) ? id.substring(0, id.length() - SECOND.length()) : id;
    }

    /** The lines that are scored: this one, or the two on either side of the spine. */
    public List<Score> lines() {
        Score first = new Score(id, line, fold, making, Optional.empty());
        return second.map(other -> List.of(first, new Score(second(id), other, fold, making, Optional.empty())))
                .orElseGet(() -> List.of(first));
    }

    public boolean isPinched() {
        return making == Making.PINCHED;
    }

    public boolean isBent() {
        return making == Making.BENT;
    }

    /** Whether panels turn about it. */
    public boolean isHinge() {
        return fold != Fold.DECORATIVE && !isBent();
    }

    /** How wide the spine is; nothing for a single line. */
    public Length width() {
        return second.map(other -> line.along() == Along.X ? other.x1().minus(line.x1())
                : other.y1().minus(line.y1())).orElse(Length.ZERO);
    }
}

package cufflink.crease;

import cufflink.design.Fold;
import org.locationtech.jts.geom.LineSegment;

/**
 * A stretch of a crease that joins two panels.
 *
 * @param crease id of the score line
 * @param fold   seen on the face that lies up; decorative where two panels stay flat
 * @param first  id of the panel on the left of the stretch, where x runs right and y up (so to its right as the piece
 *               lies)
 * @param second id of the panel on the other side
 * @param at     the stretch, in the piece's coordinates
 */
public record Hinge(String crease, Fold fold, String first, String second, LineSegment at) {
    /** Whether it may turn; the two sides of a joint slit never do. */
    public boolean folds() {
        return fold != Fold.DECORATIVE;
    }

    public boolean joins(String panel) {
        return first.equals(panel) || second.equals(panel);
    }

    /** The panel on the other side. */
    public String across(String panel) {
        return first.equals(panel) ? second : first;
    }
}

package cufflink.crease;

import cufflink.design.Fold;
import org.locationtech.jts.geom.LineSegment;

/**
 * A stretch of a crease that joins two panels. They meet at one line; or, across a spine, each ends at a line of its
 * own, and where they turn about each other the two lines are one.
 *
 * @param crease id of the score line
 * @param fold   seen on the face that lies up; decorative where two panels stay flat
 * @param first  id of the panel on the left of the stretch, where x runs right and y up (so to its right as the piece
 *               lies)
 * @param second id of the panel on the other side
 * @param at     the stretch, in the piece's coordinates, as the first panel's side
 * @param beyond the same as the second panel's side
 */
public record Hinge(String crease, Fold fold, String first, String second, LineSegment at, LineSegment beyond) {
    /** How wide the spine between its panels is, millimetres; 0 without one. */
    public double width() {
        return at.p0.distance(beyond.p0);
    }

    /** The same crease, mountain for valley and valley for mountain. */
    public Hinge reversed() {
        return new Hinge(crease, fold.seenFromBehind(), first, second, at, beyond);
    }

    /** Where a panel of it ends. */
    public LineSegment side(String panel) {
        return first.equals(panel) ? at : beyond;
    }

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

package cufflink.fold;

import org.locationtech.jts.geom.Coordinate;

/**
 * An edge of the first of two panels, as the second sees it over a stretch of a way. It keeps what it worked out last,
 * since every edge of the other panel asks for it.
 */
final class MovingEdge {
    final Coordinate from;
    final Coordinate to;
    private Relative start;
    private Relative half;
    private Relative end;
    /** Its ends at the start, in the middle and at the end of the stretch. */
    final Point3[] a = new Point3[3];
    final Point3[] b = new Point3[3];
    /** How far each end gets from its middle, millimetres. */
    double first;
    double second;

    MovingEdge(Coordinate from, Coordinate to) {
        this.from = from;
        this.to = to;
    }

    /** Looks at a stretch; {@code bend} as in {@link Sweep#way}. */
    void look(Relative before, Relative middle, Relative after, double bend) {
        if (start == before && half == middle && end == after) {
            return;
        }
        start = before;
        half = middle;
        end = after;
        RigidMotion[] motions = {before.toSecond(), middle.toSecond(), after.toSecond()};
        for (int i = 0; i < motions.length; i++) {
            a[i] = motions[i].apply(from);
            b[i] = motions[i].apply(to);
        }
        first = Sweep.way(a[0], a[1], a[2], bend);
        second = Sweep.way(b[0], b[1], b[2], bend);
    }

    /** Whether it stays on one side of the second panel's plane. */
    boolean isOffThePlane() {
        return a[1].z() > first && b[1].z() > second || a[1].z() < -first && b[1].z() < -second;
    }
}

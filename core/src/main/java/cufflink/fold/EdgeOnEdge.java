package cufflink.fold;

/** An edge of the first panel and one of the second. */
final class EdgeOnEdge extends Contact {
    /** Edges nearer to parallel than this (the sine of their angle) meet at their ends, if they meet. */
    private static final double PARALLEL = 1e-3;

    private final MovingEdge edge;
    private final Point3 start;
    private final Point3 along;
    private final double length;

    EdgeOnEdge(MovingEdge edge, PanelShape second, int other) {
        this.edge = edge;
        start = new Point3(second.corner(other).x, second.corner(other).y, 0);
        along = new Point3(second.after(other).x, second.after(other).y, 0).minus(start);
        length = along.length();
    }

    @Override
    double undecided(Relative before, Relative half, Relative after, double bend) {
        edge.look(before, half, after, bend);
        return edge.isOffThePlane() ? 0 : undecided(edge.a, edge.b, edge.first, edge.second, bend);
    }

    /**
     * Of a part of the edge, by its ends at three times; halved where one end moves much less than the other, since
     * edges often come nearest where they hardly move.
     */
    private double undecided(Point3[] a, Point3[] b, double first, double second, double bend) {
        double moves = Math.max(first, second);
        if (distance(a[1], b[1]) > moves) {
            return 0;
        } else if (moves < Sweep.SHORT || 2 * Math.min(first, second) > moves || a[1].distance(b[1]) < Sweep.SHORT) {
            return moves;
        }
        Point3[] middle = {a[0].plus(b[0]).times(0.5), a[1].plus(b[1]).times(0.5), a[2].plus(b[2]).times(0.5)};
        double between = Sweep.way(middle[0], middle[1], middle[2], bend);
        return Math.max(undecided(a, middle, first, between, bend), undecided(middle, b, between, second, bend));
    }

    /** Between a stretch in space and the second edge: at their ends, or where their lines are nearest. */
    private double distance(Point3 a, Point3 b) {
        Point3 way = b.minus(a);
        Point3 apart = a.minus(start);
        double aa = way.dot(way);
        double ab = way.dot(along);
        double bb = along.dot(along);
        double ac = way.dot(apart);
        double bc = along.dot(apart);
        double spread = aa * bb - ab * ab;
        if (spread <= PARALLEL * PARALLEL * aa * bb) {
            return endsApart(a, way);
        }
        double t = clamped((ab * bc - bb * ac) / spread);
        double u = clamped((ab * t + bc) / bb);
        t = clamped((ab * u - ac) / aa);
        u = clamped((ab * t + bc) / bb);
        return apart.plus(way.times(t)).minus(along.times(u)).length();
    }

    private double endsApart(Point3 a, Point3 way) {
        Point3 b = a.plus(way);
        Point3 end = start.plus(along);
        return Math.min(Math.min(apart(a, start, along), apart(b, start, along)),
                Math.min(apart(start, a, way), apart(end, a, way)));
    }

    private static double apart(Point3 place, Point3 begin, Point3 way) {
        double share = clamped(place.minus(begin).dot(way) / way.dot(way));
        return begin.plus(way.times(share)).minus(place).length();
    }

    private static double clamped(double share) {
        return Math.max(0, Math.min(1, share));
    }

    @Override
    double height(Relative at) {
        Point3 a = at.toSecond().apply(edge.from);
        Point3 way = at.toSecond().apply(edge.to).minus(a);
        Point3 normal = way.cross(along);
        double wide = way.length();
        double size = normal.length();
        if (size < PARALLEL * wide * length) {
            return Double.NaN;
        }
        Point3 apart = start.minus(a);
        double t = apart.cross(along).dot(normal) / (size * size);
        double u = apart.cross(way).dot(normal) / (size * size);
        boolean inside = t * wide > Sweep.GRAZE && (1 - t) * wide > Sweep.GRAZE && u * length > Sweep.GRAZE
                && (1 - u) * length > Sweep.GRAZE;
        return inside ? -apart.dot(normal) / size : Double.NaN;
    }

    /** The first edge's height is told along the normal of both, which may look up or down. */
    @Override
    int sideWhenFlat(Relative before, int above) {
        Point3 a = before.toSecond().apply(edge.from);
        return before.toSecond().apply(edge.to).minus(a).cross(along).z() > 0 ? above : -above;
    }
}

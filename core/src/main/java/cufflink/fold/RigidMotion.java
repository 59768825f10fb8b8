package cufflink.fold;

import java.util.Arrays;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;

/** A movement that keeps lengths: a turning part, three rows of three, and a shift in millimetres. */
public final class RigidMotion {
    public static final RigidMotion STAY = new RigidMotion(1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0);

    private final double xx;
    private final double xy;
    private final double xz;
    private final double x;
    private final double yx;
    private final double yy;
    private final double yz;
    private final double y;
    private final double zx;
    private final double zy;
    private final double zz;
    private final double z;

    private RigidMotion(double xx, double xy, double xz, double x, double yx, double yy, double yz, double y, double zx,
            double zy, double zz, double z) {
        this.xx = xx;
        this.xy = xy;
        this.xz = xz;
        this.x = x;
        this.yx = yx;
        this.yy = yy;
        this.yz = yz;
        this.y = y;
        this.zx = zx;
        this.zy = zy;
        this.zz = zz;
        this.z = z;
    }

    /** A shift in the plane. */
    public static RigidMotion shift(double x, double y) {
        return new RigidMotion(1, 0, 0, x, 0, 1, 0, y, 0, 0, 1, 0);
    }

    /** A shift out of the plane, towards the viewer. */
    static RigidMotion lift(double z) {
        return new RigidMotion(1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, z);
    }

    /**
     * Turns about a line in the plane z = 0, by Rodrigues' formula; the sense follows the line's direction. Radians.
     */
    public static RigidMotion about(LineSegment line, double radians) {
        double length = Math.sqrt(
                (line.p1.x - line.p0.x) * (line.p1.x - line.p0.x) + (line.p1.y - line.p0.y) * (line.p1.y - line.p0.y));
        double ux = (line.p1.x - line.p0.x) / length;
        double uy = (line.p1.y - line.p0.y) / length;
        double c = Math.cos(radians);
        double s = Math.sin(radians);
        double xx = c + ux * ux * (1 - c);
        double xy = ux * uy * (1 - c);
        double yy = c + uy * uy * (1 - c);
        double px = line.p0.x;
        double py = line.p0.y;
        return new RigidMotion(
                xx, xy, uy * s, px - xx * px - xy * py,
                xy, yy, -ux * s, py - xy * px - yy * py,
                -uy * s, ux * s, c, uy * s * px - ux * s * py);
    }

    /** Turns the plane over about the upright line at x. */
    public static RigidMotion mirrorAt(double x) {
        return about(new LineSegment(x, 0, x, 1), Math.PI);
    }

    /** Turns the plane in itself about a point, from the x axis towards the y axis; degrees. */
    public static RigidMotion spin(Coordinate centre, double degrees) {
        double c = Math.cos(Math.toRadians(degrees));
        double s = Math.sin(Math.toRadians(degrees));
        return new RigidMotion(c, -s, 0, centre.x - c * centre.x + s * centre.y, s, c, 0,
                centre.y - s * centre.x - c * centre.y, 0, 0, 1, 0);
    }

    /** The movement back: the turning part transposed. */
    public RigidMotion inverse() {
        return new RigidMotion(
                xx, yx, zx, -xx * x - yx * y - zx * z,
                xy, yy, zy, -xy * x - yy * y - zy * z,
                xz, yz, zz, -xz * x - yz * y - zz * z);
    }

    /** The largest difference between the numbers of two movements: turning part and, in millimetres, shift. */
    double difference(RigidMotion other) {
        double[] mine = numbers();
        double[] theirs = other.numbers();
        double most = 0;
        for (int i = 0; i < mine.length; i++) {
            most = Math.max(most, Math.abs(mine[i] - theirs[i]));
        }
        return most;
    }

    /** First {@code inner}, then this. */
    public RigidMotion after(RigidMotion inner) {
        return new RigidMotion(
                xx * inner.xx + xy * inner.yx + xz * inner.zx, xx * inner.xy + xy * inner.yy + xz * inner.zy,
                xx * inner.xz + xy * inner.yz + xz * inner.zz,
                xx * inner.x + xy * inner.y + xz * inner.z + x,
                yx * inner.xx + yy * inner.yx + yz * inner.zx, yx * inner.xy + yy * inner.yy + yz * inner.zy,
                yx * inner.xz + yy * inner.yz + yz * inner.zz,
                yx * inner.x + yy * inner.y + yz * inner.z + y,
                zx * inner.xx + zy * inner.yx + zz * inner.zx, zx * inner.xy + zy * inner.yy + zz * inner.zy,
                zx * inner.xz + zy * inner.yz + zz * inner.zz,
                zx * inner.x + zy * inner.y + zz * inner.z + z);
    }

    public Point3 apply(double px, double py, double pz) {
        return new Point3(xx * px + xy * py + xz * pz + x, yx * px + yy * py + yz * pz + y,
                zx * px + zy * py + zz * pz + z);
    }

    /** A direction, turned without the shift. */
    public Point3 turn(Point3 direction) {
        return apply(direction.x(), direction.y(), direction.z()).minus(apply(0, 0, 0));
    }

    public Point3 apply(Coordinate point) {
        return apply(point.x, point.y, 0);
    }

    private double[] numbers() {
        return new double[] {xx, xy, xz, x, yx, yy, yz, y, zx, zy, zz, z};
    }

    /** Exact: the same twelve numbers. */
    @Override
    public boolean equals(Object other) {
        return other instanceof RigidMotion motion && Arrays.equals(numbers(), motion.numbers());
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(numbers());
    }

    /** Where the direction towards the viewer has turned to. */
    public Point3 up() {
        return new Point3(xz, yz, zz);
    }

    /** Where the plane's own origin has moved to. */
    Point3 origin() {
        return new Point3(x, y, z);
    }

    /** Whether the face that lay up now looks away from the viewer. */
    public boolean turnsOver() {
        return zz < 0;
    }
}

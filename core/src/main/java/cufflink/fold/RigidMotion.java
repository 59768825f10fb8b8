package cufflink.fold;

import java.util.Arrays;
import org.ejml.data.DMatrix4x4;
import org.ejml.dense.fixed.CommonOps_DDF4;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;

/** A movement that keeps lengths, as a homogeneous matrix. */
public final class RigidMotion {
    public static final RigidMotion STAY = new RigidMotion(new DMatrix4x4(1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1));

    private final DMatrix4x4 matrix;

    private RigidMotion(DMatrix4x4 matrix) {
        this.matrix = matrix;
    }

    /** A shift in the plane. */
    public static RigidMotion shift(double x, double y) {
        return new RigidMotion(new DMatrix4x4(1, 0, 0, x, 0, 1, 0, y, 0, 0, 1, 0, 0, 0, 0, 1));
    }

    /** Turns about a line in the plane z = 0, by Rodrigues' formula; the sense follows the line's direction. Radians. */
    public static RigidMotion about(LineSegment line, double radians) {
        double length = Math.sqrt((line.p1.x - line.p0.x) * (line.p1.x - line.p0.x) + (line.p1.y - line.p0.y) * (line.p1.y - line.p0.y));
        double ux = (line.p1.x - line.p0.x) / length;
        double uy = (line.p1.y - line.p0.y) / length;
        double c = Math.cos(radians);
        double s = Math.sin(radians);
        double xx = c + ux * ux * (1 - c);
        double xy = ux * uy * (1 - c);
        double yy = c + uy * uy * (1 - c);
        double px = line.p0.x;
        double py = line.p0.y;
        return new RigidMotion(new DMatrix4x4(
                xx, xy, uy * s, px - xx * px - xy * py,
                xy, yy, -ux * s, py - xy * px - yy * py,
                -uy * s, ux * s, c, uy * s * px - ux * s * py,
                0, 0, 0, 1));
    }

    /** Turns the plane over about the upright line at x. */
    public static RigidMotion mirrorAt(double x) {
        return about(new LineSegment(x, 0, x, 1), Math.PI);
    }

    /** Turns the plane in itself about a point, from the x axis towards the y axis; degrees. */
    public static RigidMotion spin(Coordinate centre, double degrees) {
        double c = Math.cos(Math.toRadians(degrees));
        double s = Math.sin(Math.toRadians(degrees));
        return new RigidMotion(new DMatrix4x4(c, -s, 0, centre.x - c * centre.x + s * centre.y, s, c, 0, centre.y - s * centre.x - c * centre.y,
                0, 0, 1, 0, 0, 0, 0, 1));
    }

    /** The movement back: the turning part transposed. */
    public RigidMotion inverse() {
        DMatrix4x4 m = matrix;
        return new RigidMotion(new DMatrix4x4(
                m.a11, m.a21, m.a31, -m.a11 * m.a14 - m.a21 * m.a24 - m.a31 * m.a34,
                m.a12, m.a22, m.a32, -m.a12 * m.a14 - m.a22 * m.a24 - m.a32 * m.a34,
                m.a13, m.a23, m.a33, -m.a13 * m.a14 - m.a23 * m.a24 - m.a33 * m.a34,
                0, 0, 0, 1));
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
        DMatrix4x4 product = new DMatrix4x4();
        CommonOps_DDF4.mult(matrix, inner.matrix, product);
        return new RigidMotion(product);
    }

    public Point3 apply(double x, double y, double z) {
        DMatrix4x4 m = matrix;
        return new Point3(m.a11 * x + m.a12 * y + m.a13 * z + m.a14, m.a21 * x + m.a22 * y + m.a23 * z + m.a24,
                m.a31 * x + m.a32 * y + m.a33 * z + m.a34);
    }

    /** A direction, turned without the shift. */
    public Point3 turn(Point3 direction) {
        return apply(direction.x(), direction.y(), direction.z()).minus(apply(0, 0, 0));
    }

    public Point3 apply(Coordinate point) {
        return apply(point.x, point.y, 0);
    }

    private double[] numbers() {
        DMatrix4x4 m = matrix;
        return new double[] {m.a11, m.a12, m.a13, m.a14, m.a21, m.a22, m.a23, m.a24, m.a31, m.a32, m.a33, m.a34};
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
    Point3 up() {
        return new Point3(matrix.a13, matrix.a23, matrix.a33);
    }

    /** Whether the face that lay up now looks away from the viewer. */
    public boolean turnsOver() {
        return matrix.a33 < 0;
    }
}

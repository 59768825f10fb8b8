package cufflink.fold;

/** A point or a vector in space, millimetres: x right, y down, z towards the viewer. */
public record Point3(double x, double y, double z) {
    public double distance(Point3 other) {
        return minus(other).length();
    }

    /** The sum. */
    public Point3 plus(Point3 other) {
        return new Point3(x + other.x, y + other.y, z + other.z);
    }

    public Point3 minus(Point3 other) {
        return new Point3(x - other.x, y - other.y, z - other.z);
    }

    /** As long by a factor. */
    public Point3 times(double factor) {
        return new Point3(x * factor, y * factor, z * factor);
    }

    double length() {
        return Math.sqrt(x * x + y * y + z * z);
    }

    /** The scalar product. */
    public double dot(Point3 other) {
        return x * other.x + y * other.y + z * other.z;
    }

    /** The vector square to both, by the right hand. */
    public Point3 cross(Point3 other) {
        return new Point3(y * other.z - z * other.y, z * other.x - x * other.z, x * other.y - y * other.x);
    }
}

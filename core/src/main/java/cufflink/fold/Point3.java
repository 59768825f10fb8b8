package cufflink.fold;

/** A point in space, millimetres: x right, y down, z towards the viewer. */
public record Point3(double x, double y, double z) {
    public double distance(Point3 other) {
        return Math.sqrt((x - other.x) * (x - other.x) + (y - other.y) * (y - other.y) + (z - other.z) * (z - other.z));
    }
}

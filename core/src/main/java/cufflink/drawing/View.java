package cufflink.drawing;

/**
 * Where the eye is: the paper is first spun in its plane, then tilted away. Parallel projection.
 *
 * @param tilt degrees: 0 from straight above, 90 along the table
 * @param spin degrees, anticlockwise as seen from above
 */
public record View(double tilt, double spin) {
    public static final View ABOVE = new View(0, 0);
    public static final View TILTED = new View(52, 14);

    /** A point on the screen, with its nearness to the eye. */
    record Seen(double x, double y, double near) {
    }

    Seen see(double x, double y, double z) {
        double s = Math.toRadians(spin);
        double t = Math.toRadians(tilt);
        double sx = x * Math.cos(s) + y * Math.sin(s);
        double sy = -x * Math.sin(s) + y * Math.cos(s);
        return new Seen(sx, sy * Math.cos(t) - z * Math.sin(t), sy * Math.sin(t) + z * Math.cos(t));
    }
}

package cufflink.drawing;

import cufflink.design.DesignDefinition;

/**
 * Where the eye is: the paper is spun in its plane, swung about the upright axis, then tilted away. Parallel
 * projection.
 *
 * @param tilt  degrees: 0 from straight above, 90 along the table
 * @param spin  degrees, anticlockwise as seen from above
 * @param swing degrees about the upright axis of the picture
 */
public record View(double tilt, double spin, double swing) {
    public static final View ABOVE = new View(0, 0, 0);
    public static final View BEHIND = new View(0, 0, 180);
    public static final View TILTED = new View(52, 14, 0);

    /** From where a design wants to be seen standing. */
    public static View of(DesignDefinition.Angle angle) {
        return new View(angle.tilt(), angle.spin(), angle.swing());
    }

    /** A point on the screen, with its nearness to the eye. */
    record Seen(double x, double y, double near) {
    }

    Seen see(double x, double y, double z) {
        double s = Math.toRadians(spin);
        double t = Math.toRadians(tilt);
        double sx = x * Math.cos(s) + y * Math.sin(s);
        double sy = -x * Math.sin(s) + y * Math.cos(s);
        double w = Math.toRadians(swing);
        double wx = sx * Math.cos(w) + z * Math.sin(w);
        double wz = -sx * Math.sin(w) + z * Math.cos(w);
        return new Seen(wx, sy * Math.cos(t) - wz * Math.sin(t), sy * Math.sin(t) + wz * Math.cos(t));
    }
}

package cufflink.crease;

import org.locationtech.jts.geom.LineSegment;

/**
 * How far paper may be off because every length is a whole number of nanometres: both ends of a line lie up to half a
 * nanometre from where they belong, each way, so that its direction is off by the sum of both, √2 nm, over its length;
 * paper that turns about it through half a turn at most lands off by twice that times its distance.
 */
public final class Slack {
    /** Millimetres by which the two ends of a line are off together. */
    private static final double ENDS = Math.sqrt(2) * 1e-6;

    private Slack() {
    }

    /** Radians by which the direction of a line may be off. */
    public static double direction(LineSegment line) {
        return ENDS / line.getLength();
    }

    /** Millimetres by which a point may be off that has turned about a line, no farther from it than {@code reach}. */
    public static double turned(LineSegment line, double reach) {
        return 2 * direction(line) * reach + ENDS;
    }
}

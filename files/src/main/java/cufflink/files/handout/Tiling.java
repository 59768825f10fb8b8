package cufflink.files.handout;

import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;

/** Which tiles of a pattern an outline touches. */
final class Tiling {
    /** Tiles beyond which a pattern is too fine to be told from its ground. */
    private static final int MOST = 4000;

    private Tiling() {
    }

    /**
     * The corners of the tiles, in tiles; none if they are too many.
     *
     * @param outline corners
     * @param tile    from a square of side 1 to the first tile; it has an inverse
     */
    static List<Point2D> touched(List<Point2D> outline, AffineTransform tile) {
        double minX = Double.MAX_VALUE;
        double minY = Double.MAX_VALUE;
        double maxX = -Double.MAX_VALUE;
        double maxY = -Double.MAX_VALUE;
        try {
            for (Point2D corner : outline) {
                Point2D at = tile.inverseTransform(corner, null);
                minX = Math.min(minX, at.getX());
                minY = Math.min(minY, at.getY());
                maxX = Math.max(maxX, at.getX());
                maxY = Math.max(maxY, at.getY());
            }
        } catch (NoninvertibleTransformException flat) {
            throw new IllegalArgumentException("a tile seen edge on", flat);
        }
        List<Point2D> tiles = new ArrayList<>();
        if ((maxX - Math.floor(minX)) * (maxY - Math.floor(minY)) > MOST) {
            return tiles;
        }
        for (double y = Math.floor(minY); y < maxY; y++) {
            for (double x = Math.floor(minX); x < maxX; x++) {
                tiles.add(new Point2D.Double(x, y));
            }
        }
        return tiles;
    }
}

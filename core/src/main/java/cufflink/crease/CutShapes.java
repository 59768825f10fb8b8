package cufflink.crease;

import cufflink.design.SizedDesign.CutOut;
import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/** The outlines of openings and gaps. Arcs become chords that stray by less than 1/50 mm on an arc of 50 mm radius. */
final class CutShapes {
    private static final int CHORDS = 96;

    private CutShapes() {
    }

    /** Whether sides and radius are more than 0; a polygon shows its size itself. */
    static boolean hasSize(CutOut cutOut) {
        return switch (cutOut.shape()) {
            case CIRCLE -> cutOut.numbers().get(2).isPositive();
            case ROUNDED -> cutOut.numbers().get(2).isPositive() && cutOut.numbers().get(3).isPositive()
                    && !cutOut.numbers().get(4).isNegative();
            case POLYGON -> true;
        };
    }

    static Polygon polygon(CutOut cutOut, GeometryFactory factory) {
        double[] n = cutOut.numbers().stream().mapToDouble(number -> number.toMillimetres()).toArray();
        List<Coordinate> corners = new ArrayList<>();
        switch (cutOut.shape()) {
            case CIRCLE -> arc(corners, n[0], n[1], n[2], 0, CHORDS);
            case ROUNDED -> {
                double r = cutOut.radius().orElseThrow().toMillimetres();
                arc(corners, n[0] + n[2] - r, n[1] + n[3] - r, r, 0, CHORDS / 4);
                arc(corners, n[0] + r, n[1] + n[3] - r, r, CHORDS / 4, CHORDS / 4);
                arc(corners, n[0] + r, n[1] + r, r, CHORDS / 2, CHORDS / 4);
                arc(corners, n[0] + n[2] - r, n[1] + r, r, 3 * CHORDS / 4, CHORDS / 4);
            }
            case POLYGON -> {
                for (int i = 0; i + 1 < n.length; i += 2) {
                    corners.add(new Coordinate(n[i], n[i + 1]));
                }
            }
        }
        corners.add(corners.get(0).copy());
        return factory.createPolygon(corners.toArray(Coordinate[]::new));
    }

    private static void arc(List<Coordinate> corners, double cx, double cy, double radius, int start, int chords) {
        for (int i = 0; i <= chords; i++) {
            double angle = 2 * Math.PI * (start + i) / CHORDS;
            Coordinate corner = new Coordinate(onGrid(cx + radius * Math.cos(angle)),
                    onGrid(cy + radius * Math.sin(angle)));
            if (corners.isEmpty() || corners.get(corners.size() - 1).distance(corner) > 1e-9) {
                corners.add(corner);
            }
        }
        if (chords == CHORDS) {
            corners.remove(corners.size() - 1);
        }
    }

    /** To the nanometre, so that an arc meets a line through its centre exactly. */
    private static double onGrid(double millimetres) {
        return Length.nearestToMillimetres(millimetres).toMillimetres();
    }

    /** The strip of a slit with a width, centred on its line. */
    static Polygon gap(LineSegment line, double width, GeometryFactory factory) {
        Coordinate[] corners = {line.pointAlongOffset(0, width / 2), line.pointAlongOffset(1, width / 2),
            line.pointAlongOffset(1, -width / 2),
            line.pointAlongOffset(0, -width / 2), line.pointAlongOffset(0, width / 2)};
        return factory.createPolygon(corners);
    }
}

package cufflink.mat;

import cufflink.mat.LayerForm.Kind;
import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import org.locationtech.jts.algorithm.Angle;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateArrays;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/** Finds out what an outline is to the hands: a rectangle, a right triangle, or something else. */
final class FormFinder {
    /** Millimetres within which corners lie on a line. */
    private static final double CLOSE = 1e-4;
    /** Radians within which an angle is right. */
    private static final double RIGHT = 1e-6;
    /** A rectangle that takes this much of an outline stands for it: nobody cuts a step of half a millimetre. */
    private static final double NEARLY = 0.97;
    /** More corners than this are a curve; no rectangle is looked for in it. */
    private static final int MOST_CORNERS = 14;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private FormFinder() {
    }

    /**
     * The form of a panel; openings and notches are left out of account where all but them is a rectangle or a right
     * triangle.
     */
    static LayerForm of(Polygon panel) {
        Polygon whole = FACTORY.createPolygon(panel.getExteriorRing().getCoordinates());
        return known(whole.convexHull()).or(() -> nearly(whole)).orElseGet(() -> outline(whole));
    }

    /** A shape by its outline, cut from the upright rectangle round it. */
    static LayerForm outline(Polygon whole) {
        Envelope box = whole.getEnvelopeInternal();
        Geometry flat = AffineTransformation.translationInstance(-box.getMinX(), -box.getMinY()).transform(whole);
        return new LayerForm(Kind.OUTLINE, Length.nearestToMillimetres(box.getWidth()),
                Length.nearestToMillimetres(box.getHeight()), Optional.of((Polygon) flat),
                new Coordinate(box.getMinX(), box.getMinY()), 0, false);
    }

    private static Optional<LayerForm> known(Geometry hull) {
        if (!(hull instanceof Polygon polygon)) {
            return Optional.empty();
        }
        List<Coordinate> corners = corners(polygon);
        List<Integer> right = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            double angle = Angle.angleBetween(at(corners, i - 1), corners.get(i), at(corners, i + 1));
            if (Math.abs(angle - Math.PI / 2) < RIGHT) {
                right.add(i);
            }
        }
        if (corners.size() == 4 && right.size() == 4) {
            return Optional.of(rectangle(corners));
        }
        return corners.size() == 3 && right.size() == 1 ? Optional.of(triangle(corners, right.get(0)))
                : Optional.empty();
    }

    private static Coordinate at(List<Coordinate> corners, int index) {
        return corners.get(Math.floorMod(index, corners.size()));
    }

    /** From the corner whose next side lies most nearly level and to the right. */
    private static LayerForm rectangle(List<Coordinate> corners) {
        int first = 0;
        for (int i = 1; i < 4; i++) {
            if (Math.abs(turn(corners, i)) < Math.abs(turn(corners, first)) - RIGHT) {
                first = i;
            }
        }
        Coordinate corner = at(corners, first);
        return form(Kind.RECTANGLE, corner, at(corners, first + 1), at(corners, first - 1), false);
    }

    private static double turn(List<Coordinate> corners, int index) {
        return Angle.angle(at(corners, index), at(corners, index + 1));
    }

    private static LayerForm triangle(List<Coordinate> corners, int right) {
        Coordinate corner = corners.get(right);
        Coordinate next = at(corners, right + 1);
        Coordinate last = at(corners, right - 1);
        boolean levelNext = Math.abs(Math.cos(Angle.angle(corner, next)))
                >= Math.abs(Math.cos(Angle.angle(corner, last))) - RIGHT;
        Coordinate width = levelNext ? next : last;
        Coordinate height = levelNext ? last : next;
        return form(Kind.TRIANGLE, corner, width, height, !levelNext);
    }

    private static LayerForm form(Kind kind, Coordinate corner, Coordinate width, Coordinate height, boolean flipped) {
        double turn = Angle.angle(corner, width);
        return new LayerForm(kind, Length.nearestToMillimetres(corner.distance(width)),
                Length.nearestToMillimetres(corner.distance(height)), Optional.empty(), corner,
                Math.abs(turn) < RIGHT ? 0 : turn, flipped);
    }

    /** The corners in the sense from x to y, without those that lie on a line between their neighbours. */
    private static List<Coordinate> corners(Polygon polygon) {
        Coordinate[] ring = ((Polygon) TopologyPreservingSimplifier.simplify(polygon, CLOSE)).getExteriorRing()
                .getCoordinates();
        if (!Orientation.isCCW(ring)) {
            CoordinateArrays.reverse(ring);
        }
        List<Coordinate> corners = new ArrayList<>(List.of(ring).subList(0, ring.length - 1));
        corners.removeIf(corner -> {
            int i = corners.indexOf(corner);
            return Math.abs(Angle.angleBetween(at(corners, i - 1), corner, at(corners, i + 1)) - Math.PI) < RIGHT;
        });
        return corners;
    }

    /** The largest upright rectangle inside, if it takes nearly all. */
    private static Optional<LayerForm> nearly(Polygon whole) {
        List<Coordinate> corners = corners(whole);
        if (corners.size() > MOST_CORNERS) {
            return Optional.empty();
        }
        TreeSet<Double> xs = new TreeSet<>(corners.stream().map(corner -> corner.x).toList());
        TreeSet<Double> ys = new TreeSet<>(corners.stream().map(corner -> corner.y).toList());
        Geometry room = whole.buffer(CLOSE);
        Optional<Envelope> best = Optional.empty();
        double most = NEARLY * whole.getArea();
        for (double left : xs) {
            for (double right : xs.tailSet(left, false)) {
                for (double top : ys) {
                    for (double bottom : ys.tailSet(top, false)) {
                        if ((right - left) * (bottom - top) > most
                                && room.covers(FACTORY.toGeometry(new Envelope(left, right, top, bottom)))) {
                            most = (right - left) * (bottom - top);
                            best = Optional.of(new Envelope(left, right, top, bottom));
                        }
                    }
                }
            }
        }
        return best.map(box -> new LayerForm(Kind.RECTANGLE, Length.nearestToMillimetres(box.getWidth()),
                Length.nearestToMillimetres(box.getHeight()), Optional.empty(),
                new Coordinate(box.getMinX(), box.getMinY()), 0, false));
    }
}

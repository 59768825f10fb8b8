package cufflink.die;

import cufflink.measure.Length;
import cufflink.paper.SheetSize;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;

/**
 * What fits inside an outline. A smaller rectangle about the same middle lies in the larger one, so that for a middle
 * and a proportion the largest is found by halving; proportions and middles are tried in finer and finer steps. What is
 * answered is laid into the outline once more and lies in it.
 */
final class Inscribed {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** Millimetres by which a rectangle is smaller than what was found, so that it surely lies inside. */
    private static final double SAFE = 0.01;
    private static final double CIRCLE_TOLERANCE = 0.005;
    private static final int HALVINGS = 22;
    private static final int PROPORTIONS = 24;
    private static final int REFININGS = 9;
    private static final int GRID = 7;

    private final PreparedGeometry room;
    private final Envelope bounds;
    private final List<Coordinate> middles;
    private final Even even;

    /** About which of its middles an outline is the same on both sides: what fits best lies on them. */
    enum Even {
        BOTH, UPRIGHT, NONE
    }

    private Inscribed(Polygon room, Even even) {
        this.room = PreparedGeometryFactory.prepare(room);
        this.bounds = room.getEnvelopeInternal();
        this.even = even;
        this.middles = middles();
    }

    private List<Coordinate> middles() {
        List<Coordinate> all = new ArrayList<>(List.of(bounds.centre()));
        for (int i = 1; even != Even.BOTH && i < GRID; i++) {
            double y = bounds.getMinY() + bounds.getHeight() * i / GRID;
            if (even == Even.UPRIGHT) {
                all.add(new Coordinate(bounds.centre().x, y));
            }
            for (int j = 1; even == Even.NONE && j < GRID; j++) {
                all.add(new Coordinate(bounds.getMinX() + bounds.getWidth() * j / GRID, y));
            }
        }
        return all;
    }

    /** What is left of an outline within a border, its largest part; none if nothing is. */
    static Optional<Polygon> within(Polygon outline, double border) {
        Geometry left = border == 0 ? outline : outline.buffer(-border, 16);
        Polygon largest = null;
        for (int i = 0; i < left.getNumGeometries(); i++) {
            if (left.getGeometryN(i) instanceof Polygon part
                    && (largest == null || part.getArea() > largest.getArea())) {
                largest = part;
            }
        }
        return Optional.ofNullable(largest).filter(part -> !part.isEmpty());
    }

    /** How far across the largest circle is. */
    static Optional<Length> circle(Polygon room) {
        double radius = new MaximumInscribedCircle(room, CIRCLE_TOLERANCE).getRadiusLine().getLength();
        return Optional.of(Length.nearestToMillimetres(2 * radius - SAFE)).filter(Length::isPositive);
    }

    /** The largest rectangle. */
    static Optional<SheetSize> rectangle(Polygon room, Even even) {
        return new Inscribed(room, even).largest();
    }

    /** Whether a rectangle lies somewhere inside. */
    static boolean holds(Polygon room, Even even, SheetSize rectangle) {
        Inscribed inscribed = new Inscribed(room, even);
        double width = rectangle.width().toMillimetres();
        double height = rectangle.height().toMillimetres();
        Best best = inscribed.best(Math.atan2(height, width));
        return best.half() * Math.cos(best.angle()) * 2 >= width - SAFE;
    }

    /**
     * A rectangle that lies inside.
     *
     * @param half  of its diagonal
     * @param angle of its diagonal against its width
     */
    private record Best(Coordinate middle, double angle, double half) {
        double area() {
            return 2 * half * half * Math.sin(2 * angle);
        }
    }

    private Optional<SheetSize> largest() {
        Best best = new Best(bounds.centre(), Math.PI / 4, 0);
        double step = Math.PI / 2 / PROPORTIONS;
        for (int i = 1; i < PROPORTIONS; i++) {
            Best tried = best(step * i);
            best = tried.area() > best.area() ? tried : best;
        }
        for (int i = 0; i < REFININGS; i++) {
            step /= 2;
            for (double angle : new double[] {best.angle() - step, best.angle() + step}) {
                if (angle > 0 && angle < Math.PI / 2) {
                    Best tried = moved(new Best(best.middle(), angle, half(best.middle(), angle)), step(i));
                    best = tried.area() > best.area() ? tried : best;
                }
            }
        }
        double width = 2 * best.half() * Math.cos(best.angle()) - SAFE;
        double height = 2 * best.half() * Math.sin(best.angle()) - SAFE;
        return width > SAFE && height > SAFE
                ? Optional.of(new SheetSize(Length.nearestToMillimetres(width), Length.nearestToMillimetres(height)))
                : Optional.empty();
    }

    private double step(int refining) {
        return Math.max(bounds.getWidth(), bounds.getHeight()) / GRID / (1 << refining + 1);
    }

    /** The largest of a proportion: about the middle, then about every place of a grid, then moved in finer steps. */
    private Best best(double angle) {
        Best best = new Best(bounds.centre(), angle, half(bounds.centre(), angle));
        for (Coordinate at : middles) {
            best = better(best, at);
        }
        for (int i = 0; i < REFININGS; i++) {
            best = moved(best, step(i));
        }
        return best;
    }

    private Best moved(Best from, double step) {
        Best best = from;
        double across = even == Even.NONE ? step : 0;
        for (double[] by : even == Even.BOTH ? new double[0][]
                : new double[][] {{0, step}, {0, -step}, {across, 0}, {-across, 0}}) {
            best = better(best, new Coordinate(from.middle().x + by[0], from.middle().y + by[1]));
        }
        return best;
    }

    /** The larger of the best and that about another middle, which is only looked at if it is larger. */
    private Best better(Best best, Coordinate middle) {
        if (!fits(middle, best.angle(), best.half() + SAFE / 2)) {
            return best;
        }
        return new Best(middle, best.angle(), half(middle, best.angle()));
    }

    private double half(Coordinate middle, double angle) {
        double low = 0;
        double high = Math.hypot(bounds.getWidth(), bounds.getHeight());
        for (int i = 0; i < HALVINGS; i++) {
            double between = (low + high) / 2;
            if (fits(middle, angle, between)) {
                low = between;
            } else {
                high = between;
            }
        }
        return low;
    }

    private boolean fits(Coordinate middle, double angle, double half) {
        double x = half * Math.cos(angle);
        double y = half * Math.sin(angle);
        return half > 0 && room.covers(GEOMETRY.toGeometry(
                new Envelope(middle.x - x, middle.x + x, middle.y - y, middle.y + y)));
    }
}

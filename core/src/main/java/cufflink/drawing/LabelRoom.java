package cufflink.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Envelope;

/** What labels and marks of a picture lie on, so that another mark finds a place beside them. */
final class LabelRoom {
    /** The share of a text's size that a letter is wide, a generous mean. */
    private static final double WIDE = 0.6;
    /** The share of a text's size that it takes up and down. */
    private static final double HIGH = 0.8;

    private final List<Envelope> taken = new ArrayList<>();
    private final double point;

    /** What the labels and marks among some shapes take; {@code point} is millimetres a point. */
    LabelRoom(List<? extends Shape> shapes, double point) {
        this.point = point;
        shapes.forEach(shape -> {
            if (shape instanceof Shape.Label label) {
                taken.add(box(label));
            } else if (shape instanceof Shape.Mark mark) {
                taken.add(ring(mark.at(), mark.radius()));
            }
        });
    }

    private Envelope box(Shape.Label label) {
        double width = label.text().length() * WIDE * label.size() * point;
        double height = HIGH * label.size() * point;
        double start = switch (label.anchor()) {
            case START -> 0;
            case MIDDLE -> -width / 2;
            case END -> -width;
        };
        Shape.Spot at = label.at();
        return label.upright() ? new Envelope(at.x() - height / 2, at.x() + height / 2, at.y() - start - width,
                at.y() - start)
                : new Envelope(at.x() + start, at.x() + start + width, at.y() - height / 2, at.y() + height / 2);
    }

    private Envelope ring(Shape.Spot at, double radius) {
        double r = radius * point;
        return new Envelope(at.x() - r, at.x() + r, at.y() - r, at.y() + r);
    }

    /** The first place where a ring lies on nothing; {@code radius} in points. */
    Optional<Shape.Spot> free(List<Shape.Spot> places, double radius) {
        return places.stream().filter(at -> isFree(ring(at, radius))).findFirst();
    }

    /** Whether a text lies on nothing. */
    boolean isFree(Shape.Label label) {
        return isFree(box(label));
    }

    private boolean isFree(Envelope box) {
        return taken.stream().noneMatch(box::intersects);
    }

    /** Of some labels those that lie on nothing, nor on one another: the first of two that do stays. */
    static List<Shape.Label> apart(List<Shape.Label> labels, Predicate<Shape.Label> free, double point) {
        LabelRoom room = new LabelRoom(List.of(), point);
        List<Shape.Label> kept = new ArrayList<>();
        for (Shape.Label label : labels) {
            if (free.test(label) && room.isFree(label)) {
                room.taken.add(room.box(label));
                kept.add(label);
            }
        }
        return kept;
    }

    /** From now on a ring lies there. */
    void take(Shape.Spot at, double radius) {
        taken.add(ring(at, radius));
    }

    /** Places beyond the ends of a line, so many points away. */
    List<Shape.Spot> beyond(Shape.Spot from, Shape.Spot to, double away) {
        double length = Math.hypot(to.x() - from.x(), to.y() - from.y());
        double x = length == 0 ? 0 : (to.x() - from.x()) / length * away * point;
        double y = length == 0 ? 0 : (to.y() - from.y()) / length * away * point;
        return List.of(from.plus(-x, -y), to.plus(x, y));
    }

    /**
     * Places on a line, one beside the other.
     *
     * @param from  where the line begins
     * @param first points from there to the first place
     * @param apart points between places
     */
    List<Shape.Spot> along(Shape.Spot from, Shape.Spot to, double first, double apart) {
        double length = Math.hypot(to.x() - from.x(), to.y() - from.y()) / point;
        int count = (int) Math.max(1, Math.floor((length - 2 * first) / apart) + 1);
        return IntStream.range(0, count).mapToObj(i -> {
            double share = length == 0 ? 0 : Math.min(1, (first + i * apart) / length);
            return from.plus((to.x() - from.x()) * share, (to.y() - from.y()) * share);
        }).toList();
    }
}

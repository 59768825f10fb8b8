package cufflink.desktop;

import cufflink.drawing.Ink;
import cufflink.drawing.Picture;
import cufflink.drawing.Shape;
import cufflink.measure.FractionText;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import javafx.scene.text.Text;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Looks through a picture: labels over one another, over a hole, or outside of the picture. */
final class PictureAudit {
    private static final GeometryFactory JTS = new GeometryFactory();
    /** Points by which boxes may lie over one another. */
    private static final double SLACK = 1;
    /** The share of a label's size that its letters are high. */
    private static final double HIGH = 0.75;
    private static final double SET = 0.64;
    /** Points around a picture that panes and pages leave free. */
    private static final double MARGIN = 30;

    private record Box(String text, Geometry area) {
    }

    private PictureAudit() {
    }

    static List<String> of(Picture picture) {
        List<String> faults = new ArrayList<>();
        List<Box> boxes = new ArrayList<>();
        List<Geometry> holes = new ArrayList<>();
        for (Shape shape : picture.shapes()) {
            if (shape instanceof Shape.Label label && !label.text().isBlank()) {
                boxes.add(new Box(label.text(), box(label, picture.point())));
            } else if (shape instanceof Shape.Mark mark) {
                boxes.add(new Box("(" + mark.text() + ")", JTS.createPoint(new Coordinate(mark.at().x(), mark.at().y()))
                        .buffer(mark.radius() * picture.point())));
            } else if (shape instanceof Shape.Area area) {
                if (area.ink().fill() != Ink.Fill.HATCH) {
                    Geometry over = polygon(area.corners());
                    boxes.removeIf(box -> over.contains(box.area())); // what lies on it is not seen
                }
                area.holes().stream().filter(hole -> hole.size() > 2).map(PictureAudit::polygon).forEach(holes::add);
            }
        }
        Envelope room = new Envelope(picture.bounds());
        room.expandBy(MARGIN * picture.point());
        double slack = SLACK * picture.point();
        for (int i = 0; i < boxes.size(); i++) {
            Box one = boxes.get(i);
            if (!room.contains(one.area().getEnvelopeInternal())) {
                faults.add("outside of the picture: “" + one.text() + "”");
            }
            Geometry core = one.area().buffer(-slack);
            holes.stream().filter(core::intersects).findFirst()
                    .ifPresent(hole -> faults.add("over a hole: “" + one.text() + "”"));
            for (Box other : boxes.subList(i + 1, boxes.size())) {
                if (core.intersects(other.area().buffer(-slack))) {
                    faults.add("over one another: “" + one.text() + "” and “" + other.text() + "” in the picture");
                }
            }
        }
        return faults;
    }

    private static Geometry polygon(List<Shape.Spot> ring) {
        List<Coordinate> corners = new ArrayList<>(
                ring.stream().map(spot -> new Coordinate(spot.x(), spot.y())).toList());
        corners.add(corners.get(0));
        return JTS.createPolygon(corners.toArray(Coordinate[]::new)).buffer(0);
    }

    private static Geometry box(Shape.Label label, double point) {
        double width = width(label) * point;
        double height = label.size() * HIGH * point;
        double start = switch (label.anchor()) {
            case START -> 0;
            case MIDDLE -> -width / 2;
            case END -> -width;
        };
        Envelope box = label.upright()
                ? new Envelope(label.at().x() - height / 2, label.at().x() + height / 2, label.at().y() - start - width,
                        label.at().y() - start)
                : new Envelope(label.at().x() + start, label.at().x() + start + width, label.at().y() - height / 2,
                        label.at().y() + height / 2);
        return JTS.toGeometry(box);
    }

    /** In points. */
    private static double width(Shape.Label label) {
        return FractionText.runs(label.text()).stream().mapToDouble(run -> run instanceof FractionText.Fraction fraction
                ? Math.max(width(fraction.numerator(), label.size() * SET, label.bold()),
                        width(fraction.denominator(), label.size() * SET, label.bold()))
                : width(((FractionText.Plain) run).text(), label.size(), label.bold())).sum();
    }

    private static double width(String text, double size, boolean bold) {
        Text probe = new Text(text);
        probe.setFont(Font.font("Figtree", bold ? FontWeight.BOLD : FontWeight.NORMAL, size));
        return probe.getLayoutBounds().getWidth();
    }
}

package cufflink.drawing;

import cufflink.drawing.Shape.Spot;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.plan.Plan;
import cufflink.plan.StepSubject;
import cufflink.stack.Attached;
import cufflink.stack.SoftWay;
import cufflink.stack.StackLayer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;

/** Draws soft pieces and hardware: lying by themselves to be cut, and on a piece. */
final class TrimDrawing {
    /** Points between two strands, with room for what is written under each. */
    private static final double APART = 30;

    private TrimDrawing() {
    }

    /** Strands under one another, each with its name and length. */
    static Picture strands(List<SoftWay> ways, LengthFormat format, double point) {
        List<Shape> shapes = new ArrayList<>();
        double y = 0;
        double longest = ways.stream().map(SoftWay::length).max(Length::compareTo).orElseThrow().toMillimetres();
        for (SoftWay way : ways) {
            double length = way.length().toMillimetres();
            double width = way.soft().strand().width().toMillimetres();
            shapes.add(Shape.rectangle(way.soft().id(), Ink.SOFT, 0, y, length, width,
                    Optional.of(Ink.SOFT.colour()), Optional.of(Ink.CUT)));
            shapes.add(Shape.bold(way.soft().id(), Ink.CAPTION, longest / 2, y + width + 12 * point,
                    way.soft().label() + ", " + format.text(way.length()), 12.5));
            y += width + APART * point;
        }
        return new Picture(new Envelope(0, longest, 0, y), point, shapes);
    }

    /** A piece with what lies on this face of it; what the step is about is marked. */
    static Picture on(Plan plan, StepSubject.OfTrim trim, Picture flat, boolean mirrored) {
        List<Shape> shapes = new ArrayList<>();
        for (Attached one : plan.workings().stacked().trim()) {
            if (one.on().piece().equals(trim.panel().piece()) && one.face() == trim.face()) {
                Ink ink = one.kind() == StackLayer.Kind.SOFT ? Ink.SOFT : Ink.HARDWARE;
                Shape.Area area = new Shape.Area(one.id(), ink, Outlines.spots(one.outline()), List.of(),
                        Optional.of(ink.colour()),
                        Optional.of(one.id().equals(trim.id()) ? Ink.NOW : Ink.CUT));
                shapes.add(mirrored
                        ? area.moved(spot -> new Spot(flat.bounds().getMaxX() - spot.x(), spot.y())) : area);
            }
        }
        return flat.with(shapes);
    }
}

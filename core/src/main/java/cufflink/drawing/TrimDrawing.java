package cufflink.drawing;

import cufflink.design.Ornament;
import cufflink.drawing.Shape.Spot;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.plan.Plan;
import cufflink.plan.StepSubject;
import cufflink.stack.Attached;
import cufflink.stack.OrnamentLie;
import cufflink.stack.SoftWay;
import cufflink.stack.StackLayer;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;

/** Draws soft pieces, hardware and ornaments: lying by themselves to be cut, and on a piece. */
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
        List<Shape.Area> shapes = new ArrayList<>();
        Map<String, String> colours = LayerColours.ornaments(plan);
        Set<String> later = later(plan, trim);
        for (Attached one : plan.workings().stacked().trim()) {
            if (one.on().piece().equals(trim.panel().piece()) && one.face() == trim.face()
                    && !later.contains(one.id())) {
                Ink ink = ink(one);
                String colour = colours.getOrDefault(one.id(), ink.colour());
                // Pale enough for the glue to be seen on it.
                shapes.add(new Shape.Area(one.id(), ink, Outlines.spots(one.outline()), List.of(),
                        Optional.of(one.kind() == StackLayer.Kind.ORNAMENT ? Colours.tint(colour, 0.6) : colour),
                        Optional.of(one.id().equals(trim.id()) ? Ink.NOW : Ink.CUT)));
            }
        }
        plan.workings().posed().adornment().lie(trim.id()).ifPresent(lie -> shapes.addAll(glue(lie)));
        Envelope bounds = new Envelope(flat.bounds());
        List<Shape> drawn = new ArrayList<>(flat.shapes());
        for (Shape.Area shape : shapes) {
            Shape.Area lying = mirrored
                    ? shape.moved(spot -> new Spot(flat.bounds().getMaxX() - spot.x(), spot.y())) : shape;
            lying.corners().forEach(corner -> bounds.expandToInclude(corner.x(), corner.y()));
            drawn.add(lying);
        }
        return new Picture(bounds, flat.point(), drawn);
    }

    static Ink ink(Attached one) {
        return switch (one.kind()) {
            case SOFT -> Ink.SOFT;
            case ORNAMENT -> Ink.ORNAMENT;
            case CONTENTS -> Ink.CONTENTS;
            default -> Ink.HARDWARE;
        };
    }

    /** The ornaments that are put on after this one. */
    private static Set<String> later(Plan plan, StepSubject.OfTrim trim) {
        List<String> all = plan.design().ornaments().stream().map(Ornament::id).toList();
        return new HashSet<>(all.subList(all.indexOf(trim.id()) + 1, all.size()));
    }

    /** Where it takes glue; the rest stays dry. */
    private static List<Shape.Area> glue(OrnamentLie lie) {
        List<Shape.Area> glue = new ArrayList<>();
        for (int i = 0; i < lie.glued().getNumGeometries(); i++) {
            if (lie.glued().getGeometryN(i) instanceof Polygon part) {
                glue.add(new Shape.Area(lie.ornament().id(), Ink.GLUE, Outlines.spots(part), Outlines.openings(part),
                        Optional.empty(), Optional.of(Ink.GLUE)));
            }
        }
        return glue;
    }
}

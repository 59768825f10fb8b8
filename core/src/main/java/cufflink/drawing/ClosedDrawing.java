package cufflink.drawing;

import cufflink.design.Face;
import cufflink.design.Held;
import cufflink.design.Ornament;
import cufflink.design.Page;
import cufflink.drawing.Shape.Spot;
import cufflink.plan.OrnamentPlacing;
import cufflink.plan.Plan;
import cufflink.stack.ClosedStack;
import cufflink.stack.Leafing;
import cufflink.stack.StackLayer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Draws the closed card from the front or the back, as it is held. */
public final class ClosedDrawing {
    /** Around a card on which something is laid, as a share of its longer side. */
    private static final double ROOM = 0.15;

    private ClosedDrawing() {
    }

    /** The closed card; absent while it does not close. */
    public static Optional<Picture> draw(Plan plan, boolean fromBack, double point) {
        return plan.stack().map(stack -> {
            Picture card = draw(plan, stack, plan.design().definition().held(), fromBack, point);
            return card.with(coverName(plan, stack, fromBack, point).stream().toList());
        });
    }

    /** What the cover of something with pages is called, where nothing lies over its name. */
    private static Optional<Shape> coverName(Plan plan, ClosedStack stack, boolean fromBack, double point) {
        return Leafing.of(plan.workings().stacked()).flatMap(leafing -> {
            Page.Side cover = fromBack ? leafing.back() : leafing.front();
            Polygon footprint = stack.flat().state().footprint(cover.panel());
            Envelope bounds = new Envelope();
            Arrays.stream(footprint.getCoordinates()).map(seen(plan.design().definition().held(), fromBack))
                    .forEach(spot -> bounds.expandToInclude(spot.x(), spot.y()));
            Spot middle = new Spot(bounds.centre().x, bounds.getMinY() + PageNames.DOWN * bounds.getHeight());
            List<StackLayer> there = new ArrayList<>(stack.at(place(plan, fromBack, middle)));
            if (fromBack) {
                Collections.reverse(there);
            }
            return there.stream().limit(1).filter(layer -> layer.panel().filter(cover.panel()::equals).isPresent())
                    .findFirst().flatMap(layer -> PageNames.label(List.of(cover), cover.panel(), cover.face(), middle,
                            bounds.getHeight(), LayerColours.of(plan, layer, cover.face()), point));
        });
    }

    /** What a piece is joined to, closed, from the front; absent while it does not close. */
    public static Optional<Picture> draw(Plan plan, String piece, double point) {
        return draw(plan, piece, false, point);
    }

    /** What a piece is joined to, closed, of areas only; absent while it does not close. */
    static Optional<Picture> draw(Plan plan, String piece, boolean fromBack, double point) {
        return plan.workings().stacked().stack(piece)
                .map(stack -> draw(plan, stack, plan.design().held(piece), fromBack, point));
    }

    /** The place on the card, seen from the front, at which a spot of its picture lies. */
    public static Coordinate place(Plan plan, boolean fromBack, Spot spot) {
        Held held = plan.design().definition().held();
        double x = fromBack ? -spot.x() : spot.x();
        return new Coordinate(held.ownX(x, spot.y()), held.ownY(x, spot.y()));
    }

    /**
     * The closed card while an ornament is laid on it: that one is marked, whether it is seen or lies inside, and there
     * is room around the card, so that it stays where it is when the ornament stands out.
     */
    public static Optional<Picture> laying(Plan plan, Ornament ornament, boolean fromBack, double point) {
        Function<Coordinate, Spot> seen = seen(plan.design().definition().held(), fromBack);
        return draw(plan, fromBack, point).map(card -> OrnamentPlacing.of(plan, ornament).map(placing -> {
            List<Spot> ring = Arrays.stream(placing.outline().getExteriorRing().getCoordinates()).map(seen).toList();
            Shape mark = new Shape.Path("", placing.looksBack() == fromBack ? Ink.NOW : Ink.HIDDEN, ring);
            return new Picture(room(plan.stack().orElseThrow().bounds(), card.bounds(), seen), point,
                    card.with(List.of(mark)).shapes());
        }).orElse(card));
    }

    private static Envelope room(Envelope card, Envelope drawn, Function<Coordinate, Spot> seen) {
        Envelope room = new Envelope();
        for (Coordinate corner : List.of(new Coordinate(card.getMinX(), card.getMinY()),
                new Coordinate(card.getMaxX(), card.getMaxY()))) {
            room.expandToInclude(seen.apply(corner).x(), seen.apply(corner).y());
        }
        room.expandBy(ROOM * Math.max(room.getWidth(), room.getHeight()));
        room.expandToInclude(drawn);
        return room;
    }

    private static Function<Coordinate, Spot> seen(Held held, boolean fromBack) {
        return corner -> {
            double x = held.seenX(corner.x, corner.y);
            return new Spot(fromBack ? -x : x, held.seenY(corner.x, corner.y));
        };
    }

    private static Picture draw(Plan plan, ClosedStack stack, Held held, boolean fromBack, double point) {
        List<StackLayer> layers = new ArrayList<>(stack.layers());
        if (!fromBack) {
            Collections.reverse(layers);
        }
        List<Shape> shapes = new ArrayList<>();
        Envelope bounds = new Envelope();
        for (StackLayer layer : layers) {
            Shape.Area area = area(plan, layer, held, fromBack);
            area.corners().forEach(corner -> bounds.expandToInclude(corner.x(), corner.y()));
            shapes.add(area);
            shapes.addAll(print(plan, layer, held, fromBack));
        }
        return new Picture(bounds, point, shapes);
    }

    /** What is printed on a layer, turned as it is on the card. */
    private static List<Shape> print(Plan plan, StackLayer layer, Held held, boolean fromBack) {
        Face facing = fromBack ? layer.facing().other() : layer.facing();
        boolean face = layer.kind() == StackLayer.Kind.MAT || facing == Face.OUTSIDE;
        Function<Coordinate, Spot> seen = seen(held, fromBack);
        Coordinate middle = layer.footprint().getEnvelopeInternal().centre();
        // From the back, what is turned clockwise is turned the other way, and right is left.
        double turn = Math.toRadians(layer.turned());
        int side = fromBack ? -1 : 1;
        AffineTransformation laid = AffineTransformation.translationInstance(-middle.x, -middle.y).rotate(-turn)
                .scale(side, 1);
        AffineTransformation back = AffineTransformation.scaleInstance(side, 1).rotate(turn)
                .translate(middle.x, middle.y);
        return LayerColours.paper(plan, layer).map(paper -> PrintDrawing.draw(paper, face,
                (Polygon) laid.transform(layer.footprint()),
                at -> seen.apply(back.transform(at, new Coordinate())), 1)).orElse(List.of());
    }

    /** A layer as it is seen. */
    static Shape.Area area(Plan plan, StackLayer layer, Held held, boolean fromBack) {
        Function<Coordinate, Spot> seen = seen(held, fromBack);
        List<Spot> corners = Outlines.corners(layer.footprint().getExteriorRing()).stream().map(seen).toList();
        List<List<Spot>> holes = Outlines.holes(layer.footprint()).stream()
                .map(hole -> hole.stream().map(seen).toList()).toList();
        Face facing = fromBack ? layer.facing().other() : layer.facing();
        return new Shape.Area(layer.label(), Ink.PAPER, corners, holes,
                Optional.of(LayerColours.of(plan, layer, facing)),
                Optional.of(Ink.PAPER_EDGE));
    }
}

package cufflink.plan;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.crease.RobustOverlay;
import cufflink.design.DesignDefinition.Way;
import cufflink.design.Face;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign.Glue;
import cufflink.fold.Assembly;
import cufflink.fold.FlatFoldedState;
import cufflink.fold.FoldedState;
import cufflink.fold.Footprints;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/**
 * Whether hands can still get at a place with glue. What lies over it in the closed card must part from it: on a crease
 * over all layers that it crosses, on a joint along one edge only, which is lifted like a page, or by opening a whole
 * piece that no joints hold in a ring. An edge that both sides leave open is reached from outside, as the end of a tube
 * is. A simpler road than {@link JointOrder}, which looks for the order.
 */
final class HandReach {
    /** Square millimetres that two panels may share at an edge. */
    private static final double SPECK = 0.5;
    /** Millimetres from an edge within which a finger reaches with glue. */
    private static final double MOUTH = 1;
    /** Shares of an edge at which it is looked at. */
    private static final double[] ALONG = {0.2, 0.35, 0.5, 0.65, 0.8};
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final Workings plan;
    /** By assembly and the joints that are made: the ways in which the panels can be parted. */
    private final Map<List<Object>, List<Hanging>> known = new HashMap<>();

    HandReach(Workings plan) {
        this.plan = plan;
    }

    /** Which panels hang together while something is opened. */
    private static final class Hanging {
        private final Map<PanelRef, PanelRef> next = new HashMap<>();

        void join(PanelRef one, PanelRef other) {
            PanelRef first = end(one);
            if (!first.equals(end(other))) {
                next.put(first, end(other));
            }
        }

        private PanelRef end(PanelRef panel) {
            PanelRef at = panel;
            while (next.containsKey(at)) {
                at = next.get(at);
            }
            return at;
        }

        boolean together(PanelRef one, PanelRef other) {
            return end(one).equals(end(other));
        }
    }

    /**
     * The first panel that keeps the hands from a place on a face of a panel, in the piece's coordinates.
     *
     * @param made the joints that are made by then
     */
    Optional<PanelRef> inTheWay(PanelRef on, Face face, Polygon place, List<Glue> made) {
        return closed(on, on).flatMap(flat -> over(flat, on, face, place)
                .filter(panel -> !opens(flat, on, panel, made)).findFirst());
    }

    /** The same of a joint. What is joined when the card stands is reached from within. */
    Optional<PanelRef> inTheWay(Glue glue, List<Glue> made) {
        if (glue.way() == Way.LATER) {
            return Optional.empty();
        }
        return closed(glue.onto(), glue.part()).flatMap(flat -> glue.at().isPresent() ? brought(flat, glue, made)
                : Optional.of(glue.part()).filter(part -> !opens(flat, part, glue.onto(), made)
                        && !isAtTheMouth(flat, glue)));
    }

    /** What is in the way of a part that comes to its place; what lies between the two is not. */
    private Optional<PanelRef> brought(FlatFoldedState flat, Glue glue, List<Glue> made) {
        return Optional.ofNullable(plan.glued().get(glue.id()))
                .flatMap(patch -> over(flat, glue.onto(), glue.face(), patch.part())
                        .filter(panel -> !panel.equals(glue.part())
                                && !flat.relation().above(panel, glue.part()).equals(
                                        flat.relation().above(glue.onto(), glue.part()))
                                && !opens(flat, glue.onto(), panel, made))
                        .findFirst());
    }

    /** The closed card that has two panels; absent while it does not close. */
    private Optional<FlatFoldedState> closed(PanelRef one, PanelRef other) {
        return plan.stacked().flat(one.piece())
                .filter(flat -> flat.state().position().keySet().containsAll(List.of(one, other)));
    }

    /** Whether every edge that takes glue lies, as far as it meets the other panel, on an edge that both leave open. */
    private static boolean isAtTheMouth(FlatFoldedState flat, Glue glue) {
        FoldedState closed = flat.state();
        Envelope bounds = closed.assembly().panel(glue.part()).bounds();
        Polygon onto = closed.footprint(glue.onto());
        List<LineSegment> folds = Stream.of(glue.part(), glue.onto()).flatMap(panel -> folds(closed, panel)).toList();
        return glue.edges().glued().stream().allMatch(side -> {
            LineSegment edge = Footprints.of(Footprints.side(bounds, side), closed.position().get(glue.part()));
            List<Coordinate> meeting = Arrays.stream(ALONG).mapToObj(edge::pointAlong)
                    .filter(at -> onto.distance(FACTORY.createPoint(at)) < MOUTH).toList();
            return !meeting.isEmpty() && meeting.stream()
                    .allMatch(at -> onto.getExteriorRing().distance(FACTORY.createPoint(at)) < MOUTH
                            && folds.stream().allMatch(fold -> fold.distance(at) > MOUTH));
        });
    }

    /** The creases at which a panel is folded, as they lie in the closed card. */
    private static Stream<LineSegment> folds(FoldedState closed, PanelRef panel) {
        return closed.assembly().pattern(panel.piece()).hinges().stream()
                .filter(hinge -> hinge.folds() && hinge.joins(panel.panel()))
                .map(hinge -> Footprints.of(hinge.side(panel.panel()), closed.position().get(panel)));
    }

    private static Stream<PanelRef> over(FlatFoldedState flat, PanelRef on, Face face, Polygon place) {
        FoldedState closed = flat.state();
        boolean front = (closed.assembly().pattern(on.piece()).up() == face) != closed.position().get(on).turnsOver();
        Polygon covered = Footprints.of(place, closed.position().get(on));
        return flat.order().stream()
                .filter(panel -> flat.relation().above(panel, on).filter(above -> above == front).isPresent()
                        && RobustOverlay.intersection(closed.footprint(panel), covered).getArea() > SPECK);
    }

    /** Whether two panels are apart still, or can be swung apart. */
    private boolean opens(FlatFoldedState flat, PanelRef one, PanelRef other, List<Glue> made) {
        List<Glue> holding = made.stream()
                .filter(glue -> glue.way() != Way.SLIDE && glue.way() != Way.TIED).toList();
        Assembly assembly = flat.state().assembly();
        return known.computeIfAbsent(List.of(assembly.anchor(), holding), key -> openings(assembly, holding)).stream()
                .anyMatch(hanging -> !hanging.together(one, other));
    }

    /** What the hands may open at once: nothing, a joint, a crease, or all creases of a piece. */
    private static List<Hanging> openings(Assembly assembly, List<Glue> made) {
        List<Hanging> openings = new ArrayList<>(List.of(hanging(assembly, made, Set.of())));
        made.stream().filter(glue -> glue.edges().glued().size() == 1)
                .map(glue -> hanging(assembly, made.stream().filter(other -> !other.equals(glue)).toList(), Set.of()))
                .forEach(openings::add);
        for (CreasePattern piece : assembly.pieces()) {
            Set<String> creases = piece.hinges().stream().filter(Hinge::folds).map(hinge -> name(piece, hinge))
                    .collect(Collectors.toSet());
            creases.forEach(crease -> openings.add(hanging(assembly, made, Set.of(crease))));
            Hanging flat = hanging(assembly, made, creases);
            if (isLoose(piece, flat, hanging(assembly, List.of(), creases))) {
                openings.add(flat);
            }
        }
        return openings;
    }

    /** Whether a piece can be opened flat: no joints hold together what its creases part. */
    private static boolean isLoose(CreasePattern piece, Hanging joined, Hanging single) {
        List<PanelRef> panels = piece.panels().stream().map(panel -> new PanelRef(piece.piece(), panel.id())).toList();
        return panels.stream().allMatch(one -> panels.stream()
                .allMatch(other -> joined.together(one, other) == single.together(one, other)));
    }

    private static String name(CreasePattern piece, Hinge hinge) {
        return piece.piece() + "." + hinge.crease();
    }

    private static Hanging hanging(Assembly assembly, List<Glue> made, Set<String> opened) {
        Hanging hanging = new Hanging();
        for (CreasePattern piece : assembly.pieces()) {
            piece.hinges().stream().filter(hinge -> !opened.contains(name(piece, hinge)))
                    .forEach(hinge -> hanging.join(new PanelRef(piece.piece(), hinge.first()),
                            new PanelRef(piece.piece(), hinge.second())));
        }
        made.forEach(glue -> hanging.join(glue.part(), glue.onto()));
        return hanging;
    }
}

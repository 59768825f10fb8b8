package cufflink.stack;

import cufflink.crease.Panel;
import cufflink.crease.RobustOverlay;
import cufflink.design.Held;
import cufflink.design.Ornament;
import cufflink.design.PanelRef;
import cufflink.design.Side;
import cufflink.design.SizedDesign.Pocket;
import cufflink.fold.Decoration;
import cufflink.fold.FlatFoldedState;
import cufflink.fold.Footprints;
import cufflink.fold.Overlay;
import cufflink.fold.PosedCard;
import cufflink.measure.Length;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Holds the ornaments of a design against its closed card and its poses. */
final class OrnamentMeasurer {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    /** Square millimetres that are rounding. */
    private static final double SPECK = 0.5;
    /** The share of a dry part from which on what lies under it is named. */
    private static final double WORTH_NAMING = 0.1;
    /** Farther than any sheet, millimetres. */
    private static final double FAR = 1e4;
    private static final String CLOSED = "closed";

    private final StackedDesign stacked;
    private final List<PosedCard> poses;

    private OrnamentMeasurer(StackedDesign stacked, List<PosedCard> poses) {
        this.stacked = stacked;
        this.poses = poses;
    }

    static Adornment measure(StackedDesign stacked, List<PosedCard> poses) {
        List<Ornament> ornaments = stacked.design().ornaments();
        if (ornaments.isEmpty()) {
            return Adornment.NONE;
        }
        OrnamentMeasurer measurer = new OrnamentMeasurer(stacked, poses);
        List<OrnamentLie> lies = new ArrayList<>();
        List<Ornament> lost = new ArrayList<>();
        Map<String, Map<String, Problem>> inPoses = measurer.inPoses();
        ornaments.forEach(ornament -> measurer.attached(ornament).ifPresentOrElse(
                one -> lies.add(measurer.lie(ornament, one, inPoses.getOrDefault(ornament.id(), Map.of()))),
                () -> lost.add(ornament)));
        return new Adornment(lies, lost, measurer.meetings(), stacked.stack()
                .flatMap(stack -> FreePlaceFinder.find(stack, stacked.design().definition().held())));
    }

    private Optional<Attached> attached(Ornament ornament) {
        return stacked.trim().stream().filter(
                one -> one.kind() == StackLayer.Kind.ORNAMENT && one.id().equals(ornament.id())).findFirst();
    }

    private OrnamentLie lie(Ornament ornament, Attached one, Map<String, Problem> inPoses) {
        Polygon paper = stacked.assembly(one.on().piece()).panel(one.on()).outline();
        Geometry glued = RobustOverlay.intersection(paper, one.outline());
        Geometry dry = RobustOverlay.difference(one.outline(), paper);
        Map<String, Problem> inTheWay = new LinkedHashMap<>();
        Optional<Decoration> worn = stacked.decoration(one.on().piece());
        worn.map(decoration -> decoration.inTheWay().get(one.id()))
                .ifPresent(problem -> inTheWay.put(CLOSED, problem));
        inTheWay.putAll(inPoses);
        return new OrnamentLie(ornament, glued, dry, worn.map(decoration -> over(one, dry, decoration.flat()))
                .orElse(List.of()), stacked.stack(one.on().piece()).map(stack -> pokes(one, stack)).orElse(Map.of()),
                inTheWay, worn.map(decoration -> mouths(one, decoration.flat())).orElse(List.of()));
    }

    /** What lies right under the dry part, from the ornament on, as far as it is covered by nothing nearer. */
    private List<String> over(Attached one, Geometry dry, FlatFoldedState flat) {
        List<PanelRef> order = flat.order();
        PanelRef me = one.laid(flat.state().assembly()).panel();
        int at = order.indexOf(me);
        if (at < 0) {
            return List.of();
        }
        boolean front = at < order.indexOf(one.on());
        List<PanelRef> under = new ArrayList<>(front ? order.subList(at + 1, order.size()) : order.subList(0, at));
        if (!front) {
            Collections.reverse(under);
        }
        Geometry left = inSpace(dry, one.on(), flat);
        List<String> over = new ArrayList<>();
        for (PanelRef panel : under) {
            Polygon footprint = flat.state().footprint(panel);
            if (!panel.equals(one.on())
                    && RobustOverlay.intersection(left, footprint).getArea() > WORTH_NAMING * dry.getArea()) {
                over.add(flat.state().assembly().panel(panel).label());
            }
            left = RobustOverlay.difference(left, footprint);
        }
        return over.stream().distinct().toList();
    }

    private static Geometry inSpace(Geometry onPiece, PanelRef panel, FlatFoldedState flat) {
        Geometry all = FACTORY.createPolygon();
        for (int i = 0; i < onPiece.getNumGeometries(); i++) {
            if (onPiece.getGeometryN(i) instanceof Polygon part && !part.isEmpty()) {
                all = RobustOverlay.union(all,
                        Footprints.of(part, flat.state().position().get(panel)));
            }
        }
        return all;
    }

    private Map<Side, Length> pokes(Attached one, ClosedStack stack) {
        Envelope box = footprint(one, stack).getEnvelopeInternal();
        Envelope card = stack.bounds();
        Held held = stacked.design().held(one.on().piece());
        Map<Side, Length> pokes = new LinkedHashMap<>();
        for (Side side : Side.values()) {
            double by = switch (side) {
                case LEFT -> card.getMinX() - box.getMinX();
                case RIGHT -> box.getMaxX() - card.getMaxX();
                case TOP -> card.getMinY() - box.getMinY();
                case BOTTOM -> box.getMaxY() - card.getMaxY();
            };
            Length far = Length.nearestToMillimetres(Math.rint(by * 1e5) / 1e5);
            if (far.isPositive()) {
                pokes.put(held.seen(side), far);
            }
        }
        return pokes;
    }

    private static Polygon footprint(Attached one, ClosedStack stack) {
        return Footprints.of(one.outline(), stack.flat().state().position().get(one.on()));
    }

    /** The pockets in which it lies between the front and the back, in the way of what goes in. */
    private List<String> mouths(Attached one, FlatFoldedState flat) {
        PanelRef panel = one.laid(flat.state().assembly()).panel();
        return stacked.design().pockets().stream()
                .filter(pocket -> flat.order().containsAll(List.of(panel, pocket.front(), pocket.back())))
                .filter(pocket -> isInTheWay(panel, pocket, flat)).map(pocket -> pocket.definition().label()).toList();
    }

    /**
     * What goes in lies right on the deeper panel of the pocket, and on past its mouth: whatever lies before that there
     * is in the way, unless paper lies between the two.
     */
    private boolean isInTheWay(PanelRef ornament, Pocket pocket, FlatFoldedState flat) {
        List<PanelRef> order = flat.order();
        int at = order.indexOf(ornament);
        int front = Math.min(order.indexOf(pocket.front()), order.indexOf(pocket.back()));
        int back = Math.max(order.indexOf(pocket.front()), order.indexOf(pocket.back()));
        Geometry way = RobustOverlay.intersection(FACTORY.toGeometry(way(pocket, flat)),
                flat.state().footprint(ornament));
        if (at < front || at > back) {
            return false;
        }
        for (PanelRef paper : order.subList(at + 1, back)) {
            if (stacked.assembly().panels().contains(paper)
                    && flat.relation().above(ornament, paper).orElse(false)
                    && flat.relation().above(paper, order.get(back)).orElse(false)) {
                way = RobustOverlay.difference(way, flat.state().footprint(paper));
            }
        }
        return way.getArea() > SPECK;
    }

    /** Where its contents go in: the front of the pocket, and on from there past the mouth. */
    private static Envelope way(Pocket pocket, FlatFoldedState flat) {
        Envelope way = flat.state().footprint(pocket.front()).getEnvelopeInternal();
        Side mouth = flat.state().side(pocket.back(), pocket.definition().open());
        way.expandToInclude(way.centre().x + mouth.x() * FAR, way.centre().y + mouth.y() * FAR);
        return way;
    }

    private List<Adornment.Meeting> meetings() {
        List<Adornment.Meeting> meetings = new ArrayList<>();
        List<Ornament> ornaments = stacked.design().ornaments();
        for (int i = 0; i < ornaments.size(); i++) {
            for (int j = i + 1; j < ornaments.size(); j++) {
                meeting(ornaments.get(i), ornaments.get(j)).ifPresent(meetings::add);
            }
        }
        return meetings;
    }

    private Optional<Adornment.Meeting> meeting(Ornament one, Ornament other) {
        Optional<Attached> first = attached(one);
        Optional<Attached> second = attached(other);
        if (first.isEmpty() || second.isEmpty()) {
            return Optional.empty();
        }
        return stacked.stack(one.on().piece())
                .filter(stack -> stack.flat().state().position().containsKey(other.on())).flatMap(stack -> {
                    Geometry both = RobustOverlay.intersection(footprint(first.get(), stack),
                            footprint(second.get(), stack));
                    return both.getArea() > SPECK
                            ? Optional.of(new Adornment.Meeting(one, other, thickest(both, stack))) : Optional.empty();
                });
    }

    /** Of the closed card within an area. */
    private static Length thickest(Geometry area, ClosedStack stack) {
        List<StackLayer> there = stack.layers().stream()
                .filter(layer -> layer.footprint().getEnvelopeInternal().intersects(area.getEnvelopeInternal()))
                .toList();
        List<Polygon> faces = Stream.concat(there.stream().map(StackLayer::footprint), parts(area)).toList();
        Length most = Length.ZERO;
        for (Overlay.Cell cell : Overlay.of(faces).cells()) {
            if (cell.faces().nextSetBit(there.size()) >= 0) {
                Length here = cell.faces().stream().filter(i -> i < there.size())
                        .mapToObj(i -> there.get(i).thickness()).reduce(Length.ZERO, Length::plus);
                most = Length.longer(most, here);
            }
        }
        return most;
    }

    private static Stream<Polygon> parts(Geometry area) {
        List<Polygon> parts = new ArrayList<>();
        for (int i = 0; i < area.getNumGeometries(); i++) {
            if (area.getGeometryN(i) instanceof Polygon part) {
                parts.add(part);
            }
        }
        return parts.stream();
    }

    /** By ornament of the card: the poses in which paper would have to pass through it, and what it meets. */
    private Map<String, Map<String, Problem>> inPoses() {
        Map<String, Map<String, Problem>> found = new LinkedHashMap<>();
        List<Decoration.Laid> past = stacked.decoration()
                .map(worn -> worn.laid().stream().filter(this::reachesPast).toList()).orElse(List.of());
        if (past.isEmpty() || poses.isEmpty() || obstacles(past).isEmpty()) {
            return found;
        }
        past.forEach(one -> found.put(one.id(), obstacles(List.of(one))));
        return found;
    }

    private boolean reachesPast(Decoration.Laid one) {
        Panel panel = stacked.assembly().panel(one.on());
        return RobustOverlay.difference(one.outline(), panel.outline()).getArea() > SPECK;
    }

    /** What is in the way only since the ornaments are on. */
    private Map<String, Problem> obstacles(List<Decoration.Laid> ornaments) {
        FlatFoldedState bare = stacked.flat().orElseThrow();
        Map<String, Problem> obstacles = new LinkedHashMap<>();
        List<PosedCard> worn = PosedCard.pose(Decoration.of(bare, ornaments).flat(), stacked.later(),
                stacked.design().poses(),
                stacked.design()::isOfPart);
        for (int i = 0; i < worn.size(); i++) {
            if (poses.get(i).obstacle().isEmpty() && worn.get(i).obstacle().isPresent()) {
                obstacles.put(worn.get(i).name(), worn.get(i).obstacle().get());
            }
        }
        return obstacles;
    }
}

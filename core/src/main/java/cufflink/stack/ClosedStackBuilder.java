package cufflink.stack;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.crease.Panel;
import cufflink.design.CreaseRef;
import cufflink.design.Face;
import cufflink.design.PanelRef;
import cufflink.design.Side;
import cufflink.design.SizedDesign.Glue;
import cufflink.design.SizedDesign.Pocket;
import cufflink.design.Soft;
import cufflink.fold.Decoration;
import cufflink.fold.FlatFoldedState;
import cufflink.fold.Footprints;
import cufflink.fold.Overlay;
import cufflink.fold.Point3;
import cufflink.fold.RigidMotion;
import cufflink.measure.Length;
import cufflink.paper.Contents;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/**
 * Stacks a closed assembly, the mats on every panel, and the contents of the pockets, and looks at every place of the
 * stack: how thick it is, what each crease goes round, which spaces are pockets. Exact for outlines of any shape; folds
 * take up no paper.
 */
public final class ClosedStackBuilder {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final FlatFoldedState flat;
    private final Map<String, Length> calipers;
    private final Decoration worn;
    private final List<Attached> attached;
    private final List<StackLayer> layers = new ArrayList<>();
    /** By spines, the innermost first. */
    private final List<Apart> apart = new ArrayList<>();
    /** Contents, where they lie on a panel. */
    private final List<Attached> held = new ArrayList<>();
    /** How thick contents are at their sides. */
    private final Map<StackLayer, Length> rims = new HashMap<>();

    /**
     * Two layers that a spine holds level: between them there is room for the thickest place everywhere.
     *
     * @param room from one to the other, between their faces
     */
    private record Apart(int front, int behind, Length room) {
    }

    private ClosedStackBuilder(FlatFoldedState flat, Decoration worn, Map<String, Length> calipers,
            List<Attached> attached) {
        this.flat = flat;
        this.worn = worn;
        this.calipers = calipers;
        this.attached = attached;
    }

    /**
     * The closed card.
     *
     * @param flat     the closed assembly
     * @param worn     the same with its ornaments
     * @param calipers thickness by piece id
     * @param contents by pocket, for the pockets that hold something
     * @param flaps    panels that close a mouth and are opened to put something in
     * @param bands    soft pieces that go round it
     */
    public static ClosedStack build(FlatFoldedState flat, Decoration worn, List<Glue> glue,
            Map<String, Length> calipers,
            List<Attached> attached, Map<Pocket, Contents> contents, Set<PanelRef> flaps, List<Soft> bands) {
        ClosedStackBuilder builder = new ClosedStackBuilder(flat, worn, calipers, attached);
        worn.flat().order().forEach(builder::add);
        contents.forEach(builder::fill);
        bands.forEach(builder::band);
        return builder.stack(PocketFinder.find(flat, glue, flaps));
    }

    private void add(PanelRef ref) {
        Optional<Attached> ornament = attached.stream().filter(one -> isLaid(one, ref)).findFirst();
        if (ornament.isPresent()) {
            layers.add(layer(ornament.get(), flat.state().position().get(ornament.get().on())));
        } else {
            addPanel(ref);
        }
    }

    private boolean isLaid(Attached one, PanelRef ref) {
        return one.kind() == StackLayer.Kind.ORNAMENT && flat.state().position().containsKey(one.on())
                && one.laid(flat.state().assembly()).panel().equals(ref);
    }

    private static StackLayer layer(Attached one, RigidMotion place) {
        return new StackLayer(one.kind(), one.id(), one.label(), Optional.of(one.on()), one.layer(), one.face(),
                Footprints.of(one.outline(), place), one.thickness(), turned(place));
    }

    /** The panel with what lies right on it; an ornament that has no place of its own among the layers does, too. */
    private void addPanel(PanelRef ref) {
        CreasePattern pattern = flat.state().assembly().pattern(ref.piece());
        Panel panel = pattern.panel(ref.panel()).orElseThrow();
        RigidMotion place = flat.state().position().get(ref);
        Face facing = place.turnsOver() ? pattern.up().other() : pattern.up();
        int front = layers.size();
        layers.add(new StackLayer(StackLayer.Kind.PANEL, panel.label(), panel.label(), Optional.of(ref), 0, facing,
                Footprints.of(panel.outline(), place), thickness(pattern, panel), turned(place)));
        for (Attached one : attached) {
            if (one.on().equals(ref)
                    && (one.kind() != StackLayer.Kind.ORNAMENT || worn.inTheWay().containsKey(one.id()))) {
                layers.add(one.face() == facing ? front : layers.size(), layer(one, place));
                if (one.kind() == StackLayer.Kind.CONTENTS) {
                    held.add(one);
                }
            }
        }
    }

    /** A panel that is bent in two counts double all over, since it lies somewhere in its outline. */
    private Length thickness(CreasePattern pattern, Panel panel) {
        return calipers.get(pattern.piece()).times(1 << pattern.bends(panel.id()).size());
    }

    private int indexOf(PanelRef ref) {
        for (int i = 0; i < layers.size(); i++) {
            if (layers.get(i).kind() == StackLayer.Kind.PANEL
                    && layers.get(i).panel().filter(ref::equals).isPresent()) {
                return i;
            }
        }
        throw new IllegalStateException("no layer for panel " + ref);
    }

    /** The contents lie at the closed end of the pocket, in the middle of its width or in its corner. */
    private void fill(Pocket pocket, Contents item) {
        PanelRef front = pocket.front();
        int index = Math.max(indexOf(front), indexOf(pocket.back()));
        PanelRef back = wider(front, pocket.back(), pocket.definition().open());
        // Something leaning is looked at as it is held, anything else as the panel lies flat.
        boolean leans = flat.state().assembly().lean() != 0;
        Envelope panel = leans ? flat.state().footprint(back).getEnvelopeInternal()
                : flat.state().assembly().panel(back).bounds();
        double w = item.width().toMillimetres();
        double h = item.height().toMillimetres();
        Coordinate c = pocket.definition().space().corner() ? inCorner(pocket, panel, w) : panel.centre();
        Envelope lies = switch (pocket.definition().open()) {
            case TOP -> new Envelope(c.x - w / 2, c.x + w / 2, panel.getMaxY() - h, panel.getMaxY());
            case BOTTOM -> new Envelope(c.x - w / 2, c.x + w / 2, panel.getMinY(), panel.getMinY() + h);
            case LEFT -> new Envelope(panel.getMaxX() - h, panel.getMaxX(), c.y - w / 2, c.y + w / 2);
            case RIGHT -> new Envelope(panel.getMinX(), panel.getMinX() + h, c.y - w / 2, c.y + w / 2);
        };
        Polygon footprint = Footprints.of((Polygon) FACTORY.toGeometry(lies),
                leans ? RigidMotion.STAY : flat.state().position().get(back));
        StackLayer layer = new StackLayer(StackLayer.Kind.CONTENTS, item.name(), item.name(), Optional.empty(), 0,
                Face.OUTSIDE, footprint, item.thickness(), 0);
        rims.put(layer, item.rim());
        if (!leans) {
            Face facing = layers.get(indexOf(back)).facing();
            held.add(new Attached(StackLayer.Kind.CONTENTS, item.name(), back,
                    indexOf(back) == index ? facing : facing.other(), (Polygon) FACTORY.toGeometry(lies),
                    item.thickness(), item.name(), 0));
        }
        layers.add(index, layer);
    }

    /** The middle of contents so wide that lie against the side of the panel behind where the pocket is. */
    private Coordinate inCorner(Pocket pocket, Envelope panel, double wide) {
        Coordinate there = flat.state().assembly().panel(pocket.front()).bounds().centre();
        Point3 seen = flat.state().position().get(pocket.back()).inverse()
                .after(flat.state().position().get(pocket.front())).apply(there);
        Coordinate c = panel.centre();
        return pocket.definition().open().y() != 0
                ? new Coordinate(seen.x() < c.x ? panel.getMinX() + wide / 2 : panel.getMaxX() - wide / 2, c.y)
                : new Coordinate(c.x, seen.y() < c.y ? panel.getMinY() + wide / 2 : panel.getMaxY() - wide / 2);
    }

    /** Over the front and under the back, across the middle; but for what lies over it. */
    private void band(Soft band) {
        Envelope bounds = bounds();
        Soft.Wind wind = band.wind().orElseThrow();
        boolean isShort = wind.round() == Soft.Round.SHORT_WAY;
        boolean level = isShort == bounds.getWidth() <= bounds.getHeight();
        double half = band.strand().width().toMillimetres() / 2;
        Coordinate c = bounds.centre();
        Envelope lies = level ? new Envelope(bounds.getMinX(), bounds.getMaxX(), c.y - half, c.y + half)
                : new Envelope(c.x - half, c.x + half, bounds.getMinY(), bounds.getMaxY());
        StackLayer layer = new StackLayer(StackLayer.Kind.SOFT, band.id(), band.label(), Optional.empty(), 0,
                Face.OUTSIDE,
                (Polygon) FACTORY.toGeometry(lies), band.strand().caliper(), 0);
        int front = 0;
        while (front < layers.size() && isUnder(wind, layers.get(front))) {
            front++;
        }
        int back = layers.size();
        while (back > front && isUnder(wind, layers.get(back - 1))) {
            back--;
        }
        layers.add(back, layer);
        layers.add(front, layer);
    }

    private static boolean isUnder(Soft.Wind wind, StackLayer over) {
        return over.panel().filter(wind.under()::contains).isPresent();
    }

    private Envelope bounds() {
        Envelope bounds = new Envelope();
        layers.stream().filter(layer -> layer.kind() == StackLayer.Kind.PANEL)
                .forEach(layer -> bounds.expandToInclude(layer.footprint().getEnvelopeInternal()));
        return bounds;
    }

    /** Of two panels of one piece the front one where the other is only a part of the pocket's back. */
    private PanelRef wider(PanelRef front, PanelRef back, Side open) {
        Envelope before = flat.state().assembly().panel(front).bounds();
        Envelope behind = flat.state().assembly().panel(back).bounds();
        boolean wider = open.y() != 0 ? before.getWidth() > behind.getWidth() + 1
                : before.getHeight() > behind.getHeight() + 1;
        return wider && front.piece().equals(back.piece()) ? front : back;
    }

    /** Where the top of the piece points, seen from the front. */
    private static int turned(RigidMotion place) {
        Point3 top = place.apply(0, -1, 0).minus(place.apply(0, 0, 0));
        long degrees = Math.round(Math.toDegrees(Math.atan2(top.x(), -top.y())));
        return (int) Math.floorMod(degrees, 360L);
    }

    private ClosedStack stack(List<PocketSpace> spaces) {
        Envelope bounds = bounds();
        Overlay overlay = Overlay.of(layers.stream().map(StackLayer::footprint).toList());
        Map<CreaseRef, ClosedStack.Enclosed> rounds = rounds(overlay);
        Length most = Length.ZERO;
        Coordinate thickest = bounds.centre();
        Map<PanelRef, Length> over = new LinkedHashMap<>();
        for (Overlay.Cell cell : overlay.cells()) {
            Length here = thickness(cell.faces(), 0, layers.size(), 0);
            if (here.isLongerThan(most)) {
                most = here;
                thickest = cell.inside();
            }
            cell.faces().stream().mapToObj(layers::get).filter(layer -> layer.kind() == StackLayer.Kind.PANEL)
                    .forEach(layer -> over.merge(layer.panel().orElseThrow(), here, Length::longer));
        }
        for (Spine spine : spines()) {
            spine.outside().forEach(bounds::expandToInclude);
            most = Length.longer(most, spine.height());
        }
        return new ClosedStack(flat, layers, bounds, most, thickest, over, rounds, spaces, held);
    }

    /**
     * A spine in the closed card: its paper stands on the line at which its panels meet, outside of them, and as high
     * as it is wide and the halves of both panels thick.
     */
    private record Spine(LineSegment line, List<Coordinate> outside, Length height) {
    }

    private List<Spine> spines() {
        List<Spine> spines = new ArrayList<>();
        for (CreasePattern pattern : flat.state().assembly().pieces()) {
            for (Hinge hinge : pattern.hinges()) {
                if (hinge.width() > 0 && isShut(pattern, hinge)) {
                    spines.add(spine(new PanelRef(pattern.piece(), hinge.first()), hinge));
                }
            }
        }
        return spines;
    }

    private Spine spine(PanelRef first, Hinge hinge) {
        LineSegment line = Footprints.of(hinge.at(), flat.state().position().get(first));
        Length caliper = calipers.get(first.piece());
        Coordinate inside = flat.state().footprint(first).getInteriorPoint().getCoordinate();
        double out = Math.signum(line.orientationIndex(inside)) * -caliper.toMillimetres();
        return new Spine(line, List.of(line.pointAlongOffset(0, out), line.pointAlongOffset(1, out)),
                Length.nearestToMillimetres(hinge.width()).plus(caliper));
    }

    private boolean isShut(CreasePattern pattern, Hinge hinge) {
        return hinge.folds() && Math.abs(flat.state().angle(new CreaseRef(pattern.piece(), hinge.crease()))) > 90;
    }

    /** What contents between two layers are thicker in their middle than at their sides, which lie beside a crease. */
    private Length inTheMiddle(int a, int b, BitSet over) {
        return over.stream().filter(i -> i > Math.min(a, b) && i < Math.max(a, b)).mapToObj(layers::get)
                .filter(rims::containsKey).map(layer -> layer.thickness().minus(rims.get(layer)))
                .reduce(Length.ZERO, Length::plus);
    }

    /**
     * The thickness of the layers over a place from one index to before another, with the room that spines keep there.
     */
    private Length thickness(BitSet over, int from, int to) {
        return thickness(over, from, to, apart.size());
    }

    private Length thickness(BitSet over, int from, int to, int spines) {
        Length sum = Length.ZERO;
        for (int i = over.nextSetBit(from); i >= 0 && i < to; i = over.nextSetBit(i + 1)) {
            sum = sum.plus(layers.get(i).thickness());
        }
        for (int i = 0; i < spines; i++) {
            Apart spine = apart.get(i);
            if (spine.front() + 1 >= from && spine.behind() <= to && over.get(spine.front())
                    && over.get(spine.behind())) {
                Length room = spine.room().minus(thickness(over, spine.front() + 1, spine.behind(), i));
                sum = sum.plus(Length.longer(Length.ZERO, room));
            }
        }
        return sum;
    }

    /** A crease that is shut. */
    private record Shut(String piece, Hinge hinge) {
        CreaseRef crease() {
            return new CreaseRef(piece, hinge.crease());
        }
    }

    /** The innermost first: the room that a spine keeps is gone round by those outside of it. */
    private Map<CreaseRef, ClosedStack.Enclosed> rounds(Overlay overlay) {
        List<Shut> shut = flat.state().assembly().pieces().stream().flatMap(pattern -> pattern.hinges().stream()
                .filter(hinge -> isShut(pattern, hinge)).map(hinge -> new Shut(pattern.piece(), hinge))).toList();
        Map<CreaseRef, ClosedStack.Enclosed> rounds = new LinkedHashMap<>();
        shut.forEach(one -> rounds.put(one.crease(), ClosedStack.Enclosed.NOTHING));
        shut.stream().sorted(Comparator.comparingInt(this::span)).forEach(one -> {
            rounds.merge(one.crease(), round(one.piece(), one.hinge(), overlay), ClosedStack.Enclosed::and);
            if (one.hinge().width() > 0) {
                int first = indexOf(new PanelRef(one.piece(), one.hinge().first()));
                int second = indexOf(new PanelRef(one.piece(), one.hinge().second()));
                apart.add(new Apart(Math.min(first, second), Math.max(first, second),
                        Length.nearestToMillimetres(one.hinge().width()).minus(calipers.get(one.piece()))));
            }
        });
        return rounds;
    }

    private int span(Shut shut) {
        return Math.abs(indexOf(new PanelRef(shut.piece(), shut.hinge().first()))
                - indexOf(new PanelRef(shut.piece(), shut.hinge().second())));
    }

    private ClosedStack.Enclosed round(String piece, Hinge hinge, Overlay overlay) {
        PanelRef first = new PanelRef(piece, hinge.first());
        int a = indexOf(first);
        int b = indexOf(new PanelRef(piece, hinge.second()));
        LineSegment line = Footprints.of(hinge.at(), flat.state().position().get(first));
        BitSet paper = new BitSet();
        IntStream.range(0, layers.size()).filter(i -> layers.get(i).kind() != StackLayer.Kind.CONTENTS)
                .forEach(paper::set);
        Length beside = Length.ZERO;
        Length besidePaper = Length.ZERO;
        for (Overlay.Edge edge : overlay.edges()) {
            if (Overlay.runsAlong(edge, line)) {
                for (int cell : new int[] {edge.left(), edge.right()}) {
                    BitSet here = overlay.faces(cell);
                    if (here.get(a) && here.get(b)) {
                        beside = Length.longer(beside, between(a, b, here).minus(inTheMiddle(a, b, here)));
                        BitSet sheets = (BitSet) here.clone();
                        sheets.and(paper);
                        besidePaper = Length.longer(besidePaper, between(a, b, sheets));
                    }
                }
            }
        }
        Length anywhere = Length.ZERO;
        for (Overlay.Cell cell : overlay.cells()) {
            anywhere = Length.longer(anywhere, between(a, b, cell.faces()));
        }
        return new ClosedStack.Enclosed(beside, besidePaper, anywhere);
    }

    /** The thickness of what lies between two layers where both are. */
    private Length between(int a, int b, BitSet over) {
        return over.get(a) && over.get(b) ? thickness(over, Math.min(a, b) + 1, Math.max(a, b)) : Length.ZERO;
    }
}

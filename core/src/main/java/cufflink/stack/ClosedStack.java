package cufflink.stack;

import cufflink.crease.RobustOverlay;
import cufflink.design.CreaseRef;
import cufflink.design.PanelRef;
import cufflink.fold.FlatFoldedState;
import cufflink.measure.Length;
import cufflink.problem.Ordered;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * The closed card as layers from the front to the back.
 *
 * @param flat      its panels, their order proved
 * @param layers    front first
 * @param bounds    of the panels seen from the front, with the paper of spines at the edge, millimetres
 * @param thickness at the thickest place, or of a spine that stands up wider
 * @param thickest  a point where most lies over one another
 * @param over      by panel: the thickness at the thickest place of it, itself included
 * @param rounds    by folded crease, what it goes round
 * @param spaces    spaces between the layers that walls close on most sides
 * @param contents  what lies in pockets or on panels, each on the panel that it moves with
 */
public record ClosedStack(FlatFoldedState flat, List<StackLayer> layers, Envelope bounds, Length thickness,
        Coordinate thickest, Map<PanelRef, Length> over, Map<CreaseRef, Enclosed> rounds, List<PocketSpace> spaces,
        List<Attached> contents) {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    public ClosedStack {
        layers = List.copyOf(layers);
        over = Ordered.map(over);
        rounds = Ordered.map(rounds);
        spaces = List.copyOf(spaces);
        contents = List.copyOf(contents);
    }

    /**
     * What a folded crease goes round: the thickness of what lies between its two panels.
     *
     * @param beside   right beside the crease, where a single score bulges
     * @param paper    of that what is paper and stays there; contents give way
     * @param anywhere at the thickest place, which a spine has to be as high as if its panels are to lie level
     */
    public record Enclosed(Length beside, Length paper, Length anywhere) {
        static final Enclosed NOTHING = new Enclosed(Length.ZERO, Length.ZERO, Length.ZERO);

        /** What two stretches of one crease go round. */
        Enclosed and(Enclosed other) {
            return new Enclosed(Length.longer(beside, other.beside), Length.longer(paper, other.paper),
                    Length.longer(anywhere, other.anywhere));
        }
    }

    /** By folded crease: the thickness of what lies between its two panels right beside it. */
    public Map<CreaseRef, Length> enclosed() {
        Map<CreaseRef, Length> enclosed = new LinkedHashMap<>();
        rounds.forEach((crease, round) -> enclosed.put(crease, round.beside()));
        return enclosed;
    }

    /** How thick the paper of a piece is. */
    public Length caliper(String piece) {
        // A panel that is bent in two is thicker.
        return layers.stream().filter(layer -> layer.kind() == StackLayer.Kind.PANEL
                && layer.panel().filter(panel -> panel.piece().equals(piece)).isPresent())
                .map(StackLayer::thickness).min(Length::compareTo).orElse(Length.ZERO);
    }

    /** To 1/100 000 mm, which every ruler's divisions are multiples of. */
    public Length width() {
        return onGrid(bounds.getWidth());
    }

    /** As {@link #width()}. */
    public Length height() {
        return onGrid(bounds.getHeight());
    }

    /** With what stands out of it: contents and ornaments. */
    ClosedSize whole() {
        return with(EnumSet.allOf(StackLayer.Kind.class));
    }

    /** With the ornaments that stand out of it. */
    ClosedSize adorned() {
        return with(EnumSet.of(StackLayer.Kind.ORNAMENT));
    }

    private ClosedSize with(Set<StackLayer.Kind> kinds) {
        Envelope all = new Envelope(bounds);
        layers.stream().filter(layer -> kinds.contains(layer.kind()))
                .forEach(layer -> all.expandToInclude(layer.footprint().getEnvelopeInternal()));
        Length width = onGrid(all.getWidth());
        Length height = onGrid(all.getHeight());
        return new ClosedSize(width, height, thickness, Length.longer(rim(layer -> layer.getMinX(),
                layer -> layer.getMaxX()), rim(layer -> layer.getMinY(), layer -> layer.getMaxY())));
    }

    private Length rim(ToDoubleFunction<Envelope> from, ToDoubleFunction<Envelope> to) {
        return Winding.rim(layers.stream()
                .map(layer -> new Winding.Layer(from.applyAsDouble(layer.footprint().getEnvelopeInternal()),
                        to.applyAsDouble(layer.footprint().getEnvelopeInternal()), layer.thickness()))
                .toList(), thickness);
    }

    /** Turned panels have sides whose rounding to the nanometre adds up. */
    private static Length onGrid(double millimetres) {
        return Length.nearestToMillimetres(Math.rint(millimetres * 1e5) / 1e5);
    }

    /** A layer that can be seen, with the share of the card's outline that it shows, 0 to 1. */
    public record Shown(StackLayer layer, double share) {
    }

    /** What shows from the front or from the back, the largest share first; less than a hundredth is left out. */
    public List<Shown> shown(boolean fromFront) {
        List<StackLayer> order = new ArrayList<>(layers);
        if (!fromFront) {
            Collections.reverse(order);
        }
        Geometry covered = FACTORY.createPolygon();
        List<Double> areas = new ArrayList<>();
        for (StackLayer layer : order) {
            areas.add(RobustOverlay.difference(layer.footprint(), covered).getArea());
            covered = RobustOverlay.union(covered, layer.footprint());
        }
        double all = covered.getArea();
        List<Shown> shown = new ArrayList<>();
        for (int i = 0; i < order.size(); i++) {
            if (areas.get(i) > all / 100) {
                shown.add(new Shown(order.get(i), areas.get(i) / all));
            }
        }
        shown.sort(Comparator.comparingDouble(Shown::share).reversed());
        return shown;
    }

    /** What lies at a place, front first; nothing beside the card. */
    public List<StackLayer> at(Coordinate place) {
        return layers.stream().filter(layer -> layer.footprint().getEnvelopeInternal().contains(place)
                && layer.footprint().contains(FACTORY.createPoint(place))).toList();
    }
}

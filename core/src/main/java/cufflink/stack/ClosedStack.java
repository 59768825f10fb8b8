package cufflink.stack;

import cufflink.crease.RobustOverlay;
import cufflink.design.CreaseRef;
import cufflink.fold.FlatFoldedState;
import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * The closed card as layers from the front to the back.
 *
 * @param flat      its panels, their order proved
 * @param layers    front first
 * @param bounds    of the panels seen from the front, millimetres
 * @param thickness at the thickest place
 * @param thickest  a point there
 * @param enclosed  by folded crease: the thickness of what lies between its two panels beside it
 * @param spaces    spaces between the layers that walls close on most sides
 */
public record ClosedStack(FlatFoldedState flat, List<StackLayer> layers, Envelope bounds, Length thickness,
        Coordinate thickest,
        Map<CreaseRef, Length> enclosed, List<PocketSpace> spaces) {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    public ClosedStack {
        layers = List.copyOf(layers);
        spaces = List.copyOf(spaces);
    }

    /** To 1/100 000 mm, which every ruler's divisions are multiples of. */
    public Length width() {
        return onGrid(bounds.getWidth());
    }

    /** As {@link #width()}. */
    public Length height() {
        return onGrid(bounds.getHeight());
    }

    /** With the contents that stand out of it. */
    Length wholeWidth() {
        return onGrid(whole().getWidth());
    }

    /** As {@link #wholeWidth()}. */
    Length wholeHeight() {
        return onGrid(whole().getHeight());
    }

    private Envelope whole() {
        Envelope whole = new Envelope();
        layers.forEach(layer -> whole.expandToInclude(layer.footprint().getEnvelopeInternal()));
        return whole;
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

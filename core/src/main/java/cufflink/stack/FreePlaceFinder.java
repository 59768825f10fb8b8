package cufflink.stack;

import cufflink.crease.RobustOverlay;
import cufflink.design.Held;
import cufflink.design.PanelRef;
import cufflink.measure.Length;
import cufflink.stack.Adornment.FreePlace;
import java.util.ArrayDeque;
import java.util.Comparator;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;

/**
 * Finds the largest upright rectangle on the front of a closed card that lies on one panel and under nothing: among the
 * cells of a grid first (largest rectangle in a histogram), then as far as each of its sides can be moved outwards.
 * What it finds is free, since the free area contains it; a slightly larger place may be there.
 */
final class FreePlaceFinder {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final Comparator<FreePlace> BETTER = Comparator.comparing(FreePlace::takesWords)
            .thenComparingDouble(place -> place.bounds().getArea());
    private static final int CELLS = 48;
    private static final int HALVINGS = 8;

    private final PreparedGeometry free;
    private final Held held;
    private final Envelope all;
    private final double cell;

    private FreePlaceFinder(Geometry free, Held held) {
        this.held = held;
        this.free = PreparedGeometryFactory.prepare(free);
        this.all = free.getEnvelopeInternal();
        this.cell = Math.max(all.getWidth(), all.getHeight()) / CELLS;
    }

    /** The largest of all panels; absent where nothing is free. */
    static Optional<FreePlace> find(ClosedStack stack, Held held) {
        return free(stack).entrySet().stream().filter(panel -> !panel.getValue().isEmpty())
                .map(panel -> place(panel.getKey(), new FreePlaceFinder(panel.getValue(), held).find(), held))
                .filter(place -> place.bounds().getArea() > 0).max(BETTER);
    }

    private static FreePlace place(PanelRef panel, Envelope bounds, Held held) {
        Length width = Length.nearestToMillimetres(bounds.getWidth());
        Length height = Length.nearestToMillimetres(bounds.getHeight());
        return held.isTurned() ? new FreePlace(panel, bounds, height, width)
                : new FreePlace(panel, bounds, width, height);
    }

    /** What of each panel and its layers nothing lies over. */
    private static Map<PanelRef, Geometry> free(ClosedStack stack) {
        Map<PanelRef, Geometry> free = new LinkedHashMap<>();
        Geometry covered = FACTORY.createPolygon();
        for (StackLayer layer : stack.layers()) {
            if (layer.kind() == StackLayer.Kind.PANEL || layer.kind() == StackLayer.Kind.MAT) {
                free.merge(layer.panel().orElseThrow(), RobustOverlay.difference(layer.footprint(), covered),
                        RobustOverlay::union);
            }
            covered = RobustOverlay.union(covered, layer.footprint());
        }
        return free;
    }

    private Envelope find() {
        int columns = (int) Math.floor(all.getWidth() / cell);
        int rows = (int) Math.floor(all.getHeight() / cell);
        int[] heights = new int[columns + 1];
        Envelope best = new Envelope();
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                heights[column] = isFree(cells(column, row, 1, 1)) ? heights[column] + 1 : 0;
            }
            best = larger(best, row, heights);
        }
        return best.isNull() ? best : grown(best);
    }

    private Envelope cells(int column, int row, int across, int down) {
        double x = all.getMinX() + column * cell;
        double y = all.getMinY() + row * cell;
        return new Envelope(x, x + across * cell, y, y + down * cell);
    }

    /** The largest rectangle that stands on a row of cells, if it is larger; the last height is always 0. */
    private Envelope larger(Envelope before, int row, int[] heights) {
        Envelope best = before;
        Deque<Integer> rising = new ArrayDeque<>();
        for (int column = 0; column < heights.length; column++) {
            while (!rising.isEmpty() && heights[rising.peek()] >= heights[column]) {
                int height = heights[rising.pop()];
                int from = rising.isEmpty() ? 0 : rising.peek() + 1;
                Envelope found = cells(from, row - height + 1, column - from, height);
                best = height > 0 && isBetter(found, best) ? found : best;
            }
            rising.push(column);
        }
        return best;
    }

    private boolean isBetter(Envelope one, Envelope other) {
        PanelRef nowhere = new PanelRef("", "");
        return other.isNull() || BETTER.compare(place(nowhere, one, held), place(nowhere, other, held)) > 0;
    }

    private boolean isFree(Envelope place) {
        return free.contains(FACTORY.toGeometry(place));
    }

    private Envelope grown(Envelope found) {
        double[] sides = {found.getMinX(), found.getMinY(), found.getMaxX(), found.getMaxY()};
        for (int side = 0; side < sides.length; side++) {
            double step = (side < 2 ? -1 : 1) * cell;
            for (int i = 0; i < HALVINGS; i++) {
                sides[side] += step;
                if (!isFree(new Envelope(sides[0], sides[2], sides[1], sides[3]))) {
                    sides[side] -= step;
                }
                step /= 2;
            }
        }
        return new Envelope(sides[0], sides[2], sides[1], sides[3]);
    }
}

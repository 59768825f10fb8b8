package cufflink.mat;

import cufflink.design.PanelRef;
import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.problem.Ordered;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * The maker's wishes for layers. Each layer is smaller than what it lies on by twice the reveal in each dimension: 1/16
 * in is the tight school (a step of 1/8), 1/8 in the open one (a step of 1/4).
 *
 * @param layers  on each panel that takes them, 0 to 5
 * @param reveal  the border left showing on each side
 * @param byPanel exceptions, by panel
 */
public record MatSettings(int layers, Length reveal, Map<PanelRef, OnPanel> byPanel) {
    public static final int MOST_LAYERS = 5;
    public static final Length TIGHT_REVEAL = Length.ofInches(1, 16);
    public static final Length OPEN_REVEAL = Length.ofInches(1, 8);
    public static final Length METRIC_REVEAL = Length.ofMillimetres(3);

    /**
     * Exceptions for one panel.
     *
     * @param width of a first layer that is already cut, with {@code height}
     */
    public record OnPanel(Optional<Integer> layers, Optional<Length> reveal, Optional<Length> width,
            Optional<Length> height) {
    }

    public MatSettings {
        if (layers < 0 || layers > MOST_LAYERS) {
            throw new IllegalArgumentException("layers must lie between 0 and " + MOST_LAYERS + ": " + layers);
        }
        if (!reveal.isPositive()) {
            throw new IllegalArgumentException("reveal must be more than 0: " + reveal);
        }
        byPanel = Ordered.map(byPanel);
    }

    /** One layer, with 1/8 in or 3 mm showing. */
    public static MatSettings usual(LengthUnit unit) {
        return new MatSettings(1, unit == LengthUnit.INCH ? OPEN_REVEAL : METRIC_REVEAL, Map.of());
    }

    public MatSettings withLayers(int count) {
        return new MatSettings(count, reveal, byPanel);
    }

    public MatSettings withReveal(Length border) {
        return new MatSettings(layers, border, byPanel);
    }

    public MatSettings with(PanelRef panel, OnPanel exception) {
        Map<PanelRef, OnPanel> more = new LinkedHashMap<>(byPanel);
        more.put(panel, exception);
        return new MatSettings(layers, reveal, more);
    }
}

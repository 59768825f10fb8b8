package cufflink.directions.finding;

import cufflink.directions.Claim;
import cufflink.directions.Directions;
import cufflink.directions.ReadPiece;
import cufflink.directions.Said;
import cufflink.directions.finding.Finding.Grade;
import cufflink.measure.Length;
import cufflink.words.FindingWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Layers of which one side leaves the border that the text tells, and the other does not. */
final class BorderJudge {
    /** Layers are rounded to a mark of the ruler. */
    private static final Length ROUNDED = Length.ofInches(1, 16);
    /** What is off by more was not meant for that panel. */
    private static final Length FARTHEST = Length.ofInches(1, 1);

    private BorderJudge() {
    }

    /** A panel that it may lie on, and by how much each side of the layer is off there. */
    private record Place(Length width, Length height, Length off, boolean isWidthOff) {
    }

    static Stream<Finding> find(Directions directions) {
        return directions.claims().stream().filter(Claim.Border.class::isInstance).map(Claim.Border.class::cast)
                .flatMap(claim -> finding(directions, directions.pieces().get(claim.piece()), claim.border()));
    }

    private static Stream<Finding> finding(Directions directions, ReadPiece layer, Said border) {
        List<Place> places = new ArrayList<>();
        for (ReadPiece under : LayerJudge.under(directions, layer).map(List::of).orElse(directions.pieces())) {
            for (Length wide : PanelJudge.panels(under, true)) {
                for (Length high : PanelJudge.panels(under, false)) {
                    for (boolean turned : new boolean[] {false, true}) {
                        Length width = turned ? high : wide;
                        Length height = turned ? wide : high;
                        Length across = off(width, layer.width(), border);
                        Length down = off(height, layer.height(), border);
                        boolean widthOff = across.isLongerThan(down);
                        if (!(widthOff ? down : across).isLongerThan(ROUNDED) && under != layer) {
                            places.add(new Place(width, height, widthOff ? across : down, widthOff));
                        }
                    }
                }
            }
        }
        Optional<Place> nearest = places.stream().min(Comparator.comparing(Place::off))
                .filter(place -> place.off().isLongerThan(ROUNDED) && !place.off().isLongerThan(FARTHEST));
        return nearest.map(place -> finding(layer, border, place)).stream();
    }

    private static Length off(Length panel, Said layer, Said border) {
        return panel.minus(layer.length()).minus(border.length().times(2)).abs();
    }

    private static Finding finding(ReadPiece layer, Said border, Place place) {
        Said side = layer.side(place.isWidthOff());
        Length meant = (place.isWidthOff() ? place.width() : place.height()).minus(border.length().times(2));
        String value = Near.like(meant, side);
        return Finding.of(Grade.UNLIKELY, "unequal borders",
                FindingWords.OTHER_BORDER.of("piece", layer.one(), "said", Near.text(side), "what",
                        place.isWidthOff() ? "wide" : "high", "border", Near.text(border), "panel",
                        Near.size(side.unit(), place.width(), place.height()), "value", value),
                List.of(side.span(), border.span()), List.of(Near.text(side), value)).suggesting(side.span(), value);
    }
}

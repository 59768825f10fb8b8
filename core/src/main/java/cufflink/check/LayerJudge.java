package cufflink.check;

import cufflink.crease.CreasePattern;
import cufflink.crease.Openings;
import cufflink.crease.RobustOverlay;
import cufflink.design.SizedDesign.Piece;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.words.CheckWords;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Polygon;

/**
 * Is each layer smaller than what it lies on, and clear of the folds? Measured from outline to outline, along every
 * edge, whatever the layer was sized by.
 */
final class LayerJudge implements Judge {
    /** A layer nearer to a fold than this cracks at its edge (common practice). */
    private static final Length CLEAR_OF_FOLD = Length.ofInches(1, 32);
    /** Square millimetres by which a layer may stand out by rounding. */
    private static final double SPECK = 1e-3;

    /** A layer with the least border that it leaves; negative where it stands out. */
    private record Border(MatLayer layer, Length least) {
    }

    @Override
    public List<Check> judge(CheckSubject subject) {
        List<Check> checks = new ArrayList<>();
        List<Border> borders = borders(subject);
        for (Border border : borders) {
            MatLayer layer = border.layer();
            String id = "layer-" + layer.place() + "-" + layer.layer();
            if (border.least().isNegative()) {
                checks.add(Check.bad(id, Optional.of(border.least()),
                        said(CheckWords.LAYER_TOO_LARGE, layer, subject), Optional.empty()));
            } else if (CLEAR_OF_FOLD.isLongerThan(border.least())) {
                checks.add(Check.watch(id, Optional.of(border.least()),
                        said(CheckWords.LAYER_TO_THE_EDGE, layer, subject)));
            }
        }
        if (checks.isEmpty() && !borders.isEmpty()) {
            Length least = borders.stream().map(Border::least).min(Comparator.naturalOrder()).orElseThrow();
            checks.add(Check.good("layers", least,
                    CheckWords.LAYERS_SMALLER.of("border", subject.onRuler(subject.step().down(least)))));
        }
        return checks;
    }

    /** Layers come panel by panel from the lowest up. */
    private static List<Border> borders(CheckSubject subject) {
        List<Border> borders = new ArrayList<>();
        Map<Object, Polygon> tops = new HashMap<>();
        for (MatLayer layer : subject.mats()) {
            Piece piece = subject.design().piece(layer.on().on().piece());
            CreasePattern pattern = subject.pieces().get(piece.id()).pattern();
            Polygon lowest = layer.on().isWhole() ? pattern.outline()
                    : pattern.panel(layer.on().on().panel()).orElseThrow().outline();
            Polygon under = tops.getOrDefault(layer.on(), Openings.closed(lowest, piece));
            Polygon own = Openings.closed(layer.outline(), piece);
            borders.add(new Border(layer, least(own, under)));
            tops.put(layer.on(), own);
        }
        return borders;
    }

    private static Length least(Polygon layer, Polygon under) {
        boolean inside = RobustOverlay.difference(layer, under).getArea() < SPECK;
        double beyond = Arrays.stream(layer.getCoordinates())
                .mapToDouble(corner -> layer.getFactory().createPoint(corner).distance(under)).max().orElse(0);
        return Length.nearestToMillimetres(inside ? layer.getBoundary().distance(under.getBoundary()) : -beyond);
    }

    private static Message said(CheckWords code, MatLayer layer, CheckSubject subject) {
        return code.of("layer", layer.label(), "size", layer.form().text(subject.format()), "under",
                layer.under().text(subject.format()));
    }
}

package cufflink.check;

import cufflink.crease.Openings;
import cufflink.crease.RobustOverlay;
import cufflink.design.SizedDesign.Piece;
import cufflink.mat.MatLayer;
import cufflink.words.CheckWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/** Does every layer leave the windows, notches and slots under it open? */
final class OpeningJudge implements Judge {
    /** Square millimetres that a layer may cover by rounding. */
    private static final double SPECK = 0.5;

    @Override
    public List<Check> judge(CheckSubject subject) {
        List<Check> checks = new ArrayList<>();
        int openings = 0;
        for (MatLayer layer : subject.mats()) {
            Piece piece = subject.design().piece(layer.on().on().piece());
            for (Geometry opening : Openings.all(piece).toList()) {
                Geometry box = layer.outline().getFactory().toGeometry(layer.outline().getEnvelopeInternal());
                if (RobustOverlay.intersection(opening, box).getArea() > SPECK) {
                    openings++;
                    if (RobustOverlay.intersection(opening, layer.outline()).getArea() > SPECK) {
                        checks.add(Check.bad("opening-" + layer.on().on() + "-" + layer.layer(), Optional.empty(),
                                CheckWords.OPENING_CLOSED.of("layer", layer.label()), Optional.empty()));
                    }
                }
            }
        }
        if (checks.isEmpty() && openings > 0) {
            checks.add(Check.good("openings", CheckWords.OPENINGS_FREE.of()));
        }
        return checks;
    }
}

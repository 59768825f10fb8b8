package cufflink.design;

import cufflink.design.DesignDefinition.PanelPlace;
import java.util.Optional;

/**
 * A line that a part scores on the panel that it is put on: what is scored on the piece that stands for that.
 *
 * @param face  as seen from which it is measured; the one that lies up if absent
 * @param score with both its ends
 */
public record PanelScoring(PanelPlace on, Optional<Face> face, PieceDefinition.Score score) {
    /** The same, further right and down. */
    PanelScoring moved(DesignDefinition.Spot by) {
        return new PanelScoring(on, face, score.on(score.line().moved(by)));
    }
}

package cufflink.plan;

import cufflink.cut.SheetLayout;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign.Glue;
import cufflink.fold.FoldStage;
import cufflink.mat.MatLayer;
import cufflink.score.ScoreSetup;
import java.util.List;

/** What a step is about, for whoever draws it. */
public sealed interface StepSubject {
    /** Cutting a sheet; {@code alike} sheets are cut the same way. */
    record OfSheet(SheetLayout layout, int alike) implements StepSubject {
    }

    /** Scoring a piece against the fence. */
    record OfScores(ScoreSetup setup) implements StepSubject {
    }

    /** Layers put together before they go on a panel. */
    record OfLayers(PanelRef panel, List<MatLayer> layers) implements StepSubject {
        public OfLayers {
            layers = List.copyOf(layers);
        }
    }

    /** Openings and notches of a piece. */
    record OfPiece(String piece) implements StepSubject {
    }

    /** A fold of a piece. */
    record OfFold(String piece, int index, FoldStage stage) implements StepSubject {
    }

    /** Glue between panels, or of a piece onto a panel. */
    record OfGlue(Glue glue) implements StepSubject {
    }

    /** The closed card. */
    record OfCard() implements StepSubject {
    }
}

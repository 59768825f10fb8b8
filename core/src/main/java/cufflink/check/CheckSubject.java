package cufflink.check;

import cufflink.cut.LayoutPlan;
import cufflink.design.DesignDefinition.Measure;
import cufflink.design.SizedDesign;
import cufflink.fold.ClosedStack;
import cufflink.fold.FoldedPiece;
import cufflink.mat.MatLayer;
import cufflink.measure.LengthFormat;
import cufflink.measure.RulerStep;
import cufflink.paper.BenchTools;
import cufflink.paper.NamedSize;
import cufflink.score.ScoreSetup;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Everything that is judged.
 *
 * @param pieces   folded, by piece id
 * @param stack    the closed card, if every piece folds flat
 * @param envelope the one it is to go into
 */
public record CheckSubject(SizedDesign design, Map<String, FoldedPiece> pieces, Optional<ClosedStack> stack, List<MatLayer> mats,
                           List<ScoreSetup> scores, LayoutPlan layout, Optional<NamedSize> envelope, BenchTools tools, RulerStep step) {
    LengthFormat format() {
        return LengthFormat.of(step.unit());
    }

    /** Names the measure to change, as a change without a value. */
    Optional<Check.Change> change(String measure) {
        return design.definition().measure(measure).filter(Measure::canBeSet)
                .map(found -> new Check.Change(found.name(), found.label(), Optional.empty()));
    }
}

package cufflink.check;

import cufflink.cut.LayoutPlan;
import cufflink.design.DesignDefinition.Measure;
import cufflink.design.SizedDesign;
import cufflink.fold.Assembly;
import cufflink.fold.ClosedStack;
import cufflink.fold.FlatFoldedState;
import cufflink.fold.FoldedPiece;
import cufflink.fold.PosedCard;
import cufflink.problem.Outcome;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
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
 * @param pieces           folded, by piece id
 * @param assembly         the pieces joined
 * @param closed           the closed card, or why it does not close
 * @param poses            of the closed card
 * @param stack            the closed card, if every piece folds flat
 * @param envelope         the one it is to go into
 * @param fittedToEnvelope whether the size was sought for it
 */
public record CheckSubject(SizedDesign design, Map<String, FoldedPiece> pieces, Assembly assembly,
        Outcome<FlatFoldedState> closed, List<PosedCard> poses, Optional<ClosedStack> stack, List<MatLayer> mats,
        List<ScoreSetup> scores, LayoutPlan layout, Optional<NamedSize> envelope, boolean fittedToEnvelope,
        BenchTools tools, RulerStep step) {
    LengthFormat format() {
        return LengthFormat.of(step.unit());
    }

    /** A length on the maker's ruler: exact if it lies there, otherwise the nearest division marked as such. */
    String onRuler(Length length) {
        return step.text(length);
    }

    /** What is to spare, or lacks, never flattered: to spare is rounded down, what lacks up. */
    String margin(Length margin) {
        return format().text(margin.isNegative() ? step.up(margin.abs()) : step.down(margin));
    }

    /** Names the measure to change, as a change without a value. */
    Optional<Check.Change> change(String measure) {
        return design.definition().measure(measure).filter(Measure::canBeSet)
                .map(found -> new Check.Change(found.name(), found.label(), Optional.empty()));
    }
}

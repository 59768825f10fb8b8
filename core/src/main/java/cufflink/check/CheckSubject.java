package cufflink.check;

import cufflink.cut.LayoutPlan;
import cufflink.design.Measure;
import cufflink.design.PartDefinition;
import cufflink.design.SizedDesign;
import cufflink.fold.Assembly;
import cufflink.fold.FoldedPiece;
import cufflink.fold.GluePatch;
import cufflink.fold.PosedCard;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.Measured;
import cufflink.measure.RulerStep;
import cufflink.paper.BenchTools;
import cufflink.paper.NamedSize;
import cufflink.score.ScoreSetup;
import cufflink.stack.ClosedSize;
import cufflink.stack.ClosedStack;
import cufflink.stack.PartSizes;
import cufflink.stack.PosedDesign;
import cufflink.stack.SoftWay;
import cufflink.stack.StackedDesign;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Everything that is judged.
 *
 * @param posed    the design after its last stage, opened
 * @param glued    where each joint takes glue, by its id
 * @param across   pieces of heavy card that are laid on their sheets with their long fold across the grain
 * @param envelope the one it is to go into
 */
public record CheckSubject(PosedDesign posed, Map<String, GluePatch> glued, List<ScoreSetup> scores,
        LayoutPlan layout, Set<String> across, Optional<Into> envelope, BenchTools tools, RulerStep step) {
    /**
     * An envelope.
     *
     * @param fitted whether the size was sought for it
     */
    public record Into(NamedSize envelope, boolean fitted) {
    }

    /** The design after its last stage, closed. */
    StackedDesign stacked() {
        return posed.stacked();
    }

    /** Of the closed card. */
    List<PosedCard> poses() {
        return posed.poses();
    }

    /** Soft pieces, measured in the closed card and in every pose. */
    List<SoftWay> soft() {
        return posed.soft();
    }

    /** The sized design, with the creases that folding adds. */
    SizedDesign design() {
        return stacked().design();
    }

    /** Folded, by piece id. */
    Map<String, FoldedPiece> pieces() {
        return stacked().pieces();
    }

    /** What a piece is joined to. */
    Assembly assembly(String piece) {
        return stacked().assembly(piece);
    }

    /** The closed card; absent while it does not close. */
    Optional<ClosedStack> stack() {
        return stacked().stack();
    }

    /** The closed card with what goes round it; absent while something does not close. */
    Optional<ClosedSize> whole() {
        return PartSizes.of(stacked()).whole();
    }

    /** The outermost part that goes through the post as it is; absent without one. */
    Optional<PartDefinition> posted() {
        return design().puts().stream().map(SizedDesign.PutStep::part)
                .filter(part -> part.depth() == 0 && part.isPosted())
                .reduce((one, later) -> later);
    }

    /** Every layer to cut. */
    List<MatLayer> mats() {
        return stacked().mats();
    }

    LengthFormat format() {
        return LengthFormat.of(step.unit());
    }

    /** A length on the maker's ruler: exact if it lies there, otherwise the nearest division marked as such. */
    Measured onRuler(Length length) {
        return Measured.of(length, step);
    }

    /** A length, exactly. */
    Measured exact(Length length) {
        return Measured.of(length, format());
    }

    /** What is to spare, or lacks, never flattered: to spare is rounded down, what lacks up. */
    Measured margin(Length margin) {
        return exact(margin.isNegative() ? step.up(margin.abs()) : step.down(margin));
    }

    /** Names the measure to change, as a change without a value. */
    Optional<Check.Change> change(String measure) {
        return design().definition().measure(measure).filter(Measure::canBeSet)
                .map(found -> new Check.Change(found.name(), found.label(), Optional.empty()));
    }
}

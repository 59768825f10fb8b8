package cufflink.plan;

import cufflink.cut.LayoutPlan;
import cufflink.design.Measures;
import cufflink.design.SizedDesign;
import cufflink.fit.FitAnswer;
import cufflink.fold.FoldedPiece;
import cufflink.fold.GluePatch;
import cufflink.fold.PosedCard;
import cufflink.mat.MatLayer;
import cufflink.measure.LengthFormat;
import cufflink.problem.Ordered;
import cufflink.score.ScoreSetup;
import cufflink.stack.ClosedSize;
import cufflink.stack.ClosedStack;
import cufflink.stack.PosedDesign;
import cufflink.stack.SoftWay;
import cufflink.stack.StackedDesign;
import cufflink.stack.StandingSize;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a project comes to, before it is judged and told.
 *
 * @param posed the design after its last stage, opened
 * @param glued where each joint takes glue, by its id
 */
public record Workings(Project project, FitAnswer fit, PosedDesign posed, Map<String, GluePatch> glued,
        LayoutPlan layout, List<ScoreSetup> scores) {
    public Workings {
        glued = Ordered.map(glued);
        scores = List.copyOf(scores);
    }

    /** The design after its last stage, closed. */
    public StackedDesign stacked() {
        return posed.stacked();
    }

    /** Of the closed card; none while it does not close. */
    public List<PosedCard> poses() {
        return posed.poses();
    }

    /** Soft pieces, measured in the closed card and in every pose. */
    public List<SoftWay> soft() {
        return posed.soft();
    }

    /** The sized design, with the creases that folding adds. */
    public SizedDesign design() {
        return stacked().design();
    }

    /** Each piece folded by itself, by id, in the order of the design. */
    public Map<String, FoldedPiece> pieces() {
        return stacked().pieces();
    }

    /** Every layer to cut. */
    public List<MatLayer> mats() {
        return stacked().mats();
    }

    /** The closed card; absent while it does not close. */
    public Optional<ClosedStack> stack() {
        return stacked().stack();
    }

    /** The size of the closed card as it is held; absent while it does not close. */
    public Optional<ClosedSize> closedSize() {
        return stacked().closedSize();
    }

    /** How large it is where it stands; absent for what closes. */
    public Optional<StandingSize> standing() {
        return StandingSize.of(posed);
    }

    public Measures measures() {
        return design().measures();
    }

    public LengthFormat format() {
        return LengthFormat.of(project.unit());
    }

    /** The same with another layout. */
    Workings with(LayoutPlan other) {
        return new Workings(project, fit, posed, glued, other, scores);
    }
}

package cufflink.plan;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.cut.LayoutPlan;
import cufflink.design.Measures;
import cufflink.design.SizedDesign;
import cufflink.fit.FitAnswer;
import cufflink.fold.ClosedStack;
import cufflink.fold.FoldedPiece;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.problem.Problem;
import cufflink.score.ScoreSetup;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A project, worked out.
 *
 * @param folded  the design folded and put together
 * @param run     every step in order
 * @param notices where a wish was changed to the nearest possible
 */
public record Plan(Project project, FitAnswer fit, FoldedDesign folded, LayoutPlan layout, List<ScoreSetup> scores,
        List<Check> checks, List<RunStep> run,
        List<Problem> notices) {
    public Plan {
        scores = List.copyOf(scores);
        checks = List.copyOf(checks);
        run = List.copyOf(run);
        notices = List.copyOf(notices);
    }

    /** The sized design, with the creases that folding adds. */
    public SizedDesign design() {
        return folded.design();
    }

    /** Each piece folded by itself, by id, in the order of the design. */
    public Map<String, FoldedPiece> pieces() {
        return folded.pieces();
    }

    /** Every layer to cut. */
    public List<MatLayer> mats() {
        return folded.mats();
    }

    /** The closed card; absent while it does not close. */
    public Optional<ClosedStack> stack() {
        return folded.stack();
    }

    /** What was given and could not be used as it was. */
    public List<Changed> changed() {
        return ChangeFinder.find(project, measures(), format());
    }

    public Measures measures() {
        return design().measures();
    }

    public LengthFormat format() {
        return LengthFormat.of(project.unit());
    }

    /** Width of the closed card as it is held; absent while it does not close. */
    public Optional<Length> closedWidth() {
        return stack().map(closed -> design().definition().held().isTurned() ? closed.height() : closed.width());
    }

    /** Height of the closed card as it is held. */
    public Optional<Length> closedHeight() {
        return stack().map(closed -> design().definition().held().isTurned() ? closed.width() : closed.height());
    }

    /** The worst verdict. */
    public Verdict verdict() {
        return checks.stream().map(Check::verdict).max(Verdict::compareTo).orElse(Verdict.GOOD);
    }
}

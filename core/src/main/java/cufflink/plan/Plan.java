package cufflink.plan;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.cut.LayoutPlan;
import cufflink.design.Measures;
import cufflink.design.SizedDesign;
import cufflink.fit.FitAnswer;
import cufflink.fold.Assembly;
import cufflink.fold.FlatFoldedState;
import cufflink.fold.FoldedPiece;
import cufflink.fold.PosedCard;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.RulerStep;
import cufflink.problem.Problem;
import cufflink.score.ScoreSetup;
import cufflink.stack.ClosedSize;
import cufflink.stack.ClosedStack;
import cufflink.words.Message;
import cufflink.words.StepWords;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A project, worked out.
 *
 * @param run     every step in order
 * @param notices where a wish was changed to the nearest possible
 */
public record Plan(Workings workings, List<Check> checks, List<RunStep> run, List<Problem> notices) {
    public Plan {
        checks = List.copyOf(checks);
        run = List.copyOf(run);
        notices = List.copyOf(notices);
    }

    public Project project() {
        return workings.project();
    }

    public FitAnswer fit() {
        return workings.fit();
    }

    /** The sized design, with the creases that folding adds. */
    public SizedDesign design() {
        return workings.design();
    }

    /** Each piece folded by itself, by id, in the order of the design. */
    public Map<String, FoldedPiece> pieces() {
        return workings.pieces();
    }

    /** The pieces joined. */
    public Assembly assembly() {
        return workings.stacked().assembly();
    }

    /** The closed card with its order of layers; absent while it does not close. */
    public Optional<FlatFoldedState> closed() {
        return workings.stacked().flat();
    }

    /** The closed card in its poses. */
    public List<PosedCard> poses() {
        return workings.poses();
    }

    /** Every layer to cut. */
    public List<MatLayer> mats() {
        return workings.mats();
    }

    /** The closed card; absent while it does not close. */
    public Optional<ClosedStack> stack() {
        return workings.stack();
    }

    public LayoutPlan layout() {
        return workings.layout();
    }

    public List<ScoreSetup> scores() {
        return workings.scores();
    }

    /** What was given and could not be used as it was. */
    public List<Changed> changed() {
        return ChangeFinder.find(project(), measures(), format());
    }

    public Measures measures() {
        return workings.measures();
    }

    public LengthFormat format() {
        return workings.format();
    }

    /** Width of the closed card as it is held; absent while it does not close. */
    public Optional<Length> closedWidth() {
        return workings.closedSize().map(ClosedSize::width);
    }

    /** Height of the closed card as it is held. */
    public Optional<Length> closedHeight() {
        return workings.closedSize().map(ClosedSize::height);
    }

    /** How large it is, on the ruler: closed, or where it stands; absent while it does not close. */
    public Optional<Message> size() {
        RulerStep ruler = project().step();
        return workings.standing()
                .map(size -> (size.round() ? StepWords.OPENED_AT : StepWords.STANDS_AT).of("size",
                        ruler.size(size.across(), size.deep()), "high",
                        ruler.text(size.high())))
                .or(() -> workings.closedSize().map(
                        size -> StepWords.CLOSED_AT.of("size", ruler.size(size.width(), size.height()))));
    }

    /** Why a piece does not fold, the card does not close, or a pose cannot be taken; empty if nothing is wrong. */
    public List<Problem> faults() {
        List<Problem> faults = new ArrayList<>(workings.stacked().faults());
        poses().forEach(posed -> {
            faults.addAll(posed.state().problems());
            posed.obstacle().ifPresent(faults::add);
        });
        return List.copyOf(faults);
    }

    /** What of a piece's cut-outs and slits is cut only after a step: it is still closed there. */
    public Set<String> uncut(String piece, int step) {
        Set<String> uncut = new LinkedHashSet<>();
        run.stream().filter(later -> later.number() > step)
                .forEach(later -> uncut.addAll(HandNames.cuts(workings, later, piece)));
        return uncut;
    }

    /** What the maker wants to be told at a step. */
    public List<Reminder> reminders(RunStep step) {
        return project().noted().reminders().stream()
                .filter(reminder -> StepMark.find(run, reminder.step()) == step.number()).toList();
    }

    /** The worst verdict. */
    public Verdict verdict() {
        return checks.stream().map(Check::verdict).max(Verdict::compareTo).orElse(Verdict.GOOD);
    }
}

package cufflink.notebook;

import cufflink.measure.ExactText;
import cufflink.measure.Length;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.plan.RunStep;
import cufflink.plan.StepMark;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.NotebookWords;

/**
 * The border that layers leave showing is to be another.
 *
 * @param by how much more on each side; negative for less
 */
public record OfBorder(Length by) implements Target {
    @Override
    public <R> R accept(Cases<R> cases) {
        return cases.border(this);
    }

    @Override
    public String said() {
        return by.equals(Length.ZERO) ? "Border of the layers"
                : "Border of the layers, " + ExactText.of(by.abs()) + (by.isNegative() ? " less" : " more");
    }

    @Override
    public boolean isChange() {
        return !by.equals(Length.ZERO);
    }

    @Override
    public Outcome<Project> applied(Plan plan) {
        Project project = plan.project();
        Length border = project.mats().reveal().plus(by);
        return border.isPositive() ? Outcome.of(project.withMats(project.mats().withReveal(border)))
                : Outcome.failed(Problem.error("mats", NotebookWords.NO_BORDER_LEFT.of("by", ExactText.of(by.abs()))));
    }

    @Override
    public String step(Plan plan) {
        return StepMark.of(plan.run()).get(plan.run().stream().filter(step -> step.phase() == Phase.MAT).findFirst()
                .map(RunStep::number).orElse(1) - 1);
    }
}

package cufflink.notebook;

import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.problem.Outcome;

/**
 * A step of the run sheet, at which something is to be kept in mind.
 *
 * @param step  as {@link cufflink.plan.StepMark} has it
 * @param title as it was shown
 */
public record OfStep(String step, String title) implements Target {
    @Override
    public <R> R accept(Cases<R> cases) {
        return cases.step(this);
    }

    @Override
    public String said() {
        return title;
    }

    @Override
    public boolean isChange() {
        return false;
    }

    @Override
    public Outcome<Project> applied(Plan plan) {
        return Outcome.of(plan.project());
    }

    @Override
    public String step(Plan plan) {
        return step;
    }
}

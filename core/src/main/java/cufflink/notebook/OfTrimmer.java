package cufflink.notebook;

import cufflink.measure.ExactText;
import cufflink.measure.Length;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.plan.StepMark;
import cufflink.problem.Outcome;

/**
 * The trimmer is off.
 *
 * @param cutsShort by how much; negative if it cuts long
 */
public record OfTrimmer(Length cutsShort) implements Target {
    @Override
    public <R> R accept(Cases<R> cases) {
        return cases.trimmer(this);
    }

    @Override
    public String said() {
        return "The trimmer cuts " + ExactText.of(cutsShort.abs()) + (cutsShort.isNegative() ? " long" : " short");
    }

    @Override
    public boolean isChange() {
        return true;
    }

    @Override
    public Outcome<Project> applied(Plan plan) {
        Project project = plan.project();
        return Outcome.of(project.withTools(project.tools().withCutsShort(cutsShort)));
    }

    @Override
    public String step(Plan plan) {
        return StepMark.of(plan.run()).get(0);
    }
}

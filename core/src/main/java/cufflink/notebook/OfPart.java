package cufflink.notebook;

import cufflink.design.PartDefinition;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.plan.RunStep;
import cufflink.plan.StepMark;
import cufflink.plan.StepPiece;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.NotebookWords;
import java.util.List;
import java.util.Optional;

/**
 * A part of the project.
 *
 * @param part     its name
 * @param label    as it was shown
 * @param leaveOut whether it is to be left out
 */
public record OfPart(String part, String label, boolean leaveOut) implements Target {
    @Override
    public <R> R accept(Cases<R> cases) {
        return cases.part(this);
    }

    @Override
    public String said() {
        return leaveOut ? label + ": left out" : label;
    }

    @Override
    public boolean isChange() {
        return leaveOut;
    }

    @Override
    public Outcome<Project> applied(Plan plan) {
        boolean added = plan.project().wanted().added().stream().anyMatch(one -> one.name().equals(part));
        return added ? Outcome.of(plan.project().withoutPart(part))
                : Outcome.failed(Problem.error(part, NotebookWords.NOT_ADDED.of("label", label)));
    }

    /** The first step that is about it. */
    @Override
    public String step(Plan plan) {
        List<String> marks = StepMark.of(plan.run());
        Optional<PartDefinition> found = plan.design().parts().stream().filter(one -> one.name().equals(part))
                .findFirst();
        return marks.get(plan.run().stream()
                .filter(step -> step.subject().accept(new StepPiece())
                        .filter(piece -> found.isPresent() && found.get().has(piece)).isPresent())
                .findFirst().map(RunStep::number).orElse(1) - 1);
    }
}

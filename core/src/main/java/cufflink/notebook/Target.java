package cufflink.notebook;

import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.problem.Outcome;

/** What a correction is tied to, and the change that it asks for. */
public sealed interface Target permits OfMeasure, OfBorder, OfPart, OfStep, OfPaper, OfTrimmer {
    /** What to do with each kind. */
    interface Cases<R> {
        R measure(OfMeasure target);

        R border(OfBorder target);

        R part(OfPart target);

        R step(OfStep target);

        R paper(OfPaper target);

        R trimmer(OfTrimmer target);
    }

    <R> R accept(Cases<R> cases);

    /** A few words for a list: {@code Sleeve height, 1/8 in less}. */
    String said();

    /** Whether it asks for a change of the project. */
    boolean isChange();

    /** The project of a plan with the change, or why that cannot be. */
    Outcome<Project> applied(Plan plan);

    /** The step at which to keep it in mind, as {@link cufflink.plan.StepMark} has it. */
    String step(Plan plan);
}

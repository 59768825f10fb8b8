package cufflink.notebook;

import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.plan.Reminder;
import cufflink.problem.Outcome;
import java.util.Set;

/**
 * What is to be different next time a design is made.
 *
 * @param key      tells it from every other
 * @param design   the id of the design that it was learned of
 * @param text     in the maker's words
 * @param target   what it is tied to, with the change that it asks for
 * @param standing what the maker decided of it
 */
public record Correction(String key, String design, String text, Target target, Standing standing) {
    /** What the maker decided. */
    public enum Standing {
        /** It is offered to every project of the design. */
        OFFERED,
        /** New projects of the design begin with it. */
        OWN,
        /** It is not offered again. */
        DROPPED
    }

    public Correction {
        if (text.isBlank() || key.isBlank()) {
            throw new IllegalArgumentException("a correction says something, and has a key");
        }
    }

    /** The same after another decision. */
    public Correction with(Standing decided) {
        return new Correction(key, design, text, target, decided);
    }

    /** Whether a project is to be asked about it. */
    public boolean isOpen(Project project) {
        Set<String> answered = project.noted().answered();
        return standing != Standing.DROPPED && design.equals(project.design().id()) && !answered.contains(key);
    }

    /** In a line: what it is tied to, and the maker's words. */
    public String said() {
        return target.said().equals(text) ? text : target.said() + ": " + text;
    }

    /** Whether there is something to change, not only to keep in mind. */
    public boolean isChange() {
        return target.isChange();
    }

    /** The project of a plan with what it asks for, or why that cannot be. */
    public Outcome<Project> applied(Plan plan) {
        return target.applied(plan).map(this::answered);
    }

    /** The project of a plan with a reminder at the step that it belongs to. */
    public Project kept(Plan plan) {
        Project project = plan.project();
        return answered(project.with(project.noted().with(new Reminder(target.step(plan), text))));
    }

    /** The project without it. */
    public Project left(Project project) {
        return answered(project);
    }

    private Project answered(Project project) {
        return project.with(project.noted().withAnswered(key));
    }
}

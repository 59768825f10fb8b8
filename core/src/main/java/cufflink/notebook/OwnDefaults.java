package cufflink.notebook;

import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.NotebookWords;
import java.util.ArrayList;
import java.util.List;

/** The maker's own defaults, with which new projects of a design begin. */
public final class OwnDefaults {
    private OwnDefaults() {
    }

    /**
     * A new project with them, one after the other, each told in a notice: changes are applied, what is only to be kept
     * in mind is told at its step. One that cannot be is left to be offered.
     */
    public static Outcome<Plan> begin(Project project, List<Correction> corrections) {
        Outcome<Plan> begun = Planner.plan(project);
        List<Problem> notices = new ArrayList<>();
        for (Correction own : corrections) {
            if (begun.value().isEmpty() || own.standing() != Correction.Standing.OWN
                    || !own.isOpen(begun.value().get().project())) {
                continue;
            }
            Plan now = begun.value().get();
            Outcome<Plan> with = (own.isChange() ? own.applied(now) : Outcome.of(own.kept(now))).then(Planner::plan);
            if (with.value().isPresent()) {
                begun = with;
                notices.add(Problem.notice("", NotebookWords.OWN_DEFAULT.of("text", own.said())));
            }
        }
        List<Problem> all = new ArrayList<>(notices);
        all.addAll(begun.problems());
        return begun.value().isPresent() ? Outcome.of(begun.value().get(), all) : begun;
    }
}

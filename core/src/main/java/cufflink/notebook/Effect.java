package cufflink.notebook;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.words.NotebookWords;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a correction would change, planned before it is taken.
 *
 * @param plan    of the project with it
 * @param figures that would be others
 * @param checks  that would be others
 * @param same    how many checks stay as they are
 */
public record Effect(Plan plan, List<Difference> figures, List<Changed> checks, int same) {
    /**
     * A check that would be another.
     *
     * @param before none if it is new
     * @param after  none if it goes
     */
    public record Changed(Optional<Check> before, Optional<Check> after) {
        /** How it comes out then; what goes is good. */
        public Verdict verdict() {
            return after.map(Check::verdict).orElse(Verdict.GOOD);
        }

        /** What is found then, with what was found where that was another verdict. */
        public String text() {
            return after.map(check -> check.text() + before.filter(was -> was.verdict() != check.verdict())
                    .map(was -> " (now: " + was.verdict().word() + ")").orElse(""))
                    .orElseGet(() -> "No more: " + before.map(Check::text).orElse(""));
        }
    }

    public Effect {
        figures = List.copyOf(figures);
        checks = List.copyOf(checks);
    }

    /** What a correction would change in a plan, or why it cannot be taken. */
    public static Outcome<Effect> of(Plan now, Correction correction) {
        return correction.applied(now).then(project -> of(now, project));
    }

    /** What another project would change in a plan, or why it cannot be planned. */
    public static Outcome<Effect> of(Plan now, Project other) {
        return Planner.plan(other).map(after -> of(now, after));
    }

    /** All of it, a line each. */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        figures.forEach(figure -> lines.add(figure.said()));
        checks.forEach(check -> lines.add(check.verdict().mark() + " " + check.text()));
        lines.add((checks.isEmpty() ? NotebookWords.NOTHING_ELSE.of() : NotebookWords.CHECKS_SAME.of("count", same))
                .sentence());
        return lines;
    }

    private static Effect of(Plan now, Plan after) {
        Map<String, Check> before = new HashMap<>();
        now.checks().forEach(check -> before.put(check.id(), check));
        List<Changed> changed = new ArrayList<>();
        int same = 0;
        for (Check check : after.checks()) {
            Optional<Check> was = Optional.ofNullable(before.remove(check.id()));
            if (was.filter(check::equals).isPresent()) {
                same++;
            } else {
                changed.add(new Changed(was, Optional.of(check)));
            }
        }
        now.checks().stream().filter(check -> before.containsKey(check.id()))
                .forEach(check -> changed.add(new Changed(Optional.of(check), Optional.empty())));
        return new Effect(after, Difference.of(Make.figures(now), Make.figures(after)), changed, same);
    }
}

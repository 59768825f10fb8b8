package cufflink.notebook;

import cufflink.design.Measures;
import cufflink.measure.ExactText;
import cufflink.measure.Length;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthUnit;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.StepMark;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.NotebookWords;
import java.util.List;
import java.util.Optional;

/**
 * A measure that is to be another.
 *
 * @param measure its name in the design
 * @param label   as it was shown
 * @param change  with its unit: by how much, with a sign ({@code -1/8 in}), or what it is to be ({@code 3 1/2 in}, for
 *                a count {@code 5}); empty if it is only to be kept in mind
 */
public record OfMeasure(String measure, String label, String change) implements Target {
    public OfMeasure {
        change = change.strip();
        if (isRelative(change) && LengthParser.read(change, LengthUnit.MILLIMETRE).value().isEmpty()) {
            throw new IllegalArgumentException("“" + change + "” is no length");
        }
    }

    /** A change by a length, shown in the maker's unit. */
    public static OfMeasure by(String measure, String label, Length by) {
        return new OfMeasure(measure, label, (by.isNegative() ? "-" : "+") + ExactText.of(by.abs()));
    }

    private static boolean isRelative(String change) {
        return change.matches("[-−–+].*");
    }

    @Override
    public <R> R accept(Cases<R> cases) {
        return cases.measure(this);
    }

    @Override
    public String said() {
        return change.isEmpty() ? label
                : label + (isRelative(change) ? ", " + change.substring(1).strip()
                        + (change.startsWith("+") ? " more" : " less") : ": " + change);
    }

    @Override
    public boolean isChange() {
        return !change.isEmpty();
    }

    @Override
    public Outcome<Project> applied(Plan plan) {
        Optional<Measures.Sized> sized = plan.measures().get(measure);
        if (sized.isEmpty()) {
            return Outcome.failed(Problem.error(measure, NotebookWords.NO_MEASURE.of("label", label)));
        }
        if (!isRelative(change)) {
            return Outcome.of(plan.project().withSet(measure, change));
        }
        if (!sized.get().isLength()) {
            return Outcome.failed(Problem.error(measure, NotebookWords.NOT_A_LENGTH.of("label", label)));
        }
        Length by = LengthParser.read(change, plan.project().unit()).value().orElseThrow();
        Length value = plan.project().step().nearest(sized.get().length().plus(by));
        return value.isNegative()
                ? Outcome.failed(Problem.error(measure, NotebookWords.BELOW_NOTHING.of("label", label, "change",
                        change.substring(1).strip())))
                : Outcome.of(plan.project().withSet(measure, ExactText.of(value)));
    }

    /** The first step whose numbers would be others. */
    @Override
    public String step(Plan plan) {
        List<String> marks = StepMark.of(plan.run());
        Optional<Plan> other = (isChange() ? applied(plan) : Outcome.of(shifted(plan)))
                .then(Planner::plan).value();
        for (int i = 0; other.isPresent() && i < plan.run().size(); i++) {
            int there = StepMark.of(other.get().run()).indexOf(marks.get(i));
            if (there < 0 || !plan.run().get(i).readings().equals(other.get().run().get(there).readings())) {
                return marks.get(i);
            }
        }
        return marks.get(0);
    }

    private Project shifted(Plan plan) {
        return plan.measures().get(measure).filter(Measures.Sized::isLength)
                .map(sized -> plan.project().withSet(measure,
                        ExactText.of(sized.length().plus(plan.project().step().length()))))
                .orElse(plan.project());
    }
}

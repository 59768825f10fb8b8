package cufflink.plan;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.design.Measures;
import cufflink.measure.ExactText;
import cufflink.measure.Length;
import java.util.Optional;

/**
 * Finds a value for the measure that a failed check names, by trying and planning again: what is offered has been seen
 * to work.
 */
public final class Remedies {
    /** A change that mends a check. */
    public record Offer(String measure, String label, Length value, Project project) {
    }

    private Remedies() {
    }

    /**
     * The smallest of a few likely changes after which this check is no longer bad and no other became so; often there
     * is none.
     */
    public static Optional<Offer> offer(Plan plan, Check check) {
        if (check.verdict() != Verdict.BAD || check.change().isEmpty()) {
            return Optional.empty();
        }
        Optional<Measures.Sized> sized = plan.measures().get(check.change().get().measure());
        if (sized.isEmpty() || !sized.get().isLength()) {
            return Optional.empty();
        }
        Length lack = plan.project().step().up(check.margin().map(Length::abs).orElse(plan.project().step().length()));
        Length now = plan.project().step().nearest(sized.get().length());
        for (Length by : new Length[] {lack, Length.ZERO.minus(lack), lack.times(2), lack.times(-2)}) {
            Length value = now.plus(by);
            Project changed = plan.project().withSet(sized.get().definition().name(), ExactText.of(value));
            if (value.isPositive() && mends(plan, changed, check)) {
                return Optional.of(
                        new Offer(sized.get().definition().name(), sized.get().definition().label(), value, changed));
            }
        }
        return Optional.empty();
    }

    private static boolean mends(Plan before, Project changed, Check check) {
        return Planner.plan(changed).value().map(after -> bad(after) < bad(before)
                && after.checks().stream()
                        .noneMatch(other -> other.id().equals(check.id()) && other.verdict() == Verdict.BAD))
                .orElse(false);
    }

    private static long bad(Plan plan) {
        return plan.checks().stream().filter(check -> check.verdict() == Verdict.BAD).count();
    }
}

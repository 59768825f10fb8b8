package cufflink.fit;

import cufflink.design.Given;
import cufflink.design.Measure;
import cufflink.design.Measure.Role;
import cufflink.design.SizedDesign;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.RulerStep;
import cufflink.paper.Contents;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.Optional;
import java.util.function.Predicate;

/** The smallest card that holds something: first the least height, then the least width, of all on the ruler. */
final class ContentsFit {
    /** The other side while one is sought. */
    private static final Length AMPLE = Length.ofMillimetres(1_200);

    private final Sizing sizing;
    private final Contents item;
    private final RulerStep step;
    private final LengthFormat format;

    ContentsFit(Sizing sizing, Contents item) {
        this.sizing = sizing;
        this.item = item;
        this.step = sizing.step();
        this.format = LengthFormat.of(step.unit());
    }

    Outcome<FitAnswer> answer() {
        Optional<Measure> holds = sizing.definition().measure(Role.CONTENTS);
        if (holds.isEmpty()) {
            return Outcome.failed(Problem.error(sizing.definition().title(),
                    "This design has no pocket: it holds nothing.", "Choose a holder, or fit it to a size."));
        }
        Given base = sizing.given().with(holds.get().name(), item);
        if (!sizing.hasSize() || sizing.free().isEmpty()) {
            return Fitter.answer(sizing, base, item.name(), "", "");
        }
        Optional<SizedDesign> found = smallest(base);
        if (found.isEmpty()) {
            String settings = Settings.inTheWay(sizing.definition(), base.without(holds.get().name()),
                    given -> smallest(given.with(holds.get().name(), item)).isPresent());
            return Fitter.answer(sizing, base, item.name(),
                    "No size of this design holds the " + item.name()
                            + (settings.isEmpty() ? "." : " as its measures are set."),
                    settings.isEmpty() ? "Choose another holder for it." : settings);
        }
        Given given = sizing.with(base).at(sizing.width(found.get()), sizing.height(found.get()));
        return Fitter.answer(sizing, given, item.name(), limit(found.get()),
                "A smaller " + item.name() + " would allow a smaller card.");
    }

    /**
     * What the pocket has to spare, which may be more than the play where the ruler or a limit of the design says so.
     */
    private String limit(SizedDesign design) {
        return design.pockets().stream().findFirst().flatMap(pocket -> design.contents(pocket).map(held -> {
            Length spare = pocket.width().length().minus(held.width());
            return "Held snugly: the pocket is " + step.text(spare) + " wider than the " + item.name()
                    + (held.thickness().isPositive() ? ", its thickness counted in." : ".");
        })).orElse("The smallest that keeps every rule of the design with the " + item.name() + ", "
                + format.size(item.width(), item.height()) + ".");
    }

    /** Where some rules of the design only warn, a size that heeds them too is looked for first. */
    private Optional<SizedDesign> smallest(Given base) {
        Sizing trial = sizing.with(base);
        return smallest(trial, true).or(() -> smallest(trial, false));
    }

    private Optional<SizedDesign> smallest(Sizing trial, boolean warned) {
        Optional<Length> high = least(size -> holds(trial.size(AMPLE, size), false, warned));
        Optional<Length> wide = high.flatMap(h -> least(size -> holds(trial.size(size, h), true, warned)));
        return wide.flatMap(w -> trial.size(w, high.get()).value());
    }

    private Optional<Length> least(Predicate<Length> holds) {
        long most = AMPLE.nanometres() / step.length().nanometres();
        if (!holds.test(step.length().times(most))) {
            return Optional.empty();
        }
        for (long at = 1; at < most; at++) {
            if (holds.test(step.length().times(at))) {
                return Optional.of(step.length().times(at));
            }
        }
        return Optional.of(step.length().times(most));
    }

    /** Whether every pocket takes its contents and the design's rules are kept; {@code across} counts the width too. */
    private boolean holds(Outcome<SizedDesign> sized, boolean across, boolean warned) {
        if (sized.value().isEmpty()) {
            return false;
        }
        SizedDesign design = sized.value().get();
        boolean rules = design.judgements().stream()
                .allMatch(judgement -> judgement.holds() || !judgement.bad() && !warned);
        return rules && design.pockets().stream().allMatch(pocket -> design.contents(pocket).map(held -> {
            PocketFit fit = PocketFit.of(pocket, held, step.unit());
            return (!across || !fit.width().isNegative()) && !fit.room().isNegative() && !fit.held().isNegative();
        }).orElse(true));
    }
}

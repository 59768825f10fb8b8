package cufflink.fit;

import cufflink.design.DesignDefinition;
import cufflink.design.Given;
import cufflink.design.Measure;
import cufflink.design.Measure.Role;
import cufflink.design.PartDefinition;
import cufflink.design.SizedDesign;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.Measured;
import cufflink.measure.RulerStep;
import cufflink.paper.Contents;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.FitWords;
import cufflink.words.Message;
import java.util.List;
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
        Optional<Measure> holds = holding(sizing.definition()).filter(this::matters);
        if (holds.isEmpty()) {
            return Outcome.failed(Problem.error(sizing.definition().title(),
                    FitWords.HOLDS_NOTHING.of()));
        }
        Given base = sizing.given().with(holds.get().name(), item);
        if (!sizing.hasSize() || sizing.free().isEmpty()) {
            return Fitter.answer(sizing, base, item.name(), List.of());
        }
        Optional<SizedDesign> found = smallest(base);
        if (found.isEmpty()) {
            Optional<Message> settings = Settings.inTheWay(sizing.definition(), base.without(holds.get().name()),
                    given -> smallest(given.with(holds.get().name(), item)).isPresent());
            return Fitter.answer(sizing, base, item.name(),
                    List.of(settings
                            .map(inTheWay -> FitWords.HOLDS_NOT_AS_SET.of("item", item.name(), "remedy", inTheWay))
                            .orElseGet(() -> FitWords.HOLDS_NOT.of("item", item.name()))));
        }
        Given given = sizing.with(base).at(sizing.width(found.get()), sizing.height(found.get()));
        return Fitter.answer(sizing, given, item.name(), List.of(limit(found.get())));
    }

    /** What the first pocket holds in which no part lies. */
    private static Optional<Measure> holding(DesignDefinition definition) {
        return definition.claims().pockets().stream()
                .flatMap(pocket -> definition.measure(pocket.what().holds()).stream())
                .filter(measure -> measure.role() == Role.CONTENTS).findFirst()
                .or(() -> definition.measure(Role.CONTENTS));
    }

    /** Whether anything of the design depends on what it holds: not on what a pocket held before a part lay in it. */
    private boolean matters(Measure holds) {
        Optional<SizedDesign> small = sizing.sized(sizing.given().with(holds.name(), item)).value();
        Contents large = new Contents(item.name(), AMPLE, AMPLE, item.thickness().plus(step.length()));
        Optional<SizedDesign> other = sizing.sized(sizing.given().with(holds.name(), large)).value();
        return small.isEmpty() || other.isEmpty() || !small.get().pieces().equals(other.get().pieces())
                || !small.get().pockets().equals(other.get().pockets())
                || !small.get().judgements().equals(other.get().judgements())
                || small.get().pockets().stream().anyMatch(pocket -> pocket.definition().holds().equals(holds.name()));
    }

    /**
     * What the pocket has to spare, which may be more than the play where the ruler or a limit of the design says so.
     */
    private Message limit(SizedDesign design) {
        return design.pockets().stream().filter(pocket -> design.contents(pocket).filter(item::equals).isPresent()
                || design.contents(pocket).filter(item.turned()::equals).isPresent()).findFirst()
                .flatMap(pocket -> design.contents(pocket).map(held -> {
                    Length spare = pocket.width().length().minus(held.width());
                    return (held.thickness().isPositive() ? FitWords.SNUG_AND_THICK : FitWords.SNUG).of("spare",
                            Measured.of(spare, step), "item", item.name());
                })).orElseGet(() -> FitWords.SMALLEST.of("item", item.name(), "size",
                        format.size(item.width(), item.height())));
    }

    /** Where some rules of the design only warn, a size that heeds them too is looked for first. */
    private Optional<SizedDesign> smallest(Given base) {
        Sizing trial = sizing.with(base);
        return smallest(trial, true).or(() -> smallest(trial, false));
    }

    private Optional<SizedDesign> smallest(Sizing trial, boolean warned) {
        Optional<Length> high = least(size -> holds(trial.tried(AMPLE, size), false, warned));
        Optional<Length> wide = high.flatMap(h -> least(size -> holds(trial.tried(size, h), true, warned)));
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

    /** Whether something is said of a part that goes round: that part is made for the card, not the card for it. */
    private static boolean isRound(SizedDesign design, String id) {
        return design.puts().stream().map(SizedDesign.PutStep::part).filter(PartDefinition::isAround)
                .anyMatch(part -> id.startsWith(part.name() + ".") || id.startsWith("limits-" + part.name() + "."));
    }

    /** Whether every pocket takes its contents and the design's rules are kept; {@code across} counts the width too. */
    private boolean holds(Outcome<SizedDesign> sized, boolean across, boolean warned) {
        if (sized.value().isEmpty()) {
            return false;
        }
        SizedDesign design = sized.value().get();
        boolean rules = design.judgements().stream().filter(judgement -> !isRound(design, judgement.id()))
                .allMatch(judgement -> judgement.holds() || !judgement.bad() && !warned);
        return rules && design.pockets().stream().filter(pocket -> !isRound(design, pocket.definition().id()))
                .allMatch(pocket -> design.contents(pocket).map(held -> {
                    PocketFit fit = PocketFit.of(pocket, held, step.unit());
                    return (!across || !fit.width().isNegative()) && !fit.room().isNegative()
                            && !fit.held().isNegative();
                }).orElse(true));
    }
}

package cufflink.fit;

import cufflink.design.DesignDefinition;
import cufflink.design.Given;
import cufflink.design.Measure;
import cufflink.design.Measure.Role;
import cufflink.design.SizedDesign;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.problem.Outcome;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A design for any finished width and height, everything else as the maker gave it. Sizes once worked out are
 * remembered.
 */
final class Sizing {
    private final DesignDefinition definition;
    private final Given given;
    private final FitContext context;
    private final Optional<Measure> width;
    private final Optional<Measure> height;
    private final Map<List<Length>, Outcome<SizedDesign>> known = new HashMap<>();
    private final Map<List<Length>, Outcome<SizedDesign>> tried = new HashMap<>();

    Sizing(DesignDefinition definition, Given given, FitContext context) {
        this.definition = definition;
        this.given = given;
        this.context = context;
        this.width = definition.measure(Role.FINISHED_WIDTH);
        this.height = definition.measure(Role.FINISHED_HEIGHT);
    }

    DesignDefinition definition() {
        return definition;
    }

    Given given() {
        return given;
    }

    RulerStep step() {
        return given.step();
    }

    /** The finished measures that the maker has left open: none, one or both. */
    List<Measure> free() {
        return Stream.concat(width.stream(), height.stream())
                .filter(measure -> !given.values().containsKey(measure.name())).toList();
    }

    boolean hasSize() {
        return width.isPresent();
    }

    boolean hasHeight() {
        return height.isPresent();
    }

    /** Whether what is sought is not itself the closed side. */
    boolean closesElsewhere() {
        return width.flatMap(Measure::closes).isPresent();
    }

    /** The given measures with a finished size where that is open; a square takes the shorter side. */
    Given at(Length w, Length h) {
        Given result = given;
        for (Measure measure : free()) {
            boolean across = width.filter(measure::equals).isPresent();
            result = result.fitted(measure.name(), !hasHeight() ? Length.shorter(w, h) : across ? w : h);
        }
        return result;
    }

    Outcome<SizedDesign> size(Length w, Length h) {
        return known.computeIfAbsent(List.of(w, h), none -> sized(at(w, h)));
    }

    /** The same, what goes round the card left out of it. */
    Outcome<SizedDesign> tried(Length w, Length h) {
        return tried.computeIfAbsent(List.of(w, h), none -> context.tried(at(w, h)));
    }

    /** The design at any measures. */
    Outcome<SizedDesign> sized(Given other) {
        return context.sized(other);
    }

    /** The same design with other measures given. */
    Sizing with(Given other) {
        return new Sizing(definition, other, context);
    }

    /** The design as it is without a wish. */
    Outcome<SizedDesign> usual() {
        return sized(given);
    }

    /** The finished width of a sized design. */
    Length width(SizedDesign design) {
        return design.measures().length(width.orElseThrow().name());
    }

    /** The finished height of a sized design; of a square its width. */
    Length height(SizedDesign design) {
        return height.map(measure -> design.measures().length(measure.name())).orElseGet(() -> width(design));
    }

    /** Whether every number came out as it was asked for. */
    static boolean isExact(Outcome<SizedDesign> sized) {
        return sized.value().isPresent() && sized.problems().isEmpty();
    }

    /** Whether that is so and no rule of the design is broken. */
    static boolean isSound(Outcome<SizedDesign> sized) {
        return isExact(sized) && sized.value().get().judgements().stream().noneMatch(SizedDesign.Judgement::isBroken);
    }

    /**
     * The largest value of the finished measure, on the ruler, with which the card closes within {@code side}:
     * {@code side} itself unless the design says what closes.
     */
    Length closing(Length side) {
        if (!closesElsewhere()) {
            return side;
        }
        String closes = width.flatMap(Measure::closes).orElseThrow();
        long low = 1;
        long high = SheetFit.FARTHEST.nanometres() / step().length().nanometres();
        while (low < high) {
            long middle = (low + high + 1) / 2;
            Length at = step().length().times(middle);
            if (size(at, at).value().filter(design -> !design.measures().length(closes).isLongerThan(side))
                    .isPresent()) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return step().length().times(low);
    }
}

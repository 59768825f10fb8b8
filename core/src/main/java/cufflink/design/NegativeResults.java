package cufflink.design;

import cufflink.design.Measure.Role;
import cufflink.measure.LengthFormat;
import cufflink.measure.Measured;
import cufflink.words.DesignWords;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** No worked-out length, overlap or margin is less than nothing, unless a check of the design's own speaks of it. */
final class NegativeResults {
    private final DesignDefinition definition;

    NegativeResults(DesignDefinition definition) {
        this.definition = definition;
    }

    /** What is broken; nothing where all is well. Measures of what is left out are not looked at. */
    List<SizedDesign.Judgement> judge(Measures measures, Predicate<String> there, LengthFormat format) {
        Set<String> judged = definition.claims().checks().stream()
                .flatMap(rule -> Names.in(rule.that().expression()).stream())
                .collect(Collectors.toSet());
        return measures.all().stream().filter(sized -> there.test(sized.definition().name()))
                .filter(sized -> isNegative(sized) && !judged.contains(sized.definition().name()))
                .map(sized -> new SizedDesign.Judgement("negative-" + sized.definition().name(), true,
                        change(sized.definition()), false, Optional.of(sized.length()),
                        DesignWords.LESS_THAN_NOTHING.of("label", sized.definition().label(), "length",
                                Measured.of(sized.length(), format))))
                .toList();
    }

    private static boolean isNegative(Measures.Sized sized) {
        return sized.definition().role() == Role.RESULT && sized.isLength() && sized.length().isNegative();
    }

    /** The last measure of its formula that a maker can set. */
    private Optional<String> change(Measure result) {
        return result.amount().value().stream().flatMap(formula -> Names.in(formula.expression()).stream())
                .filter(name -> definition.measure(name).filter(Measure::canBeSet).isPresent())
                .reduce((first, second) -> second);
    }
}

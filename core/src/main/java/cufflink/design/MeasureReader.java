package cufflink.design;

import cufflink.design.Value.Kind;
import cufflink.design.Value.Quantity;
import cufflink.design.Value.Word;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.measure.LengthUnit;
import cufflink.paper.Contents;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.DesignWords;
import cufflink.words.Message;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.numbers.fraction.BigFraction;

/** Reads what a maker types for a measure, according to its role. */
public final class MeasureReader {
    private MeasureReader() {
    }

    /** {@code given} with the measure set to what was typed, or why it could not be. */
    public static Outcome<Given> set(DesignDefinition definition, Given given, String name, String typed) {
        Measure measure = definition.measure(name).orElse(null);
        if (measure == null || !measure.canBeSet()) {
            return Outcome.failed(notSettable(definition, name));
        }
        LengthUnit unit = given.step().unit();
        return switch (measure.role()) {
            case CHOICE -> measure.choices().stream().filter(typed.strip()::equalsIgnoreCase).findFirst()
                    .map(word -> Outcome.of(given.with(name, new Word(word))))
                    .orElseGet(() -> failed(measure.label(), DesignWords.NO_CHOICE_OF.of("typed", typed.strip(),
                            "choices", String.join(" or ", measure.choices()))));
            case COUNT -> typed.strip().matches("\\d{1,6}")
                    ? Outcome.of(given.with(name, Value.number(Long.parseLong(typed.strip()))))
                    : failed(measure.label(), DesignWords.NOT_WHOLE_TYPED.of("typed", typed.strip()));
            case ANGLE -> typed.strip().matches("\\d{1,3}(\\.\\d{1,3})? ?(deg|°)?")
                    ? Outcome.of(given.with(name,
                            new Quantity(BigFraction.from(Double.parseDouble(typed.replaceAll("[^\\d.]", ""))),
                                    Kind.ANGLE)))
                    : failed(measure.label(), DesignWords.NOT_AN_ANGLE.of("typed", typed.strip()));
            case CONTENTS -> reading(measure, Contents.read(typed, unit)).map(item -> given.with(name, item));
            default ->
                reading(measure, LengthParser.read(typed, unit)).map(length -> given.with(name, Value.length(length)));
        };
    }

    /** Why a name cannot be set, and what can be set instead: of a result, the measures that it is made of. */
    static Problem notSettable(DesignDefinition definition, String name) {
        Optional<Measure> result = definition.measure(name);
        List<String> instead = result.map(found -> List.copyOf(madeOf(definition, found, new LinkedHashSet<>())))
                .filter(names -> !names.isEmpty())
                .orElseGet(() -> definition.measures().stream().filter(Measure::canBeSet).map(Measure::name).toList());
        return Problem.error(name,
                result.map(found -> DesignWords.RESULT.of("label", found.label(), "measures", instead))
                        .orElseGet(() -> DesignWords.NO_SUCH_MEASURE.of("measures", instead)));
    }

    /** The measures that may be set and that a result depends on, through other results too. */
    private static Set<String> madeOf(DesignDefinition definition, Measure result, Set<String> found) {
        result.amount().value()
                .ifPresent(formula -> Names.in(formula.expression()).stream().map(name -> name.replaceAll("\\..*", ""))
                        .map(definition::measure).flatMap(Optional::stream).forEach(part -> {
                            if (part.canBeSet()) {
                                found.add(part.name());
                            } else if (!part.name().equals(result.name())) {
                                madeOf(definition, part, found);
                            }
                        }));
        return found;
    }

    private static <T> Outcome<T> reading(Measure measure, LengthReading<T> reading) {
        return reading.value().map(Outcome::of)
                .orElseGet(() -> failed(measure.label(), reading.trouble().orElseThrow()));
    }

    private static <T> Outcome<T> failed(String where, Message message) {
        return Outcome.failed(Problem.error(where, message));
    }
}

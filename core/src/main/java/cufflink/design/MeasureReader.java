package cufflink.design;

import cufflink.design.DesignDefinition.Measure;
import cufflink.design.Value.Kind;
import cufflink.design.Value.Quantity;
import cufflink.design.Value.Word;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.measure.LengthUnit;
import cufflink.paper.Contents;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.Locale;
import org.apache.commons.numbers.fraction.BigFraction;

/** Reads what a maker types for a measure, according to its role. */
public final class MeasureReader {
    private MeasureReader() {
    }

    /** {@code given} with the measure set to what was typed, or why it could not be. */
    public static Outcome<Given> set(DesignDefinition definition, Given given, String name, String typed) {
        Measure measure = definition.measure(name).orElse(null);
        if (measure == null || !measure.canBeSet()) {
            String known = String.join(", ", definition.measures().stream().filter(Measure::canBeSet).map(Measure::name).toList());
            return failed(name, measure == null ? "This design has no such measure." : "This is a result; it cannot be set.", "Set one of " + known + ".");
        }
        LengthUnit unit = given.step().unit();
        return switch (measure.role()) {
            case CHOICE -> measure.choices().contains(typed.strip().toLowerCase(Locale.ROOT))
                    ? Outcome.of(given.with(name, new Word(typed.strip().toLowerCase(Locale.ROOT))))
                    : failed(measure.label(), "“" + typed.strip() + "” is not one of the choices.", "Choose " + String.join(" or ", measure.choices()) + ".");
            case COUNT -> typed.strip().matches("\\d{1,6}")
                    ? Outcome.of(given.with(name, Value.number(Long.parseLong(typed.strip()))))
                    : failed(measure.label(), "“" + typed.strip() + "” is not a whole number.", "");
            case ANGLE -> typed.strip().matches("\\d{1,3}(\\.\\d{1,3})? ?(deg|°)?")
                    ? Outcome.of(given.with(name, new Quantity(BigFraction.from(Double.parseDouble(typed.replaceAll("[^\\d.]", ""))), Kind.ANGLE)))
                    : failed(measure.label(), "“" + typed.strip() + "” is not an angle in degrees.", "");
            case CONTENTS -> reading(measure, Contents.read(typed, unit)).map(item -> given.with(name, item));
            default -> reading(measure, LengthParser.read(typed, unit)).map(length -> given.with(name, Value.length(length)));
        };
    }

    private static <T> Outcome<T> reading(Measure measure, LengthReading<T> reading) {
        return reading.value().map(Outcome::of).orElseGet(() -> failed(measure.label(), reading.message(), ""));
    }

    private static <T> Outcome<T> failed(String where, String what, String remedy) {
        return Outcome.failed(Problem.error(where, what, remedy));
    }
}

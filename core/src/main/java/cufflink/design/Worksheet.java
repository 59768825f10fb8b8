package cufflink.design;

import cufflink.design.Expression.Binary;
import cufflink.design.Occurs.Repeat;
import cufflink.design.SizedDesign.Figure;
import cufflink.design.Value.Kind;
import cufflink.design.Value.Quantity;
import cufflink.design.Value.Truth;
import cufflink.design.Value.Word;
import cufflink.measure.Length;
import cufflink.problem.Problem;
import cufflink.words.FormulaWords;
import cufflink.words.Message;
import cufflink.words.NoteWords;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Works single formulas out while a design is sized: in the scope of its measures, collecting problems and going on
 * with a harmless value, so that one pass finds them all.
 */
final class Worksheet {
    private static final int MOST_REPEATS = 200;

    private final Map<String, String> labels;
    private final Given given;
    private final Causes causes;
    private final List<Problem> problems;
    private Scope scope;

    Worksheet(Scope scope, Map<String, String> labels, DesignDefinition definition, Given given,
            List<Problem> problems) {
        this.scope = scope;
        this.labels = labels;
        this.given = given;
        this.causes = new Causes(definition, given);
        this.problems = problems;
    }

    boolean wanted(Optional<Formula> when) {
        return when.map(this::truth).orElse(true);
    }

    boolean truth(Formula formula) {
        return value(formula, Truth.class, "yes or no", new Truth(true)).holds();
    }

    String word(Formula formula) {
        return value(formula, Word.class, "a word", new Word("")).text();
    }

    /** Something is wrong with what a formula comes to. */
    void problem(Formula formula, Message what) {
        problems.add(causes.problem(formula, what));
    }

    Length length(Formula formula) {
        return quantity(formula, Kind.LENGTH).toLength();
    }

    double degrees(Formula formula) {
        return quantity(formula, Kind.ANGLE).amount().doubleValue();
    }

    Figure figure(String label, Formula formula) {
        Quantity quantity = quantity(formula, Kind.LENGTH);
        Map<String, Value> bound = new LinkedHashMap<>();
        for (String name : Names.in(formula.expression())) {
            scope.value(name).ifPresent(value -> bound.put(name, value));
        }
        Value result = Value.length(quantity.toLength());
        return new Figure(quantity.toLength(),
                new Derivation(label, Optional.of(formula.expression()), bound, labels, quantity, result,
                        Rounding.EXACT, given.step(), NoteWords.NOTHING.of()));
    }

    /** By how much a comparison of two lengths holds; negative if it fails. */
    Optional<Length> margin(Formula formula) {
        if (!(formula.expression() instanceof Binary binary) || !binary.operator().compares()) {
            return Optional.empty();
        }
        try {
            if (Evaluator.evaluate(binary.left(), scope) instanceof Quantity left && left.kind() == Kind.LENGTH
                    && Evaluator.evaluate(binary.right(), scope) instanceof Quantity right) {
                Length difference = left.toLength().minus(right.toLength());
                return switch (binary.operator()) {
                    case MORE, AT_LEAST -> Optional.of(difference);
                    case LESS, AT_MOST -> Optional.of(Length.ZERO.minus(difference));
                    default -> Optional.empty();
                };
            }
        } catch (ExpressionFault fault) {
            problems.add(causes.problem(formula, fault));
        }
        return Optional.empty();
    }

    String text(Template template) {
        StringBuilder text = new StringBuilder();
        ExpressionWriter writer = new ExpressionWriter(Map.of(), labels, given.format());
        for (Template.Part part : template.parts()) {
            if (part instanceof Template.Fixed fixed) {
                text.append(fixed.text());
            } else if (part instanceof Template.Insert insert) {
                Value value = value(insert.formula(), Value.class, "a value", Value.number(0));
                text.append(value instanceof Quantity quantity && quantity.kind() == Kind.LENGTH
                        ? given.step().text(quantity.toLength()) : writer.value(value));
            }
        }
        return text.toString();
    }

    /** What is there of a list, repeats written out. */
    <T, R> List<R> all(List<Occurs<T>> things, Function<T, R> make) {
        List<R> made = new ArrayList<>();
        for (Occurs<T> thing : things) {
            repeat(thing.repeat(), () -> {
                if (wanted(thing.when())) {
                    made.add(make.apply(thing.what()));
                }
            });
        }
        return made;
    }

    /** Runs once, or once for each value of the repeat's variable. */
    void repeat(Optional<Repeat> repeat, Runnable each) {
        if (repeat.isEmpty()) {
            each.run();
            return;
        }
        Repeat counter = repeat.get();
        int from = count(counter.from());
        int to = count(counter.to());
        if ((long) to - from >= MOST_REPEATS) {
            problems.add(causes.problem(counter.to(),
                    FormulaWords.REPEATS_TOO_OFTEN.of("most", MOST_REPEATS, "count", (long) to - from + 1)));
            return;
        }
        Scope outer = scope;
        for (int i = from; i <= to; i++) {
            scope = outer.with(counter.variable(), Value.number(i));
            each.run();
        }
        scope = outer;
    }

    private int count(Formula formula) {
        Quantity quantity = quantity(formula, Kind.NUMBER);
        if (quantity.amount().abs().compareTo(BigFraction.of(100_000)) > 0) {
            problems.add(causes.problem(formula, FormulaWords.COUNTS_TOO_FAR.of()));
            return 0;
        }
        return quantity.amount().intValue();
    }

    private Quantity quantity(Formula formula, Kind kind) {
        Quantity fallback = new Quantity(BigFraction.ZERO, kind);
        Quantity quantity = value(formula, Quantity.class, kind.words(), fallback);
        if (quantity.kind() != kind) {
            problems.add(causes.problem(formula,
                    FormulaWords.MUST_BE.of("wanted", kind.words(), "found", quantity.kind().words())));
            return fallback;
        }
        return quantity;
    }

    private <V extends Value> V value(Formula formula, Class<V> type, String wanted, V fallback) {
        try {
            Value value = Evaluator.evaluate(formula.expression(), scope);
            if (type.isInstance(value)) {
                return type.cast(value);
            }
            problems.add(
                    causes.problem(formula, FormulaWords.MUST_BE.of("wanted", wanted, "found", value.kindInWords())));
        } catch (ExpressionFault fault) {
            problems.add(causes.problem(formula, fault));
        }
        return fallback;
    }
}

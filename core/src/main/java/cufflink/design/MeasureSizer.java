package cufflink.design;

import cufflink.design.Measure.Role;
import cufflink.design.Value.Kind;
import cufflink.design.Value.Quantity;
import cufflink.design.Value.Word;
import cufflink.measure.Length;
import cufflink.paper.Contents;
import cufflink.problem.Problem;
import cufflink.words.DesignWords;
import cufflink.words.FormulaWords;
import cufflink.words.Message;
import cufflink.words.NoteWords;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Works out the measures of a design one after the other. A value set by hand stays as it was typed; a worked-out one
 * is put on the ruler; both are held between the measure's limits, and the derivation says so.
 */
final class MeasureSizer {
    private static final String CALIPER = ".caliper";

    private final DesignDefinition definition;
    private final Given given;
    private final List<Problem> problems;
    private final Map<String, Measures.Sized> sized = new LinkedHashMap<>();
    private final Map<String, String> labels = new LinkedHashMap<>();
    private final Set<String> scorePlaces;
    private final Facts facts;
    private final Causes causes;
    private final List<SizedDesign.Judgement> conflicts = new ArrayList<>();
    /** Grows from measure to measure; what is worked out sees it as it is then. */
    private final Map<String, Value> known = new LinkedHashMap<>();
    private final Scope scope = Scope.over(known);

    MeasureSizer(DesignDefinition definition, Given given, List<Problem> problems) {
        this.definition = definition;
        this.given = given;
        this.problems = problems;
        this.causes = new Causes(definition, given);
        this.scorePlaces = ScorePlaces.measures(definition, given);
        known.put("card" + CALIPER, Value.length(given.calipers().card()));
        known.put("ruler.step", Value.length(given.step().length()));
        definition.materials().forEach(material -> known.put(material + CALIPER,
                Value.length(given.calipers().of(material.toString()))));
        this.facts = given.facts().completed(definition);
        facts.found().forEach((name, length) -> {
            known.put(name, Value.length(length));
            labels.put(name, Facts.label(name, definition));
        });
    }

    Measures measures() {
        rejectUnknown();
        for (Measure measure : definition.measures()) {
            labels.put(measure.name(), measure.label().toLowerCase(Locale.ROOT));
            try {
                switch (measure.role()) {
                    case CONTENTS -> contents(measure);
                    case CHOICE -> choice(measure);
                    case RESULT -> result(measure);
                    default -> quantity(measure);
                }
            } catch (ExpressionFault fault) {
                problems.add(causes.problem(value(measure), fault));
            }
        }
        return new Measures(sized);
    }

    Measures measuresFound() {
        return new Measures(sized);
    }

    /** Measures whose least value is more than their greatest. */
    List<SizedDesign.Judgement> conflicts() {
        return conflicts;
    }

    /** What the rest of the design may refer to: measures, not the facts that they ask for. */
    Scope scope() {
        return scope.without(facts.found().keySet());
    }

    Map<String, String> labels() {
        return labels;
    }

    private void rejectUnknown() {
        List<String> names = new ArrayList<>(given.values().keySet());
        names.addAll(given.contents().keySet());
        for (String name : names) {
            Optional<Measure> measure = definition.measure(name);
            if (measure.isEmpty() || !measure.get().canBeSet()) {
                problems.add(MeasureReader.notSettable(definition, name));
            }
        }
    }

    private void keep(Measure measure, Value value, Optional<Contents> contents, boolean byHand,
            Derivation derivation) {
        sized.put(measure.name(), new Measures.Sized(measure, value, contents, byHand, derivation, matters(measure)));
        known.put(measure.name(), value);
    }

    private boolean matters(Measure measure) {
        try {
            return measure.shown().when().isEmpty()
                    || Evaluator.truth(measure.shown().when().get().expression(), scope);
        } catch (ExpressionFault fault) {
            problems.add(causes.problem(measure.shown().when().orElseThrow(), fault));
            return true;
        }
    }

    private void result(Measure measure) throws ExpressionFault {
        // The size of a part, or of what it goes round, as later stages found it.
        if (value(measure).expression() instanceof Expression.Name fact && Facts.isSize(fact.name())) {
            keep(measure, facts.contents(fact.name(), definition), false);
        } else {
            quantity(measure);
        }
    }

    private void contents(Measure measure) {
        keep(measure, given.contents().getOrDefault(measure.name(), measure.contents().orElse(Contents.GIFT_CARD)),
                given.contents().containsKey(measure.name()));
    }

    private void keep(Measure measure, Contents item, boolean byHand) {
        Word name = new Word(item.name());
        Word shown = measure.role() == Role.RESULT ? new Word(item.sized(given.format())) : name;
        keep(measure, name, Optional.of(item), byHand, plain(measure, shown, byHand));
        part(measure, item, "width", item.width());
        part(measure, item, "height", item.height());
        part(measure, item, "thickness", item.thickness());
    }

    private void part(Measure measure, Contents item, String part, Length length) {
        String name = measure.name() + "." + part;
        known.put(name, Value.length(length));
        labels.put(name, part + " of the " + item.name());
    }

    private void choice(Measure measure) throws ExpressionFault {
        Value usual = measure.amount().value().isPresent() ? Evaluator.evaluate(value(measure).expression(), scope)
                : new Word(measure.choices().get(0));
        Value wanted = given.values().getOrDefault(measure.name(), usual);
        if (!isChoice(usual, measure)) {
            problems.add(causes.problem(value(measure), FormulaWords.NO_CHOICE.of("measure", measure.label(), "choices",
                    String.join(" or ", measure.choices()))));
            return;
        } else if (!isChoice(wanted, measure)) {
            problems.add(Problem.error(measure.name(),
                    DesignWords.NOT_A_CHOICE.of("choices", String.join(" or ", measure.choices()))));
            return;
        }
        boolean byHand = given.values().containsKey(measure.name());
        keep(measure, wanted, Optional.empty(), byHand, plain(measure, wanted, byHand));
    }

    private static boolean isChoice(Value value, Measure measure) {
        return value instanceof Word word && measure.choices().contains(word.text());
    }

    private Derivation plain(Measure measure, Value value, boolean byHand) {
        return new Derivation(measure.label(), Optional.empty(), Map.of(), Map.of(), value, value, Rounding.EXACT,
                given.step(), (byHand ? NoteWords.BY_HAND : NoteWords.NOTHING).of());
    }

    private void quantity(Measure measure) throws ExpressionFault {
        Formula formula = value(measure);
        boolean byHand = given.values().containsKey(measure.name()) && measure.canBeSet();
        Value worked = Evaluator.evaluate(formula.expression(), scope);
        Value exact = byHand ? given.values().get(measure.name()) : worked;
        Optional<Message> misfit = misfit(measure, worked, exact);
        if (misfit.isPresent()) {
            problems.add(
                    byHand ? Problem.error(measure.name(), misfit.get()) : causes.problem(formula, misfit.get()));
            return;
        }
        Quantity wanted = (Quantity) exact;
        boolean fitted = given.fitted().contains(measure.name());
        Quantity rounded = onGroove(measure, byHand ? wanted : onRuler(measure, wanted), byHand, fitted);
        Quantity low = limit(measure.amount().min(), wanted.kind(), true);
        Quantity high = limit(measure.amount().max(), wanted.kind(), false);
        boolean onGroove = !rounded.equals(byHand ? wanted : onRuler(measure, wanted));
        Message note = (onGroove ? NoteWords.ON_A_GROOVE
                : fitted ? NoteWords.FITTED : byHand ? NoteWords.BY_HAND : NoteWords.NOTHING).of();
        Quantity value = rounded;
        ExpressionWriter writer = new ExpressionWriter(Map.of(), labels, given.format());
        if (high != null && value.amount().compareTo(high.amount()) > 0) {
            value = high;
            note = NoteWords.AT_MOST.of("limit", writer.value(high));
        }
        if (low != null && value.amount().compareTo(low.amount()) < 0) {
            value = low;
            note = NoteWords.AT_LEAST.of("limit", writer.value(low));
        }
        if (low != null && high != null && low.amount().compareTo(high.amount()) > 0) {
            conflicts.add(new SizedDesign.Judgement("limits-" + measure.name(), true, Optional.of(measure.name()),
                    false, Optional.empty(),
                    DesignWords.NO_VALUE_IS_BOTH.of("label", measure.label(), "least", writer.value(low), "most",
                            writer.value(high))));
        }
        if (byHand && !value.equals(rounded)) {
            problems.add(Problem.notice(measure.label(),
                    DesignWords.CANNOT_BE.of("wanted", writer.value(wanted), "note", note,
                            "used", writer.value(value))));
        }
        Map<String, Value> bound = byHand ? Map.of() : bound(formula.expression());
        keep(measure, value, Optional.empty(), byHand && !fitted,
                new Derivation(measure.label(), byHand ? Optional.empty() : Optional.of(formula.expression()),
                        bound, labels, exact, value, measure.rounding(), given.step(), note));
    }

    private Formula value(Measure measure) {
        return measure.value(given.step().unit()).orElseThrow();
    }

    private static Optional<Message> misfit(Measure measure, Value worked, Value exact) {
        if (!(exact instanceof Quantity quantity)) {
            return Optional
                    .of(FormulaWords.NOT_A_QUANTITY.of("measure", measure.label(), "found", exact.kindInWords()));
        }
        if (worked instanceof Quantity expected && expected.kind() != quantity.kind()) {
            return Optional.of(FormulaWords.OTHER_KIND.of("measure", measure.label(), "wanted", expected.kind().words(),
                    "found", quantity.kind().words()));
        }
        boolean whole = quantity.amount().getDenominator().equals(BigInteger.ONE);
        if (measure.role() == Role.COUNT && !(quantity.kind() == Kind.NUMBER && whole)) {
            return Optional.of(FormulaWords.NOT_WHOLE.of("measure", measure.label()));
        }
        return Optional.empty();
    }

    /** A measure that places a score, on a groove if the maker wants that; what was set by hand stays. */
    private Quantity onGroove(Measure measure, Quantity value, boolean byHand, boolean fitted) {
        if (given.grooves().isEmpty() || value.kind() != Kind.LENGTH || byHand && !fitted
                || measure.rounding() == Rounding.EXACT || !scorePlaces.contains(measure.name())) {
            return value;
        }
        Length onGroove = (fitted ? Rounding.DOWN : measure.rounding()).round(value.toLength(), given.grooves().get());
        return onGroove.isPositive() ? Value.length(onGroove) : value;
    }

    private Quantity onRuler(Measure measure, Quantity value) {
        return value.kind() == Kind.LENGTH ? Value.length(measure.rounding().round(value.toLength(), given.step()))
                : value;
    }

    /** A limit put on the ruler, inwards; null if there is none. */
    private Quantity limit(Optional<Formula> formula, Kind kind, boolean lower) {
        if (formula.isEmpty()) {
            return null;
        }
        try {
            if (Evaluator.evaluate(formula.get().expression(), scope) instanceof Quantity limit
                    && limit.kind() == kind) {
                return kind != Kind.LENGTH ? limit
                        : Value.length(lower ? given.step().up(limit.toLength()) : given.step().down(limit.toLength()));
            }
            problems.add(causes.problem(formula.get(), FormulaWords.LIMIT_OF_OTHER_KIND.of("kind", kind.words())));
        } catch (ExpressionFault fault) {
            problems.add(causes.problem(formula.get(), fault));
        }
        return null;
    }

    private Map<String, Value> bound(Expression expression) {
        Map<String, Value> bound = new LinkedHashMap<>();
        for (String name : Names.in(expression)) {
            scope.value(name).ifPresent(value -> bound.put(name, value));
        }
        return bound;
    }
}

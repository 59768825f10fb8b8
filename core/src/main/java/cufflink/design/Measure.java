package cufflink.design;

import cufflink.measure.LengthUnit;
import cufflink.paper.Contents;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A measure of a design.
 *
 * @param name     used in formulas
 * @param shown    what a maker sees of it
 * @param choices  the words of a choice, the first is the default
 * @param contents the default of a contents measure
 * @param closes   for a finished measure that is not itself the closed side: the result that is
 */
public record Measure(String name, Shown shown, Role role, Amount amount, List<String> choices,
        Optional<Contents> contents, Optional<String> closes) {
    /**
     * What a maker sees of a measure.
     *
     * @param about one line; may be empty
     * @param when  whether it matters to the design as it stands; always if absent
     */
    public record Shown(String label, String about, Optional<Formula> when) {
    }

    /** What a measure is to the maker. */
    public enum Role {
        FINISHED_WIDTH("finished width"), FINISHED_HEIGHT("finished height"), PROPORTION("proportion"),
        ALLOWANCE("allowance"), THICKNESS("thickness"), COUNT("count"), ANGLE("angle"), CHOICE("choice"),
        CONTENTS("contents"),
        RESULT("result");

        private final String words;

        Role(String words) {
            this.words = words;
        }

        /** As written in a design file. */
        public String words() {
            return words;
        }
    }

    /**
     * How large it is.
     *
     * @param value  default or worked-out value; absent for contents, and for a choice that begins with its first word
     * @param metric instead of it where the maker's ruler is metric; absent if the same
     */
    public record Amount(Optional<Formula> value, Optional<Formula> metric, Rounding rounding, Optional<Formula> min,
            Optional<Formula> max) {
    }

    /**
     * What a measure is if nobody sets it.
     *
     * @param metric instead of it where the maker's ruler is metric
     */
    public record Usual(Formula value, Optional<Formula> metric) {
    }

    public Measure {
        choices = List.copyOf(choices);
    }

    /** The same, usually of another size. */
    Measure with(Usual usual) {
        return new Measure(name, shown, role, new Amount(Optional.of(usual.value()), usual.metric(), amount.rounding(),
                amount.min(), amount.max()), choices, contents, closes);
    }

    public String label() {
        return shown.label();
    }

    /** One line; may be empty. */
    public String about() {
        return shown.about();
    }

    /** The value for a unit. */
    public Optional<Formula> value(LengthUnit unit) {
        return unit == LengthUnit.MILLIMETRE ? amount.metric().or(amount::value) : amount.value();
    }

    public Rounding rounding() {
        return amount.rounding();
    }

    /** Every formula that it rests on. */
    Stream<Formula> formulas() {
        return Stream.of(amount.value(), amount.metric(), amount.min(), amount.max(), shown.when())
                .flatMap(Optional::stream);
    }

    /** Whether a maker may set it. */
    public boolean canBeSet() {
        return role != Role.RESULT;
    }
}

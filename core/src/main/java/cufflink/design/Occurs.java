package cufflink.design;

import java.util.Optional;

/**
 * Something that a design has under a condition, or several times.
 *
 * @param when   whether it is there; always if absent
 * @param repeat once for each value of a variable that its formulas may refer to; once if absent
 */
public record Occurs<T>(T what, Optional<Formula> when, Optional<Repeat> repeat) {
    /** Counts a variable from one whole number to another, both included. */
    public record Repeat(String variable, Formula from, Formula to) {
    }

    /** Something that is always there, once. */
    public static <T> Occurs<T> once(T what) {
        return new Occurs<>(what, Optional.empty(), Optional.empty());
    }
}

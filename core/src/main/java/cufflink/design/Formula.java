package cufflink.design;

import cufflink.measure.Length;
import cufflink.problem.Place;
import cufflink.problem.Problem;
import cufflink.words.DesignWords;
import cufflink.words.Message;
import java.util.Optional;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * An expression with the place in the design file where it stands.
 *
 * @param expression what it says
 * @param place      where its first character is
 */
public record Formula(Expression expression, Place place) {
    private static final Place NOWHERE = new Place("", 1, 1);

    /** A length that no file says. */
    static Formula of(Length length) {
        return new Formula(new Expression.Literal(0, Value.length(length), length.toString()), NOWHERE);
    }

    /** An angle that no file says. */
    static Formula ofDegrees(double degrees) {
        return new Formula(new Expression.Literal(0, new Value.Quantity(BigFraction.from(degrees), Value.Kind.ANGLE),
                String.valueOf(degrees)), NOWHERE);
    }

    /** Both conditions, or the one that is there. */
    static Optional<Formula> both(Optional<Formula> one, Optional<Formula> other) {
        return one.isEmpty() ? other : other.isEmpty() ? one
                : Optional.of(new Formula(new Expression.Binary(0, Expression.Operator.AND, one.get().expression,
                        other.get().expression), one.get().place));
    }

    /** The sum with another length or number. */
    public Formula plus(Formula more) {
        return new Formula(new Expression.Binary(0, Expression.Operator.PLUS, expression, more.expression), place);
    }

    /** The opposite of a condition. */
    Formula not() {
        return new Formula(new Expression.Unary(0, Expression.Operator.NOT, expression), place);
    }

    /** The fault as a problem at its own character. */
    Problem problem(ExpressionFault fault) {
        return Problem.error(place.after(fault.position()).toString(),
                DesignWords.AT_FAULT.of("reason", fault.reason()));
    }

    /** A phrase as a problem at the formula's start. */
    Problem problem(Message reason) {
        return Problem.error(place.toString(), DesignWords.AT_FAULT.of("reason", reason));
    }
}

package cufflink.design;

import cufflink.problem.Place;
import cufflink.problem.Problem;
import cufflink.words.DesignWords;
import cufflink.words.Message;

/**
 * An expression with the place in the design file where it stands.
 *
 * @param expression what it says
 * @param place      where its first character is
 */
public record Formula(Expression expression, Place place) {
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

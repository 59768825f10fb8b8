package cufflink.design;

import cufflink.problem.Place;
import cufflink.problem.Problem;

/**
 * An expression with the place in the design file where it stands.
 *
 * @param expression what it says
 * @param place      where its first character is
 */
public record Formula(Expression expression, Place place) {
    /** The fault as a problem at its own character. */
    Problem problem(ExpressionFault fault) {
        return Problem.error(place.after(fault.position()).toString(), fault.getMessage() + ".", "");
    }

    Problem problem(String what) {
        return Problem.error(place.toString(), what + ".", "");
    }
}

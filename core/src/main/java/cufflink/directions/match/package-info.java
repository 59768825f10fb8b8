/**
 * Which design directions are for. {@link cufflink.directions.match.DesignMatcher} is the way in; for each design
 * <ol>
 * <li>{@code ShapeSearch} chooses its counts and words so that its pieces have as many scores as those of the text;
 * <li>{@code Pairing} says which piece of the text is which of the design, and how it is turned;
 * <li>{@code Solver} finds the lengths of the design's measures from the figures of the text, exactly: formulas are
 * straight lines between roundings, so that a few exact eliminations do; a figure that no solution explains is left out
 * in turn until the fewest disagree;
 * <li>the design is sized with what was found, and every figure is compared again: only what that shows is said.
 * </ol>
 */
package cufflink.directions.match;

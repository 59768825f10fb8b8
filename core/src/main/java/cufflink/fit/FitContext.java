package cufflink.fit;

import cufflink.cut.LayoutPlanner;
import cufflink.design.Given;
import cufflink.design.SizedDesign;
import cufflink.measure.Length;
import java.util.function.Function;

/**
 * What fitting needs to know of the project around the design.
 *
 * @param given      measures set by hand; they stay
 * @param copies     how many are made
 * @param mayTurn    whether the card may be cut a quarter turn round (no pattern direction)
 * @param planner    lays pieces on sheets
 * @param thickness  of the closed card for a sized design
 */
public record FitContext(Given given, int copies, boolean mayTurn, LayoutPlanner planner, Function<SizedDesign, Length> thickness) {
}

/**
 * Sheet layouts with edge-to-edge (guillotine) cuts. A {@link cufflink.cut.CutJob} says what to cut from what; a
 * {@link cufflink.cut.LayoutPlanner} answers with a {@link cufflink.cut.LayoutPlan}; {@link cufflink.cut.LayoutChecker}
 * verifies any plan by its own road.
 */
package cufflink.cut;

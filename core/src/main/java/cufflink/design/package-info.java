/**
 * The design model. A {@link cufflink.design.DesignDefinition} is what a design file says: measures, pieces, mats,
 * folding, glue, pockets, poses and checks, all as {@link cufflink.design.Expression expressions}; what is there under
 * a condition or several times is wrapped in {@link cufflink.design.Occurs}. {@link cufflink.design.DesignSizer} works
 * it out for one set of wishes:
 * <ol>
 * <li>the measures, in the order of the file, each put on the maker's ruler by its own rounding
 * ({@link cufflink.design.Measures});</li>
 * <li>the pieces with their scores, slits and cut-outs, repeats written out;</li>
 * <li>the mats, steps, glue, pockets, poses and checks that refer to them.</li>
 * </ol>
 * Every value keeps its {@link cufflink.design.Derivation}. Nothing here knows how paper folds; what measures ask of
 * later stages comes in as {@link cufflink.design.Facts}. A {@link cufflink.design.SizedDesign} is the first stage of a
 * plan.
 */
package cufflink.design;

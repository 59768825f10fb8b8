/**
 * One piece as planar geometry, in millimetres: its outline less what is cut away, its creases, and the panels and
 * hinges that these make. {@link cufflink.crease.CreasePatternBuilder} is the way in for a piece; a
 * {@link cufflink.crease.CreasedDesign}, all pieces of a design, is the second stage of a plan.
 */
package cufflink.crease;

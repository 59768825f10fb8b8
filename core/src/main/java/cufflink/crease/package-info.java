/**
 * One piece as planar geometry, in millimetres: its outline less what is cut away, its creases, and the panels and
 * hinges that these make. {@link cufflink.crease.CreasePatternBuilder} is the way in.
 */
package cufflink.crease;

/**
 * From a wish to measures: {@link cufflink.fit.Fitter} finds the finished size for a {@link cufflink.fit.Wish}, leaves
 * what the maker has set by hand, and names the limit that binds.
 */
package cufflink.fit;

/** Problems in the maker's terms, as values: where, and a {@link cufflink.words.Message}; many at a time. */
package cufflink.problem;

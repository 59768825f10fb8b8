/** Problems in the maker's terms, as values: where, what, what to do; many at a time. */
package cufflink.problem;

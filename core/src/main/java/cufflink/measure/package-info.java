/**
 * Exact lengths and the maker's ruler. A {@link cufflink.measure.Length} is a whole number of nanometres, so that
 * inches (1/64 in = 396 875 nm) and millimetres are both exact; it is rounded only by a
 * {@link cufflink.measure.RulerStep}, by name. Text becomes a length in {@link cufflink.measure.LengthParser} and
 * nowhere else; {@link cufflink.measure.LengthFormat} is its inverse.
 */
package cufflink.measure;

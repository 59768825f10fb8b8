package cufflink.notebook;

/**
 * A number or a word of what was made, as it was shown then.
 *
 * @param what  a measure's label, a paper's role and the like
 * @param value with its unit
 */
public record Figure(String what, String value) {
}

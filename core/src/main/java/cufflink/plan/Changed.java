package cufflink.plan;

/**
 * A number that was given and could not be used as it was.
 *
 * @param measure its name in the design; {@code finish} for a finished size
 * @param given   as it was given
 * @param used    what is used instead
 * @param why     one sentence
 */
public record Changed(String measure, String given, String used, String why) {
}

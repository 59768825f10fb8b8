package cufflink.plan;

/**
 * What a maker wants to be told at a step of a project.
 *
 * @param step of which step, as {@link StepMark} has it
 * @param text in the maker's words
 */
public record Reminder(String step, String text) {
    public Reminder {
        if (text.isBlank()) {
            throw new IllegalArgumentException("a reminder says something");
        }
    }
}

package cufflink.notebook;

/**
 * What went wrong at a step of the run sheet.
 *
 * @param step  its number then, from 1; 0 if it belongs to none
 * @param title of the step
 * @param text  in the maker's words
 */
public record StepNote(int step, String title, String text) {
}

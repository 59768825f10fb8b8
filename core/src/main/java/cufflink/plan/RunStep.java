package cufflink.plan;

import java.util.List;

/**
 * One step of the run sheet.
 *
 * @param number   from 1
 * @param title    a few words
 * @param text     what to do
 * @param caution  a warning where the work can hurt; may be empty
 * @param readings the numbers of this step, in the order of work
 */
public record RunStep(int number, Phase phase, String title, String text, String caution, StepSubject subject,
        List<Reading> readings) {
    public RunStep {
        readings = List.copyOf(readings);
    }
}

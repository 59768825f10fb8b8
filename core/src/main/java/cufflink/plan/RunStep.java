package cufflink.plan;

import cufflink.words.Message;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * One step of the run sheet.
 *
 * @param number   from 1
 * @param called   a few words
 * @param told     what to do, sentence by sentence
 * @param warned   where the work can hurt
 * @param readings the numbers of this step, in the order of work
 */
public record RunStep(int number, Phase phase, Message called, List<Message> told, Optional<Message> warned,
        StepSubject subject, List<Reading> readings) {
    public RunStep {
        told = List.copyOf(told);
        readings = List.copyOf(readings);
    }

    /** A few words. */
    public String title() {
        return called.sentence();
    }

    /** What to do. */
    public String text() {
        return told.stream().map(Message::sentence).filter(sentence -> !sentence.isEmpty())
                .collect(Collectors.joining(" "));
    }

    /** A warning where the work can hurt; may be empty. */
    public String caution() {
        return warned.map(Message::sentence).orElse("");
    }
}

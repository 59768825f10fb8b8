package cufflink.plan;

import cufflink.words.Message;
import cufflink.words.StepWords;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * One step of the run sheet.
 *
 * @param number   from 1
 * @param called   a few words
 * @param told     what to do, sentence by sentence
 * @param warned   where the work can hurt
 * @param readings the numbers of this step, in the order of work
 * @param alike    of other parts, to which the same is done
 */
public record RunStep(int number, Phase phase, Message called, List<Message> told, Optional<Message> warned,
        StepSubject subject, List<Reading> readings, List<StepSubject> alike) {
    public RunStep {
        told = List.copyOf(told);
        readings = List.copyOf(readings);
        alike = List.copyOf(alike);
    }

    /** The same at another place of the run sheet. */
    RunStep numbered(int value) {
        return new RunStep(value, phase, called, told, warned, subject, readings, alike);
    }

    /** The same done to others, too. */
    RunStep with(List<StepSubject> others) {
        return new RunStep(number, phase, called, told, warned, subject, readings, others);
    }

    /** The same with something that the maker wants to be told there. */
    RunStep reminding(Message reminder) {
        return new RunStep(number, phase, called, Stream.concat(told.stream(), Stream.of(reminder)).toList(), warned,
                subject, readings, alike);
    }

    /** What to do, without what the maker wants to be told there. */
    public String instructions() {
        return sentences(told.stream().filter(message -> message.code() != StepWords.REMEMBER));
    }

    private static String sentences(Stream<Message> messages) {
        return messages.map(Message::sentence).filter(sentence -> !sentence.isEmpty())
                .collect(Collectors.joining(" "));
    }

    /** What the maker wants to be told there; a part of what is told. */
    public List<Message> reminders() {
        return told.stream().filter(message -> message.code() == StepWords.REMEMBER).toList();
    }

    /** All that it is about. */
    public List<StepSubject> subjects() {
        return Stream.concat(Stream.of(subject), alike.stream()).toList();
    }

    /** A few words. */
    public String title() {
        return called.sentence();
    }

    /** What to do. */
    public String text() {
        return sentences(told.stream());
    }

    /** A warning where the work can hurt; may be empty. */
    public String caution() {
        return warned.map(Message::sentence).orElse("");
    }
}

package cufflink.directions;

import cufflink.words.Message;
import java.util.List;

/**
 * Something that can be read in several ways.
 *
 * @param answers what it may mean, the likely one first; that one is used
 */
public record Question(Message text, List<String> answers, Span span) {
    public Question {
        answers = List.copyOf(answers);
    }
}

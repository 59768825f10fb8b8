package cufflink.directions;

import cufflink.words.Message;
import java.util.List;
import java.util.Optional;

/**
 * Something that can be read in several ways.
 *
 * @param answers what it may mean, the likely one first; that one is used
 */
public record Question(Message text, List<Answer> answers, Span span) {
    /**
     * What something may mean.
     *
     * @param says what makes the directions say so and nothing else; absent where they need not be changed
     */
    public record Answer(String text, Optional<Edit> says) {
        static Answer taken(String text) {
            return new Answer(text, Optional.empty());
        }

        static Answer other(String text, Edit says) {
            return new Answer(text, Optional.of(says));
        }
    }

    public Question {
        answers = List.copyOf(answers);
    }
}

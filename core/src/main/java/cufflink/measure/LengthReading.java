package cufflink.measure;

import cufflink.words.Message;
import java.util.Optional;
import java.util.function.Function;

/** What came of reading a text as one or more lengths. */
public sealed interface LengthReading<T> {
    /** The text was understood. */
    record Understood<T>(T result) implements LengthReading<T> {
    }

    /**
     * The text was not understood.
     *
     * @param position index of the first character that could not be used
     * @param why      what was wrong with it
     */
    record NotUnderstood<T>(int position, Message why) implements LengthReading<T> {
    }

    default Optional<T> value() {
        return this instanceof Understood<T> read ? Optional.of(read.result()) : Optional.empty();
    }

    /** What was wrong, if anything was. */
    default Optional<Message> trouble() {
        return this instanceof NotUnderstood<T> failed ? Optional.of(failed.why()) : Optional.empty();
    }

    /** What was wrong as a sentence, or an empty text. */
    default String message() {
        return trouble().map(Message::sentence).orElse("");
    }

    default <R> LengthReading<R> then(Function<T, LengthReading<R>> next) {
        if (this instanceof Understood<T> read) {
            return next.apply(read.result());
        }
        NotUnderstood<T> failed = (NotUnderstood<T>) this;
        return new NotUnderstood<>(failed.position(), failed.why());
    }
}

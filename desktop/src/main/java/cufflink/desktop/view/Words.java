package cufflink.desktop.view;

import java.util.function.Function;
import javafx.util.StringConverter;

/** Shows values of a list in words; nothing is typed. */
final class Words<T> extends StringConverter<T> {
    private final Function<T, String> words;

    Words(Function<T, String> words) {
        this.words = words;
    }

    @Override
    public String toString(T value) {
        return value == null ? "" : words.apply(value);
    }

    @Override
    public T fromString(String text) {
        throw new IllegalStateException("nothing is typed here: " + text);
    }
}

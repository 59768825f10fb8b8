package cufflink.words;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Something said: a code and its arguments. An argument is shown as its {@code toString} has it, a list with commas, a
 * message by its sentence.
 *
 * @param arguments by name
 */
public record Message(Code code, Map<String, Object> arguments) {
    public Message {
        arguments = Collections.unmodifiableMap(new LinkedHashMap<>(arguments));
    }

    static Message of(Code code, Object... namesAndValues) {
        Map<String, Object> arguments = new LinkedHashMap<>();
        for (int i = 0; i + 1 < namesAndValues.length; i += 2) {
            Object value = namesAndValues[i + 1];
            arguments.put((String) namesAndValues[i], value instanceof List<?> list ? List.copyOf(list) : value);
        }
        if (!(code instanceof Plain) && !arguments.keySet().equals(Template.places(code))) {
            throw new IllegalArgumentException(code + " has places for " + Template.places(code) + ", not for "
                    + arguments.keySet());
        }
        return new Message(code, arguments);
    }

    /** In the maker's own words, or in those of something outside. */
    public static Message plain(String sentence, String remedy) {
        return new Plain(new Sentences(sentence, remedy)).of();
    }

    /** Words without a code of their own. */
    private record Plain(Sentences sentences) implements Code {
    }

    /** The argument of a name; it must be there. */
    public Object argument(String name) {
        if (!arguments.containsKey(name)) {
            throw new IllegalArgumentException("no argument " + name + " in " + code);
        }
        return arguments.get(name);
    }

    /** What is the case. */
    public String sentence() {
        return code instanceof Plain ? code.sentence() : new Template(this).text(code.sentence());
    }

    /** What to do about it; may be empty. */
    public String remedy() {
        return code instanceof Plain ? code.remedy() : new Template(this).text(code.remedy());
    }

    @Override
    public String toString() {
        return sentence();
    }
}

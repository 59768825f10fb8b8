package cufflink.words;

import java.util.List;
import java.util.stream.Collectors;

/** What recurs in sentences. */
public final class Vocabulary {
    private static final int MOST_NAMED = 8;

    private Vocabulary() {
    }

    /** With commas; of a long list only the first, and how many more there are. */
    static String few(List<?> things) {
        String named = things.stream().limit(MOST_NAMED).map(String::valueOf).collect(Collectors.joining(", "));
        return things.size() <= MOST_NAMED ? named : named + " and " + (things.size() - MOST_NAMED) + " more";
    }

    /** With commas, however many. */
    static String all(List<?> things) {
        return things.stream().map(String::valueOf).collect(Collectors.joining(", "));
    }

    /** One after the other. */
    public static String sentences(List<Message> said) {
        return said.stream().map(Message::sentence).filter(sentence -> !sentence.isEmpty())
                .collect(Collectors.joining(" "));
    }

    /** With commas and a last "and": {@code left, right and bottom}. */
    public static String and(List<?> things) {
        int last = things.size() - 1;
        return last < 1 ? few(things)
                : things.subList(0, last).stream().map(String::valueOf).collect(Collectors.joining(", ")) + " and "
                        + things.get(last);
    }
}

package cufflink.problem;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * A pure function that remembers its latest answers: while a maker changes one measure, most of what is asked was just
 * answered. Safe on any thread.
 *
 * @param <K> what is asked, equal by its contents
 */
public final class Remembered<K, V> {
    private final Function<K, V> function;
    private final Map<K, V> answers;

    /** Remembers as many answers as are asked for, the latest ones. */
    public Remembered(int most, Function<K, V> function) {
        this.function = function;
        this.answers = new LinkedHashMap<>(most, 0.75f, true) {
            private static final long serialVersionUID = 1;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    /** The answer, worked out if it is not remembered. */
    public V of(K asked) {
        V known = get(asked);
        if (known == null) {
            known = function.apply(asked);
            put(asked, known);
        }
        return known;
    }

    private synchronized V get(K asked) {
        return answers.get(asked);
    }

    private synchronized void put(K asked, V answer) {
        answers.put(asked, answer);
    }
}

package cufflink.problem;

import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;

/**
 * Unmodifiable copies that keep their order, so that the same question has the same answer, byte for byte, in every
 * process.
 */
public final class Ordered {
    private Ordered() {
    }

    /** A copy in the order of the map that is given. */
    public static <K, V> Map<K, V> map(Map<? extends K, ? extends V> entries) {
        return Collections.unmodifiableMap(new LinkedHashMap<>(entries));
    }

    /** A copy in the order of what is given. */
    public static <E> Set<E> set(Collection<? extends E> elements) {
        return Collections.unmodifiableSet(new LinkedHashSet<>(elements));
    }
}

package cufflink.design;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The values that names stand for while a design is worked out. A scope is grown by copies, or sees a map that grows.
 */
public final class Scope {
    private final Map<String, Value> values;

    private Scope(Map<String, Value> values) {
        this.values = values;
    }

    /** What a map holds, now and later. */
    static Scope over(Map<String, Value> growing) {
        return new Scope(growing);
    }

    public static Scope empty() {
        return new Scope(Map.of());
    }

    /** This scope with one more name, or with the name's new value. */
    public Scope with(String name, Value value) {
        Map<String, Value> grown = new LinkedHashMap<>(values);
        grown.put(name, value);
        return new Scope(grown);
    }

    /** This scope with fewer names. */
    Scope without(Set<String> names) {
        Map<String, Value> left = new LinkedHashMap<>(values);
        left.keySet().removeAll(names);
        return new Scope(left);
    }

    public Optional<Value> value(String name) {
        return Optional.ofNullable(values.get(name));
    }

    /** The known names that can be written, for messages. */
    String names() {
        return values.keySet().stream().filter(name -> !name.contains(" ")).collect(Collectors.joining(", "));
    }
}

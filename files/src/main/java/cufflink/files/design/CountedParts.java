package cufflink.files.design;

import cufflink.design.PartAdding;
import cufflink.words.DesignFileWords;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The entries under {@code parts}, those with a {@code repeat} once for each number: {@code sleeve} becomes
 * {@code sleeve1}, {@code sleeve2} and so on, each with its number where the variable stands in braces.
 */
final class CountedParts {
    static final String REPEAT = "repeat";
    private static final int MOST = 24;
    private static final List<String> NAMES = List.of("on", "in", "label");

    /**
     * One part.
     *
     * @param variable that counts it; absent for one that is there once
     */
    record One(String name, YamlNode node, Optional<String> variable, int number) {
    }

    private CountedParts() {
    }

    static List<One> all(Map<String, YamlNode> parts, Fields fields) {
        List<One> all = new ArrayList<>();
        parts.forEach((name, node) -> {
            if (node instanceof YamlNode.Mapping mapping && mapping.entries().containsKey(REPEAT)) {
                all.addAll(counted(name, mapping, fields));
            } else {
                all.add(new One(name, node, Optional.empty(), 0));
            }
        });
        return all;
    }

    private static List<One> counted(String name, YamlNode.Mapping node, Fields fields) {
        List<One> all = new ArrayList<>();
        Optional<Map.Entry<String, List<Integer>>> range = range(node.entries().get(REPEAT));
        if (range.isEmpty()) {
            fields.problem(node.entries().get(REPEAT).place(), DesignFileWords.PARTS_COUNTED.of("most", MOST));
            return all;
        }
        String variable = range.get().getKey();
        for (int number = range.get().getValue().get(0); number <= range.get().getValue().get(1); number++) {
            Map<String, YamlNode> entries = new LinkedHashMap<>();
            String text = Integer.toString(number);
            node.entries().forEach((key, value) -> entries.put(key,
                    NAMES.contains(key) && value instanceof YamlNode.Scalar scalar
                            ? new YamlNode.Scalar(scalar.text().replace("{" + variable + "}", text), scalar.place())
                            : value));
            entries.computeIfAbsent("label", none -> new YamlNode.Scalar(
                    PartAdding.label(name + text), node.place()));
            all.add(new One(name + text, new YamlNode.Mapping(entries, node.keys(), node.place()),
                    Optional.of(variable), number));
        }
        return all;
    }

    /** The variable, and its first and last number. */
    private static Optional<Map.Entry<String, List<Integer>>> range(YamlNode repeat) {
        if (!(repeat instanceof YamlNode.Mapping mapping) || mapping.entries().size() != 1) {
            return Optional.empty();
        }
        Map.Entry<String, YamlNode> entry = mapping.entries().entrySet().iterator().next();
        List<Integer> numbers = entry.getValue() instanceof YamlNode.Sequence sequence
                ? sequence.items().stream().flatMap(item -> number(item).stream()).toList() : List.of();
        boolean counts = numbers.size() == 2 && numbers.get(0) >= 1 && numbers.get(0) <= numbers.get(1);
        return counts ? Optional.of(Map.entry(entry.getKey(), numbers)) : Optional.empty();
    }

    private static Optional<Integer> number(YamlNode node) {
        return node instanceof YamlNode.Scalar scalar && scalar.text().matches("\\d{1,2}")
                ? Optional.of(Integer.parseInt(scalar.text())).filter(number -> number <= MOST) : Optional.empty();
    }
}

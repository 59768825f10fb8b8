package cufflink.files.project;

import com.fasterxml.jackson.databind.JsonNode;
import cufflink.measure.Length;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.measure.LengthUnit;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;

/** The fields of a JSON object; each mistake becomes a problem with its path, and a harmless value goes on. */
final class JsonFields {
    private final JsonNode node;
    private final String path;
    private final List<Problem> problems;

    JsonFields(JsonNode node, String path, List<Problem> problems) {
        this.node = node;
        this.path = path;
        this.problems = problems;
        if (!node.isObject()) {
            problem("", "An object with fields was expected here.");
        }
    }

    JsonFields in(String name) {
        return new JsonFields(node.path(name), path + name + " › ", problems);
    }

    JsonNode raw(String name) {
        return node.path(name);
    }

    boolean has(String name) {
        return node.hasNonNull(name);
    }

    void problem(String name, String what) {
        problems.add(Problem.error(path + name, what, ""));
    }

    String text(String name) {
        JsonNode value = node.path(name);
        if (!value.isTextual()) {
            problem(name, "A text was expected here.");
            return "";
        }
        return value.asText();
    }

    int count(String name, int low, int high) {
        JsonNode value = node.path(name);
        if (!value.isInt() || value.asInt() < low || value.asInt() > high) {
            problem(name, "A whole number from " + low + " to " + high + " was expected here.");
            return low;
        }
        return value.asInt();
    }

    double number(String name, double low, double high) {
        JsonNode value = node.path(name);
        if (!value.isNumber() || !(value.asDouble() > low && value.asDouble() < high)) {
            problem(name, "A number between " + low + " and " + high + " was expected here.");
            return (low + high) / 2;
        }
        return value.asDouble();
    }

    /** A length of more than 0. */
    Length size(String name) {
        LengthReading<Length> read = LengthParser.read(text(name), LengthUnit.MILLIMETRE);
        if (read.value().filter(Length::isPositive).isEmpty()) {
            problem(name, read.message().isEmpty() ? "A length of more than 0 was expected here." : read.message());
            return Length.ofMillimetres(1);
        }
        return read.value().get();
    }

    /** A length of 0 or more. */
    Length length(String name) {
        LengthReading<Length> read = LengthParser.read(text(name), LengthUnit.MILLIMETRE);
        if (read.value().filter(found -> !found.isNegative()).isEmpty()) {
            problem(name, read.message().isEmpty() ? "A length of 0 or more was expected here." : read.message());
        }
        return read.value().orElse(Length.ZERO);
    }

    Optional<Length> optionalSize(String name) {
        return has(name) ? Optional.of(size(name)) : Optional.empty();
    }

    <E extends Enum<E>> E word(String name, Class<E> type, Function<E, String> words) {
        String text = text(name);
        return Arrays.stream(type.getEnumConstants()).filter(value -> words.apply(value).equals(text)).findFirst().orElseGet(() -> {
            problem(name, "“" + text + "” is not known; expected one of " + String.join(", ", Arrays.stream(type.getEnumConstants()).map(words).toList()) + ".");
            return type.getEnumConstants()[0];
        });
    }

    /** The objects of a list, each with its place. */
    List<JsonFields> each(String name) {
        List<JsonFields> entries = new ArrayList<>();
        for (JsonNode entry : node.path(name)) {
            entries.add(new JsonFields(entry, path + name + " " + (entries.size() + 1) + " › ", problems));
        }
        return entries;
    }

    static <E extends Enum<E>> Function<E, String> lower() {
        return value -> value.name().toLowerCase(Locale.ROOT);
    }
}

package cufflink.files.json;

import com.fasterxml.jackson.databind.JsonNode;
import cufflink.measure.Length;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.measure.LengthUnit;
import cufflink.problem.Problem;
import cufflink.words.Message;
import cufflink.words.ProjectWords;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Function;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;

/** The fields of a JSON object; each mistake becomes a problem with its path, and a harmless value goes on. */
public final class JsonFields {
    private final JsonNode node;
    private final String path;
    private final List<Problem> problems;

    public JsonFields(JsonNode node, String path, List<Problem> problems) {
        this.node = node;
        this.path = path;
        this.problems = problems;
        if (!node.isObject()) {
            problem("", ProjectWords.OBJECT_EXPECTED.of());
        }
    }

    public JsonFields in(String name) {
        return new JsonFields(node.path(name), path + name + " › ", problems);
    }

    /** Yes or no. */
    public boolean yes(String name) {
        JsonNode value = node.path(name);
        if (!value.isBoolean()) {
            problem(name, ProjectWords.TRUE_OR_FALSE.of());
        }
        return value.asBoolean();
    }

    /** The fields of an object that must be there, by name in the order of the file. */
    public Map<String, JsonFields> entries(String name) {
        Map<String, JsonFields> entries = new LinkedHashMap<>();
        object(name).forEach(
                (key, value) -> entries.put(key, new JsonFields(value, path + name + " › " + key + " › ", problems)));
        return entries;
    }

    /** The texts of an object that must be there, by name in the order of the file. */
    public Map<String, String> texts(String name) {
        Map<String, String> texts = new LinkedHashMap<>();
        object(name).forEach((key, value) -> {
            if (value.isTextual()) {
                texts.put(key, value.asText());
            } else {
                problem(name + " › " + key, ProjectWords.TEXT_EXPECTED.of());
            }
        });
        return texts;
    }

    /** The lists of texts of an object that must be there, by name in the order of the file. */
    public Map<String, List<String>> lists(String name) {
        Map<String, List<String>> lists = new LinkedHashMap<>();
        object(name).forEach((key, value) -> list(name + " › " + key, value).ifPresent(texts -> lists.put(key, texts)));
        return lists;
    }

    /** A list of texts. */
    public List<String> list(String name) {
        return list(name, node.path(name)).orElse(List.of());
    }

    private Optional<List<String>> list(String name, JsonNode value) {
        if (!value.isArray() || !stream(value).allMatch(JsonNode::isTextual)) {
            problem(name, ProjectWords.TEXTS_EXPECTED.of());
            return Optional.empty();
        }
        return Optional.of(stream(value).map(JsonNode::asText).toList());
    }

    private static Stream<JsonNode> stream(JsonNode list) {
        return StreamSupport.stream(list.spliterator(), false);
    }

    private Map<String, JsonNode> object(String name) {
        Map<String, JsonNode> fields = new LinkedHashMap<>();
        if (node.path(name).isObject()) {
            node.path(name).properties().forEach(entry -> fields.put(entry.getKey(), entry.getValue()));
        } else {
            problem(name, ProjectWords.OBJECT_EXPECTED.of());
        }
        return fields;
    }

    public boolean has(String name) {
        return node.hasNonNull(name);
    }

    /** Whether a field holds an object. */
    public boolean isObject(String name) {
        return node.path(name).isObject();
    }

    public void problem(String name, Message what) {
        problems.add(Problem.error(path + name, what));
    }

    public String text(String name) {
        JsonNode value = node.path(name);
        if (!value.isTextual()) {
            problem(name, ProjectWords.TEXT_EXPECTED.of());
            return "";
        }
        return value.asText();
    }

    /** A text that is not blank. */
    public String filledText(String name) {
        String text = text(name);
        if (node.path(name).isTextual() && text.isBlank()) {
            problem(name, ProjectWords.NOT_BLANK.of());
        }
        return text;
    }

    /** A colour, {@code #RRGGBB}. */
    public String colour(String name) {
        String colour = text(name);
        if (!colour.matches("#[0-9A-Fa-f]{6}")) {
            problem(name, ProjectWords.COLOUR.of());
            return "#FFFFFF";
        }
        return colour;
    }

    public int count(String name, int low, int high) {
        JsonNode value = node.path(name);
        if (!value.isInt() || value.asInt() < low || value.asInt() > high) {
            problem(name, ProjectWords.WHOLE_BETWEEN.of("low", low, "high", high));
            return low;
        }
        return value.asInt();
    }

    /** Its fields, each a count of 0 to so many, in the order of the file. */
    public Map<String, Integer> counts(int high) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        node.properties().forEach(entry -> counts.put(entry.getKey(), count(entry.getKey(), 0, high)));
        return counts;
    }

    /** A whole number of 1 or more, or none where the field is not there. */
    public OptionalLong optionalId(String name) {
        if (!has(name)) {
            return OptionalLong.empty();
        }
        JsonNode value = node.path(name);
        if (!value.isIntegralNumber() || !value.canConvertToLong() || value.asLong() < 1) {
            problem(name, ProjectWords.WHOLE_FROM.of("low", 1));
        }
        return OptionalLong.of(value.asLong());
    }

    public double number(String name, double low, double high) {
        JsonNode value = node.path(name);
        if (!value.isNumber() || !(value.asDouble() > low && value.asDouble() < high)) {
            problem(name, ProjectWords.NUMBER_BETWEEN.of("low", low, "high", high));
            return (low + high) / 2;
        }
        return value.asDouble();
    }

    /** A length of more than 0. */
    public Length size(String name) {
        LengthReading<Length> read = LengthParser.read(text(name), LengthUnit.MILLIMETRE);
        if (read.value().filter(Length::isPositive).isEmpty()) {
            problem(name, read.trouble().orElseGet(ProjectWords.MORE_THAN_NOTHING::of));
            return Length.ofMillimetres(1);
        }
        return read.value().get();
    }

    /** A length of 0 or more. */
    public Length length(String name) {
        LengthReading<Length> read = LengthParser.read(text(name), LengthUnit.MILLIMETRE);
        if (read.value().filter(found -> !found.isNegative()).isEmpty()) {
            problem(name, read.trouble().orElseGet(ProjectWords.NOT_LESS_THAN_NOTHING::of));
        }
        return read.value().orElse(Length.ZERO);
    }

    /** A length that may be negative. */
    public Length signedLength(String name) {
        LengthReading<Length> read = LengthParser.read(text(name), LengthUnit.MILLIMETRE);
        read.trouble().ifPresent(why -> problem(name, why));
        return read.value().orElse(Length.ZERO);
    }

    public Optional<Length> optionalSize(String name) {
        return has(name) ? Optional.of(size(name)) : Optional.empty();
    }

    public <E extends Enum<E>> E word(String name, Class<E> type, Function<E, String> words) {
        String text = text(name);
        return Arrays.stream(type.getEnumConstants()).filter(value -> words.apply(value).equals(text)).findFirst()
                .orElseGet(() -> {
                    problem(name, ProjectWords.NOT_ONE_OF.of("text", text, "expected",
                            Arrays.stream(type.getEnumConstants()).map(words).toList()));
                    return type.getEnumConstants()[0];
                });
    }

    /** The objects of a list that must be there, each with its place. */
    public List<JsonFields> each(String name) {
        List<JsonFields> entries = new ArrayList<>();
        if (!node.path(name).isArray()) {
            problem(name, ProjectWords.LIST_EXPECTED.of());
            return entries;
        }
        for (JsonNode entry : node.path(name)) {
            entries.add(new JsonFields(entry, path + name + " " + (entries.size() + 1) + " › ", problems));
        }
        return entries;
    }

    public static <E extends Enum<E>> Function<E, String> lower() {
        return value -> value.name().toLowerCase(Locale.ROOT);
    }
}

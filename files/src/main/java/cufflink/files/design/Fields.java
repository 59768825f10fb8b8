package cufflink.files.design;

import cufflink.design.DesignDefinition.Spot;
import cufflink.design.Expression;
import cufflink.design.ExpressionFault;
import cufflink.design.ExpressionParser;
import cufflink.design.Formula;
import cufflink.design.Occurs;
import cufflink.design.Occurs.Repeat;
import cufflink.design.Template;
import cufflink.problem.Place;
import cufflink.problem.Problem;
import cufflink.words.DesignFileWords;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The fields of one mapping, read with a harmless value in place of each mistake, so that one pass finds them all.
 * Fields nobody asked for are mistakes too: {@link #close()} reports them.
 */
final class Fields implements AutoCloseable {
    /** What designs, pieces and other things are called. */
    static final String ID = "[A-Za-z][A-Za-z0-9-]{0,40}";
    private static final Pattern INSERT = Pattern.compile("\\{([^{}]*)}");

    private final YamlNode.Mapping mapping;
    private final List<Problem> problems;
    private final Set<String> asked = new LinkedHashSet<>();

    Fields(YamlNode node, String what, List<Problem> problems) {
        this.problems = problems;
        if (node instanceof YamlNode.Mapping map) {
            mapping = map;
        } else {
            mapping = new YamlNode.Mapping(Map.of(), Map.of(), node.place());
            problem(node.place(), DesignFileWords.FIELDS_EXPECTED.of("what", what));
        }
    }

    void problem(Place place, Message what) {
        problems.add(Problem.error(place.toString(), what));
    }

    Place place() {
        return mapping.place();
    }

    boolean has(String name) {
        asked.add(name);
        return mapping.entries().containsKey(name);
    }

    Optional<YamlNode> node(String name) {
        asked.add(name);
        return Optional.ofNullable(mapping.entries().get(name));
    }

    Optional<String> text(String name) {
        return node(name).map(this::scalar);
    }

    String requiredText(String name) {
        return text(name).orElseGet(() -> {
            missing(name);
            return "";
        });
    }

    String id(String name) {
        String id = requiredText(name);
        if (!id.isEmpty() && !id.matches(ID)) {
            problem(node(name).orElseThrow().place(), DesignFileWords.NO_ID.of("text", id));
        }
        return id;
    }

    private void missing(String name) {
        problem(mapping.place(), DesignFileWords.MISSING.of("field", name));
    }

    private String scalar(YamlNode node) {
        if (node instanceof YamlNode.Scalar scalar) {
            return scalar.text();
        }
        problem(node.place(), DesignFileWords.TEXT_EXPECTED.of());
        return "";
    }

    Optional<Formula> formula(String name) {
        return node(name).map(this::formula);
    }

    Formula requiredFormula(String name) {
        return formula(name).orElseGet(() -> {
            missing(name);
            return zero(mapping.place());
        });
    }

    Formula formula(YamlNode node) {
        return formula(scalar(node), node.place());
    }

    Formula formula(String text, Place place) {
        try {
            return new Formula(ExpressionParser.parse(text), place);
        } catch (ExpressionFault fault) {
            problem(place.after(fault.position()),
                    DesignFileWords.FORMULA_AT_FAULT.of("text", text, "reason", fault.reason()));
            return zero(place);
        }
    }

    private static Formula zero(Place place) {
        return new Formula(new Expression.Quoted(0, ""), place);
    }

    Template template(String name) {
        return node(name).map(this::template).orElse(Template.of(""));
    }

    Template requiredTemplate(String name) {
        return node(name).map(this::template).orElseGet(() -> {
            missing(name);
            return Template.of("missing");
        });
    }

    Template template(YamlNode node) {
        String text = scalar(node);
        List<Template.Part> parts = new ArrayList<>();
        Matcher matcher = INSERT.matcher(text);
        int from = 0;
        while (matcher.find()) {
            if (matcher.start() > from) {
                parts.add(new Template.Fixed(text.substring(from, matcher.start())));
            }
            parts.add(new Template.Insert(formula(matcher.group(1), node.place().after(matcher.start(1)))));
            from = matcher.end();
        }
        if (from < text.length()) {
            parts.add(new Template.Fixed(text.substring(from)));
        }
        return new Template(parts);
    }

    /** Yes or no; no if the field is not there. */
    boolean flag(String name) {
        return node(name).map(this::flag).orElse(false);
    }

    boolean flag(YamlNode node) {
        String text = scalar(node);
        if (!text.matches("yes|no|true|false")) {
            problem(node.place(), DesignFileWords.YES_OR_NO.of("text", text));
        }
        return text.equals("yes") || text.equals("true");
    }

    /** One of the words of an enum, or the fallback. */
    <E extends Enum<E>> Optional<E> word(String name, Class<E> type, Function<E, String> words) {
        return node(name).flatMap(node -> word(node, type, words));
    }

    <E extends Enum<E>> Optional<E> word(YamlNode node, Class<E> type, Function<E, String> words) {
        String text = scalar(node);
        Optional<E> found = Arrays.stream(type.getEnumConstants()).filter(value -> words.apply(value).equals(text))
                .findFirst();
        if (found.isEmpty()) {
            problem(node.place(), DesignFileWords.NOT_ONE_OF.of("text", text, "expected",
                    Arrays.stream(type.getEnumConstants()).map(words).toList()));
        }
        return found;
    }

    /** The items of a list; none if the field is not there. */
    List<YamlNode> list(String name) {
        return node(name).map(this::items).orElse(List.of());
    }

    List<YamlNode> items(YamlNode node) {
        if (node instanceof YamlNode.Sequence sequence) {
            return sequence.items();
        }
        problem(node.place(), DesignFileWords.LIST_EXPECTED.of());
        return List.of();
    }

    List<String> texts(String name) {
        return list(name).stream().map(this::scalar).toList();
    }

    /** The fields of a mapping in order; none if the field is not there. */
    Map<String, YamlNode> entries(String name) {
        Optional<YamlNode> node = node(name);
        if (node.isPresent() && node.get() instanceof YamlNode.Mapping map) {
            return map.entries();
        }
        node.ifPresent(other -> problem(other.place(), DesignFileWords.ENTRIES_EXPECTED.of("field", name)));
        return Map.of();
    }

    /** The place under {@code at}. */
    Optional<Spot> spot() {
        return spot("at");
    }

    Optional<Spot> spot(String name) {
        List<YamlNode> at = list(name);
        if (!at.isEmpty() && at.size() != 2) {
            problem(place(), DesignFileWords.PLACE_NEEDS_TWO.of("field", name));
        }
        return at.size() == 2 ? Optional.of(new Spot(formula(at.get(0)), formula(at.get(1))))
                : Optional.empty();
    }

    /** The entries of a list, each with its own {@code when} and {@code repeat}; {@code what} is one in messages. */
    <T> List<Occurs<T>> all(String name, String what, Function<Fields, T> read) {
        return list(name).stream().map(node -> occurs(node, what, read)).toList();
    }

    /** What a mapping with fields of its own holds. */
    <T> T within(YamlNode node, String what, Function<Fields, T> read) {
        try (Fields fields = new Fields(node, what, problems)) {
            return read.apply(fields);
        }
    }

    <T> Occurs<T> occurs(YamlNode node, String what, Function<Fields, T> read) {
        return occurs(node, what, problems, read);
    }

    /** Something with its own {@code when} and {@code repeat}. */
    static <T> Occurs<T> occurs(YamlNode node, String what, List<Problem> problems, Function<Fields, T> read) {
        try (Fields fields = new Fields(node, what, problems)) {
            return new Occurs<>(read.apply(fields), fields.formula("when"),
                    fields.node("repeat").flatMap(fields::repeat));
        }
    }

    /** The count under {@code repeat}. */
    Optional<Repeat> repeat(YamlNode node) {
        if (!(node instanceof YamlNode.Mapping mapping) || mapping.entries().size() != 1) {
            problem(node.place(), DesignFileWords.REPEAT_COUNTS_ONE.of());
            return Optional.empty();
        }
        Map.Entry<String, YamlNode> entry = mapping.entries().entrySet().iterator().next();
        List<YamlNode> range = items(entry.getValue());
        if (range.size() != 2) {
            problem(entry.getValue().place(), DesignFileWords.REPEAT_NEEDS_TWO.of());
            return Optional.empty();
        }
        return Optional.of(new Repeat(entry.getKey(), formula(range.get(0)), formula(range.get(1))));
    }

    @Override
    public void close() {
        mapping.keys().forEach((key, place) -> {
            if (!asked.contains(key)) {
                problem(place, DesignFileWords.FIELD_UNKNOWN.of("field", key, "expected", List.copyOf(asked)));
            }
        });
    }
}

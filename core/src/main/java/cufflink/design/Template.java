package cufflink.design;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A sentence or an id with values set into it: {@code "They overlap {overlap}."}
 *
 * @param parts the fixed texts and the formulas between them, in order
 */
public record Template(List<Part> parts) {
    /** A fixed text or a value. */
    public sealed interface Part {
    }

    /** Text as it stands. */
    public record Fixed(String text) implements Part {
    }

    /** A value to be set in. */
    public record Insert(Formula formula) implements Part {
    }

    public Template {
        parts = List.copyOf(parts);
    }

    public static Template of(String text) {
        return new Template(text.isEmpty() ? List.of() : List.of(new Fixed(text)));
    }

    /** The text, where no value is set into it. */
    public Optional<String> fixed() {
        return parts.stream().allMatch(Fixed.class::isInstance)
                ? Optional.of(parts.stream().map(part -> ((Fixed) part).text()).collect(Collectors.joining()))
                : Optional.empty();
    }

    boolean isFixed(String text) {
        return fixed().filter(text::equals).isPresent();
    }

    public boolean isEmpty() {
        return parts.isEmpty();
    }
}

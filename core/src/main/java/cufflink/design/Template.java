package cufflink.design;

import java.util.List;

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

    public boolean isEmpty() {
        return parts.isEmpty();
    }
}

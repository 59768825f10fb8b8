package cufflink.design;

import cufflink.design.Measure.Role;
import cufflink.design.Value.Quantity;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.paper.Contents;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The measures of a design, worked out, in the order of its file. */
public final class Measures {
    /**
     * One worked-out measure.
     *
     * @param contents what a contents measure stands for
     * @param byHand   whether the maker set it
     * @param matters  whether it matters to the design as it stands
     */
    public record Sized(Measure definition, Value value, Optional<Contents> contents, boolean byHand,
            Derivation derivation, boolean matters) {
        public boolean isLength() {
            return value instanceof Quantity quantity && quantity.kind() == Value.Kind.LENGTH;
        }

        private boolean isSame(Sized other) {
            return value.equals(other.value) && contents.equals(other.contents);
        }

        /** As shown: {@code 4 1/4 in}, {@code 4}, {@code 40°}, {@code side}. */
        public String text(LengthFormat format) {
            return contents.filter(item -> definition.role() == Role.RESULT)
                    .map(item -> item.sized(format))
                    .orElseGet(() -> new ExpressionWriter(Map.of(), Map.of(), format).value(value));
        }

        /** The length; the value must be one. */
        public Length length() {
            return ((Quantity) value).toLength();
        }
    }

    private final Map<String, Sized> byName;

    Measures(Map<String, Sized> byName) {
        this.byName = new LinkedHashMap<>(byName);
    }

    /** All of them, in the order of the file. */
    public List<Sized> all() {
        return List.copyOf(byName.values());
    }

    /** Those that a maker is shown: that matter, or were set by hand. */
    public List<Sized> shown() {
        return byName.values().stream().filter(sized -> sized.matters() || sized.byHand()).toList();
    }

    public Optional<Sized> get(String name) {
        return Optional.ofNullable(byName.get(name));
    }

    public Optional<Sized> get(Role role) {
        return byName.values().stream().filter(sized -> sized.definition().role() == role).findFirst();
    }

    /** A length that is known to be there. */
    public Length length(String name) {
        return byName.get(name).length();
    }

    /** Whether every measure has the same value, however it came about. */
    public boolean sameValues(Measures other) {
        return byName.keySet().equals(other.byName.keySet()) && byName.values().stream()
                .allMatch(sized -> sized.isSame(other.byName.get(sized.definition().name())));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Measures measures && byName.equals(measures.byName);
    }

    @Override
    public int hashCode() {
        return byName.hashCode();
    }
}

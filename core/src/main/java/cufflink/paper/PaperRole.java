package cufflink.paper;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What a paper is used for: the material of pieces, or a layer on their panels. */
public sealed interface PaperRole {
    /** What to do with each kind of role. */
    interface Cases<R> {
        R material(OfMaterial material);

        R layer(OfLayer layer);
    }

    /** The pieces that a design says are of this material, such as {@code card}; any word but that of a layer. */
    record OfMaterial(String name) implements PaperRole {
        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.material(this);
        }

        @Override
        public String title() {
            return Character.toUpperCase(name.charAt(0)) + name.substring(1);
        }

        @Override
        public String toString() {
            return name;
        }
    }

    /** The layers of one number: 1 lies on the panel, 2 on layer 1. */
    record OfLayer(int number) implements PaperRole {
        public OfLayer {
            if (number < 1) {
                throw new IllegalArgumentException("number of a layer must be 1 or more: " + number);
            }
        }

        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.layer(this);
        }

        @Override
        public String title() {
            return "Layer " + number;
        }

        /** As it stands in a file: {@code mat 1}. */
        @Override
        public String toString() {
            return LAYER + number;
        }
    }

    String LAYER = "mat ";
    Pattern LAYERS = Pattern.compile(LAYER + "([1-9]\\d{0,2})");

    <R> R accept(Cases<R> cases);

    /** As shown: {@code Card}, {@code Layer 1}. */
    String title();

    static PaperRole material(String name) {
        return new OfMaterial(name);
    }

    /** The role of a layer, 1 or more. */
    static PaperRole layer(int number) {
        return new OfLayer(number);
    }

    /** A role as it stands in a file: {@code mat 1} is a layer, every other word a material, even "mat board". */
    static PaperRole read(String text) {
        Matcher match = LAYERS.matcher(text);
        return match.matches() ? new OfLayer(Integer.parseInt(match.group(1))) : new OfMaterial(text);
    }
}

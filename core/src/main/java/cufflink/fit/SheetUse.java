package cufflink.fit;

import java.util.Locale;
import java.util.Optional;

/** What is to become of the sheets that a design is fitted to. */
public sealed interface SheetUse {
    /** As written in files and options: {@code whole}, {@code shape}, or how many cards. */
    String word();

    /** The largest closed card that comes out; of those as large to 2 % the one nearest to the design's proportions. */
    record Whole() implements SheetUse {
        @Override
        public String word() {
            return "whole";
        }
    }

    /** The largest card of the design's own proportions. */
    record Shape() implements SheetUse {
        @Override
        public String word() {
            return "shape";
        }
    }

    /**
     * The largest card of which so many come out of one sheet.
     *
     * @param count 1 to {@value #MOST}
     */
    record Cards(int count) implements SheetUse {
        public static final int MOST = 99;

        public Cards {
            if (count < 1 || count > MOST) {
                throw new IllegalArgumentException("count must lie between 1 and " + MOST + ": " + count);
            }
        }

        @Override
        public String word() {
            return String.valueOf(count);
        }
    }

    /** The use written so. */
    static Optional<SheetUse> named(String word) {
        return switch (word.strip().toLowerCase(Locale.ROOT)) {
            case "whole" -> Optional.of(new Whole());
            case "shape" -> Optional.of(new Shape());
            default -> word.strip().matches("[1-9]\\d?") ? Optional.of(new Cards(Integer.parseInt(word.strip())))
                    : Optional.empty();
        };
    }
}

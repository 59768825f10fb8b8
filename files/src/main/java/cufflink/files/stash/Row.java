package cufflink.files.stash;

import cufflink.measure.Length;
import cufflink.paper.SheetSize;
import cufflink.problem.Ordered;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** One line of a table: a text, a whole number, a number or nothing in each column. */
record Row(Map<String, Object> cells) {
    private static final long LONGEST = 1_000_000_000_000L;

    Row {
        cells = Ordered.map(cells);
    }

    /** Collects the cells of a line in their order. */
    static final class Builder {
        private final Map<String, Object> cells = new LinkedHashMap<>();

        /** Nothing for an empty optional. */
        Builder put(String column, Object value) {
            Object plain = value instanceof Optional<?> optional ? optional.orElse(null) : value;
            cells.put(column,
                    plain instanceof Length length ? (Object) length.nanometres()
                            : plain instanceof Boolean yes ? (Object) (yes ? 1 : 0)
                            : plain instanceof BigDecimal amount ? amount.toPlainString() : plain);
            return this;
        }

        Builder size(String columns, SheetSize size) {
            return put(columns + "width", size.width()).put(columns + "height", size.height());
        }

        Builder size(String columns, Optional<SheetSize> size) {
            return put(columns + "width", size.map(SheetSize::width)).put(columns + "height",
                    size.map(SheetSize::height));
        }

        Row done() {
            return new Row(cells);
        }
    }

    private boolean has(String column) {
        return cells.get(column) != null;
    }

    private <T> T cell(String column, Class<T> type, String expected) {
        Object cell = cells.get(column);
        if (!type.isInstance(cell)) {
            throw new UnreadableCell(column, cell, expected);
        }
        return type.cast(cell);
    }

    String text(String column) {
        return cell(column, String.class, "a text");
    }

    Optional<String> optionalText(String column) {
        return has(column) ? Optional.of(text(column)) : Optional.empty();
    }

    /** A decimal number written as a text. */
    Optional<BigDecimal> optionalAmount(String column) {
        return optionalText(column).map(text -> {
            if (!text.matches("\\d{1,12}(\\.\\d{1,6})?")) {
                throw new UnreadableCell(column, text, "an amount");
            }
            return new BigDecimal(text);
        });
    }

    long whole(String column) {
        Number number = cell(column, Number.class, "a whole number");
        if (!(number instanceof Integer) && !(number instanceof Long)) {
            throw new UnreadableCell(column, number, "a whole number");
        }
        return number.longValue();
    }

    /** A count of things, 0 or more. */
    int count(String column) {
        long count = whole(column);
        if (count < 0 || count > Integer.MAX_VALUE) {
            throw new UnreadableCell(column, count, "a count");
        }
        return (int) count;
    }

    double number(String column) {
        return cell(column, Number.class, "a number").doubleValue();
    }

    boolean yes(String column) {
        long value = whole(column);
        if (value != 0 && value != 1) {
            throw new UnreadableCell(column, value, "0 or 1");
        }
        return value == 1;
    }

    /** The same, where older lines have no such column. */
    boolean yes(String column, boolean otherwise) {
        return has(column) ? yes(column) : otherwise;
    }

    /** One of the names of an enum. */
    <E extends Enum<E>> E word(String column, Class<E> type) {
        String word = text(column);
        return Arrays.stream(type.getEnumConstants()).filter(value -> value.name().equals(word)).findFirst()
                .orElseThrow(
                        () -> new UnreadableCell(column, word, "one of " + Arrays.toString(type.getEnumConstants())));
    }

    /** A whole number, if there is one. */
    Optional<Integer> optionalCount(String column) {
        return has(column) ? Optional.of(count(column)) : Optional.empty();
    }

    /** Whole nanometres, up to ten metres either way; 0 where the column is not there. */
    Length signedLength(String column) {
        return !has(column) ? Length.ZERO : whole(column) < 0 ? Length.ofNanometres(whole(column)) : length(column);
    }

    /** Whole nanometres, up to ten metres. */
    Length length(String column) {
        long nanometres = whole(column);
        if (nanometres < 0 || nanometres > LONGEST) {
            throw new UnreadableCell(column, nanometres, "a length in nanometres");
        }
        return Length.ofNanometres(nanometres);
    }

    Optional<Length> optionalLength(String column) {
        return has(column) ? Optional.of(length(column)) : Optional.empty();
    }

    SheetSize size(String columns) {
        return new SheetSize(length(columns + "width"), length(columns + "height"));
    }

    Optional<SheetSize> optionalSize(String columns) {
        return has(columns + "width") && has(columns + "height") ? Optional.of(size(columns)) : Optional.empty();
    }
}

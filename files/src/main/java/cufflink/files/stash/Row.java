package cufflink.files.stash;

import cufflink.measure.Length;
import cufflink.paper.SheetSize;
import java.math.BigDecimal;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** One line of a table: a text, a whole number, a number or nothing in each column. */
record Row(Map<String, Object> cells) {
    Row {
        cells = Collections.unmodifiableMap(new LinkedHashMap<>(cells));
    }

    /** Collects the cells of a line in their order. */
    static final class Builder {
        private final Map<String, Object> cells = new LinkedHashMap<>();

        /** Nothing for an empty optional. */
        Builder put(String column, Object value) {
            Object plain = value instanceof Optional<?> optional ? optional.orElse(null) : value;
            cells.put(column, plain instanceof Length length ? (Object) length.nanometres() : plain instanceof Boolean yes ? (Object) (yes ? 1 : 0)
                    : plain instanceof BigDecimal amount ? amount.toPlainString() : plain);
            return this;
        }

        Builder size(String columns, SheetSize size) {
            return put(columns + "width", size.width()).put(columns + "height", size.height());
        }

        Builder size(String columns, Optional<SheetSize> size) {
            return put(columns + "width", size.map(SheetSize::width)).put(columns + "height", size.map(SheetSize::height));
        }

        Row done() {
            return new Row(cells);
        }
    }

    private boolean has(String column) {
        return cells.get(column) != null;
    }

    String text(String column) {
        return (String) cells.get(column);
    }

    Optional<String> optionalText(String column) {
        return Optional.ofNullable(text(column));
    }

    long whole(String column) {
        return ((Number) cells.get(column)).longValue();
    }

    double number(String column) {
        return ((Number) cells.get(column)).doubleValue();
    }

    boolean yes(String column) {
        return whole(column) != 0;
    }

    Length length(String column) {
        return Length.ofNanometres(whole(column));
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

package cufflink.files.csv;

import cufflink.measure.Length;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.measure.LengthUnit;
import cufflink.problem.Ordered;
import cufflink.problem.Problem;
import cufflink.words.TableWords;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;

/**
 * One line of a table. What cannot be read is added to the problems, with its place, and answered with something
 * usable, so that one pass finds every mistake.
 *
 * @param where the file and the line
 * @param cells by heading, in lower case
 */
public record CsvRow(String where, Map<String, String> cells) {
    private static final List<String> YES = List.of("yes", "y", "true", "1");
    private static final List<String> NO = List.of("", "no", "n", "false", "0");
    private static final int LONGEST_TEXT = 200;

    public CsvRow {
        cells = Ordered.map(cells);
    }

    /** The text of a column; empty if it is not there. */
    public String text(String column) {
        return cells.getOrDefault(column, "");
    }

    /** A text that must be there. */
    public String needed(String column, List<Problem> problems) {
        String text = text(column);
        if (text.isEmpty() || text.length() > LONGEST_TEXT) {
            problems.add(text.isEmpty() ? problem(TableWords.CELL_EMPTY, column)
                    : problem(TableWords.CELL_TOO_LONG, column, "most", LONGEST_TEXT));
        }
        return text;
    }

    /** A length of more than 0. */
    public Length length(String column, LengthUnit unit, List<Problem> problems) {
        return optionalLength(column, unit, problems).orElseGet(() -> {
            if (text(column).isEmpty()) {
                problems.add(problem(TableWords.CELL_EMPTY, column));
            }
            return Length.ofMillimetres(1);
        });
    }

    /** A length of more than 0, or none where the cell is empty. */
    public Optional<Length> optionalLength(String column, LengthUnit unit, List<Problem> problems) {
        if (text(column).isEmpty()) {
            return Optional.empty();
        }
        LengthReading<Length> read = LengthParser.read(text(column), unit);
        if (read.value().isEmpty()) {
            problems.add(problem(TableWords.CELL_UNREADABLE, column, "reason", read.trouble().orElseThrow()));
        } else if (!read.value().get().isPositive()) {
            problems.add(problem(TableWords.MORE_THAN_NOTHING, column));
            return Optional.empty();
        }
        return read.value();
    }

    /** A whole number within bounds, or none where the cell is empty. */
    public OptionalInt count(String column, int low, int high, List<Problem> problems) {
        String text = text(column);
        if (text.isEmpty()) {
            return OptionalInt.empty();
        }
        if (!text.matches("-?\\d{1,7}") || Integer.parseInt(text) < low || Integer.parseInt(text) > high) {
            problems.add(problem(TableWords.NOT_WHOLE, column, "text", text, "low", low, "high", high));
            return OptionalInt.of(low);
        }
        return OptionalInt.of(Integer.parseInt(text));
    }

    /** A number that is not negative, with a point or a comma, or none where the cell is empty. */
    public Optional<Double> number(String column, List<Problem> problems) {
        String text = text(column);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        if (!text.matches("\\d{1,6}([.,]\\d{1,4})?")) {
            problems.add(problem(TableWords.NOT_A_NUMBER, column, "text", text));
            return Optional.empty();
        }
        return Optional.of(Double.valueOf(text.replace(',', '.')));
    }

    /** Yes or no; an empty cell is no. */
    public boolean yes(String column, List<Problem> problems) {
        String word = text(column).toLowerCase(Locale.ROOT);
        if (!YES.contains(word) && !NO.contains(word)) {
            problems.add(problem(TableWords.NEITHER_YES_NOR_NO, column, "text", text(column)));
        }
        return YES.contains(word);
    }

    /** What is wrong with a cell; {@code others} are the arguments of the words besides the column. */
    public Problem problem(TableWords words, String column, Object... others) {
        String shown = column.substring(0, 1).toUpperCase(Locale.ROOT) + column.substring(1);
        return Problem.error(where,
                words.of(Stream.concat(Stream.of("column", shown), Stream.of(others)).toArray()));
    }
}

package cufflink.files.csv;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * Writes tables as CSV (RFC 4180). A text that a spreadsheet would take for a formula (it begins with =, +, - or @)
 * gets an apostrophe before it, which {@link CsvTable} takes away again.
 */
public final class CsvWriter {
    private static final Pattern FORMULA = Pattern.compile("'*[=+\\-@\\t\\r]", Pattern.DOTALL);
    private static final Pattern GUARDED = Pattern.compile("'+[=+\\-@\\t\\r]", Pattern.DOTALL);

    private CsvWriter() {
    }

    /** The heading line and the rows; numbers are written as they are. */
    public static String write(List<String> heading, List<? extends List<?>> rows) {
        StringWriter writer = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(writer, CSVFormat.RFC4180)) {
            printer.printRecord(heading);
            for (List<?> row : rows) {
                printer.printRecord(
                        row.stream().map(cell -> cell instanceof String text ? guarded(text) : cell).toList());
            }
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
        return writer.toString();
    }

    private static String guarded(String text) {
        return FORMULA.matcher(text).lookingAt() ? "'" + text : text;
    }

    /** The text before it was guarded. */
    static String plain(String cell) {
        return GUARDED.matcher(cell).lookingAt() ? cell.substring(1) : cell;
    }
}

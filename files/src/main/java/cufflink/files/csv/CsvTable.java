package cufflink.files.csv;

import cufflink.files.FileTrouble;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.FileWords;
import cufflink.words.Message;
import cufflink.words.TableWords;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A table with a heading line: commas, or semicolons where the heading has them; upper and lower case of headings do
 * not matter, unknown columns are passed over.
 *
 * @param name as mistakes call it
 */
public record CsvTable(String name, List<CsvRow> rows) {
    private static final int MOST_ROWS = 20_000;
    private static final int MOST_BYTES = 8 << 20;

    public CsvTable {
        rows = List.copyOf(rows);
    }

    /** Reads a file; columns in {@code needed} must be there. */
    public static Outcome<CsvTable> read(Path file, List<String> needed) {
        String name = String.valueOf(file.getFileName());
        try {
            if (Files.size(file) > MOST_BYTES) {
                return failed(name, TableWords.TOO_LARGE.of("most", MOST_BYTES >> 20));
            }
            return parse(Files.readString(file, StandardCharsets.UTF_8), name, needed);
        } catch (NoSuchFileException missing) {
            return failed(file.toString(), FileWords.NO_SUCH_FILE.of());
        } catch (CharacterCodingException coding) {
            return failed(name, TableWords.NOT_UTF8.of());
        } catch (IOException fault) {
            return failed(file.toString(), TableWords.UNREADABLE.of("reason", FileTrouble.reason(fault)));
        }
    }

    /** Reads a text as a file of that name. */
    public static Outcome<CsvTable> parse(String text, String name, List<String> needed) {
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        String heading = plain.lines().findFirst().orElse("");
        char separator = heading.indexOf(';') >= 0 && heading.indexOf(',') < 0 ? ';' : ',';
        CSVFormat format = CSVFormat.RFC4180.builder().setDelimiter(separator).setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true).get();
        try (CSVParser parser = CSVParser.parse(new StringReader(plain), format)) {
            return table(parser, name, needed);
        } catch (IOException | UncheckedIOException fault) {
            return failed(name, TableWords.QUOTES.of());
        }
    }

    private static Outcome<CsvTable> table(CSVParser parser, String name, List<String> needed) throws IOException {
        List<String> columns = List.of();
        List<CsvRow> rows = new ArrayList<>();
        for (CSVRecord record : parser) {
            if (columns.isEmpty()) {
                columns = record.stream().map(cell -> cell.strip().toLowerCase(Locale.ROOT)).toList();
                continue;
            }
            if (rows.size() == MOST_ROWS) {
                return failed(name, TableWords.TOO_MANY_LINES.of("most", MOST_ROWS));
            }
            rows.add(row(parser.getCurrentLineNumber(), name, columns, record));
        }
        List<String> known = columns;
        List<String> missing = needed.stream().filter(column -> !known.contains(column)).toList();
        if (!missing.isEmpty()) {
            return failed(name + ", line 1", TableWords.NO_COLUMNS.of("missing",
                    String.join(", no ", missing), "example", String.join(",", needed)));
        }
        return Outcome.of(new CsvTable(name, rows));
    }

    private static CsvRow row(long line, String name, List<String> columns, CSVRecord record) {
        Map<String, String> cells = new LinkedHashMap<>();
        for (int i = 0; i < Math.min(columns.size(), record.size()); i++) {
            cells.putIfAbsent(columns.get(i), CsvWriter.plain(record.get(i).strip()));
        }
        return new CsvRow(name + ", line " + line, cells);
    }

    private static Outcome<CsvTable> failed(String where, Message what) {
        return Outcome.failed(Problem.error(where, what));
    }
}

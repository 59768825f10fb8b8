package cufflink.files.database;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.Period;
import java.time.format.DateTimeParseException;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Copies of a database that are kept beside it: one before it is brought to a newer version, and one a week. Each is
 * whole in itself, named after its day; the last five are kept.
 */
final class DatabaseCopies {
    static final int MOST = 5;
    private static final Period WEEK = Period.ofWeeks(1);
    private static final String KIND = ".db";
    private static final int DAY = "2026-01-31".length();

    private final Path database;
    private final Clock clock;

    DatabaseCopies(Path database, Clock clock) {
        this.database = database.toAbsolutePath();
        this.clock = clock;
    }

    private Path folder() {
        return database.resolveSibling("backups");
    }

    private String prefix() {
        return database.getFileName().toString().replaceAll("\\.db$", "") + "-";
    }

    /** Copies what a version that is left behind has kept. Not to be called in a transaction. */
    void beforeMigration(Connection connection, int version) throws SQLException, IOException {
        copy(connection, "-version-" + version);
    }

    /** Copies once a week. Not to be called in a transaction. */
    void weekly(Connection connection) throws SQLException, IOException {
        LocalDate today = LocalDate.now(clock);
        boolean due = newest().map(day -> !day.plus(WEEK).isAfter(today) || day.isAfter(today)).orElse(true);
        if (due) {
            copy(connection, "");
        }
    }

    private Optional<LocalDate> newest() throws IOException {
        return copies().stream().flatMap(file -> day(file).stream()).max(Comparator.naturalOrder());
    }

    private Optional<LocalDate> day(Path copy) {
        String name = copy.getFileName().toString().substring(prefix().length());
        try {
            return Optional.of(LocalDate.parse(name.substring(0, Math.min(DAY, name.length()))));
        } catch (DateTimeParseException another) {
            return Optional.empty();
        }
    }

    private List<Path> copies() throws IOException {
        if (!Files.isDirectory(folder())) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder())) {
            return files.filter(file -> file.getFileName().toString().startsWith(prefix())
                    && file.toString().endsWith(KIND) && day(file).isPresent()).toList();
        }
    }

    private void copy(Connection connection, String more) throws SQLException, IOException {
        Files.createDirectories(folder());
        String name = prefix() + LocalDate.now(clock) + more;
        Path unfinished = folder().resolve(name + ".part");
        Files.deleteIfExists(unfinished);
        into(connection, unfinished);
        Path copy = folder().resolve(name + KIND);
        Files.deleteIfExists(copy);
        Files.move(unfinished, copy);
        List<Path> newestFirst = copies().stream()
                .sorted(Comparator.comparing(Path::getFileName).reversed()).toList();
        for (Path old : newestFirst.subList(Math.min(MOST, newestFirst.size()), newestFirst.size())) {
            Files.deleteIfExists(old);
        }
    }

    /** A whole copy of a database that may be in use, in a file that must not be there yet. */
    static void into(Connection connection, Path file) throws SQLException {
        try (PreparedStatement copy = connection.prepareStatement("vacuum into ?")) {
            copy.setString(1, file.toAbsolutePath().toString());
            copy.execute();
        }
    }
}

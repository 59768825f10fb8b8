package cufflink.files.database;

import cufflink.words.DatabaseWords;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.stream.Collectors;

/**
 * Brings a database to the newest version: the scripts 1.sql, 2.sql ... one after the other, each in a transaction. The
 * version stands in the file itself ({@code user_version}).
 */
final class Migrations {
    /** The newest version. */
    static final int NEWEST = 11;

    private Migrations() {
    }

    /** The version of a database that this program can read. */
    static int known(Connection connection) throws SQLException, DatabaseUnusable {
        int version = version(connection);
        if (version > NEWEST) {
            throw new DatabaseUnusable(DatabaseWords.NEWER.of("version", version, "newest", NEWEST), null);
        }
        if (version < 0) {
            throw new DatabaseUnusable(DatabaseWords.NO_VERSION.of(), null);
        }
        return version;
    }

    static void run(Connection connection) throws SQLException, DatabaseUnusable {
        int version = known(connection);
        for (int next = version + 1; next <= NEWEST; next++) {
            try (Statement statement = connection.createStatement()) {
                for (String command : script(next).split(";")) {
                    if (!command.isBlank()) {
                        statement.executeUpdate(command);
                    }
                }
                statement.executeUpdate("pragma user_version = " + next);
                connection.commit();
            } catch (SQLException fault) {
                connection.rollback();
                throw fault;
            }
        }
    }

    static int version(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet result = statement.executeQuery("pragma user_version")) {
            return result.getInt(1);
        }
    }

    /** A script without its comments, which may hold semicolons. */
    private static String script(int version) {
        try (InputStream stream = Migrations.class
                .getResourceAsStream("/cufflink/files/database/" + version + ".sql")) {
            return new String(stream.readAllBytes(), StandardCharsets.UTF_8).lines()
                    .filter(line -> !line.startsWith("--")).collect(Collectors.joining("\n"));
        } catch (IOException fault) {
            throw new IllegalStateException("migration " + version + " cannot be read", fault);
        }
    }
}

package cufflink.files.database;

import cufflink.words.DatabaseWords;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import org.sqlite.SQLiteConfig;

/**
 * The one SQLite file that holds stash and notebook. It is brought to the newest version when it is opened; a copy is
 * kept beside it before that, and every week. Each connection is to be used on one thread.
 */
public final class MakersDatabase implements AutoCloseable {
    private static final int BUSY_MILLISECONDS = 3000;

    private final Connection connection;

    private MakersDatabase(Connection connection) {
        this.connection = connection;
    }

    /** Opens the file, made anew if it is not there. */
    public static MakersDatabase open(Path file, Clock clock) throws DatabaseUnusable {
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            SQLiteConfig config = new SQLiteConfig();
            config.setBusyTimeout(BUSY_MILLISECONDS);
            config.enforceForeignKeys(true);
            config.setJournalMode(SQLiteConfig.JournalMode.WAL);
            Connection connection = config.createConnection("jdbc:sqlite:" + file.toAbsolutePath());
            try {
                keepCopies(connection, new DatabaseCopies(file, clock));
                connection.setAutoCommit(false);
                Migrations.run(connection);
            } catch (SQLException | DatabaseUnusable fault) {
                connection.close();
                throw fault;
            }
            return new MakersDatabase(connection);
        } catch (SQLException | IOException fault) {
            throw new DatabaseUnusable(
                    DatabaseWords.CANNOT_OPEN.of("file", file, "reason", DatabaseTrouble.reason(fault)), fault);
        }
    }

    /** A file that is new or not of this program has no copy; one that cannot be copied is not brought up to date. */
    private static void keepCopies(Connection connection, DatabaseCopies copies) throws SQLException, DatabaseUnusable {
        int version = Migrations.version(connection);
        if (version < 1 || version > Migrations.NEWEST) {
            return;
        }
        boolean older = version < Migrations.NEWEST;
        try {
            if (older) {
                copies.beforeMigration(connection, version);
            } else {
                copies.weekly(connection);
            }
        } catch (SQLException | IOException fault) {
            // A copy that is only due this week can be made next time.
            if (older) {
                throw new DatabaseUnusable(DatabaseWords.NO_COPY.of("reason", DatabaseTrouble.reason(fault)), fault);
            }
        }
    }

    /**
     * Copies a database whole, also while it is in use.
     *
     * @param to must not be there yet
     */
    public static void copy(Path file, Path to) throws DatabaseUnusable {
        try (Connection connection = new SQLiteConfig().createConnection("jdbc:sqlite:" + file.toAbsolutePath())) {
            DatabaseCopies.into(connection, to);
        } catch (SQLException fault) {
            throw new DatabaseUnusable(
                    DatabaseWords.CANNOT_OPEN.of("file", file, "reason", DatabaseTrouble.reason(fault)), fault);
        }
    }

    /** Looks whether a file is a whole stash of this or an earlier version; it is not changed. */
    public static void inspect(Path file) throws DatabaseUnusable {
        SQLiteConfig config = new SQLiteConfig();
        config.setReadOnly(true);
        try (Connection connection = config.createConnection("jdbc:sqlite:" + file.toAbsolutePath());
                Statement statement = connection.createStatement()) {
            Migrations.known(connection);
            try (ResultSet answer = statement.executeQuery("pragma integrity_check")) {
                if (!answer.next() || !answer.getString(1).equals("ok")) {
                    throw new DatabaseUnusable(DatabaseWords.CANNOT_OPEN.of("file", file, "reason",
                            DatabaseWords.DAMAGED.of()), null);
                }
            }
        } catch (SQLException fault) {
            throw new DatabaseUnusable(
                    DatabaseWords.CANNOT_OPEN.of("file", file, "reason", DatabaseTrouble.reason(fault)), fault);
        }
    }

    /** One step inside a transaction. */
    public interface Work<T> {
        T run() throws SQLException, DatabaseUnusable;
    }

    /** Does all of it or nothing. */
    public <T> T transaction(Work<T> work) throws DatabaseUnusable {
        try {
            try {
                T result = work.run();
                connection.commit();
                return result;
            } catch (SQLException | DatabaseUnusable | RuntimeException fault) {
                connection.rollback();
                throw fault;
            }
        } catch (SQLException fault) {
            throw new DatabaseUnusable(DatabaseWords.READ_OR_WRITTEN.of("reason", DatabaseTrouble.reason(fault)),
                    fault);
        }
    }

    /** What statements are made on, inside a transaction. */
    public Connection connection() {
        return connection;
    }

    @Override
    public void close() throws DatabaseUnusable {
        try {
            connection.close();
        } catch (SQLException fault) {
            throw new DatabaseUnusable(DatabaseWords.CANNOT_CLOSE.of("reason", DatabaseTrouble.reason(fault)), fault);
        }
    }
}

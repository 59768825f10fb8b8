package cufflink.files.stash;

import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stash.Stash;
import cufflink.stash.StashChange;
import cufflink.stash.StashEdit;
import cufflink.stash.StashItem;
import cufflink.stash.StashReversal;
import cufflink.stash.StashTaking;
import cufflink.stash.Taken;
import cufflink.words.Message;
import cufflink.words.StashFileWords;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import org.sqlite.SQLiteConfig;

/**
 * The stash in one SQLite file. Every change is one transaction, written to the history with what was before and after,
 * so that it can be taken back; what fails changes nothing. To be used on one thread.
 */
public final class StashDatabase implements AutoCloseable {
    private static final int BUSY_MILLISECONDS = 3000;

    /**
     * A change in the history.
     *
     * @param at     when it was made; absent if the file no longer says
     * @param undone whether it was taken back
     */
    public record Entry(long id, Optional<Instant> at, String words, boolean undone) {
    }

    private final Connection connection;
    private final Tables tables;
    private final History history;
    private final Takings takings;
    private final Clock clock;

    private StashDatabase(Connection connection, Clock clock) {
        this.connection = connection;
        this.tables = new Tables(connection);
        this.history = new History(connection);
        this.takings = new Takings(connection);
        this.clock = clock;
    }

    /** Opens the file, made anew if it is not there, and brings it to the newest version. */
    public static StashDatabase open(Path file, Clock clock) throws StashUnusable {
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
            } catch (SQLException | StashUnusable fault) {
                connection.close();
                throw fault;
            }
            return new StashDatabase(connection, clock);
        } catch (SQLException | IOException fault) {
            throw new StashUnusable(
                    StashFileWords.CANNOT_OPEN.of("file", file, "reason", DatabaseTrouble.reason(fault)), fault);
        }
    }

    /** A file that is new or not of this program has no copy; one that cannot be copied is not brought up to date. */
    private static void keepCopies(Connection connection, DatabaseCopies copies) throws SQLException, StashUnusable {
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
                throw new StashUnusable(StashFileWords.NO_COPY.of("reason", DatabaseTrouble.reason(fault)), fault);
            }
        }
    }

    /**
     * Copies a database whole, also while it is in use.
     *
     * @param to must not be there yet
     */
    public static void copy(Path file, Path to) throws StashUnusable {
        try (Connection connection = new SQLiteConfig().createConnection("jdbc:sqlite:" + file.toAbsolutePath())) {
            DatabaseCopies.into(connection, to);
        } catch (SQLException fault) {
            throw new StashUnusable(
                    StashFileWords.CANNOT_OPEN.of("file", file, "reason", DatabaseTrouble.reason(fault)), fault);
        }
    }

    /** Looks whether a file is a whole stash of this or an earlier version; it is not changed. */
    public static void inspect(Path file) throws StashUnusable {
        SQLiteConfig config = new SQLiteConfig();
        config.setReadOnly(true);
        try (Connection connection = config.createConnection("jdbc:sqlite:" + file.toAbsolutePath());
                Statement statement = connection.createStatement()) {
            Migrations.known(connection);
            try (ResultSet answer = statement.executeQuery("pragma integrity_check")) {
                if (!answer.next() || !answer.getString(1).equals("ok")) {
                    throw new StashUnusable(StashFileWords.CANNOT_OPEN.of("file", file, "reason",
                            StashFileWords.DAMAGED.of()), null);
                }
            }
        } catch (SQLException fault) {
            throw new StashUnusable(
                    StashFileWords.CANNOT_OPEN.of("file", file, "reason", DatabaseTrouble.reason(fault)), fault);
        }
    }

    /** One step inside a transaction. */
    private interface Work<T> {
        T run() throws SQLException, StashUnusable;
    }

    private <T> T transaction(Work<T> work) throws StashUnusable {
        try {
            try {
                T result = work.run();
                connection.commit();
                return result;
            } catch (SQLException | StashUnusable | RuntimeException fault) {
                connection.rollback();
                throw fault;
            }
        } catch (IllegalArgumentException unreadable) {
            throw new StashUnusable(StashFileWords.ENTRY_STOPS.of("reason", unreadable.getMessage()), unreadable);
        } catch (SQLException fault) {
            throw new StashUnusable(StashFileWords.READ_OR_WRITTEN.of("reason", DatabaseTrouble.reason(fault)), fault);
        }
    }

    /** Everything in the stash that can be read, with a notice for each entry that cannot. */
    public Outcome<Stash> contents() throws StashUnusable {
        return transaction(tables::contents);
    }

    /** Everything in the stash that can be read. */
    public Stash stash() throws StashUnusable {
        return contents().orThrow();
    }

    /** Makes a change; what was taken back before can then no longer be done again. */
    public Stash apply(StashChange change) throws StashUnusable {
        return transaction(() -> {
            List<StashEdit> made = new ArrayList<>();
            for (StashEdit edit : change.edits()) {
                made.add(make(edit));
            }
            long id = history.add(clock.instant(), change.words(), made);
            if (change.taking().isPresent()) {
                takings.add(change.taking().get(), OptionalLong.of(id));
            }
            return tables.contents().orThrow();
        });
    }

    /** What of a cutting is out of the stash. */
    public Taken taken(String cutting) throws StashUnusable {
        return transaction(() -> takings.taken(cutting));
    }

    /** Notes sheets that were taken before the stash kept account of it. */
    public void noteTaken(StashTaking taking) throws StashUnusable {
        transaction(() -> {
            takings.add(taking, OptionalLong.empty());
            return taking;
        });
    }

    /**
     * Takes a taking back, whatever was done since: by undoing it if it is the last change, otherwise as a change of
     * its own.
     *
     * @return what was said in the history; nothing if the taking did not stand
     */
    public Optional<String> putBack(StashTaking taking) throws StashUnusable {
        OptionalLong change = transaction(
                () -> takings.stands(taking.id()) ? takings.change(taking.id()) : OptionalLong.empty());
        if (change.isEmpty()) {
            return Optional.empty();
        } else if (transaction(history::lastDone).filter(last -> last.id() == change.getAsLong()).isPresent()) {
            return undo();
        }
        Outcome<List<StashEdit>> reversed = StashReversal.of(transaction(() -> history.edits(change.getAsLong())),
                stash());
        if (reversed.value().isEmpty()) {
            throw new StashUnusable(
                    Message.plain(String.join(" ", reversed.problems().stream().map(Problem::text).toList()), ""),
                    null);
        }
        String words = "Put back: " + transaction(() -> history.words(change.getAsLong()));
        apply(StashChange.of(words, reversed.value().get()).with(taking.putBack()));
        return Optional.of(words);
    }

    /**
     * Does a taking again that was taken back last.
     *
     * @return what it was; nothing if it is not what would be done again next
     */
    public Optional<String> takeAgain(StashTaking taking) throws StashUnusable {
        Optional<Entry> next = transaction(history::nextUndone);
        return next.isPresent() && transaction(() -> takings.isOf(next.get().id(), taking.id(), false)) ? redo()
                : Optional.empty();
    }

    /** The edit as it was made: with the id that a new item got. */
    private StashEdit make(StashEdit edit) throws SQLException, StashUnusable {
        if (edit.before().isPresent()) {
            StashItem before = edit.before().get();
            if (!tables.find(ItemTable.of(before), before.id()).equals(edit.before())) {
                throw new StashUnusable(StashFileWords.CHANGED_ELSEWHERE.of("item", before.name()), null);
            }
        }
        if (edit.after().isEmpty()) {
            tables.delete(edit.before().orElseThrow());
            return edit;
        }
        StashItem after = edit.after().get();
        if (edit.before().isPresent()) {
            tables.update(after);
            return edit;
        }
        return StashEdit.added(tables.insert(after));
    }

    /** Takes the last change back; answers what it was, or nothing if there is none. */
    public Optional<String> undo() throws StashUnusable {
        return transaction(() -> {
            Optional<Entry> last = history.lastDone();
            if (last.isPresent()) {
                List<StashEdit> edits = new ArrayList<>(history.edits(last.get().id()));
                Collections.reverse(edits);
                for (StashEdit edit : edits) {
                    make(edit.reversed());
                }
                history.mark(last.get().id(), History.State.UNDONE);
            }
            return last.map(Entry::words);
        });
    }

    /** Does again what was taken back last; answers what it was, or nothing if there is none. */
    public Optional<String> redo() throws StashUnusable {
        return transaction(() -> {
            Optional<Entry> next = history.nextUndone();
            if (next.isPresent()) {
                for (StashEdit edit : history.edits(next.get().id())) {
                    make(edit);
                }
                history.mark(next.get().id(), History.State.DONE);
            }
            return next.map(Entry::words);
        });
    }

    /** The newest changes first. */
    public List<Entry> history(int most) throws StashUnusable {
        return transaction(() -> history.newest(most));
    }

    @Override
    public void close() throws StashUnusable {
        try {
            connection.close();
        } catch (SQLException fault) {
            throw new StashUnusable(StashFileWords.CANNOT_CLOSE.of("reason", DatabaseTrouble.reason(fault)), fault);
        }
    }
}

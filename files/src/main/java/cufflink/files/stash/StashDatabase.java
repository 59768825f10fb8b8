package cufflink.files.stash;

import cufflink.files.database.MakersDatabase;
import cufflink.files.database.DatabaseUnusable;
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
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * The stash in one SQLite file. Every change is one transaction, written to the history with what was before and after,
 * so that it can be taken back; what fails changes nothing. To be used on one thread.
 */
public final class StashDatabase implements AutoCloseable {
    /**
     * A change in the history.
     *
     * @param at     when it was made; absent if the file no longer says
     * @param undone whether it was taken back
     */
    public record Entry(long id, Optional<Instant> at, String words, boolean undone) {
    }

    private final MakersDatabase database;
    private final Tables tables;
    private final History history;
    private final Takings takings;
    private final Clock clock;

    private StashDatabase(MakersDatabase database, Clock clock) {
        this.database = database;
        this.tables = new Tables(database.connection());
        this.history = new History(database.connection());
        this.takings = new Takings(database.connection());
        this.clock = clock;
    }

    /** Opens the file, made anew if it is not there, and brings it to the newest version. */
    public static StashDatabase open(Path file, Clock clock) throws DatabaseUnusable {
        return new StashDatabase(MakersDatabase.open(file, clock), clock);
    }

    private <T> T transaction(MakersDatabase.Work<T> work) throws DatabaseUnusable {
        try {
            return database.transaction(work);
        } catch (IllegalArgumentException unreadable) {
            throw new DatabaseUnusable(StashFileWords.ENTRY_STOPS.of("reason", unreadable.getMessage()), unreadable);
        }
    }

    /** Everything in the stash that can be read, with a notice for each entry that cannot. */
    public Outcome<Stash> contents() throws DatabaseUnusable {
        return transaction(tables::contents);
    }

    /** Everything in the stash that can be read. */
    public Stash stash() throws DatabaseUnusable {
        return contents().orThrow();
    }

    /** Makes a change; what was taken back before can then no longer be done again. */
    public Stash apply(StashChange change) throws DatabaseUnusable {
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
    public Taken taken(String cutting) throws DatabaseUnusable {
        return transaction(() -> takings.taken(cutting));
    }

    /** Notes sheets that were taken before the stash kept account of it. */
    public void noteTaken(StashTaking taking) throws DatabaseUnusable {
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
    public Optional<String> putBack(StashTaking taking) throws DatabaseUnusable {
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
            throw new DatabaseUnusable(
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
    public Optional<String> takeAgain(StashTaking taking) throws DatabaseUnusable {
        Optional<Entry> next = transaction(history::nextUndone);
        return next.isPresent() && transaction(() -> takings.isOf(next.get().id(), taking.id(), false)) ? redo()
                : Optional.empty();
    }

    /** The edit as it was made: with the id that a new item got. */
    private StashEdit make(StashEdit edit) throws SQLException, DatabaseUnusable {
        if (edit.before().isPresent()) {
            StashItem before = edit.before().get();
            if (!tables.find(ItemTable.of(before), before.id()).equals(edit.before())) {
                throw new DatabaseUnusable(StashFileWords.CHANGED_ELSEWHERE.of("item", before.name()), null);
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
    public Optional<String> undo() throws DatabaseUnusable {
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
    public Optional<String> redo() throws DatabaseUnusable {
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
    public List<Entry> history(int most) throws DatabaseUnusable {
        return transaction(() -> history.newest(most));
    }

    @Override
    public void close() throws DatabaseUnusable {
        database.close();
    }
}

package cufflink.desktop.work;

import cufflink.files.AtomicFile;
import cufflink.files.FileTrouble;
import cufflink.files.stash.StashCsv;
import cufflink.files.stash.StashDatabase;
import cufflink.files.database.DatabaseUnusable;
import cufflink.measure.LengthUnit;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stash.OffcutLine;
import cufflink.stash.Stash;
import cufflink.stash.StashChange;
import cufflink.stash.StashEdit;
import cufflink.stash.StashItem;
import cufflink.stash.StashPaper;
import cufflink.stash.StashTaking;
import cufflink.stash.Taken;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * The stash as the window works with it: every change is kept at once; what cannot be done leaves its reason in
 * {@link #messageProperty()}. To be used on one thread.
 */
public final class StashWork implements AutoCloseable {
    private static final int SHOWN_HISTORY = 40;

    private final Optional<StashDatabase> database;
    private final ReadOnlyObjectWrapper<Stash> stash = new ReadOnlyObjectWrapper<>(this, "stash", Stash.EMPTY);
    private final ReadOnlyObjectWrapper<List<StashDatabase.Entry>> history = new ReadOnlyObjectWrapper<>(this,
            "history", List.of());
    private final ReadOnlyObjectWrapper<String> message = new ReadOnlyObjectWrapper<>(this, "message", "");
    private final String unusable;
    private List<Problem> unreadable = List.of();

    private StashWork(Optional<StashDatabase> database, String unusable) {
        this.database = database;
        this.unusable = unusable;
        message.set(unusable);
        refresh();
        if (!unreadable.isEmpty()) {
            message.set(texts(unreadable));
        }
    }

    /** A stash that is kept in a database. */
    public static StashWork of(StashDatabase database) {
        return new StashWork(Optional.of(database), "");
    }

    /** A stash that could not be opened: it is empty and takes nothing. */
    public static StashWork unusable(String why) {
        return new StashWork(Optional.empty(), why);
    }

    public ReadOnlyObjectProperty<Stash> stashProperty() {
        return stash.getReadOnlyProperty();
    }

    public Stash stash() {
        return stash.get();
    }

    /** The newest changes first. */
    public ReadOnlyObjectProperty<List<StashDatabase.Entry>> historyProperty() {
        return history.getReadOnlyProperty();
    }

    /** What came of the last action; empty if nothing need be said. */
    public ReadOnlyObjectProperty<String> messageProperty() {
        return message.getReadOnlyProperty();
    }

    public void say(String text) {
        message.set(text);
    }

    /** One thing that the database may refuse. */
    private interface Work {
        String run(StashDatabase database) throws DatabaseUnusable;
    }

    private boolean attempt(Work work) {
        if (database.isEmpty()) {
            message.set(unusable);
            return false;
        }
        try {
            String said = work.run(database.get());
            refresh();
            message.set(said);
            return true;
        } catch (DatabaseUnusable refused) {
            message.set(refused.getMessage());
            refresh();
            return false;
        }
    }

    private void refresh() {
        try {
            if (database.isPresent()) {
                Outcome<Stash> contents = database.get().contents();
                unreadable = contents.problems();
                history.set(database.get().history(SHOWN_HISTORY));
                stash.set(contents.orThrow());
            }
        } catch (DatabaseUnusable broken) {
            message.set(broken.getMessage());
        }
    }

    /** What lies in the stash and cannot be read. */
    public List<Problem> unreadable() {
        return unreadable;
    }

    /** Makes a change; false if it could not be. */
    public boolean change(StashChange change) {
        return change.edits().isEmpty() && change.taking().isEmpty() || attempt(open -> {
            open.apply(change);
            return change.words() + ".";
        });
    }

    /** What of a job's cutting is out of the stash; absent while the stash cannot be asked. */
    public Optional<Taken> taken(String cutting) {
        try {
            return database.isEmpty() ? Optional.empty() : Optional.of(database.get().taken(cutting));
        } catch (DatabaseUnusable broken) {
            return Optional.empty();
        }
    }

    /** Notes sheets that were taken before the stash kept account of it. */
    public void noteTaken(StashTaking taking) {
        attempt(open -> {
            open.noteTaken(taking);
            return "";
        });
    }

    /** Puts what a taking took back; false with the reason in the message if that cannot be done. */
    public boolean putBack(StashTaking taking) {
        return attempt(open -> open.putBack(taking).map(words -> "Taken back: " + words + ".")
                .orElse("It lies in the stash already."));
    }

    /**
     * Takes out again what a taking took: as it was if nothing was done since, otherwise as {@code anew} says; false
     * with the reason in the message.
     */
    public boolean takeAgain(StashTaking taking, Supplier<StashChange> anew) {
        if (taken(taking.cutting()).filter(out -> out.containsAll(taking.what())).isPresent()) {
            message.set("It is out of the stash already.");
            return true;
        }
        return attempt(open -> {
            Optional<String> again = open.takeAgain(taking);
            if (again.isPresent()) {
                return "Done again: " + again.get() + ".";
            }
            StashChange change = anew.get();
            open.apply(change);
            return "Done again: " + change.words() + ".";
        });
    }

    public void undo() {
        attempt(open -> open.undo().map(words -> "Taken back: " + words + ".")
                .orElse("There is nothing to take back."));
    }

    public void redo() {
        attempt(open -> open.redo().map(words -> "Done again: " + words + ".").orElse("There is nothing to do again."));
    }

    /** Adds an offcut typed in one line; false with the reason in the message. */
    public boolean addOffcut(String line, LengthUnit unit) {
        Outcome<StashPaper> read = OffcutLine.read(line, stash(), unit);
        if (read.value().isEmpty()) {
            message.set(texts(read.problems()));
            return false;
        }
        StashPaper offcut = read.value().get();
        return change(StashChange.of("Added an offcut of " + offcut.name(), stash().added(offcut)));
    }

    /** Adds everything in a table, or nothing. */
    public boolean importFrom(Path file, LengthUnit unit) {
        Outcome<List<StashItem>> read = StashCsv.read(file, unit);
        if (read.value().isEmpty()) {
            message.set("Nothing was taken over from " + file.getFileName() + ". " + texts(read.problems()));
            return false;
        }
        List<StashItem> items = read.value().get();
        return change(StashChange.of("Took over " + items.size() + " entries from " + file.getFileName(),
                items.stream().map(StashEdit::added).toList()));
    }

    /** Writes the stash as a table. */
    public void exportTo(Path file) {
        try {
            AtomicFile.write(file, StashCsv.write(stash()).getBytes(StandardCharsets.UTF_8));
            message.set("The stash is written to " + file + ".");
        } catch (IOException fault) {
            message.set("The stash could not be written to " + file + ": " + FileTrouble.reason(fault) + ".");
        }
    }

    private static String texts(List<Problem> problems) {
        List<String> texts = new ArrayList<>(problems.stream().limit(6).map(Problem::text).toList());
        if (problems.size() > texts.size()) {
            texts.add("And " + (problems.size() - texts.size()) + " more.");
        }
        return String.join("\n", texts);
    }

    @Override
    public void close() throws DatabaseUnusable {
        if (database.isPresent()) {
            database.get().close();
        }
    }
}

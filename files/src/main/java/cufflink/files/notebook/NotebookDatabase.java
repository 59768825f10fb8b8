package cufflink.files.notebook;

import cufflink.files.database.DatabaseUnusable;
import cufflink.files.database.MakersDatabase;
import cufflink.notebook.Correction;
import cufflink.notebook.Make;
import cufflink.plan.Phase;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.NotebookWords;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The makes in the database. Each change is one transaction; what is taken out can be brought back. */
public final class NotebookDatabase implements AutoCloseable {
    private final MakersDatabase database;
    private final MakeRows rows;
    private final Clock clock;

    private NotebookDatabase(MakersDatabase database, Clock clock) {
        this.database = database;
        this.rows = new MakeRows(database);
        this.clock = clock;
    }

    /** Opens the file, made anew if it is not there, and brings it to the newest version. */
    public static NotebookDatabase open(Path file, Clock clock) throws DatabaseUnusable {
        return new NotebookDatabase(MakersDatabase.open(file, clock), clock);
    }

    /** All makes that can be read, the newest first, with a notice for each that cannot. */
    public Outcome<List<Make>> makes() throws DatabaseUnusable {
        return database.transaction(() -> {
            List<Make> makes = new ArrayList<>();
            List<Problem> notices = new ArrayList<>();
            for (long id : ids()) {
                try {
                    makes.add(rows.make(id));
                } catch (IllegalArgumentException | DateTimeException unreadable) {
                    notices.add(Problem.notice("", NotebookWords.ENTRY_LEFT_OUT.of("id", id, "reason",
                            unreadable.getMessage())));
                }
            }
            return Outcome.of(List.copyOf(makes), notices);
        });
    }

    /** A make that was not taken out. */
    public Optional<Make> find(long id) throws DatabaseUnusable {
        return makes().value().orElseThrow().stream().filter(make -> make.id() == id).findFirst();
    }

    /** Puts a make into the notebook; answers it with its number. */
    public Make add(Make make) throws DatabaseUnusable {
        return database.transaction(() -> rows.insert(make));
    }

    /** Puts several in, or none. */
    public List<Make> addAll(List<Make> makes) throws DatabaseUnusable {
        return database.transaction(() -> {
            List<Make> added = new ArrayList<>();
            for (Make make : makes) {
                added.add(rows.insert(make));
            }
            return added;
        });
    }

    /** Puts a make in the place of the one with its number; {@link IllegalArgumentException} if it is not there. */
    public void change(Make make) throws DatabaseUnusable {
        database.transaction(() -> {
            rows.replace(make);
            return make;
        });
    }

    /** What is noted already of a project that is being made, by its file. */
    public Optional<Make> making(String file) throws DatabaseUnusable {
        return database.transaction(() -> {
            List<Long> open = rows.read("select id from make where open = ?", row -> row.getLong(1), file);
            return open.isEmpty() ? Optional.empty() : Optional.of(rows.make(open.get(0)));
        });
    }

    /** Keeps what is noted of a project while it is being made; answers it with its number. */
    public Make keep(String file, Make make) throws DatabaseUnusable {
        return database.transaction(() -> {
            if (make.id() > 0) {
                rows.replace(make);
                return make;
            }
            Make added = rows.insert(make);
            rows.update("update make set open = ? where id = ?", file, added.id());
            return added;
        });
    }

    /** Adds time to a phase of what is being made; false if nothing is noted of it yet. */
    public boolean spent(String file, Phase phase, Duration time) throws DatabaseUnusable {
        return database.transaction(() -> rows.update("insert into make_took (make, phase, seconds) "
                + "select id, ?, ? from make where open = ? "
                + "on conflict (make, phase) do update set seconds = seconds + excluded.seconds",
                phase.name().toLowerCase(Locale.ROOT), time.toSeconds(), file) > 0);
    }

    /** It is made: what was noted while it was being made is a make like every other. */
    public Make finish(Make make) throws DatabaseUnusable {
        return database.transaction(() -> {
            if (make.id() == 0) {
                return rows.insert(make);
            }
            rows.replace(make);
            rows.update("update make set open = null where id = ?", make.id());
            return make;
        });
    }

    /** What is to be different next time a design is made, the newest make first; what was dropped is not among it. */
    public List<Correction> corrections(String design) throws DatabaseUnusable {
        return makes().value().orElseThrow().stream().flatMap(make -> make.learned().next().stream())
                .filter(one -> one.design().equals(design) && one.standing() != Correction.Standing.DROPPED).toList();
    }

    /** Notes what the maker decided of a correction; false if there is none of this key. */
    public boolean decide(String key, Correction.Standing standing) throws DatabaseUnusable {
        return database.transaction(() -> rows.update("update make_next set standing = ? where key = ?",
                standing.name().toLowerCase(Locale.ROOT), key) > 0);
    }

    /** Takes a make out; false if it is not there. */
    public boolean remove(long id) throws DatabaseUnusable {
        return removed(id, "update make set removed = ? where id = ? and removed is null",
                Optional.of(clock.instant().toString()));
    }

    /** Brings back what was taken out; false if it is not there. */
    public boolean bringBack(long id) throws DatabaseUnusable {
        return removed(id, "update make set removed = ? where id = ? and removed is not null", Optional.empty());
    }

    private boolean removed(long id, String command, Optional<String> when) throws DatabaseUnusable {
        return database.transaction(() -> rows.update(command, when.orElse(null), id) > 0);
    }

    private List<Long> ids() throws SQLException {
        return rows.read("select id from make where removed is null and open is null order by at desc, id desc",
                row -> row.getLong(1));
    }

    @Override
    public void close() throws DatabaseUnusable {
        database.close();
    }
}

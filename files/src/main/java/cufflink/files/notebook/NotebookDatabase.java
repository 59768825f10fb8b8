package cufflink.files.notebook;

import cufflink.files.database.DatabaseUnusable;
import cufflink.files.database.MakersDatabase;
import cufflink.measure.Length;
import cufflink.notebook.Figure;
import cufflink.notebook.Learned;
import cufflink.notebook.Make;
import cufflink.notebook.Measurement;
import cufflink.notebook.Photo;
import cufflink.notebook.StepNote;
import cufflink.plan.Phase;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.NotebookWords;
import java.nio.file.Path;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** The makes in the database. Each change is one transaction; what is taken out can be brought back. */
public final class NotebookDatabase implements AutoCloseable {
    private final MakersDatabase database;
    private final Clock clock;

    private NotebookDatabase(MakersDatabase database, Clock clock) {
        this.database = database;
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
                    makes.add(make(id));
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
        return database.transaction(() -> insert(make));
    }

    /** Puts several in, or none. */
    public List<Make> addAll(List<Make> makes) throws DatabaseUnusable {
        return database.transaction(() -> {
            List<Make> added = new ArrayList<>();
            for (Make make : makes) {
                added.add(insert(make));
            }
            return added;
        });
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
        return database.transaction(() -> update(command, when.orElse(null), id) > 0);
    }

    private List<Long> ids() throws SQLException {
        return read("select id from make where removed is null order by at desc, id desc", row -> row.getLong(1));
    }

    private interface Reading<T> {
        T read(ResultSet row) throws SQLException;
    }

    private <T> List<T> read(String query, Reading<T> reading, Object... values) throws SQLException {
        try (PreparedStatement statement = prepared(query, values); ResultSet rows = statement.executeQuery()) {
            List<T> all = new ArrayList<>();
            while (rows.next()) {
                all.add(reading.read(rows));
            }
            return all;
        }
    }

    private int update(String command, Object... values) throws SQLException {
        try (PreparedStatement statement = prepared(command, values)) {
            return statement.executeUpdate();
        }
    }

    private PreparedStatement prepared(String command, Object... values) throws SQLException {
        PreparedStatement statement = database.connection().prepareStatement(command);
        for (int i = 0; i < values.length; i++) {
            statement.setObject(i + 1, values[i]);
        }
        return statement;
    }

    private Make make(long id) throws SQLException {
        List<Figure> figures = read("select what, value from make_figure where make = ? order by place",
                row -> new Figure(row.getString(1), row.getString(2)), id);
        Map<Phase, Duration> took = new EnumMap<>(Phase.class);
        read("select phase, seconds from make_took where make = ?", row -> took.put(
                Phase.valueOf(row.getString(1).toUpperCase(Locale.ROOT)), Duration.ofSeconds(row.getLong(2))), id);
        List<StepNote> wrong = read("select step, title, said from make_wrong where make = ? order by place",
                row -> new StepNote(row.getInt(1), row.getString(2), row.getString(3)), id);
        List<Measurement> measured = read(
                "select what, planned, measured from make_measured where make = ? order by rowid",
                row -> new Measurement(Measurement.What.valueOf(row.getString(1).toUpperCase(Locale.ROOT)),
                        Length.ofNanometres(row.getLong(2)), Length.ofNanometres(row.getLong(3))),
                id);
        List<Photo> photos = read("select hash, kind, caption from make_photo where make = ? order by place",
                row -> new Photo(row.getString(1), row.getString(2), row.getString(3)), id);
        return read("select at, name, design, copies, project, notes from make where id = ?",
                row -> new Make(id, Instant.parse(row.getString(1)), row.getString(2), row.getString(3),
                        row.getInt(4), row.getString(5), figures,
                        new Learned(took, wrong, measured, photos, row.getString(6))),
                id).get(0);
    }

    private Make insert(Make make) throws SQLException {
        update("insert into make (at, name, design, copies, project, notes) values (?, ?, ?, ?, ?, ?)",
                make.at().toString(), make.name(), make.design(), make.copies(), make.project(),
                make.learned().notes());
        long id;
        try (Statement statement = database.connection().createStatement();
                ResultSet given = statement.executeQuery("select last_insert_rowid()")) {
            id = given.getLong(1);
        }
        for (int i = 0; i < make.figures().size(); i++) {
            Figure figure = make.figures().get(i);
            update("insert into make_figure (make, place, what, value) values (?, ?, ?, ?)", id, i, figure.what(),
                    figure.value());
        }
        for (Map.Entry<Phase, Duration> time : make.learned().took().entrySet()) {
            update("insert into make_took (make, phase, seconds) values (?, ?, ?)", id,
                    time.getKey().name().toLowerCase(Locale.ROOT), time.getValue().toSeconds());
        }
        for (int i = 0; i < make.learned().wrong().size(); i++) {
            StepNote note = make.learned().wrong().get(i);
            update("insert into make_wrong (make, place, step, title, said) values (?, ?, ?, ?, ?)", id, i,
                    note.step(), note.title(), note.text());
        }
        for (Measurement one : make.learned().measured()) {
            update("insert into make_measured (make, what, planned, measured) values (?, ?, ?, ?)", id,
                    one.what().name().toLowerCase(Locale.ROOT), one.planned().nanometres(),
                    one.measured().nanometres());
        }
        for (int i = 0; i < make.learned().photos().size(); i++) {
            Photo photo = make.learned().photos().get(i);
            update("insert into make_photo (make, place, hash, kind, caption) values (?, ?, ?, ?, ?)", id, i,
                    photo.hash(), photo.kind(), photo.caption());
        }
        return make.numbered(id);
    }

    @Override
    public void close() throws DatabaseUnusable {
        database.close();
    }
}

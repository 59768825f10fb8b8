package cufflink.files.notebook;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import cufflink.files.database.MakersDatabase;
import cufflink.files.json.JsonFields;
import cufflink.measure.Length;
import cufflink.notebook.Correction;
import cufflink.notebook.Figure;
import cufflink.notebook.Learned;
import cufflink.notebook.Make;
import cufflink.notebook.Measurement;
import cufflink.notebook.Photo;
import cufflink.notebook.StepNote;
import cufflink.notebook.Target;
import cufflink.plan.Phase;
import cufflink.problem.Problem;
import cufflink.words.NotebookWords;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Makes as rows of the database's tables; to be used inside a transaction. */
final class MakeRows {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    /** What hangs on a make. */
    private static final List<String> PARTS = List.of("make_figure", "make_took", "make_wrong", "make_measured",
            "make_photo", "make_next");

    private final MakersDatabase database;

    MakeRows(MakersDatabase database) {
        this.database = database;
    }

    interface Reading<T> {
        T read(ResultSet row) throws SQLException;
    }

    /** What each row of an answer says. */
    <T> List<T> read(String query, Reading<T> reading, Object... values) throws SQLException {
        try (PreparedStatement statement = prepared(query, values); ResultSet rows = statement.executeQuery()) {
            List<T> all = new ArrayList<>();
            while (rows.next()) {
                all.add(reading.read(rows));
            }
            return all;
        }
    }

    /** How many rows a command changed. */
    int update(String command, Object... values) throws SQLException {
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

    /** The make of a number that is there. */
    Make make(long id) throws SQLException {
        List<Figure> figures = read("select what, value from make_figure where make = ? order by place",
                row -> new Figure(row.getString(1), row.getString(2)), id);
        Map<Phase, Duration> took = new EnumMap<>(Phase.class);
        read("select phase, seconds from make_took where make = ?", row -> took.put(
                Phase.valueOf(row.getString(1).toUpperCase(Locale.ROOT)), Duration.ofSeconds(row.getLong(2))), id);
        List<StepNote> wrong = read("select step, title, said from make_wrong where make = ? order by place",
                row -> new StepNote(row.getInt(1), row.getString(2), row.getString(3)), id);
        List<Measurement> measured = read(
                "select what, label, planned, measured from make_measured where make = ? order by place",
                row -> new Measurement(Measurement.What.valueOf(row.getString(1).toUpperCase(Locale.ROOT)),
                        row.getString(2), Length.ofNanometres(row.getLong(3)), Length.ofNanometres(row.getLong(4))),
                id);
        List<Photo> photos = read("select hash, kind, caption from make_photo where make = ? order by place",
                row -> new Photo(row.getString(1), row.getString(2), row.getString(3)), id);
        List<Correction> next = read(
                "select key, design, said, target, standing from make_next where make = ? order by place",
                row -> new Correction(row.getString(1), row.getString(2), row.getString(3), target(row.getString(4)),
                        Correction.Standing.valueOf(row.getString(5).toUpperCase(Locale.ROOT))),
                id);
        return read("select at, name, design, copies, project, notes from make where id = ?",
                row -> new Make(id, Instant.parse(row.getString(1)), row.getString(2), row.getString(3),
                        row.getInt(4), row.getString(5), figures,
                        new Learned(took, wrong, measured, photos, next, row.getString(6))),
                id).get(0);
    }

    /** As it stands in {@code notebook.json}. */
    private static Target target(String text) {
        List<Problem> problems = new ArrayList<>();
        try {
            Target target = CorrectionJson.target(new JsonFields(MAPPER.readTree(text), "", problems));
            if (problems.isEmpty()) {
                return target;
            }
        } catch (JsonProcessingException noJson) {
            problems.add(Problem.error("", NotebookWords.NO_TARGET.of("text", text)));
        }
        throw new IllegalArgumentException(problems.get(0).text());
    }

    /** Puts a make in; answers it with its number. */
    Make insert(Make make) throws SQLException {
        update("insert into make (at, name, design, copies, project, notes) values (?, ?, ?, ?, ?, ?)",
                make.at().toString(), make.name(), make.design(), make.copies(), make.project(),
                make.learned().notes());
        long id;
        try (Statement statement = database.connection().createStatement();
                ResultSet given = statement.executeQuery("select last_insert_rowid()")) {
            id = given.getLong(1);
        }
        Make numbered = make.numbered(id);
        fill(numbered);
        return numbered;
    }

    private void fill(Make make) throws SQLException {
        Learned learned = make.learned();
        for (int i = 0; i < make.figures().size(); i++) {
            Figure figure = make.figures().get(i);
            update("insert into make_figure (make, place, what, value) values (?, ?, ?, ?)", make.id(), i,
                    figure.what(), figure.value());
        }
        for (Map.Entry<Phase, Duration> time : learned.took().entrySet()) {
            update("insert into make_took (make, phase, seconds) values (?, ?, ?)", make.id(),
                    time.getKey().name().toLowerCase(Locale.ROOT), time.getValue().toSeconds());
        }
        for (int i = 0; i < learned.wrong().size(); i++) {
            StepNote note = learned.wrong().get(i);
            update("insert into make_wrong (make, place, step, title, said) values (?, ?, ?, ?, ?)", make.id(), i,
                    note.step(), note.title(), note.text());
        }
        for (int i = 0; i < learned.measured().size(); i++) {
            Measurement one = learned.measured().get(i);
            update("insert into make_measured (make, place, what, label, planned, measured) values (?, ?, ?, ?, ?, ?)",
                    make.id(), i, one.what().name().toLowerCase(Locale.ROOT), one.label(),
                    one.planned().nanometres(), one.measured().nanometres());
        }
        for (int i = 0; i < learned.photos().size(); i++) {
            Photo photo = learned.photos().get(i);
            update("insert into make_photo (make, place, hash, kind, caption) values (?, ?, ?, ?, ?)", make.id(), i,
                    photo.hash(), photo.kind(), photo.caption());
        }
        for (int i = 0; i < learned.next().size(); i++) {
            Correction next = learned.next().get(i);
            update("insert into make_next (make, place, key, design, said, target, standing) values (?, ?, ?, ?, ?, ?, ?)",
                    make.id(), i, next.key(), next.design(), next.text(), CorrectionJson.of(next.target()).toString(),
                    next.standing().name().toLowerCase(Locale.ROOT));
        }
    }

    /** Puts a make in the place of the one with its number; {@link IllegalArgumentException} if it is not there. */
    void replace(Make make) throws SQLException {
        int found = update("update make set at = ?, name = ?, design = ?, copies = ?, project = ?, notes = ? "
                + "where id = ?", make.at().toString(), make.name(), make.design(), make.copies(), make.project(),
                make.learned().notes(), make.id());
        if (found == 0) {
            throw new IllegalArgumentException("there is no make " + make.id());
        }
        for (String table : PARTS) {
            update("delete from " + table + " where make = ?", make.id());
        }
        fill(make);
    }
}

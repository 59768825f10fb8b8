package cufflink.files.stash;

import cufflink.files.database.DatabaseUnusable;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import cufflink.files.stash.StashDatabase.Entry;
import cufflink.stash.StashEdit;
import cufflink.stash.StashItem;
import cufflink.words.StashFileWords;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Every change with what was before and after. Items lie in it as JSON objects with the columns of their tables. */
final class History {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    /** What became of a change. */
    enum State {
        DONE, UNDONE,
        /** Taken back, and something else done since. */
        DROPPED;

        String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private final Connection connection;

    History(Connection connection) {
        this.connection = connection;
    }

    /** Adds a change; answers its id. */
    long add(Instant at, String words, List<StashEdit> edits) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.executeUpdate("update change set state = 'dropped' where state = 'undone'");
        }
        long change;
        try (PreparedStatement statement = connection.prepareStatement(
                "insert into change (at, words, state) values (?, ?, 'done')", Statement.RETURN_GENERATED_KEYS)) {
            Tables.fill(statement, List.of(at.toString(), words));
            statement.executeUpdate();
            try (ResultSet keys = statement.getGeneratedKeys()) {
                change = keys.getLong(1);
            }
        }
        try (PreparedStatement statement = connection
                .prepareStatement("insert into edit (change, place, kind, before, after) values (?, ?, ?, ?, ?)")) {
            for (int place = 0; place < edits.size(); place++) {
                StashEdit edit = edits.get(place);
                ItemTable table = ItemTable.of(edit.after().or(edit::before).orElseThrow());
                Tables.fill(statement,
                        Arrays.asList(change, place, table.table(),
                                edit.before().map(item -> json(table, item)).orElse(null),
                                edit.after().map(item -> json(table, item)).orElse(null)));
                statement.executeUpdate();
            }
        }
        return change;
    }

    private static String json(ItemTable table, StashItem item) {
        Map<String, Object> cells = new LinkedHashMap<>();
        cells.put("id", item.id());
        cells.putAll(table.write(item).cells());
        try {
            return MAPPER.writeValueAsString(cells);
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException("texts and numbers could not be written", impossible);
        }
    }

    private static Optional<StashItem> item(ItemTable table, String json) throws DatabaseUnusable {
        if (json == null) {
            return Optional.empty();
        }
        try {
            Row row = new Row(MAPPER.readValue(json, new TypeReference<LinkedHashMap<String, Object>>() {}));
            return Optional.of(table.read(row, row.whole("id")));
        } catch (JsonProcessingException | IllegalArgumentException broken) {
            throw unreadable(broken);
        }
    }

    private static DatabaseUnusable unreadable(Exception broken) {
        return new DatabaseUnusable(StashFileWords.HISTORY_UNREADABLE.of(), broken);
    }

    /** The edits of a change in the order in which they were made. */
    List<StashEdit> edits(long change) throws SQLException, DatabaseUnusable {
        List<StashEdit> edits = new ArrayList<>();
        try (PreparedStatement statement = connection
                .prepareStatement("select kind, before, after from edit where change = ? order by place")) {
            statement.setLong(1, change);
            try (ResultSet result = statement.executeQuery()) {
                while (result.next()) {
                    edits.add(edit(String.valueOf(result.getString(1)), result.getString(2), result.getString(3)));
                }
            }
        }
        return edits;
    }

    private static StashEdit edit(String kind, String before, String after) throws DatabaseUnusable {
        ItemTable table = Arrays.stream(ItemTable.values()).filter(known -> known.table().equals(kind)).findFirst()
                .orElseThrow(() -> unreadable(null));
        if (before == null && after == null) {
            throw unreadable(null);
        }
        return new StashEdit(item(table, before), item(table, after));
    }

    /** What the maker did in a change. */
    String words(long change) throws SQLException {
        return entries("where id = " + change).stream().map(Entry::words).findFirst().orElse("");
    }

    Optional<Entry> lastDone() throws SQLException {
        return entries("where state = 'done' order by id desc limit 1").stream().findFirst();
    }

    Optional<Entry> nextUndone() throws SQLException {
        return entries("where state = 'undone' order by id limit 1").stream().findFirst();
    }

    List<Entry> newest(int most) throws SQLException {
        return entries("order by id desc limit " + most);
    }

    private List<Entry> entries(String which) throws SQLException {
        List<Entry> entries = new ArrayList<>();
        try (Statement statement = connection.createStatement();
                ResultSet result = statement.executeQuery("select id, at, words, state from change " + which)) {
            while (result.next()) {
                entries.add(new Entry(result.getLong(1), instant(result.getString(2)),
                        String.valueOf(result.getString(3)), !State.DONE.word().equals(result.getString(4))));
            }
        }
        return entries;
    }

    private static Optional<Instant> instant(String text) {
        try {
            return Optional.ofNullable(text).map(Instant::parse);
        } catch (DateTimeParseException damaged) {
            return Optional.empty();
        }
    }

    void mark(long change, State state) throws SQLException {
        try (PreparedStatement statement = connection.prepareStatement("update change set state = ? where id = ?")) {
            Tables.fill(statement, List.of(state.word(), change));
            statement.executeUpdate();
        }
    }
}

package cufflink.files.stash;

import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stash.Stash;
import cufflink.stash.StashItem;
import cufflink.words.StashFileWords;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** The items in their tables. */
final class Tables {
    private final Connection connection;

    Tables(Connection connection) {
        this.connection = connection;
    }

    /** Everything that can be read; each line that cannot is a notice. */
    Outcome<Stash> contents() throws SQLException {
        List<StashItem> items = new ArrayList<>();
        List<Problem> notices = new ArrayList<>();
        for (ItemTable table : ItemTable.values()) {
            try (Statement statement = connection.createStatement();
                    ResultSet result = statement.executeQuery("select * from " + table.table() + " order by id")) {
                while (result.next()) {
                    try {
                        items.add(item(table, result));
                    } catch (IllegalArgumentException unreadable) {
                        notices.add(notice(table, result, unreadable));
                    }
                }
            }
        }
        return Outcome.of(new Stash(items), notices);
    }

    private static Problem notice(ItemTable table, ResultSet result, IllegalArgumentException unreadable)
            throws SQLException {
        return Problem.notice("stash.db, " + table.table() + " " + result.getString("id"),
                StashFileWords.ENTRY_LEFT_OUT.of("reason", unreadable.getMessage()));
    }

    /** The item with this id; throws {@link IllegalArgumentException} if its line cannot be read. */
    Optional<StashItem> find(ItemTable table, long id) throws SQLException {
        try (PreparedStatement statement = connection
                .prepareStatement("select * from " + table.table() + " where id = ?")) {
            statement.setLong(1, id);
            try (ResultSet result = statement.executeQuery()) {
                return result.next() ? Optional.of(item(table, result)) : Optional.empty();
            }
        }
    }

    private static StashItem item(ItemTable table, ResultSet result) throws SQLException {
        Map<String, Object> cells = new LinkedHashMap<>();
        for (int column = 1; column <= result.getMetaData().getColumnCount(); column++) {
            cells.put(result.getMetaData().getColumnName(column), result.getObject(column));
        }
        return table.read(new Row(cells), result.getLong("id"));
    }

    /** Adds an item, with its id if it has one; answers it with the id that it has now. */
    StashItem insert(StashItem item) throws SQLException {
        Map<String, Object> cells = new LinkedHashMap<>();
        if (item.id() > 0) {
            cells.put("id", item.id());
        }
        cells.putAll(ItemTable.of(item).write(item).cells());
        String marks = cells.keySet().stream().map(column -> "?").collect(Collectors.joining(", "));
        String sql = "insert into " + ItemTable.of(item).table() + " (" + String.join(", ", cells.keySet())
                + ") values (" + marks + ")";
        try (PreparedStatement statement = connection.prepareStatement(sql, Statement.RETURN_GENERATED_KEYS)) {
            fill(statement, cells.values());
            statement.executeUpdate();
            try (ResultSet keys = statement.getGeneratedKeys()) {
                return item.withId(keys.getLong(1));
            }
        }
    }

    void update(StashItem item) throws SQLException {
        Map<String, Object> cells = ItemTable.of(item).write(item).cells();
        String sets = cells.keySet().stream().map(column -> column + " = ?").collect(Collectors.joining(", "));
        List<Object> values = new ArrayList<>(cells.values());
        values.add(item.id());
        try (PreparedStatement statement = connection
                .prepareStatement("update " + ItemTable.of(item).table() + " set " + sets + " where id = ?")) {
            fill(statement, values);
            statement.executeUpdate();
        }
    }

    void delete(StashItem item) throws SQLException {
        try (PreparedStatement statement = connection
                .prepareStatement("delete from " + ItemTable.of(item).table() + " where id = ?")) {
            statement.setLong(1, item.id());
            statement.executeUpdate();
        }
    }

    static void fill(PreparedStatement statement, Iterable<?> values) throws SQLException {
        int place = 0;
        for (Object value : values) {
            place++;
            statement.setObject(place, value);
        }
    }
}

package cufflink.files.stash;

import cufflink.stash.StashTaking;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.util.Collections;
import java.util.OptionalLong;
import java.util.Set;
import java.util.TreeSet;

/**
 * Which sheets of which job's cutting are out of the stash: those that changes took and none put back, as far as the
 * changes stand.
 */
final class Takings {
    /** Counts what stands: taken and put back. */
    private static final String STANDING = " from taking left join change on change.id = taking.change where "
            + "(change.state = 'done' or taking.change is null) and ";

    private final Connection connection;

    Takings(Connection connection) {
        this.connection = connection;
    }

    void add(StashTaking taking, OptionalLong change) throws SQLException {
        try (PreparedStatement statement = connection
                .prepareStatement("insert into taking (taking, cutting, sheet, back, change) values (?, ?, ?, ?, ?)")) {
            for (int sheet : taking.sheets()) {
                statement.setString(1, taking.id());
                statement.setString(2, taking.cutting());
                statement.setInt(3, sheet);
                statement.setInt(4, taking.back() ? 1 : 0);
                if (change.isPresent()) {
                    statement.setLong(5, change.getAsLong());
                } else {
                    statement.setNull(5, Types.INTEGER);
                }
                statement.executeUpdate();
            }
        }
    }

    /** The sheets of a cutting that are out of the stash. */
    Set<Integer> taken(String cutting) throws SQLException {
        Set<Integer> sheets = new TreeSet<>();
        try (PreparedStatement statement = connection.prepareStatement(
                "select sheet" + STANDING + "cutting = ? group by sheet having sum(1 - 2 * back) > 0")) {
            statement.setString(1, cutting);
            try (ResultSet result = statement.executeQuery()) {
                while (result.next()) {
                    sheets.add(result.getInt(1));
                }
            }
        }
        return Collections.unmodifiableSet(sheets);
    }

    /** Whether a taking stands. */
    boolean stands(String taking) throws SQLException {
        try (PreparedStatement statement = connection
                .prepareStatement("select coalesce(sum(1 - 2 * back), 0)" + STANDING + "taking = ?")) {
            statement.setString(1, taking);
            try (ResultSet result = statement.executeQuery()) {
                return result.getLong(1) > 0;
            }
        }
    }

    /**
     * The change that made a taking last, as far as it stands; absent for takings from before changes were kept with
     * it.
     */
    OptionalLong change(String taking) throws SQLException {
        try (PreparedStatement statement = connection
                .prepareStatement("select max(taking.change)" + STANDING + "back = 0 and taking = ?")) {
            statement.setString(1, taking);
            try (ResultSet result = statement.executeQuery()) {
                long change = result.getLong(1);
                return result.wasNull() ? OptionalLong.empty() : OptionalLong.of(change);
            }
        }
    }

    /** Whether a change does nothing but move these sheets. */
    boolean isOf(long change, String taking, boolean back) throws SQLException {
        try (PreparedStatement statement = connection
                .prepareStatement("select count(*) from taking where change = ? and taking = ? and back = ?")) {
            statement.setLong(1, change);
            statement.setString(2, taking);
            statement.setInt(3, back ? 1 : 0);
            try (ResultSet result = statement.executeQuery()) {
                return result.getLong(1) > 0;
            }
        }
    }
}

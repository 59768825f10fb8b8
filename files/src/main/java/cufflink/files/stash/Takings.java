package cufflink.files.stash;

import cufflink.stash.StashTaking;
import cufflink.stash.Taken;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.util.OptionalLong;
import java.util.Set;
import java.util.TreeSet;

/**
 * Which sheets and ribbons of which job's cutting are out of the stash: those that changes took and none put back, as
 * far as the changes stand.
 */
final class Takings {
    /** Counts what stands: taken and put back. */
    private static final String STANDING = " from taking left join change on change.id = taking.change where "
            + "(change.state = 'done' or taking.change is null) and ";

    /** Stands for a ribbon, which is named instead. */
    private static final int NO_SHEET = -1;

    private final Connection connection;

    Takings(Connection connection) {
        this.connection = connection;
    }

    void add(StashTaking taking, OptionalLong change) throws SQLException {
        try (PreparedStatement statement = connection
                .prepareStatement("insert into taking (taking, cutting, back, change, sheet, strand) "
                        + "values (?, ?, ?, ?, ?, ?)")) {
            statement.setString(1, taking.id());
            statement.setString(2, taking.cutting());
            statement.setInt(3, taking.back() ? 1 : 0);
            if (change.isPresent()) {
                statement.setLong(4, change.getAsLong());
            } else {
                statement.setNull(4, Types.INTEGER);
            }
            for (int sheet : taking.what().sheets()) {
                statement.setInt(5, sheet);
                statement.setString(6, "");
                statement.executeUpdate();
            }
            for (String strand : taking.what().strands()) {
                statement.setInt(5, NO_SHEET);
                statement.setString(6, strand);
                statement.executeUpdate();
            }
        }
    }

    /** What of a cutting is out of the stash. */
    Taken taken(String cutting) throws SQLException {
        Set<Integer> sheets = new TreeSet<>();
        Set<String> strands = new TreeSet<>();
        try (PreparedStatement statement = connection.prepareStatement("select sheet, strand" + STANDING
                + "cutting = ? group by sheet, strand having sum(1 - 2 * back) > 0")) {
            statement.setString(1, cutting);
            try (ResultSet result = statement.executeQuery()) {
                while (result.next()) {
                    if (result.getInt(1) == NO_SHEET) {
                        strands.add(result.getString(2));
                    } else {
                        sheets.add(result.getInt(1));
                    }
                }
            }
        }
        return new Taken(sheets, strands);
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

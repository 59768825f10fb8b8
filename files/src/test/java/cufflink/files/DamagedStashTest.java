package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.stash.StashDatabase;
import cufflink.files.database.DatabaseUnusable;
import cufflink.paper.BenchTools;
import cufflink.problem.Outcome;
import cufflink.stash.Stash;
import cufflink.stash.StashChange;
import cufflink.stash.StashEdit;
import cufflink.stash.StashPaper;
import cufflink.stash.StashTools;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A stash that was damaged is shown as far as it can be read, and never changed by being looked at. */
class DamagedStashTest {
    /** In full: {@code -Dcufflink.fuzz=4000}. */
    private static final int MUTATIONS = Integer.getInteger("cufflink.fuzz", 200);

    @TempDir
    private Path folder;
    private Path file;

    @BeforeEach
    void fill() throws DatabaseUnusable {
        file = folder.resolve("stash.db");
        try (StashDatabase database = StashDatabase.open(file, Clock.systemUTC())) {
            StashPaper other = StashPaper.sheets(StashDatabaseTest.MOONLIGHT, 3);
            database.apply(StashChange.of("Added", StashEdit.added(StashDatabaseTest.SHEETS), StashEdit.added(other),
                    StashEdit.added(new StashTools(BenchTools.USUAL_INCH))));
            StashPaper first = database.stash().papers().get(0);
            database.apply(StashChange.of("Counted", StashEdit.altered(first, first.withCount(5))));
        }
    }

    private void sql(String command) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement()) {
            statement.executeUpdate("pragma ignore_check_constraints = on");
            statement.executeUpdate(command);
        }
    }

    private Outcome<Stash> contents() throws DatabaseUnusable {
        try (StashDatabase database = StashDatabase.open(file, Clock.systemUTC())) {
            database.history(50);
            return database.contents();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"grain = 'sideways'", "width = 'wide'", "count = -4", "price = '1e999999999'",
        "face = 'blue'", "weight = 0", "name = x'00ff'", "width = 9223372036854775807",
        "two_sided = 7", "caliper = 0.5", "count = 5000000000"})
    void entryWithAnOddValue_isLeftOut_namedAndKept(String odd) throws SQLException, DatabaseUnusable {
        sql("update paper set " + odd + " where id = 1");
        Outcome<Stash> read = contents();
        assertEquals(1, read.orThrow().papers().size());
        assertEquals(1, read.problems().size());
        assertTrue(read.problems().get(0).text().contains("stash.db, paper 1"), read.problems().get(0).text());
        assertTrue(read.problems().get(0).text().contains("lies in the file as it was"));
    }

    @Test
    void historyThatCannotBeRead_isNotUndone_andSaysSo() throws SQLException, DatabaseUnusable {
        sql("update edit set before = '{\"id\": \"one\"' where change = 2");
        sql("update change set at = 'noon'");
        try (StashDatabase database = StashDatabase.open(file, Clock.systemUTC())) {
            assertEquals(List.of("Counted", "Added"),
                    database.history(5).stream().map(StashDatabase.Entry::words).toList());
            DatabaseUnusable refused = assertThrows(DatabaseUnusable.class, database::undo);
            assertTrue(refused.getMessage().contains("cannot be taken back"), refused.getMessage());
            assertEquals(5, database.stash().papers().get(0).count());
        }
    }

    @Test
    void anyDamage_isAReadingOrARefusal() throws IOException {
        byte[] whole = Files.readAllBytes(file);
        Random random = new Random(7);
        for (int round = 0; round < MUTATIONS; round++) {
            byte[] damaged = whole.clone();
            for (int i = 0; i <= random.nextInt(6); i++) {
                damaged[random.nextInt(damaged.length)] = (byte) random.nextInt(256);
            }
            Files.write(file, damaged);
            try {
                contents();
            } catch (DatabaseUnusable refused) {
                assertArrayEquals(damaged, Files.readAllBytes(file), "round " + round + ": " + refused.getMessage());
            }
        }
    }
}

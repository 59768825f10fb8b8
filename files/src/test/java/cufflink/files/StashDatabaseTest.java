package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.notebook.NotebookDatabase;
import cufflink.files.stash.StashDatabase;
import cufflink.files.database.DatabaseUnusable;
import cufflink.die.Die;
import cufflink.die.DieShape;
import cufflink.measure.Length;
import cufflink.notebook.Measurement;
import cufflink.paper.BenchTools;
import cufflink.paper.FacePicture;
import cufflink.paper.Print;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import cufflink.paper.Swatch;
import cufflink.paper.Weight;
import cufflink.stash.Stash;
import cufflink.stash.StashChange;
import cufflink.stash.StashEdit;
import cufflink.stash.StashEnvelope;
import cufflink.stash.StashItem;
import cufflink.stash.StashPaper;
import cufflink.stash.StashPunch;
import cufflink.stash.StashRibbon;
import cufflink.stash.StashTools;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class StashDatabaseTest {
    static final Stock MOONLIGHT = new Stock("Moonlight 240", Length.ofInches(17, 2), Length.ofInches(11),
            new Weight(240, Weight.Basis.METRIC), Optional.of(Length.ofMicrometres(310)), "#F4ECD2",
            "#F8F3E2", true, Stock.Grain.ALONG_HEIGHT,
            Print.of(Swatch.STARS, true));
    static final StashPaper SHEETS = new StashPaper(0, MOONLIGHT,
            Optional.of(new SheetSize(Length.ofMillimetres(215), Length.ofMillimetres(279))), false, 12,
            Optional.of(new BigDecimal("0.45")), "from the spring fair");
    static final Die SCALLOPED = new Die(DieShape.SCALLOPED_CIRCLE,
            new SheetSize(Length.ofMillimetres(50), Length.ofMillimetres(50)), 24, Optional.empty());
    /** As the file was before version 7. */
    private static final String[] NO_NOTEBOOK = {"alter table ribbon drop column price",
        "alter table envelope drop column price", "drop table reservation", "drop table least",
        "alter table punch drop column shape",
        "alter table punch drop column scallops", "alter table punch drop column path",
        "alter table punch drop column outer_width", "alter table punch drop column outer_height",
        "alter table punch drop column nested", "alter table punch drop column heaviest",
        "alter table tools drop column cuts_short", "drop table make_next",
        "drop table make_photo", "drop table make_measured",
        "drop table make_wrong",
        "drop table make_took", "drop table make_figure", "drop table make"};
    private static final Instant NOON = Instant.parse("2031-05-04T12:00:00Z");

    @TempDir
    private Path folder;
    private StashDatabase database;

    @BeforeEach
    void open() throws DatabaseUnusable {
        database = opened();
    }

    @AfterEach
    void close() throws DatabaseUnusable {
        database.close();
    }

    private Path file() {
        return folder.resolve("stash.db");
    }

    private StashDatabase opened() throws DatabaseUnusable {
        return StashDatabase.open(file(), Clock.fixed(NOON, ZoneOffset.UTC));
    }

    private Stash add(StashItem... items) throws DatabaseUnusable {
        return database.apply(StashChange.of("Added", List.of(items).stream().map(StashEdit::added).toList()));
    }

    private void count(int value) throws DatabaseUnusable {
        StashPaper paper = database.stash().papers().get(0);
        database.apply(StashChange.of("Now " + value, StashEdit.altered(paper, paper.withCount(value))));
    }

    private int count() throws DatabaseUnusable {
        return database.stash().papers().get(0).count();
    }

    @Test
    void everyKindOfItem_comesBackEqual() throws DatabaseUnusable {
        StashRibbon ribbon = new StashRibbon(0, "Silver", Length.ofMillimetres(6), Length.ofMillimetres(2400),
                "#C0C7CC", "");
        StashEnvelope envelope = new StashEnvelope(0, "A6",
                new SheetSize(Length.ofInches(19, 4), Length.ofInches(13, 2)), Optional.empty(), 25, "square flap");
        StashPunch punch = new StashPunch(0, "Large star", SCALLOPED, Optional.empty(),
                Optional.of(new SheetSize(Length.ofMillimetres(44), Length.ofMillimetres(44))), "Stars",
                Optional.of(270), "");
        add(SHEETS, ribbon, envelope, punch, new StashTools(BenchTools.USUAL_METRIC));
        database.close();
        database = opened();
        Stash stash = database.stash();
        assertEquals(List.of(SHEETS), stash.papers().stream().map(paper -> paper.withId(0)).toList());
        assertEquals(List.of(ribbon), stash.ribbons().stream().map(item -> item.withId(0)).toList());
        assertEquals(List.of(envelope), stash.envelopes().stream().map(item -> item.withId(0)).toList());
        assertEquals(List.of(punch), stash.punches().stream().map(item -> item.withId(0)).toList());
        assertEquals(Optional.of(BenchTools.USUAL_METRIC), stash.tools());
    }

    @Test
    void changes_areTakenBackAndDoneAgain_oneAfterTheOther() throws DatabaseUnusable {
        add(SHEETS);
        count(10);
        count(7);
        assertEquals(Optional.of("Now 7"), database.undo());
        assertEquals(10, count());
        assertEquals(Optional.of("Now 10"), database.undo());
        assertEquals(12, count());
        assertEquals(Optional.of("Now 10"), database.redo());
        assertEquals(Optional.of("Now 7"), database.redo());
        assertEquals(7, count());
        assertEquals(Optional.empty(), database.redo());
    }

    @Test
    void aNewChange_dropsWhatWasTakenBack_butTheHistoryKeepsIt() throws DatabaseUnusable {
        add(SHEETS);
        count(10);
        database.undo();
        count(3);
        assertEquals(Optional.empty(), database.redo());
        assertEquals(List.of("Now 3 false", "Now 10 true", "Added false"),
                database.history(10).stream().map(entry -> entry.words() + " " + entry.undone()).toList());
        assertEquals(Optional.of(NOON), database.history(1).get(0).at());
    }

    @Test
    void anItemTakenOutAndBroughtBack_keepsItsId() throws DatabaseUnusable {
        StashPaper kept = add(SHEETS).papers().get(0);
        database.apply(StashChange.of("Took it out", StashEdit.removed(kept)));
        add(SHEETS.withCount(1));
        database.undo();
        database.undo();
        assertEquals(List.of(kept), database.stash().papers());
    }

    /** A change of several edits of which the last is impossible changes nothing at all. */
    @Test
    void aChangeThatFails_changesNothing() throws DatabaseUnusable {
        StashPaper shown = add(SHEETS).papers().get(0);
        count(5);
        StashPaper now = database.stash().papers().get(0);
        StashChange stale = StashChange.of("Both", StashEdit.added(SHEETS.withCount(99)),
                StashEdit.altered(shown, shown.withCount(1)));
        DatabaseUnusable refused = assertThrows(DatabaseUnusable.class, () -> database.apply(stale));
        assertTrue(refused.getMessage().contains("no longer as it was shown"), refused.getMessage());
        assertEquals(List.of(now), database.stash().papers());
    }

    @Test
    void countBelowZero_isImpossible_inTheProgramAndInTheFile() throws SQLException, DatabaseUnusable {
        add(SHEETS);
        assertThrows(IllegalArgumentException.class, () -> SHEETS.withCount(-1));
        assertThrows(SQLException.class, () -> raw("update paper set count = -1"));
    }

    @Test
    void pictureOfAPaper_isKept_andUndoneWithTheRest() throws Exception {
        FacePicture dot = FacePictures.dot(Length.ofInches(3));
        StashPaper plain = add(SHEETS).papers().get(0);
        StashPaper pictured = new StashPaper(plain.id(),
                plain.stock().withPrint(plain.stock().print().withPicture(Optional.of(dot))), plain.measured(), false,
                plain.count(), plain.price(), plain.notes());
        database.apply(StashChange.of("Changed", StashEdit.altered(plain, pictured)));
        database.close();
        database = opened();
        assertEquals(List.of(pictured), database.stash().papers());
        database.undo();
        assertEquals(List.of(plain), database.stash().papers());
    }

    @Test
    void fileOfANewerVersion_isRefusedAndKeepsItsVersion() throws Exception {
        Stash kept = add(SHEETS);
        database.close();
        raw("pragma user_version = 99");
        DatabaseUnusable refused = assertThrows(DatabaseUnusable.class, this::opened);
        assertTrue(refused.getMessage().contains("newer Cufflink (version 99"), refused.getMessage());
        try (Connection raw = DriverManager.getConnection("jdbc:sqlite:" + file());
                Statement statement = raw.createStatement();
                ResultSet version = statement.executeQuery("pragma user_version")) {
            assertEquals(99, version.getInt(1));
        }
        raw("pragma user_version = 11");
        database = opened();
        assertEquals(kept, database.stash());
    }

    private void raw(String... commands) throws SQLException {
        try (Connection raw = DriverManager.getConnection("jdbc:sqlite:" + file());
                Statement statement = raw.createStatement()) {
            for (String command : commands) {
                statement.executeUpdate(command);
            }
        }
    }

    @Test
    void fileOfTheFirstVersion_isBroughtUpToDate_withItsContent() throws Exception {
        Stash kept = add(SHEETS);
        database.close();
        raw(NO_NOTEBOOK);
        raw("drop index change_by_state", "drop index paper_by_name", "drop table taking",
                "alter table tools drop column on_grooves", "alter table paper drop column picture",
                "alter table paper drop column picture_width", "alter table paper drop column picture_height",
                "pragma user_version = 1");
        database = opened();
        assertEquals(kept, database.stash());
    }

    /** What the seventh version had measured has its label now. */
    @Test
    void measuredOfTheSeventhVersion_isKept() throws Exception {
        database.close();
        raw(Arrays.copyOf(NO_NOTEBOOK, 11));
        raw("alter table tools drop column cuts_short", "drop table make_next", "drop index make_open",
                "alter table make drop column open", "drop table make_measured",
                "create table make_measured (make integer not null references make (id), what text not null, "
                        + "planned integer not null, measured integer not null, primary key (make, what))",
                "insert into make values (1, '2026-11-26T10:00:00Z', 'Comet', 'Half fold', 1, '{}', '', null)",
                "insert into make_measured values (1, 'thickness', 900000, 1000000)",
                "insert into make_measured values (1, 'width', 100000000, 99000000)", "pragma user_version = 7");
        try (NotebookDatabase notebook = NotebookDatabase.open(file(), Clock.systemUTC())) {
            assertEquals(
                    List.of(Measurement.of(Measurement.What.THICKNESS, Length.ofMicrometres(900),
                            Length.ofMillimetres(1)),
                            Measurement.of(Measurement.What.WIDTH, Length.ofMillimetres(100),
                                    Length.ofMillimetres(99))),
                    notebook.makes().orThrow().get(0).learned().measured());
        }
        database = opened();
    }

    private List<String> copies() throws Exception {
        Path backups = folder.resolve("backups");
        if (!Files.exists(backups)) {
            return List.of();
        }
        try (Stream<Path> all = Files.list(backups)) {
            return all.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    private void openOn(String day) throws DatabaseUnusable {
        database.close();
        database = StashDatabase.open(file(),
                Clock.fixed(Instant.parse(day + "T10:00:00Z"), ZoneOffset.UTC));
    }

    /** A copy before the file is brought up to date, which is whole in itself. */
    @Test
    void olderFile_isCopiedBeforeItIsBroughtUpToDate() throws Exception {
        Stash kept = add(SHEETS);
        database.close();
        raw(NO_NOTEBOOK);
        raw("alter table paper drop column picture", "alter table paper drop column picture_width",
                "alter table paper drop column picture_height", "pragma user_version = 5");
        database = opened();
        String name = copies().stream().filter(copy -> copy.endsWith("-version-5.db")).findFirst().orElseThrow();
        try (StashDatabase copy = StashDatabase.open(folder.resolve("backups").resolve(name), Clock.systemUTC())) {
            assertEquals(kept, copy.stash());
        }
    }

    /** One a week, the last five. */
    @Test
    void copies_areMadeOnceAWeek_andTheLastFiveKept() throws Exception {
        add(SHEETS);
        for (String day : List.of("2026-01-01", "2026-01-02", "2026-01-07", "2026-01-08", "2026-01-20", "2026-02-01",
                "2026-02-10", "2026-02-20", "2026-03-01")) {
            openOn(day);
        }
        String name = file().getFileName().toString().replace(".db", "");
        assertEquals(Stream.of("2026-01-20", "2026-02-01", "2026-02-10", "2026-02-20", "2026-03-01")
                .map(day -> name + "-" + day + ".db").toList(), copies());
    }

    @Test
    void fileThatIsNoDatabase_isRefusedAndStays() throws Exception {
        Path other = folder.resolve("notes.db");
        Files.writeString(other,
                "these are notes, not a database, and they are longer than a heading of a database would be\n"
                        .repeat(30));
        String before = Files.readString(other);
        DatabaseUnusable refused = assertThrows(DatabaseUnusable.class,
                () -> StashDatabase.open(other, Clock.systemUTC()));
        assertTrue(refused.getMessage().contains("notes.db"), refused.getMessage());
        assertEquals(before, Files.readString(other));
    }
}

package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.backup.DataBackup;
import cufflink.files.stash.StashDatabase;
import cufflink.files.database.DatabaseUnusable;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stash.Stash;
import cufflink.stash.StashChange;
import cufflink.stash.StashEdit;
import cufflink.stash.StashPaper;
import cufflink.words.Message;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.HexFormat;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** All that a maker has, kept in a file and brought back. */
class DataBackupTest {
    private static final Clock NOON = Clock.fixed(Instant.parse("2026-11-27T12:00:00Z"), ZoneOffset.UTC);
    private static final Stock MOONLIGHT = Stock.plain("Moonlight",
            PublishedSizes.named(NamedSize.Kind.SHEET, "A4").orElseThrow(), 240);

    @TempDir
    private Path folder;
    private Path data;
    private DataBackup backup;

    @BeforeEach
    void things() throws IOException, DatabaseUnusable {
        data = folder.resolve("data");
        backup = new DataBackup(data, NOON);
        Files.createDirectories(data.resolve("projects"));
        Files.createDirectories(data.resolve("designs"));
        Files.writeString(data.resolve("projects/card.json"), "{\"card\": \"É\"}");
        Files.writeString(data.resolve("designs/own.yaml"), "id: own");
        Files.writeString(data.resolve("shelf.properties"), "ruler=1 mm");
        Files.writeString(data.resolve("lock"), "");
        add(20);
    }

    private void add(int sheets) throws DatabaseUnusable {
        try (StashDatabase database = StashDatabase.open(data.resolve("stash.db"), NOON)) {
            database.apply(StashChange.of("Added", StashEdit.added(StashPaper.sheets(MOONLIGHT, sheets))));
        }
    }

    private Stash stash() throws DatabaseUnusable {
        try (StashDatabase database = StashDatabase.open(data.resolve("stash.db"), NOON)) {
            return database.stash();
        }
    }

    private Path kept() throws IOException {
        Path file = folder.resolve("kept.zip");
        assertEquals("4 files are kept in " + file + ".", said(backup.write(file)));
        return file;
    }

    private static String said(Outcome<Message> outcome) {
        return outcome.value().map(Message::sentence)
                .orElseGet(() -> String.join(" ", outcome.problems().stream().map(Problem::text).toList()));
    }

    /** The maker's files and what is in them. */
    private Map<String, String> lying() throws IOException {
        Map<String, String> lying = new TreeMap<>();
        try (Stream<Path> all = Files.walk(data)) {
            for (Path file : all.filter(Files::isRegularFile)
                    .filter(one -> !one.toString().matches(".*(stash\\.db.*|lock|\\.zip)")
                            && !one.toString().contains("backups"))
                    .toList()) {
                lying.put(data.relativize(file).toString(), Files.readString(file));
            }
        }
        return lying;
    }

    @Test
    void whatWasKept_comesBack_andWhatWasThereIsKept() throws Exception {
        Map<String, String> before = lying();
        Stash stash = stash();
        Path file = kept();
        Files.writeString(data.resolve("projects/card.json"), "{}");
        Files.writeString(data.resolve("projects/later.json"), "{\"later\": true}");
        Files.delete(data.resolve("designs/own.yaml"));
        add(7);
        Stash later = stash();
        String said = said(backup.restore(file));
        assertTrue(said.startsWith("4 files are back"), said);
        assertEquals(before, lying());
        assertEquals(stash, stash());
        Path replaced;
        try (Stream<Path> all = Files.list(data.resolve("backups"))) {
            replaced = all.filter(one -> one.toString().contains("before-restoring")).sorted().findFirst()
                    .orElseThrow();
        }
        Files.move(replaced, folder.resolve("replaced.zip"));
        said(backup.restore(folder.resolve("replaced.zip")));
        assertEquals(later.papers().size(), 2);
        assertEquals(later, stash());
        assertEquals("{\"later\": true}", lying().get("projects/later.json"));
    }

    /** Whatever a maker called a file: what was kept comes back. */
    @Test
    void strangeButHonestNames_comeBack() throws Exception {
        Files.writeString(data.resolve("projects/a..b.json"), "1");
        Files.writeString(data.resolve("projects/... .json"), "2");
        Files.writeString(data.resolve("designs/ナイト \\ é.yaml"), "3");
        Map<String, String> before = lying();
        Path file = folder.resolve("kept.zip");
        assertEquals("7 files are kept in " + file + ".", said(backup.write(file)));
        Files.delete(data.resolve("projects/a..b.json"));
        said(backup.restore(file));
        assertEquals(before, lying());
    }

    /** A folder that cannot be moved: all is where it was, and nothing is left lying about. */
    @Test
    void restoringThatFails_leavesAllAsItWas() throws Exception {
        Path file = kept();
        Files.writeString(data.resolve("projects/later.json"), "later");
        Files.delete(data.resolve("designs/own.yaml"));
        Files.delete(data.resolve("designs"));
        // What is taken for the designs is a mount, or was made by another user; here a link that leads nowhere.
        Files.createSymbolicLink(data.resolve("designs"), folder.resolve("nowhere"));
        Map<String, String> before = lying();
        assertThrows(IOException.class, () -> backup.restore(file));
        assertEquals(before, lying());
        assertEquals(1, stash().papers().size());
        try (Stream<Path> all = Files.list(data)) {
            assertTrue(all.noneMatch(one -> one.toString().contains("restoring")));
        }
    }

    @Test
    void fileThatIsThere_isNotWrittenOver_andEmptyFolderIsSaid() throws IOException {
        Path file = Files.writeString(folder.resolve("mine.zip"), "mine");
        assertTrue(said(backup.write(file)).contains("is there already"));
        assertEquals("mine", Files.readString(file));
        Path nothing = Files.createDirectories(folder.resolve("nothing"));
        assertTrue(said(new DataBackup(nothing, NOON).write(folder.resolve("n.zip"))).contains("nothing"));
        assertFalse(Files.exists(folder.resolve("n.zip")));
    }

    @Test
    void folderOfAnOpenWindow_isKeptButNotReplaced() throws IOException {
        FolderOwner window = FolderOwner.claim(data).orElseThrow();
        try (window) {
            Path file = kept();
            assertTrue(said(backup.restore(file)).contains("Cufflink is open on"));
        }
    }

    /** One thing in a backup changed. */
    private Path changed(String name, String content) throws IOException {
        Path file = kept();
        Path other = folder.resolve("other.zip");
        try (ZipFile zip = new ZipFile(file.toFile());
                ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(other))) {
            for (ZipEntry entry : zip.stream().map(ZipEntry.class::cast).toList()) {
                if (entry.getName().equals(name) && content.isEmpty()) {
                    continue;
                }
                out.putNextEntry(new ZipEntry(entry.getName()));
                try (InputStream in = zip.getInputStream(entry)) {
                    byte[] bytes = in.readAllBytes();
                    out.write(entry.getName().equals(name) ? content.getBytes(StandardCharsets.UTF_8) : bytes);
                }
            }
        }
        return other;
    }

    private void isRefused(Path file, String reason) throws IOException, DatabaseUnusable {
        Map<String, String> before = lying();
        Stash stash = stash();
        String said = said(backup.restore(file));
        assertTrue(said.contains(reason), said);
        assertEquals(before, lying());
        assertEquals(stash, stash());
        try (Stream<Path> all = Files.list(data)) {
            assertTrue(all.noneMatch(one -> one.toString().contains("restoring")), "nothing is left lying about");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"projects/card.json", "stash.db", "backup.json"})
    void backupThatIsNotWhole_isRefused_andNothingChanges(String name) throws Exception {
        isRefused(changed(name, ""), "is no backup");
        Files.delete(folder.resolve("kept.zip"));
        isRefused(changed(name, "other"), "is no backup");
    }

    @Test
    void strangeFiles_areRefused_andNothingChanges() throws Exception {
        isRefused(Files.writeString(folder.resolve("text.zip"), "no archive"), "not a ZIP file");
        isRefused(folder.resolve("none.zip"), "There is no file");
        isRefused(changed("backup.json", "{\"cufflinkBackup\": 2, \"files\": {}}"), "newer Cufflink");
        Files.delete(folder.resolve("kept.zip"));
        isRefused(changed("backup.json", "{\"cufflinkBackup\": 1, \"files\": {\"../../evil\": \"00\"}}"),
                "does not belong");
        Files.delete(folder.resolve("kept.zip"));
        isRefused(changed("backup.json", "{\"cufflinkBackup\": 1, \"files\": {\"projects/..\": \"00\"}}"),
                "does not belong");
    }

    /** A file of the right sum that is no database is found out before anything is replaced. */
    @Test
    void databaseThatIsNone_isRefused() throws Exception {
        Path file = folder.resolve("bad.zip");
        byte[] text = "no database, but long enough to look like one".repeat(50).getBytes(StandardCharsets.UTF_8);
        String sum = HexFormat.of()
                .formatHex(MessageDigest.getInstance("SHA-256").digest(text));
        try (OutputStream to = Files.newOutputStream(file); ZipOutputStream out = new ZipOutputStream(to)) {
            out.putNextEntry(new ZipEntry("stash.db"));
            out.write(text);
            out.putNextEntry(new ZipEntry("backup.json"));
            out.write(("{\"cufflinkBackup\": 1, \"files\": {\"stash.db\": \"" + sum + "\"}}")
                    .getBytes(StandardCharsets.UTF_8));
        }
        isRefused(file, "cannot be opened");
    }
}

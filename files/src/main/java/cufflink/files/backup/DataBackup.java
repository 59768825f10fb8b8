package cufflink.files.backup;

import com.fasterxml.jackson.core.JacksonException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.files.FolderOwner;
import cufflink.files.Sha256;
import cufflink.files.database.DatabaseUnusable;
import cufflink.files.database.MakersDatabase;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.BackupWords;
import cufflink.words.Message;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayDeque;
import java.util.Comparator;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/**
 * All that a maker has in one ZIP file: the database, projects, jobs, designs of their own, and how the shelf was left.
 * {@code backup.json} in it lists every file with its SHA-256, so that a backup is known to be whole before anything is
 * put in its place. What can be worked out again is not kept.
 */
public final class DataBackup {
    private static final String LIST = "backup.json";
    private static final int VERSION = 1;
    private static final String DATABASE = "stash.db";
    private static final List<String> FOLDERS = List.of("projects", "jobs", "designs", "pictures");
    private static final List<String> FILES = List.of("shelf.properties");
    /** What belongs to the state that is replaced, and to no other. */
    private static final List<String> BESIDE = List.of("stash.db-wal", "stash.db-shm", "open-project");
    private static final long MOST_BYTES = 2_000_000_000L;
    private static final int BUFFER = 1 << 16;
    private static final ObjectMapper JSON = new ObjectMapper();

    /** More than a maker could have. */
    private static final class TooLarge extends IOException {
        private static final long serialVersionUID = 1;
    }

    private final Path data;
    private final Clock clock;

    /** Of a data folder. */
    public DataBackup(Path data, Clock clock) {
        this.data = data.toAbsolutePath();
        this.clock = clock;
    }

    /** Keeps everything in a file that is not there yet; a window may be open on the folder. */
    public Outcome<Message> write(Path to) throws IOException {
        if (Files.exists(to)) {
            return Outcome.failed(Problem.error(to.toString(), BackupWords.IN_THE_WAY.of("file", to)));
        }
        Path unfinished = to.resolveSibling(to.getFileName() + ".part");
        try {
            int count = zip(unfinished);
            if (count == 0) {
                return Outcome.failed(Problem.error(data.toString(), BackupWords.NOTHING.of("folder", data)));
            }
            Files.move(unfinished, to);
            return Outcome.of(BackupWords.WRITTEN.of("count", count, "file", to));
        } catch (DatabaseUnusable fault) {
            return Outcome.failed(Problem.error(data.toString(), Message.plain(fault.getMessage(), "")));
        } finally {
            Files.deleteIfExists(unfinished);
        }
    }

    private int zip(Path to) throws IOException, DatabaseUnusable {
        ObjectNode list = JSON.createObjectNode();
        list.put("cufflinkBackup", VERSION);
        list.put("made", LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS).toString());
        ObjectNode sums = list.putObject("files");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(to))) {
            if (Files.exists(data.resolve(DATABASE))) {
                Path copy = Files.createTempDirectory("cufflink-backup").resolve(DATABASE);
                try {
                    MakersDatabase.copy(data.resolve(DATABASE), copy);
                    sums.put(DATABASE, add(zip, DATABASE, copy));
                } finally {
                    Files.deleteIfExists(copy);
                    Files.delete(copy.getParent());
                }
            }
            for (Map.Entry<String, Path> file : files().entrySet()) {
                sums.put(file.getKey(), add(zip, file.getKey(), file.getValue()));
            }
            zip.putNextEntry(new ZipEntry(LIST));
            zip.write(JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(list));
        }
        return sums.size();
    }

    /** All files but the database, by their names in the backup. */
    private Map<String, Path> files() throws IOException {
        Map<String, Path> files = new LinkedHashMap<>();
        for (String folder : FOLDERS) {
            if (Files.isDirectory(data.resolve(folder))) {
                try (Stream<Path> all = Files.list(data.resolve(folder))) {
                    all.filter(Files::isRegularFile).sorted()
                            .forEach(file -> files.put(folder + "/" + file.getFileName(), file));
                }
            }
        }
        FILES.stream().filter(name -> Files.isRegularFile(data.resolve(name)))
                .forEach(name -> files.put(name, data.resolve(name)));
        return files;
    }

    private static String add(ZipOutputStream zip, String name, Path file) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        try (InputStream in = Files.newInputStream(file)) {
            return copy(in, zip, MOST_BYTES);
        } finally {
            zip.closeEntry();
        }
    }

    /** Copies at most so many bytes and answers their SHA-256. */
    private static String copy(InputStream from, OutputStream to, long most) throws IOException {
        DigestInputStream in = new DigestInputStream(from, Sha256.digest());
        byte[] buffer = new byte[BUFFER];
        long copied = 0;
        for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
            copied += read;
            if (copied > most) {
                throw new TooLarge();
            }
            to.write(buffer, 0, read);
        }
        return Sha256.text(in.getMessageDigest().digest());
    }

    /**
     * Puts a backup in the place of what is in the folder. All of it is looked at before anything is changed; what was
     * there is kept as a backup of its own beside it.
     */
    public Outcome<Message> restore(Path from) throws IOException {
        if (!Files.isRegularFile(from)) {
            return Outcome.failed(Problem.error(from.toString(), BackupWords.NO_SUCH_FILE.of("file", from)));
        }
        Optional<FolderOwner> owner = FolderOwner.claim(data);
        if (owner.isEmpty()) {
            return Outcome.failed(Problem.error(data.toString(), BackupWords.WINDOW_OPEN.of("folder", data)));
        }
        Path unpacked = Files.createTempDirectory(data, "restoring");
        try {
            Outcome<Integer> count = unpack(from, unpacked);
            if (count.value().isEmpty()) {
                return Outcome.failed(count.problems());
            }
            Optional<Path> kept = replace(unpacked);
            return Outcome.of(kept
                    .map(before -> BackupWords.RESTORED.of("count", count.value().get(), "folder", data, "kept",
                            before))
                    .orElseGet(() -> BackupWords.RESTORED_ALONE.of("count", count.value().get(), "folder", data)));
        } catch (DatabaseUnusable fault) {
            return Outcome.failed(Problem.error(from.toString(), Message.plain(fault.getMessage(), "")));
        } finally {
            delete(unpacked);
            owner.get().close();
        }
    }

    /** Everything in its place below a folder, if it is whole. */
    private static Outcome<Integer> unpack(Path from, Path to) throws IOException, DatabaseUnusable {
        try (ZipFile zip = new ZipFile(from.toFile())) {
            ZipEntry entry = zip.getEntry(LIST);
            if (entry == null) {
                return refused(from, BackupWords.NO_LIST.of());
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            try (InputStream in = zip.getInputStream(entry)) {
                copy(in, bytes, MOST_BYTES / 100);
            }
            JsonNode list = JSON.readTree(bytes.toByteArray());
            if (list == null || !list.path("files").isObject() || !list.path("cufflinkBackup").isInt()) {
                return refused(from, BackupWords.NO_LIST.of());
            } else if (list.path("cufflinkBackup").asInt() > VERSION) {
                return refused(from, BackupWords.NEWER.of());
            }
            long left = MOST_BYTES;
            for (Map.Entry<String, JsonNode> file : list.path("files").properties()) {
                String name = file.getKey();
                Optional<Path> place = place(to, name);
                if (place.isEmpty()) {
                    return refused(from, BackupWords.STRANGE_NAME.of("name", name));
                }
                ZipEntry packed = zip.getEntry(name);
                Files.createDirectories(place.get().getParent());
                if (packed == null || !file.getValue().asText().equals(unpack(zip, packed, place.get(), left))) {
                    return refused(from, BackupWords.MISSING.of("name", name));
                }
                left -= Files.size(place.get());
            }
            if (Files.exists(to.resolve(DATABASE))) {
                MakersDatabase.inspect(to.resolve(DATABASE));
            }
            return Outcome.of(list.path("files").size());
        } catch (TooLarge most) {
            return refused(from, BackupWords.TOO_LARGE.of("most", MOST_BYTES / 1_000_000_000 + " GB"));
        } catch (ZipException | JacksonException damaged) {
            return refused(from, BackupWords.NOT_AN_ARCHIVE.of());
        }
    }

    /** Where a file of a backup goes: into one of the folders, or beside them; no name leads out of there. */
    private static Optional<Path> place(Path to, String name) {
        try {
            Path place = to.resolve(name).normalize();
            String folder = name.contains("/") ? name.substring(0, name.indexOf('/')) : "";
            boolean known = folder.isEmpty() ? name.equals(DATABASE) || FILES.contains(name)
                    : FOLDERS.contains(folder);
            return Optional.of(place).filter(path -> known && path.getParent().equals(to.resolve(folder).normalize())
                    && !path.equals(to));
        } catch (InvalidPathException nameless) {
            return Optional.empty();
        }
    }

    private static String unpack(ZipFile zip, ZipEntry packed, Path place, long most) throws IOException {
        try (InputStream in = zip.getInputStream(packed); OutputStream out = Files.newOutputStream(place)) {
            return copy(in, out, most);
        }
    }

    private static Outcome<Integer> refused(Path file, Message reason) {
        return Outcome.failed(
                Problem.error(file.toString(), BackupWords.NOT_A_BACKUP.of("file", file, "reason", reason)));
    }

    /**
     * What was there goes into a backup, then its place is taken; answers where it is kept, if there was anything. If
     * something cannot be moved, all goes back to where it was.
     */
    private Optional<Path> replace(Path unpacked) throws IOException, DatabaseUnusable {
        Path kept = data.resolve("backups").resolve("before-restoring-"
                + LocalDateTime.now(clock).format(DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss")) + ".zip");
        Files.createDirectories(kept.getParent());
        int before = zip(kept);
        if (before == 0) {
            Files.delete(kept);
        }
        Path aside = Files.createDirectory(unpacked.resolve("aside"));
        Deque<Move> moved = new ArrayDeque<>();
        try {
            for (String name : Stream.of(FOLDERS, FILES, List.of(DATABASE), BESIDE).flatMap(List::stream).toList()) {
                move(data.resolve(name), aside.resolve(name), moved);
                move(unpacked.resolve(name), data.resolve(name), moved);
            }
        } catch (IOException fault) {
            while (!moved.isEmpty()) {
                Move last = moved.pop();
                Files.move(last.to(), last.from());
            }
            throw fault;
        }
        return before == 0 ? Optional.empty() : Optional.of(kept);
    }

    private record Move(Path from, Path to) {
    }

    private static void move(Path from, Path to, Deque<Move> moved) throws IOException {
        if (Files.exists(from)) {
            Files.move(from, to);
            moved.push(new Move(from, to));
        }
    }

    private static void delete(Path top) throws IOException {
        if (Files.exists(top)) {
            try (Stream<Path> all = Files.walk(top)) {
                for (Path one : all.sorted(Comparator.reverseOrder()).toList()) {
                    Files.delete(one);
                }
            }
        }
    }
}

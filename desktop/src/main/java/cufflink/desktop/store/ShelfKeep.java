package cufflink.desktop.store;

import cufflink.desktop.work.ShelfWork.Keep;
import cufflink.desktop.work.ShelfWork.Shelf;
import cufflink.desktop.work.ShelfWork.Wanted;
import cufflink.files.AtomicFile;
import cufflink.files.Sha256;
import cufflink.files.design.DesignLibrary;
import cufflink.measure.RulerStep;
import cufflink.paper.Stock;
import cufflink.plan.Planner;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystemNotFoundException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.security.CodeSource;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The shelves that were set out lately, so that the next start shows its shelf before anything is planned. Each lies in
 * a file that is named after all that it hangs on: the program, the maker's own designs, the ruler, what was looked
 * for. Nothing else hangs on these files; what cannot be read is worked out again.
 */
public final class ShelfKeep implements Keep {
    private static final int MOST = 12;
    /** Of a hash in a file's name. */
    private static final int LETTERS = 32;
    private static final String KIND = ".shelf";

    private final Path data;
    private final SaveQueue saver;
    private final String program;

    /** {@code program} is that of the designs that are set out: as it was before they were read. */
    ShelfKeep(Path data, SaveQueue saver, String program) {
        this.data = data;
        this.saver = saver;
        this.program = program;
    }

    /** What stood on the shelf last, if it would stand there now. */
    public static Optional<Shelf> last(Path data) {
        try {
            String[] last = Files.readString(pointer(data)).split(" ");
            return last.length == 2 && last[0].equals(program(data)) ? read(folder(data).resolve(last[1] + KIND))
                    : Optional.empty();
        } catch (IOException none) {
            return Optional.empty();
        }
    }

    /** Whether it is this that stood on the shelf last. */
    public boolean isLast(RulerStep ruler, Wanted wanted) {
        try {
            return Files.readString(pointer(data)).equals(program + " " + name(ruler, wanted));
        } catch (IOException none) {
            return false;
        }
    }

    private static Path folder(Path data) {
        return data.resolve("shelves");
    }

    private static Path pointer(Path data) {
        return folder(data).resolve("last");
    }

    @Override
    public Optional<Shelf> read(RulerStep ruler, Wanted wanted) {
        String name = name(ruler, wanted);
        Optional<Shelf> found = read(folder(data).resolve(name + KIND));
        found.ifPresent(shelf -> point(name));
        return found;
    }

    private static Optional<Shelf> read(Path file) {
        try {
            return Optional.of(ShelfBytes.read(Files.readAllBytes(file)));
        } catch (IOException none) {
            return Optional.empty();
        }
    }

    @Override
    public void keep(RulerStep ruler, Wanted wanted, Shelf shelf) {
        boolean printed = Stream.concat(wanted.dress().card().stream(), wanted.dress().layers().stream())
                .anyMatch(stock -> stock.print().picture().isPresent());
        if (printed) {
            // At the next start it is set out anew, and no other shelf stands there before.
            saver.soon(pointer(data), () -> Files.deleteIfExists(pointer(data)), fault -> {});
            return;
        }
        String name = name(ruler, wanted);
        Path file = folder(data).resolve(name + KIND);
        saver.soon(file, () -> {
            AtomicFile.write(file, ShelfBytes.of(shelf));
            prune();
        }, fault -> {});
        point(name);
    }

    private void point(String name) {
        saver.soon(pointer(data),
                () -> AtomicFile.write(pointer(data), (program + " " + name).getBytes(StandardCharsets.UTF_8)),
                fault -> {});
    }

    /** Only the latest are kept. */
    private void prune() throws IOException {
        try (Stream<Path> files = Files.list(folder(data))) {
            for (Path old : files.filter(file -> file.toString().endsWith(KIND))
                    .sorted(Comparator.comparing(ShelfKeep::changed).reversed()).skip(MOST).toList()) {
                Files.deleteIfExists(old);
            }
        }
    }

    private static FileTime changed(Path file) {
        try {
            return Files.getLastModifiedTime(file);
        } catch (IOException gone) {
            return FileTime.fromMillis(0);
        }
    }

    private String name(RulerStep ruler, Wanted wanted) {
        return hash(program + ruler + wanted);
    }

    /** Another for every build of the program, and for every change of the maker's own designs. */
    public static String program(Path data) {
        StringBuilder all = new StringBuilder();
        Stream.of(Planner.class, DesignLibrary.class, ShelfKeep.class).map(ShelfKeep::code).forEach(all::append);
        all.append(state(data.resolve("designs")));
        return hash(all.toString());
    }

    private static String code(Class<?> of) {
        CodeSource source = of.getProtectionDomain().getCodeSource();
        try {
            return source == null ? Runtime.version().toString() : state(Path.of(source.getLocation().toURI()));
        } catch (URISyntaxException | FileSystemNotFoundException | IllegalArgumentException elsewhere) {
            return source.toString();
        }
    }

    /** The names, sizes and dates of a file, or of all in a folder. */
    private static String state(Path top) {
        if (!Files.exists(top)) {
            return "none";
        }
        try (Stream<Path> files = Files.walk(top)) {
            List<String> states = files.filter(Files::isRegularFile).sorted()
                    .map(file -> file + " " + file.toFile().length() + " " + changed(file)).toList();
            return String.join("\n", states);
        } catch (IOException | UncheckedIOException unreadable) {
            return "unreadable";
        }
    }

    private static String hash(String text) {
        return Sha256.of(text.getBytes(StandardCharsets.UTF_8)).substring(0, LETTERS);
    }
}
